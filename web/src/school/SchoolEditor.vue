<script setup lang="ts">
import {
  AMOUNT_KINDS,
  CUE_MODES,
  PROMPT_KINDS,
  schoolSchema,
  type School,
} from '@dellop/core/school'
import { validate } from '@dellop/core/document'
import { onMounted, ref } from 'vue'
import { words } from '../words/index.ts'
import Labelled from '../ui/Labelled.vue'

/** A school of one's own: everything that is heard on the group can be changed. */
const props = defineProps<{ school: School }>()
const emit = defineEmits<{ save: [school: School]; cancel: [] }>()

/** As it is typed: numbers are text until they are read. */
const form = ref({
  name: props.school.name,
  about: props.school.about,
  lead: props.school.roleLabels.lead,
  follow: props.school.roleLabels.follow,
  countIn: props.school.countIn,
  group: props.school.count.group,
  targetBeats: String(props.school.lead.targetBeats),
  minSeconds: String(props.school.lead.minSeconds),
  maxBeats: String(props.school.lead.maxBeats),
  breathSeconds: String(props.school.breathSeconds),
  mostWords: String(props.school.mostWordsIn20Seconds),
  fades: props.school.fading !== null,
  fullTimes: String(props.school.fading?.fullTimes ?? 1),
  shortTimes: String(props.school.fading?.shortTimes ?? 1),
  newAfterPhrases: String(props.school.fading?.newAfterPhrases ?? 8),
  overWord: String(props.school.weights.overWord),
  prompts: [...props.school.prompts],
  amounts: [...props.school.amounts],
  mode: props.school.mode,
  onCountBeats: String(props.school.onCountBeats),
  joinMost: String(props.school.join.most),
  joinBeats: String(props.school.join.mostBeats),
  breathPhrases: String(props.school.breathPhrases),
})
const problem = ref('')
/** The form may open far from the button that was pressed: who pressed it is brought there. */
const first = ref<{ focus: () => void } | null>(null)
onMounted(() => first.value?.focus())
const number = (text: string): number => (text.trim() === '' ? NaN : Number(text.replace(',', '.')))
const NUMBERS = [
  'targetBeats',
  'minSeconds',
  'maxBeats',
  'breathSeconds',
  'mostWords',
  'onCountBeats',
  'joinMost',
  'joinBeats',
  'breathPhrases',
] as const
const FADING = ['fullTimes', 'shortTimes', 'newAfterPhrases', 'overWord'] as const

function save(): void {
  const now = form.value
  const wrong = [...NUMBERS, ...(now.fades ? FADING : [])].find(
    (field) => !Number.isFinite(number(now[field])),
  )
  if (wrong)
    return void (problem.value = words.schools.noNumber(words.schools.fields[wrong], now[wrong]))
  const next = {
    ...props.school,
    name: now.name.trim(),
    about: now.about.trim(),
    roleLabels: { lead: now.lead.trim(), follow: now.follow.trim() },
    countIn: now.countIn.trim(),
    count: { ...props.school.count, group: now.group },
    lead: {
      targetBeats: number(now.targetBeats),
      minSeconds: number(now.minSeconds),
      maxBeats: number(now.maxBeats),
    },
    breathSeconds: number(now.breathSeconds),
    mostWordsIn20Seconds: number(now.mostWords),
    weights: now.fades
      ? { ...props.school.weights, overWord: number(now.overWord) }
      : props.school.weights,
    fading: now.fades
      ? {
          fullTimes: number(now.fullTimes),
          shortTimes: number(now.shortTimes),
          newAfterPhrases: number(now.newAfterPhrases),
        }
      : null,
    prompts: now.prompts,
    amounts: now.amounts,
    mode: now.mode,
    onCountBeats: number(now.onCountBeats),
    join: { most: number(now.joinMost), mostBeats: number(now.joinBeats) },
    breathPhrases: number(now.breathPhrases),
  }
  const valid = validate(schoolSchema, next, words.schools.theSchool)
  if (!valid.ok) return void (problem.value = words.problem(valid.problem))
  problem.value = ''
  emit('save', valid.value)
}
</script>

<template>
  <form class="fields editor" @submit.prevent="save" @keydown.esc.prevent="emit('cancel')">
    <Labelled :label="words.schools.fields.name"
      ><el-input ref="first" v-model="form.name" maxlength="60" required
    /></Labelled>
    <Labelled :label="words.schools.fields.about"
      ><el-input v-model="form.about" type="textarea" :rows="3" maxlength="1000"
    /></Labelled>
    <div class="grid">
      <Labelled v-for="field in NUMBERS" :key="field" :label="words.schools.fields[field]"
        ><el-input v-model="form[field]" inputmode="decimal"
      /></Labelled>
      <Labelled :label="words.schools.fields.countIn"
        ><el-input v-model="form.countIn" maxlength="60"
      /></Labelled>
      <Labelled :label="words.schools.fields.group"
        ><el-select v-model="form.group"
          ><el-option
            v-for="(label, group) in words.schools.groups"
            :key="group"
            :value="group"
            :label="label" /></el-select
      ></Labelled>
      <Labelled :label="words.cues.mode"
        ><el-select v-model="form.mode"
          ><el-option
            v-for="mode in CUE_MODES"
            :key="mode"
            :value="mode"
            :label="words.cues.modes[mode]" /></el-select
      ></Labelled>
      <Labelled :label="words.schools.fields.lead"
        ><el-input v-model="form.lead" maxlength="20" required
      /></Labelled>
      <Labelled :label="words.schools.fields.follow"
        ><el-input v-model="form.follow" maxlength="20" required
      /></Labelled>
    </div>
    <el-checkbox v-model="form.fades">{{ words.schools.fields.fades }}</el-checkbox>
    <div v-if="form.fades" class="grid">
      <Labelled v-for="field in FADING" :key="field" :label="words.schools.fields[field]"
        ><el-input v-model="form[field]" inputmode="decimal"
      /></Labelled>
    </div>
    <fieldset>
      <legend>{{ words.schools.fields.amounts }}</legend>
      <el-checkbox-group v-model="form.amounts">
        <el-checkbox v-for="kind in AMOUNT_KINDS" :key="kind" :value="kind">{{
          words.schools.amounts[kind]
        }}</el-checkbox>
      </el-checkbox-group>
    </fieldset>
    <fieldset>
      <legend>{{ words.schools.fields.prompts }}</legend>
      <el-checkbox-group v-model="form.prompts">
        <el-checkbox v-for="kind in PROMPT_KINDS" :key="kind" :value="kind">{{
          words.schools.prompts[kind]
        }}</el-checkbox>
      </el-checkbox-group>
    </fieldset>
    <p v-if="problem" class="failure" role="alert">{{ problem }}</p>
    <div class="row">
      <el-button type="primary" native-type="submit">{{ words.schools.save }}</el-button>
      <el-button @click="emit('cancel')">
        {{ words.schools.cancel }}
      </el-button>
    </div>
  </form>
</template>

<style scoped>
.editor {
  display: grid;
  gap: 0.7rem;
  margin-top: 0.8rem;
}
.grid {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(13rem, 1fr));
  gap: 0.7rem;
  align-items: end;
}
fieldset {
  border: 1px solid var(--rule);
  border-radius: 6px;
}
.row {
  display: flex;
  gap: 0.6rem;
}
</style>
