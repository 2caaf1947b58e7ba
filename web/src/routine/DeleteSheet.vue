<script setup lang="ts">
import { computed, onMounted, shallowRef } from 'vue'
import { useRouter } from 'vue-router'
import type { SheetUses } from '@dellop/wire'
import { api, sentenceOf } from '../app/api.ts'
import { forgetRecent } from '../app/recent.ts'
import { tell } from '../ui/message.ts'
import { words } from '../words/index.ts'

/** A sheet in the archive is deleted for good, once it was said what refers to it. */
const props = defineProps<{ id: string; title: string }>()
const router = useRouter()
const say = words.sheets.handOn.forGood

const uses = shallowRef<SheetUses | null>(null)
const failure = shallowRef('')
onMounted(async () => {
  try {
    uses.value = await api('sheetUses', { params: { id: props.id } })
  } catch (error) {
    failure.value = sentenceOf(error)
  }
})
const told = computed(() => (uses.value ? say.uses(uses.value) : []))

async function remove(): Promise<void> {
  failure.value = ''
  try {
    await api('removeSheet', { params: { id: props.id } })
    forgetRecent(`/sheets/${props.id}`)
    await router.push({ name: 'sheets' })
    tell(say.gone(props.title))
  } catch (error) {
    failure.value = sentenceOf(error)
  }
}
</script>

<template>
  <div>
    <ul v-if="told.length > 0" :aria-label="say.refers" class="soft">
      <li v-for="line in told" :key="line">{{ line }}</li>
    </ul>
    <p v-if="failure" class="failure" role="alert">{{ failure }}</p>
    <el-popconfirm
      :title="say.sure(title)"
      :confirm-button-text="say.yes"
      :cancel-button-text="say.no"
      width="280"
      @confirm="remove"
    >
      <template #reference>
        <el-button type="danger" plain :disabled="uses === null">{{ say.button }}</el-button>
      </template>
    </el-popconfirm>
  </div>
</template>
