<script setup lang="ts">
import type { Repair, Severity } from '@dellop/core/check'
import type { ListedFinding } from '@dellop/core/sheet'
import { computed, ref } from 'vue'
import { useHeldRepairs } from './heldRepairs.ts'
import { words } from '../words/index.ts'
import Folded from '../ui/Folded.vue'

const props = defineProps<{
  findings: readonly ListedFinding[]
  /** The repairs of a finding, best first. */
  repairsOf: (finding: ListedFinding) => readonly Repair[]
  /** Whether they are still being looked for. */
  isSearching: (finding: ListedFinding) => boolean
}>()
const emit = defineEmits<{
  go: [key: string]
  see: [repair: Repair]
  overrule: [finding: ListedFinding, reason: string]
  takeUp: [finding: ListedFinding]
}>()

const idOf = (finding: ListedFinding): string => `${finding.code}|${finding.subject}|${finding.at}`
const { shown, hold, letGo } = useHeldRepairs(
  () => props.findings,
  (finding) => props.repairsOf(finding),
)
/** What keeps the repairs of a finding as they stand, while somebody is among them. */
const kept = (finding: ListedFinding) => ({
  onPointerenter: () => hold(finding),
  onPointerleave: letGo,
  onFocusin: () => hold(finding),
  onFocusout: letGo,
})
const open = computed(() => props.findings.filter((finding) => finding.overruled === null))
const FILTERS = ['all', 'stop', 'mend', 'note'] as const
const filter = ref<(typeof FILTERS)[number]>('all')
const counted = computed(() =>
  Object.fromEntries(
    FILTERS.map((kind) => [
      kind,
      kind === 'all'
        ? open.value.length
        : open.value.filter(({ severity }) => severity === kind).length,
    ]),
  ),
)
const isShown = (severity: Severity): boolean => filter.value === 'all' || filter.value === severity
const wrong = computed(() =>
  open.value.filter((finding) => finding.severity !== 'note' && isShown(finding.severity)),
)
const notes = computed(() =>
  open.value.filter((finding) => finding.severity === 'note' && isShown('note')),
)
const isWell = computed(() => open.value.every(({ severity }) => severity === 'note'))
/** A list of a few is read at once; a longer one can be narrowed. */
const FEW = 3
const overruled = computed(() => props.findings.filter((finding) => finding.overruled !== null))
const asking = ref<string | null>(null)
const reason = ref('')

function confirm(finding: ListedFinding): void {
  emit('overrule', finding, reason.value.trim() || words.sheet.overruleReason)
  asking.value = null
  reason.value = ''
}
</script>

