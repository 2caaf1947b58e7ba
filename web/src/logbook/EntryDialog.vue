<script setup lang="ts">
import { correct, emptyEntry, type LogEntry } from '@dellop/core/logbook'
import type { Group } from '@dellop/core/group'
import { ref } from 'vue'
import { randomId } from '../app/randomId.ts'
import Labelled from '../ui/Labelled.vue'
import '../ui/weeks.ts'
import { words } from '../words/index.ts'

/** An entry by hand, or the correction of one; what it said before is kept and shown. */
const props = defineProps<{ entry: LogEntry | null; groups: readonly Group[] }>()
const emit = defineEmits<{ keep: [entry: LogEntry]; close: [] }>()
const say = words.logbook
const isNew = props.entry === null
const begun = props.entry ?? emptyEntry(randomId(), '', Date.now())
const title = ref(begun.title)
const day = ref(new Date(begun.atMs))
const minutes = ref(begun.minutes)
const hall = ref(begun.hall)
const caller = ref(begun.caller)
const present = ref(begun.present ?? undefined)
const walkMinutes = ref(begun.walkMinutes ?? undefined)
const remarks = ref(begun.remarks)
const groupId = ref(begun.groupId ?? '')
const wrong = ref('')

function keep(): void {
  if (title.value.trim() === '') return void (wrong.value = say.needsTitle)
  const now = Date.now()
  const fields = {
    title: title.value.trim(),
    hall: hall.value,
    caller: caller.value,
    present: present.value ?? null,
    remarks: remarks.value,
    minutes: minutes.value,
    walkMinutes: walkMinutes.value ?? null,
  }
  if (isNew) {
    const group = props.groups.find(({ id }) => id === groupId.value)
    return emit('keep', {
      ...begun,
      ...fields,
      atMs: day.value.getTime(),
      groupId: group?.id ?? null,
      groupName: group?.name ?? '',
    })
  }
  let next = begun
  for (const field of Object.keys(fields) as (keyof typeof fields)[])
    next = correct(next, field, fields[field] as never, now)
  emit('keep', next)
}
</script>

<template>
  <el-dialog
    :model-value="true"
    :title="isNew ? say.byHand : say.correct"
    width="min(94vw, 620px)"
    @close="emit('close')"
  >
    <div class="fields">
      <Labelled class="wide" :label="say.dance"
        ><el-input v-model="title" maxlength="200"
      /></Labelled>
      <Labelled v-if="isNew" :label="say.when"
        ><el-date-picker v-model="day" type="datetime" :clearable="false" :aria-label="say.when"
      /></Labelled>
      <Labelled v-if="isNew" :label="words.evenings.group"
        ><el-select v-model="groupId"
          ><el-option value="" :label="words.evenings.nobody" /><el-option
            v-for="one in groups"
            :key="one.id"
            :value="one.id"
            :label="one.name" /></el-select
      ></Labelled>
      <Labelled :label="words.evenings.hall"><el-input v-model="hall" maxlength="120" /></Labelled>
      <Labelled :label="say.caller"><el-input v-model="caller" maxlength="120" /></Labelled>
      <Labelled :label="say.present"
        ><el-input-number v-model="present" :min="0" :max="2000"
      /></Labelled>
      <Labelled :label="say.minutes"
        ><el-input-number v-model="minutes" :min="0" :max="600"
      /></Labelled>
      <Labelled :label="say.walkMinutes"
        ><el-input-number v-model="walkMinutes" :min="0" :max="600"
      /></Labelled>
      <Labelled class="wide" :label="say.remarks"
        ><el-input v-model="remarks" type="textarea" :rows="3" maxlength="4000"
      /></Labelled>
    </div>
    <ul v-if="begun.corrected.length > 0" class="soft">
      <li v-for="(one, i) in begun.corrected" :key="i">
        {{ say.corrected(words.format.date(one.atMs), one.before, one.after) }}
      </li>
    </ul>
    <p v-if="wrong" class="wrong" role="alert">{{ wrong }}</p>
    <template #footer>
      <el-button @click="emit('close')">{{ words.cues.hear.cancel }}</el-button>
      <el-button type="primary" @click="keep">{{ say.keep }}</el-button>
    </template>
  </el-dialog>
</template>

<style scoped>
.fields {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(12rem, 1fr));
  gap: 0.6rem 1rem;
}
.wide {
  grid-column: 1 / -1;
}
.wrong {
  color: var(--wrong);
}
</style>
