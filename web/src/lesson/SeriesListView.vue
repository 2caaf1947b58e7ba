<script setup lang="ts">
import { emptySeries, type Series } from '@dellop/core/lesson'
import { onMounted, ref, shallowRef } from 'vue'
import { useRouter } from 'vue-router'
import { api, sentenceOf } from '../app/api.ts'
import { useLibrary } from '../app/library.ts'
import { randomId } from '../app/randomId.ts'
import SeasonNav from '../ui/SeasonNav.vue'
import { tellUndo } from '../ui/message.ts'
import { words } from '../words/index.ts'

/** Series of lessons. */
const say = words.lessons
const router = useRouter()
const library = useLibrary()
const list = shallowRef<readonly Series[] | null>(null)
const failure = ref('')
async function load(): Promise<void> {
  failure.value = ''
  try {
    await library.load()
    ;({ series: list.value } = await api('listSeries'))
  } catch (error) {
    failure.value = sentenceOf(error)
  }
}
onMounted(load)
async function add(): Promise<void> {
  const groupId = library.settings.groupId
  const series: Series = {
    ...emptySeries(randomId(), say.newTitle),
    ...(groupId === null ? {} : { groupId }),
  }
  try {
    await api('newSeries', { body: { series } })
    await router.push({ name: 'series', params: { id: series.id } })
  } catch (error) {
    failure.value = sentenceOf(error)
  }
}
async function remove(series: Series): Promise<void> {
  try {
    await api('removeSeries', { params: { id: series.id } })
    list.value = list.value!.filter(({ id }) => id !== series.id)
    tellUndo(
      say.removed(series.title),
      words.sheet.undo,
      () => void api('newSeries', { body: { series } }).then(load),
    )
  } catch (error) {
    failure.value = sentenceOf(error)
  }
}
const groupName = ({ groupId }: Series): string =>
  library.groups.find(({ id }) => id === groupId)?.name ?? ''
</script>

<template>
  <div class="view">
    <SeasonNav />
    <header class="view-head">
      <div>
        <h1>{{ words.evenings.lessons }}</h1>
        <p class="soft">{{ say.lead }}</p>
      </div>
      <el-button type="primary" size="large" @click="add">{{ say.add }}</el-button>
    </header>
    <div v-if="failure" class="failure" role="alert">
      <p>{{ failure }}</p>
      <el-button @click="load">{{ words.app.again }}</el-button>
    </div>
    <el-skeleton v-else-if="!list" :rows="4" animated role="status" />
    <el-empty v-else-if="list.length === 0" :description="say.none" />
    <el-table v-else :data="[...list]" row-key="id">
      <el-table-column :label="say.series" min-width="200">
        <template #default="{ row }">
          <RouterLink :to="{ name: 'series', params: { id: row.id } }">{{ row.title }}</RouterLink>
        </template>
      </el-table-column>
      <el-table-column :label="words.evenings.group" min-width="150">
        <template #default="{ row }">{{ groupName(row as Series) }}</template>
      </el-table-column>
      <el-table-column :label="say.weeks" width="100" align="right">
        <template #default="{ row }">{{ row.lessons.length }}</template>
      </el-table-column>
      <el-table-column width="110">
        <template #default="{ row }">
          <el-button link type="danger" @click="remove(row as Series)">{{
            words.evenings.remove
          }}</el-button>
        </template>
      </el-table-column>
    </el-table>
  </div>
</template>
