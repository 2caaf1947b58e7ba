<script setup lang="ts">
import { freeFoot, HOLD_IDS, LEVELS, type CoupleState, type Role } from '@dellop/core/figure'
import { type Facing } from '@dellop/core/move'
import { rolesOf, slowOf, FORMATIONS, UNITS, type Routine } from '@dellop/core/routine'
import type { School } from '@dellop/core/school'
import { TICKS_PER_BEAT } from '@dellop/core/time'
import { computed } from 'vue'
import { vEntry } from '../ui/entry.ts'
import { words } from '../words/index.ts'
import { facingWords } from '../page/standing.ts'

/** The heading of a sheet: what it is, who it is for, how they start. */
const props = defineProps<{ routine: Routine; school: School; schools: readonly School[] }>()
const emit = defineEmits<{ set: [field: keyof Routine & string, value: unknown] }>()

const text = (event: Event): string => (event.target as HTMLInputElement).value.trim()
const orNothing = (value: string): string | undefined => (value === '' ? undefined : value)
const number = (event: Event, least: number, most: number): number | undefined => {
  const value = Number(text(event))
  return text(event) !== '' && Number.isFinite(value)
    ? Math.min(most, Math.max(least, Math.round(value)))
    : undefined
}
const setStart = (change: Partial<CoupleState>): void =>
  emit('set', 'start', { ...props.routine.start, ...change })
const setRole = (role: Role, change: Partial<CoupleState['lead']>): void =>
  setStart({ [role]: { ...props.routine.start[role], ...change } })
/** The foot that is free is the one without weight. */
const setFree = (role: Role, foot: string): void =>
  setRole(role, { weight: foot === 'left' ? 'right' : foot === 'right' ? 'left' : 'both' })
function setLabel(role: Role, label: string): void {
  const next = {
    ...rolesOf(props.routine, props.school),
    ...(label === '' ? { [role]: props.school.roleLabels[role] } : { [role]: label }),
  }
  const isSchools =
    next.lead === props.school.roleLabels.lead && next.follow === props.school.roleLabels.follow
  emit('set', 'roleLabels', isSchools ? undefined : next)
}
const setTags = (value: string): void => {
  const tags = [...new Set(value.split(',').map((tag) => tag.trim().slice(0, 40)))]
    .filter(Boolean)
    .slice(0, 20)
  emit('set', 'tags', tags.length === 0 ? undefined : tags)
}
const usualSlow = computed(
  () => slowOf({ metre: props.routine.metre, dance: props.routine.dance }).slow / TICKS_PER_BEAT,
)
const FACINGS: readonly Facing[] = [0, 1, 2, 3, 4, 5, 6, 7]
</script>

