<script setup lang="ts">
import { freeFoot, LEVELS, type CoupleState, type Role } from '@dellop/core/figure'
import { placesText, readPlaces, type Facing } from '@dellop/core/move'
import { rolesOf, slowOf, FORMATIONS, UNITS, type Routine } from '@dellop/core/routine'
import type { School } from '@dellop/core/school'
import { keptDanceName } from '@dellop/core/tune'
import { TICKS_PER_BEAT } from '@dellop/core/time'
import { computed, ref } from 'vue'
import { rolesTold } from '../page/roles.ts'
import { words } from '../words/index.ts'
import { facingWords } from '../page/standing.ts'
import EntryInput from '../ui/EntryInput.vue'
import HoldSelect from '../ui/HoldSelect.vue'
import Labelled from '../ui/Labelled.vue'
import RelatedFields from './RelatedFields.vue'

/** The heading of a sheet: what it is, who it is for, how they start. */
const props = defineProps<{ routine: Routine; school: School; schools: readonly School[] }>()
const emit = defineEmits<{ set: [field: keyof Routine & string, value: unknown] }>()

const orNothing = (value: string): string | undefined => (value === '' ? undefined : value)
const number = (text: string, least: number, most: number): number | undefined => {
  const value = Number(text)
  return text !== '' && Number.isFinite(value)
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
const setTags = (typed: readonly string[]): void => {
  const tags = [...new Set(typed.map((tag) => tag.trim().slice(0, 40)))]
    .filter(Boolean)
    .slice(0, 20)
  emit('set', 'tags', tags.length === 0 ? undefined : tags)
}
const usualCount = computed(
  () => props.schools.find(({ id }) => id === props.routine.schoolId)?.count.countFrom ?? 1,
)
const usualSlow = computed(
  () => slowOf({ metre: props.routine.metre, dance: props.routine.dance }).slow / TICKS_PER_BEAT,
)
/** What was typed and cannot be read stays in its field, with what was expected. */
const typedPlaces = ref<string | null>(null)
const placesProblem = ref<string | null>(null)
const placesTold = computed(() => (props.routine.places ? placesText(props.routine.places) : ''))
function setPlaces(text: string): void {
  const read = text.trim() === '' ? null : readPlaces(text)
  typedPlaces.value = read?.ok === false ? text : null
  placesProblem.value = read?.ok === false ? words.problem(read.problem) : null
  if (read?.ok !== false) emit('set', 'places', read?.value)
}
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
      <Labelled :label="words.sheets.head.dance"
        ><EntryInput
          :value="routine.dance"
          maxlength="40"
          @change="emit('set', 'dance', keptDanceName($event))"
      /></Labelled>
      <Labelled :label="words.sheet.author"
        ><el-input
          :model-value="routine.by"
          maxlength="120"
          @update:model-value="emit('set', 'by', $event)"
      /></Labelled>
      <Labelled :label="words.sheets.head.year"
        ><EntryInput
          :value="routine.year ?? ''"
          inputmode="numeric"
          @change="emit('set', 'year', number($event, 1500, 2200))"
      /></Labelled>
      <Labelled :label="words.sheets.head.level"
        ><el-select
          :model-value="routine.level ?? ''"
          @change="emit('set', 'level', orNothing($event))"
          ><el-option value="" :label="words.sheets.head.noLevel" />
          <el-option
            v-for="level in LEVELS"
            :key="level"
            :value="level"
            :label="words.sheets.head.levels[level]" /></el-select
      ></Labelled>
      <Labelled :label="words.sheets.head.formation"
        ><el-select
          :model-value="routine.formation ?? ''"
          @change="emit('set', 'formation', orNothing($event))"
          ><el-option value="" :label="words.sheets.head.noFormation" />
          <el-option
            v-for="formation in FORMATIONS"
            :key="formation"
            :value="formation"
            :label="words.sheets.head.formations[formation]" /></el-select
      ></Labelled>
      <Labelled :label="words.sheets.head.couples"
        ><EntryInput
          :value="routine.couples ?? ''"
          inputmode="numeric"
          @change="emit('set', 'couples', number($event, 1, 200))"
      /></Labelled>
      <Labelled :label="words.floor.places" class="wide"
        ><EntryInput
          :value="typedPlaces ?? placesTold"
          :placeholder="words.floor.placesHint"
          maxlength="200"
          :aria-invalid="placesProblem !== null"
          @change="setPlaces($event)"
        /><span v-if="placesProblem" class="wrong" role="alert">{{ placesProblem }}</span></Labelled
      >
      <Labelled :label="words.sheets.head.unit"
        ><el-select
          :model-value="routine.unit ?? ''"
          @change="emit('set', 'unit', orNothing($event))"
          ><el-option value="" :label="words.sheets.head.asSchool" />
          <el-option
            v-for="unit in UNITS"
            :key="unit"
            :value="unit"
            :label="words.sheets.head.units[unit]" /></el-select
      ></Labelled>
      <Labelled :label="words.sheets.head.phrase"
        ><el-input-number
          :model-value="routine.phraseBeats"
          :min="1"
          :max="512"
          :placeholder="words.sheets.head.asMusic"
          :controls="false"
          class="phrase"
          @change="(beats) => emit('set', 'phraseBeats', beats ?? undefined)"
        /><span class="soft">{{ words.sheets.head.phraseNote(routine) }}</span></Labelled
      >
      <Labelled :label="words.sheets.head.countFrom"
        ><el-select
          :model-value="routine.countFrom ?? usualCount"
          @change="emit('set', 'countFrom', $event === usualCount ? undefined : $event)"
          ><el-option v-for="n in 4" :key="n" :value="n" :label="words.sheets.head.countsFrom(n)"
        /></el-select>
      </Labelled>
      <Labelled :label="words.sheets.head.slow"
        ><el-input-number
          :model-value="routine.slowBeats"
          :min="0.5"
          :max="4"
          :step="0.5"
          step-strictly
          :placeholder="words.sheets.head.slowUsual(usualSlow)"
          :controls="false"
          class="phrase"
          @change="(beats) => emit('set', 'slowBeats', beats ?? undefined)"
      /></Labelled>
      <Labelled :label="words.sheets.head.told"
        ><EntryInput
          :value="routine.told ?? ''"
          maxlength="300"
          @change="emit('set', 'told', orNothing($event))"
        /><span class="soft">{{ words.sheets.head.toldNote }}</span></Labelled
      >
      <Labelled :label="words.sheets.head.school"
        ><el-select :model-value="routine.schoolId" @change="emit('set', 'schoolId', $event)"
          ><el-option
            v-for="one in schools"
            :key="one.id"
            :value="one.id"
            :label="one.name" /></el-select
      ></Labelled>
      <Labelled :label="words.sheets.head.language"
        ><el-select :model-value="routine.language" @change="emit('set', 'language', $event)"
          ><el-option
            v-for="(label, id) in words.sheets.head.languages"
            :key="id"
            :value="id"
            :label="label" /></el-select
      ></Labelled>
      <Labelled :label="words.sheets.head.lead"
        ><EntryInput
          :value="routine.roleLabels?.lead ?? ''"
          :placeholder="words.shipped.role(school.roleLabels.lead)"
          maxlength="20"
          @change="setLabel('lead', $event)"
      /></Labelled>
      <Labelled :label="words.sheets.head.follow"
        ><EntryInput
          :value="routine.roleLabels?.follow ?? ''"
          :placeholder="words.shipped.role(school.roleLabels.follow)"
          maxlength="20"
          @change="setLabel('follow', $event)"
      /></Labelled>
    </div>
    <p v-if="school.id !== routine.schoolId" class="told">
      {{ words.sheets.head.otherSchool(words.shipped.style(school)) }}
    </p>
    <p>
      <RouterLink :to="{ name: 'schools' }">{{ words.schools.open }}</RouterLink>
    </p>
    <Labelled :label="words.sheets.head.bpm"
      ><EntryInput
        :value="routine.bpm"
        inputmode="decimal"
        @change="emit('set', 'bpm', number($event, 20, 400) ?? routine.bpm)"
    /></Labelled>
    <Labelled :label="words.sheets.head.source"
      ><EntryInput
        :value="routine.source ?? ''"
        maxlength="300"
        @change="emit('set', 'source', orNothing($event))"
    /></Labelled>
    <RelatedFields :routine @set="(field, value) => emit('set', field, value)" />
    <Labelled :label="words.sheets.head.tags"
      ><el-input-tag
        :model-value="[...(routine.tags ?? [])]"
        :max="20"
        delimiter=","
        save-on-blur
        @update:model-value="setTags($event ?? [])"
    /></Labelled>
    <Labelled :label="words.sheets.head.remark"
      ><EntryInput
        :value="routine.remark"
        type="textarea"
        rows="3"
        maxlength="2000"
        @change="emit('set', 'remark', $event)"
    /></Labelled>
    <h3>{{ words.sheets.head.start }}</h3>
    <Labelled :label="words.sheets.head.hold"
      ><HoldSelect :value="routine.start.hold" @change="setStart({ hold: $event })"
    /></Labelled>
    <div class="two">
      <template v-for="role in ['lead', 'follow'] as const" :key="role">
        <Labelled :label="words.sheets.head.faces(rolesTold(routine, school)[role])"
          ><el-select
            :model-value="routine.start[role].facing"
            @change="setRole(role, { facing: Number($event) as Facing })"
            ><el-option
              v-for="facing in FACINGS"
              :key="facing"
              :value="facing"
              :label="facingWords(routine, facing)" /></el-select
        ></Labelled>
        <Labelled :label="words.sheets.head.free(rolesTold(routine, school)[role])"
          ><el-select
            :model-value="freeFoot(routine.start[role].weight) ?? 'both'"
            @change="setFree(role, $event)"
            ><el-option
              v-for="foot in ['left', 'right', 'both'] as const"
              :key="foot"
              :value="foot"
              :label="words.sheets.head.feet[foot]" /></el-select
        ></Labelled>
      </template>
    </div>
  </section>
</template>

<style scoped>
section {
  display: grid;
  gap: 0.6rem;
}
.wide {
  grid-column: 1 / -1;
}
.wrong {
  color: var(--wrong);
}
.two {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 0.6rem 0.7rem;
  align-items: end;
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
