<script setup lang="ts">
import { clockOfMinutes } from '@dellop/core/time'
import {
  itemTitle,
  lateOffers,
  momentOf,
  setsFor,
  tonightAt,
  type EveningItem,
  withBegun,
  type LateOffer,
} from '@dellop/core/evening'
import { computed, onBeforeUnmount, ref } from 'vue'
import { browserTimers } from '../app/timers.ts'
import { words } from '../words/index.ts'
import type { EveningDocument } from './eveningDocument.ts'
import type { EveningFacts } from './eveningFacts.ts'
import ReadyAway from './ReadyAway.vue'

/** The evening while it goes on: now, next, how late, and what can be done about it. */
const props = defineProps<{ document: EveningDocument; facts: EveningFacts }>()
const say = words.evenings.tonight
const evening = computed(() => props.document.evening.value!)
const facts = computed(() => props.facts.facts.value)

const nowMs = ref(Date.now())
const endTicking = browserTimers.every(5000, () => (nowMs.value = Date.now()))
onBeforeUnmount(endTicking)
/** Minutes after midnight of the evening's day, in its zone. */
const minutesOf = (ms: number): number => (ms - momentOf(evening.value, 0).getTime()) / 60_000
const at = computed(() => tonightAt(evening.value, facts.value, minutesOf(nowMs.value), minutesOf))
const offers = computed(() => lateOffers(evening.value, facts.value))
/** The lectern goes on through the programme by itself. */
const lecternOf = ({ sheetId, speed, recordingId }: EveningItem) => ({
  name: 'lectern',
  params: { id: sheetId },
  query: {
    evening: evening.value.id,
    ...(speed === undefined ? {} : { speed: String(speed) }),
    ...(recordingId === undefined ? {} : { recording: recordingId }),
  },
})
const title = (item: EveningItem): string =>
  itemTitle(item, facts.value) || words.evenings.kinds[item.kind]
const lateTold = computed(() => {
  const late = Math.round(at.value.lateMinutes)
  return late === 0 ? say.inTime : late > 0 ? say.late(late) : say.early(-late)
})
const sets = computed(() => {
  const { present } = evening.value
  const one = facts.value.get((at.value.now ?? at.value.next)?.sheetId ?? '')
  return present !== undefined && one && one.dancers > 1
    ? say.sets(setsFor(one, present).sets, setsFor(one, present).left, one.dancers)
    : ''
})

const begin = (item: EveningItem): void => {
  nowMs.value = Date.now()
  props.document.setItems(withBegun(evening.value, item.id, nowMs.value).items, say.done.begun)
}
const end = (item: EveningItem): void => {
  nowMs.value = Date.now()
  props.document.setItem(item.id, { endedMs: nowMs.value }, say.done.ended)
}
const drop = (item: EveningItem): boolean =>
  props.document.setItem(item.id, { dropped: item.dropped ? undefined : true }, say.done.dropped)
const again = (item: EveningItem): boolean =>
  props.document.setItem(item.id, { beganMs: undefined, endedMs: undefined }, say.done.again)
const take = ({ item, becomes }: LateOffer): void =>
  void props.document.setItems(
    evening.value.items.map((one) => (one.id === item.id ? becomes : one)),
    say.done.shortened,
  )
const left = computed(() => evening.value.items.filter(({ endedMs }) => endedMs === undefined))
const over = computed(() => evening.value.items.filter(({ endedMs }) => endedMs !== undefined))
const minutesTaken = ({ beganMs = 0, endedMs = 0 }: EveningItem): number =>
  Math.round((endedMs - beganMs) / 60_000)
</script>

