<script setup lang="ts">
import type { Edit } from '@dellop/core/document'
import { readCues } from '@dellop/core/file'
import { matchCues, type MatchedCues, type Sheet } from '@dellop/core/sheet'
import { ref, shallowRef } from 'vue'
import { randomId } from '../app/randomId.ts'
import PickFile from '../ui/PickFile.vue'
import { words } from '../words/index.ts'

/**
 * Cues from a file laid onto the sheet: what agrees, what would change, and what has no place,
 * before anything is taken.
 */
const props = defineProps<{ sheet: Sheet }>()
const emit = defineEmits<{ see: [label: string, edits: readonly Edit[]] }>()
const text = words.cues.bring
const problem = ref('')
const name = ref('')
const found = shallowRef<MatchedCues | null>(null)

async function bring(file: File): Promise<void> {
  name.value = file.name
  found.value = null
  const read = readCues(new Uint8Array(await file.arrayBuffer()))
  problem.value = read.ok ? '' : words.problem(read.problem)
  if (read.ok) found.value = matchCues(props.sheet, read.value, randomId)
}
function see(): void {
  emit('see', text.label(name.value), found.value!.edits)
  found.value = null
}
</script>

<template>
  <section aria-labelledby="bring-head">
    <h2 id="bring-head">{{ text.title }}</h2>
    <p class="soft">{{ text.how }}</p>
    <PickFile :label="text.choose" accept=".vtt,.csv,text/vtt,text/csv" @pick="bring" />
    <p v-if="problem" class="failure" role="alert">{{ problem }}</p>
    <div v-if="found" role="status">
      <p>
        {{ text.told(found.matches.length, found.matches.filter((one) => !one.isSame).length) }}
      </p>
      <template v-if="found.unplaced.length > 0">
        <p>{{ text.unplaced(found.unplaced.length) }}</p>
        <ul class="unplaced">
          <li v-for="(one, i) in found.unplaced" :key="i">
            <span class="count">{{ words.format.clock(Math.max(0, one.cue.start)) }}</span> “{{
              one.cue.text
            }}”: {{ text.why[one.why] }}
          </li>
        </ul>
      </template>
      <el-button v-if="found.edits.length > 0" @click="see">
        {{ text.see }}
      </el-button>
      <p v-else class="well">{{ text.same }}</p>
    </div>
  </section>
</template>

<style scoped>
.file {
  position: relative;
  display: inline-block;
}
.file:focus-within {
  outline: 3px solid var(--music);
  outline-offset: 2px;
}
.unplaced {
  max-height: 14rem;
  overflow-y: auto;
  padding-left: 1.1rem;
}
.well {
  border-left: 4px solid var(--feet);
  background: var(--feet-tint);
  padding: 0.4rem 0.7rem;
}
</style>
