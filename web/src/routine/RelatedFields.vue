<script setup lang="ts">
import {
  namedOf,
  RELATIONS,
  relationsOf,
  sheetRelated,
  type Named,
  type Related,
  type RelationKind,
  type Routine,
} from '@dellop/core/routine'
import { Trash2 } from '@lucide/vue'
import { computed, onMounted, ref, shallowRef } from 'vue'
import { api } from '../app/api.ts'
import EntryComplete from '../ui/EntryComplete.vue'
import Labelled from '../ui/Labelled.vue'
import { words } from '../words/index.ts'

/** What else the dance is called, and how it stands to others; also what other sheets say of it. */
const props = defineProps<{ routine: Routine }>()
const emit = defineEmits<{ set: [field: 'otherNames' | 'related', value: unknown] }>()
const say = words.related

const shelf = shallowRef<readonly Named[]>([])
onMounted(async () => {
  // Without the server names are typed, and nothing else is known of them.
  shelf.value = (await api('listSheets').catch(() => null))?.sheets ?? []
})
const others = computed(() => shelf.value.filter(({ id }) => id !== props.routine.id))
const titles = computed(() => others.value.map(({ title }) => title))
const labels = computed(() => props.routine.parts.map(({ label }) => label))

/** What is being added: kept here until it names a dance, and a part where it needs one. */
const adding = ref<Partial<Related> | null>(null)
type Row = { readonly at: number | null; readonly related: Partial<Related> }
const rows = computed((): readonly Row[] => [
  ...(props.routine.related ?? []).map((related, at) => ({ at, related })),
  ...(adding.value ? [{ at: null, related: adding.value }] : []),
])
const isWhole = (one: Partial<Related>): one is Related =>
  one.kind !== undefined && Boolean(one.title) && (one.kind !== 'part' || Boolean(one.theirs))

function setAt(at: number | null, change: Partial<Related>): void {
  const all = [...(props.routine.related ?? [])]
  const next = ofItsKind({ ...(at === null ? adding.value : all[at]), ...change })
  if (!isWhole(next)) {
    if (at === null) adding.value = next
    return
  }
  if (at === null) adding.value = null
  emit('set', 'related', at === null ? [...all, next] : all.with(at, next))
}
/** Parts belong to one kind only, and the sheet that is meant follows from the name. */
function ofItsKind({ kind, title, own, theirs }: Partial<Related>): Partial<Related> {
  const sheetId = title === undefined ? undefined : sheetRelated({ title }, others.value)?.id
  return {
    ...(kind ? { kind } : {}),
    ...(title ? { title: title.slice(0, 120) } : {}),
    ...(sheetId === undefined ? {} : { sheetId }),
    ...(kind === 'part' && own ? { own: own.slice(0, 30) } : {}),
    ...(kind === 'part' && theirs ? { theirs: theirs.slice(0, 30) } : {}),
  }
}
/** A kind that asks for more than is there is added anew; until then the row stays as it was. */
function setKind(at: number | null, kind: RelationKind): void {
  const before = at === null ? adding.value : props.routine.related?.[at]
  if (at !== null && kind === 'part' && before) {
    takeOut(at)
    adding.value = { kind, title: before.title }
  } else setAt(at, { kind })
}
function takeOut(at: number | null): void {
  if (at === null) return void (adding.value = null)
  const left = (props.routine.related ?? []).filter((_, i) => i !== at)
  emit('set', 'related', left.length === 0 ? undefined : left)
}
function setNames(typed: readonly string[]): void {
  const names = [...new Set(typed.map((name) => name.trim().slice(0, 120)))]
    .filter(Boolean)
    .slice(0, 10)
  emit('set', 'otherNames', names.length === 0 ? undefined : names)
}

/** As the sheet stands on this page, saved or not. */
const relations = computed(() =>
  relationsOf(props.routine.id, [...others.value, namedOf(props.routine)]).filter(
    ({ sheetId }) => sheetId !== null,
  ),
)
</script>

<template>
  <Labelled :label="say.otherNames"
    ><el-input-tag
      :model-value="[...(routine.otherNames ?? [])]"
      :max="10"
      save-on-blur
      @update:model-value="setNames($event ?? [])"
  /></Labelled>
  <section class="related" :aria-label="say.title">
    <h3>{{ say.title }}</h3>
    <div v-for="{ at, related } in rows" :key="at ?? 'new'" class="row">
      <el-select
        :model-value="related.kind"
        :aria-label="say.kind"
        @change="setKind(at, $event as RelationKind)"
        ><el-option v-for="kind in RELATIONS" :key="kind" :value="kind" :label="say.kinds[kind]"
      /></el-select>
      <el-button class="icon" :aria-label="say.takeOut(related.title ?? '')" @click="takeOut(at)"
        ><Trash2 :size="16" aria-hidden="true"
      /></el-button>
      <EntryComplete
        :value="related.title ?? ''"
        :offers="titles"
        :aria-label="say.other"
        :placeholder="say.other"
        maxlength="120"
        @change="setAt(at, { title: $event })"
      />
      <div v-if="related.kind === 'part'" class="parts">
        <Labelled :label="say.own"
          ><EntryComplete
            :value="related.own ?? ''"
            :offers="labels"
            :placeholder="say.whole"
            maxlength="30"
            @change="setAt(at, { own: $event })"
        /></Labelled>
        <Labelled :label="say.theirs"
          ><EntryComplete
            :value="related.theirs ?? ''"
            :offers="[]"
            maxlength="30"
            @change="setAt(at, { theirs: $event })"
        /></Labelled>
      </div>
    </div>
    <div>
      <el-button :disabled="adding !== null" @click="adding = { kind: 'same' }">{{
        say.add
      }}</el-button>
    </div>
    <ul v-if="relations.length > 0">
      <li v-for="one in relations" :key="`${one.kind} ${one.sheetId}`">
        {{ say.told(one) }}
        <RouterLink :to="{ name: 'sheet', params: { id: one.sheetId! } }">{{
          one.title
        }}</RouterLink>
      </li>
    </ul>
  </section>
</template>

<style scoped>
.related {
  display: grid;
  gap: 0.5rem;
}
h3 {
  font-size: 1.05rem;
}
.row {
  display: grid;
  grid-template-columns: 1fr auto;
  gap: 0.35rem;
}
.row > :nth-child(n + 3) {
  grid-column: 1 / -1;
}
.parts {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 0.6rem;
}
ul {
  margin: 0;
  padding-left: 1.1rem;
}
</style>
