<script setup lang="ts">
import {
  clearChanges,
  promoteChanges,
  type DancedPass,
  type Part,
  type Pass,
  freshPass,
  setField,
} from '@dellop/core/routine'
import type { Sheet } from '@dellop/core/sheet'
import type { Edit } from '@dellop/core/document'
import { computed } from 'vue'
import { randomId } from '../app/randomId.ts'
import { rolesTold } from '../page/roles.ts'
import { words } from '../words/index.ts'
import ComparePasses from './ComparePasses.vue'
import PassFill from './PassFill.vue'
import PassFinish from './PassFinish.vue'
import PartFields from './PartFields.vue'
import TimesThrough from '../beats/TimesThrough.vue'
import PartnersAndWalls from './PartnersAndWalls.vue'
import HoldSelect from '../ui/HoldSelect.vue'
import Labelled from '../ui/Labelled.vue'
import EntryInput from '../ui/EntryInput.vue'
import { wholeWithin as whole } from '../ui/wholeWithin.ts'

/**
 * One pass of the order: how it is danced, how it differs from its part, and where it belongs in
 * the music.
 */
const props = defineProps<{ sheet: Sheet; pass: DancedPass }>()
const emit = defineEmits<{
  pass: [pass: Pass, field: keyof Pass & string, value: unknown]
  part: [part: Part, field: keyof Part & string, value: unknown]
  edits: [edits: readonly Edit[] | null, label: string]
  go: [key: string]
}>()

const pass = computed(() => props.pass.pass)
const set = (field: keyof Pass & string, value: unknown): void =>
  emit('pass', pass.value, field, value)
const KINDS = ['pass', 'entrance', 'bridge', 'fill', 'ending'] as const
const ROTATIONS = [0, 1, 2, 3, 4, -3, -2, -1] as const
const places = computed(() => {
  const { sections, landmarks } = props.sheet.music
  const labels = [...new Set(sections.map(({ label }) => label))]
  return [
    ...labels.map((label) => ({ to: 'section' as const, label })),
    ...landmarks.map(({ text: label }) => ({ to: 'landmark' as const, label })),
  ]
})
const tieValue = computed(() =>
  pass.value.tie ? `${pass.value.tie.to}:${pass.value.tie.label}` : '',
)
const tieKnown = computed(() =>
  places.value.some(({ to, label }) => `${to}:${label}` === tieValue.value),
)
function setTie(value: string): void {
  const [to, ...label] = value.split(':')
  set('tie', value === '' ? undefined : { to, label: label.join(':') })
}
/** What a fill needs comes and goes with the kind, as one change. */
function setKind(kind: Pass['kind']): void {
  const fill = kind === 'fill' ? (pass.value.fill ?? freshPass('', '', 'fill').fill) : undefined
  emit(
    'edits',
    [...(setField(pass.value, 'kind', kind) ?? []), ...(setField(pass.value, 'fill', fill) ?? [])],
    words.done.pass,
  )
}
const slots = computed(() => props.pass.part.slots)
const nameOf = (id: string | null): string => {
  const slot = slots.value.find((one) => one.id === id)
  return slot
    ? words.format.slotName(
        slot.content,
        slot.content.type === 'figure'
          ? (props.sheet.book.get(slot.content.figureId)?.name ?? null)
          : null,
      )
    : words.sheets.pass.atEnd
}
function setStretch(end: 'from' | 'to', id: string): void {
  const first = slots.value[0]?.id
  const last = slots.value.at(-1)?.id
  if (!first || !last) return
  const next = {
    from: first,
    to: last,
    ...pass.value.stretch,
    ...(id === '' ? { [end]: end === 'from' ? first : last } : { [end]: id }),
  }
  set('stretch', next.from === first && next.to === last ? null : next)
}
const changes = computed(() =>
  pass.value.changes.map((change) => {
    const figure =
      change.content.type === 'figure'
        ? (props.sheet.book.get(change.content.figureId)?.name ?? null)
        : null
    return {
      id: change.id,
      how: words.sheets.pass.change[change.type],
      where: nameOf(change.slotId),
      what: change.type === 'drop' ? '' : words.format.slotName(change.content, figure),
    }
  }),
)
const shiftRoles = computed(() => rolesTold(props.sheet.routine, props.sheet.school))
function setShift(role: 'lead' | 'follow', n: number): void {
  const next = { lead: 0, follow: 0, ...pass.value.shift, [role]: n }
  set('shift', next.lead === 0 && next.follow === 0 ? undefined : next)
}
const others = computed(() =>
  props.sheet.timeline.passes.filter((one) => one.key !== props.pass.key),
)
</script>

