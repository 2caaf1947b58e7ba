<script setup lang="ts">
import type { Figure } from '@dellop/core/figure'
import type { FigureUse } from '@dellop/core/routine'
import { computed } from 'vue'
import { useLibrary } from '../app/library.ts'
import { words } from '../words/index.ts'

/** What a figure is made of, and which sheets and figures it stands in. */
const props = defineProps<{ figure: Figure; use: FigureUse | null }>()
const library = useLibrary()
const say = words.figures
const nameOf = (figureId: string): string => library.book.get(figureId)?.name ?? figureId
const partOf = computed(() =>
  library.figures.filter(({ parts }) =>
    parts?.some(({ figureId }) => figureId === props.figure.id),
  ),
)
</script>

<template>
  <section v-if="figure.parts">
    <h2>{{ say.madeOf }}</h2>
    <ol>
      <li v-for="(part, i) in figure.parts" :key="i">
        <RouterLink :to="{ name: 'figure', params: { id: part.figureId } }">{{
          nameOf(part.figureId)
        }}</RouterLink>{{ ' '
        }}<span class="soft">{{ words.format.variation(part.variation) }}</span>
      </li>
    </ol>
  </section>
  <section>
    <h2>{{ say.usedIn }}</h2>
    <p v-if="!use && partOf.length === 0" class="soft">{{ say.notUsed }}</p>
    <ul v-if="use" class="plain">
      <li v-for="sheet in use.sheets" :key="sheet.id">
        <RouterLink :to="{ name: 'sheet', params: { id: sheet.id } }">{{
          sheet.title
        }}</RouterLink>{{ ' ' }}<span class="soft">{{ say.usedTimes(sheet.times) }}</span>
      </li>
    </ul>
    <p v-if="partOf.length > 0">
      {{ say.partOf }}
      <template v-for="(whole, i) in partOf" :key="whole.id"
        >{{ i > 0 ? ', ' : ''
        }}<RouterLink :to="{ name: 'figure', params: { id: whole.id } }">{{
          whole.name
        }}</RouterLink></template
      >
    </p>
  </section>
  <section v-if="figure.remarks">
    <h2>{{ say.remarks }}</h2>
    <p>{{ words.shipped.remark(figure.remarks) }}</p>
  </section>
</template>

<style scoped>
h2 {
  margin-bottom: 0.5rem;
}
ol,
.plain {
  margin: 0;
  padding-left: 1.2rem;
}
</style>
