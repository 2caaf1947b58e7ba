<script setup lang="ts">
import { isAllAlike } from '@dellop/core/routine'
import {
  dueBy,
  howItDiffers,
  quizQuestion,
  type QuizAnswer,
  type QuizQuestion,
} from '@dellop/core/rehearse'
import type { Sheet } from '@dellop/core/sheet'
import { useEventListener } from '@vueuse/core'
import { computed, onBeforeUnmount, ref, shallowRef } from 'vue'
import { randomId } from '../app/randomId.ts'
import { rolesTold } from '../page/roles.ts'
import { facingWords } from '../page/standing.ts'
import { words } from '../words/index.ts'
import type { PracticeStore } from './usePractice.ts'

/** Questions about the dance, made from what is derived; a wrong answer shows what leads up to it. */
const props = defineProps<{ sheet: Sheet; practice: PracticeStore }>()
const say = words.rehearse.quiz
const seed = ref(Math.floor(Math.random() * 1e6))
const question = shallowRef<QuizQuestion | null>(quizQuestion(props.sheet, seed.value))
const given = ref<number | null>(null)
const answers = ref<readonly { readonly question: string; readonly right: boolean }[]>([])

const nameOf = ({ slot, figure }: QuizQuestion['slot']): string =>
  words.format.slotName(slot.content, figure?.name ?? null)
const roleName = computed(() => {
  const one = question.value
  if (!one || isAllAlike(props.sheet.timeline)) return words.sheets.print.everyone
  return rolesTold(props.sheet.routine, props.sheet.school)[one.role]
})
const asked = computed(() => {
  const one = question.value
  if (!one) return ''
  const part = one.kind === 'pass' ? one.pass.part.label : words.format.passName(one.pass)
  return say.asks[one.kind](nameOf(one.slot), part, roleName.value, one.count)
})
function told(answer: QuizAnswer): string {
  switch (answer.type) {
    case 'slot':
      return nameOf(answer.slot)
    case 'foot':
      return answer.foot === null ? say.eitherFoot : say.feet[answer.foot]
    case 'facing':
      return facingWords(props.sheet.routine, answer.facing)
    case 'hold':
      return words.hold(answer.hold)
    case 'dancer':
      return answer.dancer
    case 'counts':
      return words.format.counts(answer.counts)
    case 'pass':
      return words.format.passName(answer.pass)
    case 'end':
      return say.end
  }
}
const isRight = computed(() => given.value !== null && given.value === question.value?.right)
const chain = computed(() =>
  (question.value?.chain ?? []).map(({ slot, before }, i) => ({
    key: i,
    name: nameOf(slot),
    foot: before.lead.weight,
    facing: facingWords(props.sheet.routine, before.lead.facing),
    hold: words.hold(before.hold),
  })),
)
const hasHolds = computed(() =>
  (question.value?.chain ?? []).some(({ before }) => before.hold !== 'none'),
)
const differs = computed(() => {
  const one = question.value
  const right = one?.answers[one.right]
  if (right?.type !== 'pass') return []
  return howItDiffers(props.sheet, right.pass).map(({ a, b }) =>
    say.differs(a && nameOf(a), b && nameOf(b)),
  )
})

function answer(index: number): void {
  const one = question.value
  if (!one || given.value !== null) return
  given.value = index
  answers.value = [...answers.value, { question: one.key, right: index === one.right }]
}
function next(): void {
  given.value = null
  seed.value += 1
  question.value = quizQuestion(props.sheet, seed.value)
}
/** What was answered is kept as one leaves, or has answered ten. */
async function keep(): Promise<void> {
  if (answers.value.length === 0) return
  const kept = answers.value
  answers.value = []
  await props.practice.keep({
    format: 'dellop-practice',
    version: 1,
    kind: 'quiz',
    id: randomId(),
    sheetId: props.sheet.routine.id,
    title: props.sheet.routine.title,
    atMs: Date.now(),
    answers: kept,
  })
}
const dueCount = computed(() => dueBy(props.practice.all.value, Date.now()).length)
const rightCount = computed(() => answers.value.filter(({ right }) => right).length)

function key(event: KeyboardEvent): void {
  const n = Number(event.key)
  if (given.value === null && n >= 1 && n <= (question.value?.answers.length ?? 0)) answer(n - 1)
}
useEventListener(window, 'keydown', key)
onBeforeUnmount(() => void keep())
</script>

<template>
  <div class="pane">
    <p class="soft">{{ say.about }} {{ say.due(dueCount) }}</p>
    <el-empty v-if="!question" :description="say.none" />
    <template v-else>
      <h2>{{ asked }}</h2>
      <ol class="answers">
        <li v-for="(one, i) in question.answers" :key="i">
          <el-button
            size="large"
            :type="given !== null && i === question.right ? 'success' : given === i ? 'danger' : ''"
            :disabled="given !== null && i !== question.right && i !== given"
            @click="answer(i)"
            >{{ i + 1 }}. {{ told(one) }}</el-button
          >
        </li>
      </ol>
      <div v-if="given !== null" role="status" class="answered">
        <p>
          <strong>{{
            isRight ? say.right : say.wrong(told(question.answers[question.right]!))
          }}</strong>
        </p>
        <template v-if="!isRight">
          <ul v-if="differs.length > 0">
            <li v-for="line in differs" :key="line">{{ line }}</li>
          </ul>
          <template v-else>
            <p class="soft">{{ say.chain }}</p>
            <el-table :data="chain" row-key="key" max-height="320">
              <el-table-column prop="name" :label="say.figure" min-width="160" />
              <el-table-column :label="say.weight" min-width="110">
                <template #default="{ row }">{{
                  say.weights[row.foot as keyof typeof say.weights]
                }}</template>
              </el-table-column>
              <el-table-column prop="facing" :label="say.facing" min-width="130" />
              <el-table-column v-if="hasHolds" prop="hold" :label="say.hold" min-width="130" />
            </el-table>
          </template>
        </template>
        <el-button type="primary" size="large" @click="next">{{ say.next }}</el-button>
      </div>
      <p v-if="answers.length > 0" class="soft">{{ say.sum(rightCount, answers.length) }}</p>
    </template>
  </div>
</template>

<style scoped src="./panes.css"></style>
<style scoped>
.answers {
  display: grid;
  gap: 0.5rem;
  padding: 0;
  list-style: none;
}
.answers :deep(.el-button) {
  min-width: min(100%, 22rem);
  justify-content: flex-start;
}
.answered {
  display: grid;
  gap: 0.6rem;
  justify-items: start;
}
.answered > * {
  margin: 0;
}
</style>