<template>
  <section class="fields" aria-labelledby="about-head">
    <h2 id="about-head">{{ words.sheets.head.title }}</h2>
    <p v-if="routine.origin">
      <RouterLink :to="{ name: 'sheet', params: { id: routine.origin.id } }">{{
        words.sheets.head.origin(routine.origin.title)
      }}</RouterLink>
    </p>
    <div class="two">
      <label
        >{{ words.sheets.head.dance
        }}<input
          v-entry="routine.dance"
          maxlength="40"
          @change="emit('set', 'dance', text($event))"
      /></label>
      <label
        >{{ words.sheets.head.year
        }}<input
          v-entry="routine.year ?? ''"
          inputmode="numeric"
          @change="emit('set', 'year', number($event, 1500, 2200))"
      /></label>
      <label
        >{{ words.sheets.head.level }}
        <select
          :value="routine.level ?? ''"
          @change="emit('set', 'level', orNothing(text($event)))"
        >
          <option value="">{{ words.sheets.head.noLevel }}</option>
          <option v-for="level in LEVELS" :key="level" :value="level">
            {{ words.sheets.head.levels[level] }}
          </option>
        </select></label
      >
      <label
        >{{ words.sheets.head.formation }}
        <select
          :value="routine.formation ?? ''"
          @change="emit('set', 'formation', orNothing(text($event)))"
        >
          <option value="">{{ words.sheets.head.noFormation }}</option>
          <option v-for="formation in FORMATIONS" :key="formation" :value="formation">
            {{ words.sheets.head.formations[formation] }}
          </option>
        </select></label
      >
      <label
        >{{ words.sheets.head.couples
        }}<input
          v-entry="routine.couples ?? ''"
          inputmode="numeric"
          @change="emit('set', 'couples', number($event, 1, 200))"
      /></label>
      <label
        >{{ words.sheets.head.unit }}
        <select :value="routine.unit ?? ''" @change="emit('set', 'unit', orNothing(text($event)))">
          <option value="">{{ words.sheets.head.asSchool }}</option>
          <option v-for="unit in UNITS" :key="unit" :value="unit">
            {{ words.sheets.head.units[unit] }}
          </option>
        </select></label
      >
      <label
        >{{ words.sheets.head.phrase
        }}<el-input-number
          :model-value="routine.phraseBeats"
          :min="1"
          :max="512"
          :placeholder="words.sheets.head.asMusic"
          :controls="false"
          class="phrase"
          @change="(beats) => emit('set', 'phraseBeats', beats ?? undefined)"
        />
        <span class="soft">{{ words.sheets.head.phraseNote(routine) }}</span></label
      >
      <label
        >{{ words.sheets.head.slow
        }}<el-input-number
          :model-value="routine.slowBeats"
          :min="0.5"
          :max="4"
          :step="0.5"
          step-strictly
          :placeholder="words.sheets.head.slowUsual(usualSlow)"
          :controls="false"
          class="phrase"
          @change="(beats) => emit('set', 'slowBeats', beats ?? undefined)"
        />
      </label>
      <label
        >{{ words.sheets.head.told
        }}<input
          v-entry="routine.told ?? ''"
          maxlength="300"
          @change="emit('set', 'told', orNothing(text($event)))"
        /><span class="soft">{{ words.sheets.head.toldNote }}</span></label
      >
      <label
        >{{ words.sheets.head.school }}
        <select :value="routine.schoolId" @change="emit('set', 'schoolId', text($event))">
          <option v-for="one in schools" :key="one.id" :value="one.id">{{ one.name }}</option>
        </select></label
      >
      <label
        >{{ words.sheets.head.language }}
        <select :value="routine.language" @change="emit('set', 'language', text($event))">
          <option v-for="(label, id) in words.sheets.head.languages" :key="id" :value="id">
            {{ label }}
          </option>
        </select></label
      >
      <label
        >{{ words.sheets.head.lead
        }}<input
          v-entry="routine.roleLabels?.lead ?? ''"
          :placeholder="school.roleLabels.lead"
          maxlength="20"
          @change="setLabel('lead', text($event))"
      /></label>
      <label
        >{{ words.sheets.head.follow
        }}<input
          v-entry="routine.roleLabels?.follow ?? ''"
          :placeholder="school.roleLabels.follow"
          maxlength="20"
          @change="setLabel('follow', text($event))"
      /></label>
    </div>
    <p v-if="school.id !== routine.schoolId" class="told">
      {{ words.sheets.head.otherSchool(school.name) }}
    </p>
    <p>
      <RouterLink :to="{ name: 'schools' }">{{ words.schools.open }}</RouterLink>
    </p>
    <label
      >{{ words.sheets.head.bpm
      }}<input
        v-entry="routine.bpm"
        inputmode="decimal"
        @change="emit('set', 'bpm', number($event, 20, 400) ?? routine.bpm)"
    /></label>
    <label
      >{{ words.sheets.head.source
      }}<input
        v-entry="routine.source ?? ''"
        maxlength="300"
        @change="emit('set', 'source', orNothing(text($event)))"
    /></label>
    <label
      >{{ words.sheets.head.tags
      }}<input v-entry="routine.tags?.join(', ') ?? ''" @change="setTags(text($event))"
    /></label>
    <label
      >{{ words.sheets.head.remark
      }}<textarea
        v-entry="routine.remark"
        class="field"
        rows="3"
        maxlength="2000"
        @change="emit('set', 'remark', text($event))"
      />
    </label>
    <h3>{{ words.sheets.head.start }}</h3>
    <label
      >{{ words.sheets.head.hold }}
      <select :value="routine.start.hold" @change="setStart({ hold: text($event) })">
        <option v-for="hold in HOLD_IDS" :key="hold" :value="hold">{{ words.hold(hold) }}</option>
      </select></label
    >
    <div class="two">
      <template v-for="role in ['lead', 'follow'] as const" :key="role">
        <label
          >{{ words.sheets.head.faces(rolesOf(routine, school)[role]) }}
          <select
            :value="routine.start[role].facing"
            @change="setRole(role, { facing: Number(text($event)) as Facing })"
          >
            <option v-for="facing in FACINGS" :key="facing" :value="facing">
              {{ facingWords(routine, facing) }}
            </option>
          </select></label
        >
        <label
          >{{ words.sheets.head.free(rolesOf(routine, school)[role]) }}
          <select
            :value="freeFoot(routine.start[role].weight) ?? 'both'"
            @change="setFree(role, text($event))"
          >
            <option v-for="foot in ['left', 'right', 'both'] as const" :key="foot" :value="foot">
              {{ words.sheets.head.feet[foot] }}
            </option>
          </select></label
        >
      </template>
    </div>
  </section>
</template>

<style scoped>
section {
  display: grid;
  gap: 0.6rem;
}
.two {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 0.6rem 0.7rem;
  align-items: end;
}
label {
  display: grid;
  gap: 0.15rem;
  font-size: 0.9rem;
  color: var(--ink-soft);
}
textarea {
  padding: 0.4rem 0.6rem;
}
h3 {
  font-size: 1.05rem;
  margin-top: 0.4rem;
}
.phrase {
  width: 100%;
}
/* The component draws its own box. */
.phrase :deep(input) {
  border: 0;
  padding: 0;
  background: none;
  min-height: 0;
  text-align: left;
}
</style>