<template>
  <section class="fields" aria-labelledby="pass-head">
    <h2 id="pass-head">
      {{
        words.sheets.pass.title(
          pass.kind === 'pass'
            ? props.pass.part.label
            : `${props.pass.part.label} (${words.sheets.pass.kinds[pass.kind]})`,
          words.format.ordinal(props.pass.ordinal, props.pass.ordinals),
        )
      }}
    </h2>
    <div class="two">
      <Labelled :label="words.sheets.pass.kind"
        ><el-select :model-value="pass.kind" @change="setKind($event as Pass['kind'])"
          ><el-option
            v-for="kind in KINDS"
            :key="kind"
            :value="kind"
            :label="words.sheets.pass.kinds[kind]" /></el-select
      ></Labelled>
      <Labelled v-if="!pass.fill" :label="words.sheets.pass.times"
        ><EntryInput
          :value="pass.times"
          inputmode="numeric"
          @change="set('times', whole($event, 1, 64, pass.times))"
      /></Labelled>
      <Labelled :label="words.sheets.pass.rotate"
        ><el-select
          :model-value="pass.rotate ?? 0"
          @change="set('rotate', Number($event) || undefined)"
          ><el-option
            v-for="n in ROTATIONS"
            :key="n"
            :value="n"
            :label="words.sheets.pass.rotations(n)" /></el-select
      ></Labelled>
      <Labelled :label="words.sheets.pass.exitHold"
        ><HoldSelect
          :value="pass.exitHold ?? ''"
          :empty="words.sheets.pass.ownHold"
          @change="set('exitHold', $event || undefined)"
      /></Labelled>
      <Labelled :label="words.sheets.pass.stretch"
        ><el-select :model-value="pass.stretch?.from ?? ''" @change="setStretch('from', $event)"
          ><el-option value="" :label="words.sheets.pass.whole" />
          <el-option
            v-for="slot in slots"
            :key="slot.id"
            :value="slot.id"
            :label="nameOf(slot.id)" /></el-select
      ></Labelled>
      <Labelled :label="words.sheets.pass.stretchTo"
        ><el-select :model-value="pass.stretch?.to ?? ''" @change="setStretch('to', $event)"
          ><el-option value="" :label="words.sheets.pass.wholeTo" />
          <el-option
            v-for="slot in slots"
            :key="slot.id"
            :value="slot.id"
            :label="nameOf(slot.id)" /></el-select
      ></Labelled>
    </div>
    <el-checkbox :model-value="pass.reflected" @change="set('reflected', $event === true)">{{
      words.sheets.pass.mirrored
    }}</el-checkbox>
    <Labelled :label="words.sheets.pass.tie"
      ><el-select :model-value="tieValue" @change="setTie($event)"
        ><el-option value="" :label="words.sheets.pass.noTie" />
        <el-option v-if="tieValue && !tieKnown" :value="tieValue" :label="pass.tie!.label" />
        <el-option
          v-for="place in places"
          :key="`${place.to}:${place.label}`"
          :value="`${place.to}:${place.label}`"
          :label="
            place.to === 'section'
              ? words.sheets.pass.tieSection(place.label)
              : words.sheets.pass.tieLandmark(place.label)
          " /></el-select
    ></Labelled>
    <PassFill
      v-if="pass.fill"
      :pass="props.pass"
      :fill="pass.fill"
      :sheet-id="sheet.routine.id"
      :recording-id="sheet.recording?.id ?? null"
      @set="set('fill', $event)"
    />
    <PassFinish
      v-if="pass.kind === 'ending' || pass.finish"
      :finish="pass.finish"
      @set="set('finish', $event)"
    />
    <div
      v-if="sheet.routine.formation === 'ring' || pass.shift"
      class="two"
      role="group"
      :aria-label="words.sheets.pass.shift"
    >
      <Labelled
        v-for="role in ['lead', 'follow'] as const"
        :key="role"
        :label="words.sheets.pass.shiftBy(shiftRoles[role])"
        ><EntryInput
          :value="pass.shift?.[role] ?? 0"
          inputmode="numeric"
          @change="setShift(role, whole($event, -32, 32, 0))"
      /></Labelled>
    </div>
    <template v-if="changes.length > 0">
      <h3>{{ words.sheets.pass.changes(changes.length) }}</h3>
      <ul>
        <li v-for="change in changes" :key="change.id">
          {{ change.how }} {{ change.where
          }}<template v-if="change.what">: {{ change.what }}</template>
        </li>
      </ul>
      <div class="row">
        <el-button
          @click="
            emit('edits', promoteChanges(sheet.routine, pass.id, randomId), words.done.promoted)
          "
        >
          {{ words.sheets.pass.promote }}
        </el-button>
        <el-button @click="emit('edits', clearChanges(sheet.routine, pass.id), words.done.pass)">
          {{ words.sheets.pass.clear }}
        </el-button>
      </div>
    </template>
    <p v-else-if="!pass.stretch && !pass.reflected" class="soft">
      {{ words.sheets.pass.noChanges }}
    </p>
    <ComparePasses
      v-if="others.length > 0"
      :pass="props.pass"
      :others="others"
      @go="emit('go', $event)"
    />
    <PartFields
      :sheet="sheet"
      :part="props.pass.part"
      @set="(field, value) => emit('part', props.pass.part, field, value)"
      @edits="(edits, label) => emit('edits', edits, label)"
    />
    <PartnersAndWalls :sheet="sheet" />
    <TimesThrough v-if="sheet.track" :track="sheet.track" :timeline="sheet.timeline" />
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
h3 {
  font-size: 1.05rem;
}
ul {
  margin: 0;
  padding-left: 1.1rem;
}
.row {
  display: flex;
  flex-wrap: wrap;
  gap: 0.4rem;
}
</style>
