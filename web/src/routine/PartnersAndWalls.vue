<script setup lang="ts">
import { partnerAfter, passesUntilPartner } from '@dellop/core/floor'
import { wrapFacing } from '@dellop/core/move'
import { lessonsOf, wallsOf } from '@dellop/core/routine'
import type { Sheet } from '@dellop/core/sheet'
import { computed } from 'vue'
import { rolesTold } from '../page/roles.ts'
import { words } from '../words/index.ts'
import { facingWords } from '../page/standing.ts'
import Folded from '../ui/Folded.vue'

/** Where passes take the floor: which way they face, and who dances with whom. */
const props = defineProps<{ sheet: Sheet }>()

const walls = computed(() => wallsOf(props.sheet.timeline))
const turnedInAll = computed(() => {
  const [first, last] = [walls.value[0], walls.value.at(-1)]
  const turned = first && last ? wrapFacing(last.to - first.from) : 0
  return turned > 4 ? turned - 8 : turned
})
const showsWalls = computed(
  () =>
    props.sheet.routine.formation === 'lines' ||
    props.sheet.routine.formation === 'solo' ||
    walls.value.some(({ from, to }) => from !== to),
)

const lessons = computed(() => lessonsOf(props.sheet.routine, props.sheet.timeline))

const shifts = computed(() => props.sheet.timeline.passes.flatMap(({ pass }) => pass.shift ?? []))
const couples = computed(() => props.sheet.routine.couples ?? null)
const roles = computed(() => rolesTold(props.sheet.routine, props.sheet.school))
const partners = computed(() =>
  couples.value === null
    ? []
    : [...shifts.value.map((_, n) => n), shifts.value.length].map(
        (n) => partnerAfter(0, shifts.value.slice(0, n), couples.value!) + 1,
      ),
)
const returns = computed(() => {
  const last = shifts.value.at(-1)
  return last && couples.value !== null
    ? passesUntilPartner(couples.value, last.lead - last.follow)
    : null
})
</script>

<template>
  <div v-if="shifts.length > 0">
    <h3>{{ words.sheets.pass.shift }}</h3>
    <template v-if="couples !== null">
      <p>{{ words.sheets.pass.meets(roles.lead, roles.follow, partners.join(', ')) }}</p>
      <p>{{ words.sheets.pass.returns(returns) }}</p>
      <p class="soft">{{ words.sheets.pass.couples(couples) }}</p>
    </template>
    <p v-else class="soft">{{ words.sheets.pass.noCouples }}</p>
  </div>
  <div v-if="lessons.length > 0">
    <h3>{{ words.sheets.pass.lessons }}</h3>
    <ol class="lessons">
      <li v-for="lesson in lessons" :key="lesson.lesson" :value="lesson.lesson">
        {{
          words.sheets.pass.lessonOf(
            lesson.parts.map(({ label }) => label).join(', '),
            lesson.passes.map(({ part }) => part.label).join(' '),
          )
        }}
        <span v-if="lesson.startsIn" class="soft">{{
          words.sheets.pass.lessonStarts(
            words.hold(lesson.startsIn.hold),
            facingWords(sheet.routine, lesson.startsIn.lead.facing),
          )
        }}</span>
      </li>
    </ol>
  </div>
  <Folded v-if="showsWalls" :title="words.sheets.pass.walls">
    <ol>
      <li v-for="wall in walls" :key="wall.pass.key">
        {{
          words.sheets.pass.wall(
            words.sheets.pass.title(
              wall.pass.part.label,
              words.format.ordinal(wall.pass.ordinal, wall.pass.ordinals),
            ),
            facingWords(sheet.routine, wall.from),
            facingWords(sheet.routine, wall.to),
          )
        }}
      </li>
    </ol>
    <p>{{ words.sheets.pass.home(turnedInAll) }}</p>
  </Folded>
</template>

<style scoped>
h3 {
  font-size: 1.05rem;
}
ol {
  margin: 0.3rem 0;
  padding-left: 1.4rem;
  font-size: 0.95rem;
}
</style>