<template>
  <div class="tonight">
    <div class="clock" role="status">
      <strong class="count">{{ clockOfMinutes(minutesOf(nowMs)) }}</strong>
      <span :class="{ late: at.lateMinutes > 1 }">{{ lateTold }}</span>
      <span class="soft">{{ say.overAt(clockOfMinutes(at.endsAt)) }}</span>
    </div>
    <ReadyAway v-if="document.sync.value" :evening="document.sync.value.server" :facts="facts" />
    <section class="big" :aria-label="say.now">
      <template v-if="at.now">
        <p class="soft">{{ say.now }}</p>
        <p class="name">{{ title(at.now) }}</p>
        <div class="row">
          <el-button size="large" type="primary" @click="end(at.now)">{{ say.end }}</el-button>
          <el-button v-if="at.now.sheetId" size="large" tag="router-link" :to="lecternOf(at.now)">{{
            say.lectern
          }}</el-button>
        </div>
      </template>
      <template v-else-if="at.next">
        <p class="soft">{{ say.next }}</p>
        <p class="name">{{ title(at.next) }}</p>
        <div class="row">
          <el-button size="large" type="primary" @click="begin(at.next)">{{ say.begin }}</el-button>
          <el-button
            v-if="at.next.sheetId"
            size="large"
            tag="router-link"
            :to="lecternOf(at.next)"
            @click="begin(at.next)"
            >{{ say.beginLectern }}</el-button
          >
        </div>
      </template>
      <p v-else class="name">{{ say.allDone }}</p>
      <p v-if="at.now && at.next">{{ say.then(title(at.next)) }}</p>
      <p v-if="sets">{{ sets }}</p>
    </section>
    <section v-if="at.lateMinutes > 2 && offers.length > 0" aria-labelledby="late-head">
      <h2 id="late-head">{{ say.whatToDo }}</h2>
      <ul class="plain">
        <li v-for="one in offers" :key="`${one.how} ${one.item.id}`">
          <span>{{ say.offers[one.how](title(one.item), words.format.decimal(one.wins, 1)) }}</span>
          <el-button size="small" @click="take(one)">{{ say.take }}</el-button>
        </li>
      </ul>
    </section>
    <section aria-labelledby="left-head">
      <h2 id="left-head">{{ say.toCome }}</h2>
      <ul class="plain">
        <li v-for="item in left" :key="item.id" :class="{ dropped: item.dropped }">
          <span>{{ title(item) }}</span>
          <span class="row">
            <el-button
              v-if="item.beganMs === undefined && !item.dropped"
              size="small"
              @click="begin(item)"
              >{{ say.begin }}</el-button
            >
            <el-button v-if="item.beganMs === undefined" size="small" @click="drop(item)">{{
              item.dropped ? say.putBack : say.drop
            }}</el-button>
          </span>
        </li>
      </ul>
    </section>
    <section v-if="over.length > 0" aria-labelledby="over-head">
      <h2 id="over-head">{{ say.over }}</h2>
      <ul class="plain">
        <li v-for="item in over" :key="item.id">
          <span>{{ say.took(title(item), minutesTaken(item)) }}</span>
          <el-button size="small" @click="again(item)">{{ say.again }}</el-button>
        </li>
      </ul>
    </section>
  </div>
</template>

<style scoped>
.tonight {
  display: grid;
  gap: 1rem;
}
.clock {
  display: flex;
  flex-wrap: wrap;
  align-items: baseline;
  gap: 0.4rem 1.2rem;
  font-size: 1.15rem;
}
.clock strong {
  font-size: 2.4rem;
}
.late {
  color: var(--wrong);
  font-weight: 700;
}
.big {
  display: grid;
  gap: 0.5rem;
  padding: 1rem 1.2rem;
  background: var(--sheet);
  border: 1px solid var(--rule);
  border-radius: 10px;
}
.big p {
  margin: 0;
}
.name {
  font-size: 2rem;
  font-weight: 700;
  line-height: 1.15;
}
.row {
  display: flex;
  flex-wrap: wrap;
  gap: 0.5rem;
}
.row :deep(.el-button) {
  margin: 0;
}
h2 {
  margin: 0 0 0.3rem;
  font-size: 1.2rem;
}
.plain {
  display: grid;
  gap: 0.3rem;
  margin: 0;
  padding: 0;
  list-style: none;
}
.plain li {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  justify-content: space-between;
  gap: 0.4rem;
  padding: 0.35rem 0.2rem;
  border-bottom: 1px solid var(--rule);
}
.dropped > span:first-child {
  text-decoration: line-through;
}
</style>
