<script setup lang="ts">
import { requestsAbout, type Series } from '@dellop/core/lesson'
import { computed, onMounted, shallowRef } from 'vue'
import { api } from '../app/api.ts'
import { words } from '../words/index.ts'
import { isLink } from './link.ts'

/** What dancers asked for or said of a dance or a figure, where it matters. */
const props = defineProps<{ sheetId?: string; figureIds?: readonly string[] }>()
const series = shallowRef<readonly Series[]>([])
onMounted(async () => {
  const found = await api('listSeries').catch(() => null)
  series.value = found?.series ?? []
})
const asked = computed(() =>
  requestsAbout(series.value, {
    sheetId: props.sheetId,
    figureIds: new Set(props.figureIds ?? []),
  }),
)
const say = words.lessons.requests
</script>

<template>
  <section v-if="asked.length > 0" :aria-label="say.about">
    <h3>{{ say.about }}</h3>
    <ul>
      <li v-for="one in asked" :key="one.id">
        {{
          say.told(
            words.format.shortDate(Date.parse(one.date)),
            one.who,
            say.kinds[one.kind],
            one.text,
            one.part,
          )
        }}
        <a v-if="one.link && isLink(one.link)" :href="one.link" rel="noreferrer noopener">{{
          one.link
        }}</a>
        <span v-else-if="one.link" class="soft">{{ one.link }}</span>
      </li>
    </ul>
  </section>
</template>
