<script setup lang="ts">
import type { Routine } from '@dellop/core/routine'
import type { SheetSummary } from '@dellop/wire'
import { onMounted, ref, shallowRef } from 'vue'
import { api, sentenceOf } from '../app/api.ts'
import { useLibrary } from '../app/library.ts'
import Folded from '../ui/Folded.vue'
import { words } from '../words/index.ts'
import { AMOUNT_KINDS, SHIPPED_SCHOOLS, type AmountKind, type School } from '@dellop/core/school'
import { randomId } from '../app/randomId.ts'
import ComparedSchools from './ComparedSchools.vue'
import SchoolEditor from './SchoolEditor.vue'

/** The schools, each with why cuers do it so, and two of them on the same sheet. */
const library = useLibrary()
const ready = ref(false)
const failure = ref('')
const shelf = ref<readonly SheetSummary[]>([])
/** The sheet that two styles are compared on. */
const compared = ref('')
const routine = shallowRef<Routine | null>(null)

async function tried(work: () => Promise<void>): Promise<void> {
  failure.value = ''
  await work().catch((error: unknown) => (failure.value = sentenceOf(error)))
}
const load = (): Promise<void> =>
  tried(async () => {
    await library.load()
    shelf.value = (await api('listSheets')).sheets.filter(({ archived }) => !archived)
    ready.value = true
  })
const open = (id: string): Promise<void> =>
  tried(
    async () =>
      void (routine.value = id === '' ? null : (await api('getSheet', { params: { id } })).routine),
  )
onMounted(load)

/** The school that is being changed; a copy is kept only when it is saved. */
const editing = shallowRef<School | null>(null)
const isOwn = (school: School): boolean => !SHIPPED_SCHOOLS.some(({ id }) => id === school.id)
const unsaid = ({ amounts }: School): AmountKind[] =>
  AMOUNT_KINDS.filter((kind) => !amounts.includes(kind))
const copy = (school: School): void =>
  void (editing.value = {
    ...school,
    id: randomId(),
    name: words.schools.copyName(words.shipped.style(school)),
  })
const save = (school: School): Promise<void> =>
  tried(async () => {
    await library.saveSchool(school)
    editing.value = null
  })
const pickTonight = (id: string): Promise<void> =>
  tried(() => library.callTonightBy(id === '' ? null : id))
const forget = (school: School): Promise<void> => tried(() => library.removeSchool(school.id))
</script>

<template>
  <div class="view">
    <header class="view-head">
      <div>
        <h1>{{ words.schools.title }}</h1>
        <p class="soft">{{ words.schools.lead }}</p>
      </div>
    </header>
    <p v-if="failure" class="failure" role="alert">
      {{ failure }} <el-button @click="load">{{ words.app.again }}</el-button>
    </p>
    <p v-else-if="!ready" role="status">{{ words.app.loading }}</p>
    <template v-if="ready">
      <section class="tonight" aria-labelledby="tonight-head">
        <h2 id="tonight-head">{{ words.schools.tonight.title }}</h2>
        <p class="soft">{{ words.schools.tonight.how }}</p>
        <label class="field-label" for="tonight">{{ words.schools.tonight.pick }}</label>
        <el-select
          id="tonight"
          class="pick"
          :model-value="library.tonight?.id ?? ''"
          @change="pickTonight($event)"
          ><el-option value="" :label="words.schools.tonight.none" />
          <el-option
            v-for="school in library.schools"
            :key="school.id"
            :value="school.id"
            :label="words.shipped.style(school)"
        /></el-select>
      </section>
      <article v-for="school in library.schools" :key="school.id" class="school">
        <h2>
          {{ words.shipped.style(school) }}
          <small v-if="isOwn(school)" class="soft">{{ words.schools.own }}</small>
        </h2>
        <p>{{ words.shipped.styleAbout(school) }}</p>
        <Folded :title="words.schools.details">
          <ul>
            <li>{{ words.schools.leadTime(school.lead.targetBeats, school.lead.minSeconds) }}</li>
            <li>
              {{
                school.fading
                  ? words.schools.fading(
                      school.fading.fullTimes,
                      school.fading.shortTimes,
                      school.fading.newAfterPhrases,
                    )
                  : words.schools.noFading
              }}
            </li>
            <li>
              {{ words.schools.count(school.count.group, school.count.ones) }} ·
              {{ words.schools.countIn(school.countIn) }}
            </li>
            <li>
              {{
                school.prompts.length > 0
                  ? words.schools.promptList(
                      school.prompts.map((kind) => words.schools.prompts[kind]).join(', '),
                    )
                  : words.schools.noPrompts
              }}
            </li>
            <li v-if="unsaid(school).length > 0">
              {{
                words.schools.noAmount(
                  unsaid(school)
                    .map((kind) => words.schools.amounts[kind])
                    .join(', '),
                )
              }}
            </li>
            <li>
              {{ words.schools.mode(school.mode) }} ·
              {{ words.schools.joins(school.join.most, school.join.mostBeats) }}
            </li>
            <li>
              {{ words.schools.density(school.mostWordsIn20Seconds) }} ·
              {{
                words.schools.roles(
                  words.shipped.role(school.roleLabels.lead),
                  words.shipped.role(school.roleLabels.follow),
                )
              }}
            </li>
          </ul>
        </Folded>
        <div class="actions">
          <el-button @click="copy(school)">
            {{ words.schools.copy(words.shipped.style(school)) }}
          </el-button>
          <template v-if="isOwn(school)">
            <el-button @click="editing = school">
              {{ words.schools.change(school.name) }}
            </el-button>
            <el-button @click="forget(school)">
              {{ words.schools.remove(school.name) }}
            </el-button>
          </template>
        </div>
        <SchoolEditor
          v-if="editing?.id === school.id"
          :school="editing"
          @save="save"
          @cancel="editing = null"
        />
      </article>
      <article
        v-if="editing && !library.schools.some(({ id }) => id === editing!.id)"
        class="school"
      >
        <h2>{{ editing.name }}</h2>
        <SchoolEditor :key="editing.id" :school="editing" @save="save" @cancel="editing = null" />
      </article>
      <section class="compare" aria-labelledby="compare-head">
        <h2 id="compare-head">{{ words.schools.compare }}</h2>
        <label class="field-label" for="compare-sheet">{{ words.schools.compareSheet }}</label>
        <el-select id="compare-sheet" v-model="compared" class="pick" @change="open($event)"
          ><el-option value="" :label="words.schools.choose" />
          <el-option v-for="sheet in shelf" :key="sheet.id" :value="sheet.id" :label="sheet.title"
        /></el-select>
        <ComparedSchools v-if="routine" :key="routine.id" :routine="routine" />
      </section>
    </template>
  </div>
</template>

<style scoped>
.school {
  border-left: 6px solid var(--voice);
  background: var(--sheet);
  padding: 0.9rem 1.1rem;
  margin-bottom: 1rem;
  max-width: 62rem;
}
.school p {
  margin: 0.3rem 0;
}
ul {
  margin: 0;
  padding-left: 1.2rem;
  color: var(--ink-soft);
  font-size: 0.95rem;
}
.actions {
  display: flex;
  flex-wrap: wrap;
  gap: 0.5rem;
  margin-top: 0.5rem;
}
.tonight {
  margin-bottom: 1.2rem;
}
.compare {
  margin-top: 2rem;
}
</style>