<template>
  <section aria-labelledby="mend-head">
    <h2 id="mend-head">{{ words.sheet.mend }}</h2>
    <p v-if="isWell" class="well">{{ words.sheet.allWell }}</p>
    <div
      v-if="open.length > FEW || filter !== 'all'"
      class="filters"
      role="group"
      :aria-label="words.sheets.filter.label"
    >
      <el-button
        v-for="kind in FILTERS"
        :key="kind"
        :aria-pressed="filter === kind"
        :disabled="counted[kind] === 0 && kind !== 'all'"
        @click="filter = kind"
      >
        {{ words.sheets.filter[kind] }} {{ counted[kind] }}
      </el-button>
    </div>
    <ul>
      <li
        v-for="finding in wrong"
        :key="idOf(finding)"
        class="finding"
        :class="{ stop: finding.severity === 'stop' }"
      >
        <el-button text class="message" @click="emit('go', finding.slotKeys[0] ?? '')">
          <span v-if="finding.severity === 'stop'" class="severity">{{
            words.severity[finding.severity]
          }}</span>
          {{ words.finding.message(finding) }}
        </el-button>
        <p class="sum count">{{ words.finding.sum(finding) }}</p>
        <div class="repairs" v-bind="kept(finding)">
          <span v-if="isSearching(finding)" class="quiet">{{ words.sheet.searchingRepairs }}</span>
          <el-button
            v-for="repair in shown(finding)"
            :key="words.finding.repair(repair)"
            link
            @click="emit('see', repair)"
          >
            {{ words.finding.repair(repair) }}
          </el-button>
          <el-button
            v-if="asking !== idOf(finding)"
            link
            class="quiet"
            @click="asking = idOf(finding)"
          >
            {{ words.sheet.overrule }}
          </el-button>
        </div>
        <form v-if="asking === idOf(finding)" class="reason" @submit.prevent="confirm(finding)">
          <label class="field-label" :for="`why-${idOf(finding)}`">{{
            words.sheet.overruleWhy
          }}</label>
          <el-input :id="`why-${idOf(finding)}`" v-model="reason" maxlength="300" />
          <el-button native-type="submit">{{ words.sheet.overrule }}</el-button>
        </form>
      </li>
    </ul>
    <Folded
      v-if="notes.length > 0"
      :open="filter === 'note'"
      :title="`${words.sheet.notes} (${notes.length})`"
    >
      <ul>
        <li v-for="finding in notes" :key="idOf(finding)" class="note">
          <el-button text class="message" @click="emit('go', finding.slotKeys[0] ?? '')">
            {{ words.finding.message(finding) }}
          </el-button>
          <p class="sum count">{{ words.finding.sum(finding) }}</p>
          <div class="repairs" v-bind="kept(finding)">
            <el-button
              v-for="repair in shown(finding)"
              :key="words.finding.repair(repair)"
              link
              class="quiet"
              @click="emit('see', repair)"
            >
              {{ words.finding.repair(repair) }}
            </el-button>
          </div>
        </li>
      </ul>
    </Folded>
    <Folded v-if="overruled.length > 0" :title="`${words.sheet.overruled} (${overruled.length})`">
      <ul>
        <li v-for="finding in overruled" :key="idOf(finding)" class="note">
          {{ words.finding.message(finding) }} <em>{{ finding.overruled }}</em>
          <el-button link class="quiet" @click="emit('takeUp', finding)">
            {{ words.sheets.filter.takeUp }}
          </el-button>
        </li>
      </ul>
    </Folded>
  </section>
</template>

<style scoped>
ul {
  list-style: none;
  margin: 0.5rem 0 0;
  padding: 0;
  display: grid;
  gap: 0.6rem;
}
.finding {
  border-left: 4px solid var(--wrong);
  background: var(--wrong-tint);
  padding: 0.5rem 0.7rem;
}
.severity {
  display: block;
  font-size: 0.8rem;
  font-weight: 700;
  color: var(--wrong);
}
.message {
  display: block;
  /* As many lines as it takes: a button is one line high of itself. */
  height: auto;
  min-height: 24px;
  max-width: 100%;
  border: 0;
  background: none;
  padding: 0;
  text-align: left;
  white-space: normal;
  line-height: 1.3;
  font-weight: 600;
  cursor: pointer;
}
.message > :deep(span) {
  display: block;
}
.message:hover {
  text-decoration: underline;
}
.sum {
  font-size: 0.85rem;
  margin: 0.25rem 0;
}
.repairs {
  display: flex;
  flex-wrap: wrap;
  gap: 0.3rem 0.9rem;
}
.repairs :deep(.el-button) {
  height: auto;
  max-width: 100%;
  text-align: left;
  white-space: normal;
  line-height: 1.3;
}
.repairs .quiet {
  font-weight: 400;
  border-color: var(--rule-strong);
}
.filters {
  display: flex;
  flex-wrap: wrap;
  gap: 0.3rem;
  margin: 0.5rem 0;
}
.reason {
  margin-top: 0.5rem;
  display: grid;
  gap: 0.35rem;
}
.note {
  border-left: 4px solid var(--rule-strong);
  padding: 0.3rem 0.7rem;
}
.note .message {
  font-weight: 400;
}
.well {
  border-left: 4px solid var(--feet);
  background: var(--feet-tint);
  padding: 0.5rem 0.7rem;
}
</style>
