<script setup lang="ts">
import { onMounted, ref, shallowRef } from 'vue'
import { problemSchema, restoredSchema } from '@dellop/wire'
import { api, ApiProblem, sentenceOf } from '../app/api.ts'
import { follow } from '../app/download.ts'
import { useLongWork } from '../app/longWork.ts'
import PickFile from '../ui/PickFile.vue'
import { words } from '../words/index.ts'

/** Everything in one file, taken away and put back; and the copies Dellop makes by itself. */
const say = words.backup
const backups = shallowRef<readonly { name: string; bytes: number; atMs: number }[]>([])
const loadFailure = ref('')
const { working, failure, told, doing, cancel } = useLongWork({
  begun: say.restoring,
  stopped: words.rehearse.stopped,
  failed: (why) => why,
})
async function load(): Promise<void> {
  loadFailure.value = ''
  try {
    ;({ backups: backups.value } = await api('listBackups'))
  } catch (error) {
    loadFailure.value = sentenceOf(error)
  }
}
onMounted(load)
const megabytes = (bytes: number): string =>
  say.megabytes(words.format.decimal(bytes / 1024 / 1024, 1))

const restore = (file: File): Promise<void> =>
  doing(async (signal) => {
    const response = await fetch('/api/restore', {
      method: 'POST',
      headers: { 'Content-Type': 'application/octet-stream' },
      body: file,
      signal,
    })
    const json: unknown = await response.json().catch(() => null)
    if (!response.ok) {
      const problem = problemSchema.safeParse(json)
      throw new ApiProblem('restore', problem.success ? problem.data.detail : words.trouble.server)
    }
    const { files } = restoredSchema.parse(json)
    restored.value = say.restored(files)
  })
const restored = ref('')
</script>

<template>
  <div class="view">
    <header class="view-head">
      <div>
        <h1>{{ say.title }}</h1>
        <p class="soft">{{ say.lead }}</p>
      </div>
      <el-button type="primary" size="large" @click="follow('/api/backup')">{{
        say.take
      }}</el-button>
    </header>
    <section aria-labelledby="put-back">
      <h2 id="put-back">{{ say.putBack }}</h2>
      <p>{{ say.putBackLead }}</p>
      <PickFile accept=".zip,application/zip" :label="say.choose" @pick="restore" />
      <p v-if="working" role="status">
        {{ working }}
        <el-button @click="cancel">{{ words.cues.hear.cancel }}</el-button>
      </p>
      <p v-if="failure || told" class="failure" role="alert">{{ failure || told }}</p>
      <p v-if="restored" class="told" role="status">{{ restored }}</p>
    </section>
    <section aria-labelledby="copies">
      <h2 id="copies">{{ say.copies }}</h2>
      <p>{{ say.copiesLead }}</p>
      <p v-if="loadFailure" class="failure" role="alert">
        {{ loadFailure }} <el-button @click="load">{{ words.app.again }}</el-button>
      </p>
      <el-empty v-else-if="backups.length === 0" :description="say.none" />
      <el-table v-else :data="[...backups]" row-key="name">
        <el-table-column :label="say.when" min-width="180">
          <template #default="{ row }">{{ words.format.moment(row.atMs) }}</template>
        </el-table-column>
        <el-table-column :label="say.size" width="120" align="right">
          <template #default="{ row }">{{ megabytes(row.bytes) }}</template>
        </el-table-column>
        <el-table-column prop="name" :label="say.file" min-width="220" />
      </el-table>
    </section>
  </div>
</template>

<style scoped>
section {
  margin: 1.2rem 0;
}
h2 {
  margin: 0 0 0.3rem;
  font-size: 1.2rem;
}
</style>
