<script setup lang="ts">
import { FORMATIONS, type Formation } from '@dellop/core/routine'
import { DANCE_NAMES, keptDanceName } from '@dellop/core/tune'
import type { FormInstance, FormRules } from 'element-plus'
import { computed, reactive, ref, watch } from 'vue'
import { useRouter } from 'vue-router'
import { api, sentenceOf } from '../app/api.ts'
import { useLibrary } from '../app/library.ts'
import { words } from '../words/index.ts'

/** What a new sheet is asked: its dance, how it is called, who stands how, its tune. */
const shown = defineModel<boolean>({ required: true })
const router = useRouter()
const library = useLibrary()

const form = reactive({
  title: '',
  dance: '',
  schoolId: '',
  formation: '' as Formation | '',
  tuneId: '',
})
const tune = computed(() => library.tunes.find(({ id }) => id === form.tuneId) ?? null)
watch(tune, (now) => {
  if (now && form.dance === '') form.dance = now.dance
})

const box = ref<FormInstance | null>(null)
const failure = ref('')
const rules: FormRules = {
  title: { required: true, whitespace: true, message: words.shelf.nameNeeded, trigger: 'blur' },
}
function suggestDances(typed: string, show: (list: { value: string }[]) => void): void {
  const wanted = typed.trim().toLowerCase()
  show(DANCE_NAMES.filter((one) => one.includes(wanted)).map((value) => ({ value })))
}

async function create(): Promise<void> {
  if (!(await box.value?.validate().catch(() => false))) return
  const { title, dance, schoolId, formation, tuneId } = form
  failure.value = ''
  try {
    const { routine } = await api('newSheet', {
      body: {
        title: title.trim(),
        tuneId: tuneId === '' ? null : tuneId,
        ...(dance.trim() === '' ? {} : { dance: keptDanceName(dance) }),
        ...(schoolId === '' ? {} : { schoolId }),
        ...(formation === '' ? {} : { formation }),
      },
    })
    await router.push({ name: 'sheet', params: { id: routine.id } })
  } catch (error) {
    failure.value = sentenceOf(error)
  }
}
</script>

<template>
  <el-dialog v-model="shown" :title="words.shelf.write" width="min(32rem, 94vw)">
    <el-form
      ref="box"
      :model="form"
      :rules="rules"
      label-position="top"
      class="new"
      @submit.prevent="create"
    >
      <el-form-item :label="words.shelf.name" prop="title">
        <el-input v-model="form.title" maxlength="120" autofocus />
      </el-form-item>
      <el-form-item :label="words.sheets.head.dance">
        <el-autocomplete
          v-model="form.dance"
          :fetch-suggestions="suggestDances"
          :placeholder="words.shelf.danceHint"
          maxlength="40"
          :debounce="0"
        />
      </el-form-item>
      <el-form-item :label="words.shelf.tune">
        <el-select v-model="form.tuneId">
          <el-option value="" :label="words.shelf.noTune" />
          <el-option
            v-for="one in library.tunes"
            :key="one.id"
            :value="one.id"
            :label="one.title"
          />
        </el-select>
      </el-form-item>
      <el-form-item :label="words.sheets.head.school">
        <el-select v-model="form.schoolId">
          <el-option value="" :label="words.shelf.usualStyle" />
          <el-option
            v-for="one in library.schools"
            :key="one.id"
            :value="one.id"
            :label="one.name"
          />
        </el-select>
      </el-form-item>
      <el-form-item :label="words.sheets.head.formation">
        <el-select v-model="form.formation">
          <el-option value="" :label="words.shelf.usualFormation" />
          <el-option
            v-for="one in FORMATIONS"
            :key="one"
            :value="one"
            :label="words.sheets.head.formations[one]"
          />
        </el-select>
      </el-form-item>
      <p v-if="failure" class="failure" role="alert">{{ failure }}</p>
      <div class="actions">
        <el-button type="primary" size="large" native-type="submit">
          {{ words.shelf.create }}
        </el-button>
        <el-button size="large" @click="shown = false">{{ words.shelf.cancel }}</el-button>
      </div>
    </el-form>
  </el-dialog>
</template>

<style scoped>
.new :deep(.el-form-item) {
  margin-bottom: 0.9rem;
}
.new :deep(.el-form-item__label) {
  margin-bottom: 2px;
}
.new :deep(.el-autocomplete) {
  width: 100%;
}
.actions {
  display: flex;
  gap: 0.75rem;
}
</style>
