<script setup lang="ts">
import { isAllAlike } from '@dellop/core/routine'
import type { Role } from '@dellop/core/figure'
import { deriveSheet, printedParts, type PrintedFor, type Sheet } from '@dellop/core/sheet'
import { computed, onMounted, ref, shallowRef } from 'vue'
import { useRoute } from 'vue-router'
import { api, sentenceOf } from '../app/api.ts'
import { knownOf } from '../app/known.ts'
import { useLibrary } from '../app/library.ts'
import { rolesTold } from '../page/roles.ts'
import { provideSpoken } from '../page/spokenLanguage.ts'
import { words } from '../words/index.ts'
import { usePaper } from './paper/usePaper.ts'
import PrintedFloor from './PrintedFloor.vue'
import PrintedCues from './PrintedCues.vue'
import PrintedOrder from './PrintedOrder.vue'
import PrintedPart from './PrintedPart.vue'
import { facingWords } from '../page/standing.ts'
import Labelled from '../ui/Labelled.vue'

/** A sheet as it goes on paper: what is shown here is what is printed. */
const route = useRoute()
const library = useLibrary()
const id = String(route.params['id'])
const sheet = shallowRef<Sheet | null>(null)
const failure = ref('')
const paper = ref<'a4' | 'a5' | 'large'>('a4')
const who = ref<PrintedFor>('both')
const withFloor = ref(true)
const depth = ref<'short' | 'full' | 'cues'>('short')

async function load(): Promise<void> {
  failure.value = ''
  try {
    await library.load()
    const { routine } = await api('getSheet', { params: { id } })
    sheet.value = deriveSheet({ ...library.inputFor(routine), known: knownOf(id) })
    document.title = routine.title
  } catch (error) {
    failure.value = sentenceOf(error)
  }
}
usePaper(paper)
onMounted(load)

const parts = computed(() =>
  sheet.value ? printedParts(sheet.value, who.value).filter(({ slots }) => slots.length > 0) : [],
)
const roles = computed(() =>
  sheet.value ? rolesTold(sheet.value.routine, sheet.value.school) : { lead: '', follow: '' },
)
const nameOf = (column: string): string => {
  const [role, ...couples] = column.split(' ')
  if (role === 'hands') return words.sheets.print.hands
  return [
    role === 'everyone' ? words.sheets.print.everyone : roles.value[role as Role],
    ...couples,
  ].join(' ')
}
const cautions = computed(() => {
  const shown = parts.value
    .flatMap(({ slots }) => slots)
    .filter(({ danced }) => danced.figure && danced.slot.caution !== 'hidden')
  return [
    ...new Map(shown.map(({ danced }) => [danced.figure!.id, danced.figure!])).values(),
  ].filter((figure) => figure.cautions.length > 0)
})
provideSpoken(computed(() => sheet.value?.routine.language ?? 'en'))
const bpm = computed(() => sheet.value?.routine.bpm ?? 0)
const print = (): void => window.print()
</script>

<template>
  <p v-if="failure" class="view failure" role="alert">
    {{ failure }} <el-button @click="load">{{ words.app.again }}</el-button>
  </p>
  <p v-else-if="!sheet" class="view" role="status">{{ words.app.loading }}</p>
  <template v-else>
    <div class="controls">
      <el-button tag="router-link" :to="{ name: 'sheet', params: { id } }">{{
        words.sheets.print.back
      }}</el-button>
      <Labelled :label="words.sheets.print.paper"
        ><el-select v-model="paper" class="pick"
          ><el-option
            v-for="(label, key) in words.sheets.print.papers"
            :key="key"
            :value="key"
            :label="label" /></el-select
      ></Labelled>
      <Labelled v-if="!isAllAlike(sheet.timeline)" :label="words.sheets.print.who"
        ><el-select v-model="who" class="pick"
          ><el-option value="both" :label="words.sheets.print.both" />
          <el-option value="lead" :label="roles.lead" />
          <el-option value="follow" :label="roles.follow" /></el-select
      ></Labelled>
      <Labelled :label="words.sheets.print.depth"
        ><el-select v-model="depth" class="pick"
          ><el-option
            v-for="(label, key) in words.sheets.print.depths"
            :key="key"
            :value="key"
            :label="label" /></el-select
      ></Labelled>
      <el-checkbox v-if="sheet.track" v-model="withFloor">{{ words.floor.print }}</el-checkbox>
      <el-button type="primary" @click="print">{{ words.sheets.print.go }}</el-button>
      <span class="soft">{{ words.sheets.print.hint }}</span>
    </div>
    <article class="paper" :class="paper">
      <header>
        <h1>{{ sheet.routine.title }}</h1>
        <p>
          <template v-if="sheet.routine.by || sheet.routine.year"
            >{{ words.sheets.print.by(sheet.routine.by, sheet.routine.year ?? null) }} · </template
          >{{ words.dance(sheet.routine.dance)
          }}<template v-if="sheet.routine.level"
            >, {{ words.sheets.head.levels[sheet.routine.level] }}</template
          ><template v-if="sheet.routine.formation"
            >, {{ words.sheets.head.formations[sheet.routine.formation] }}</template
          >
        </p>
        <p>
          <template v-if="sheet.tune">{{
            words.sheets.print.tune(sheet.tune.title, words.sheets.print.tempo(bpm))
          }}</template><template v-else>{{ words.sheets.print.tempo(bpm) }}</template> ·
          {{
            words.sheets.print.start(
              words.hold(sheet.routine.start.hold),
              facingWords(sheet.routine, sheet.routine.start.lead.facing),
            )
          }}
        </p>
        <p v-if="sheet.routine.source" class="soft">
          {{ words.sheets.head.source }}: {{ sheet.routine.source }}
        </p>
        <p v-if="sheet.routine.remark">{{ sheet.routine.remark }}</p>
      </header>
      <p v-if="parts.length === 0">{{ words.sheets.print.empty }}</p>
      <PrintedCues v-if="depth === 'cues'" :sheet="sheet" />
      <PrintedPart
        v-for="one in depth === 'cues' ? [] : parts"
        :key="one.part.id"
        :printed="one"
        :depth="depth === 'full' ? 'full' : 'short'"
        :who="who"
        :name-of="nameOf"
      />
      <PrintedOrder :sheet="sheet" />
      <PrintedFloor v-if="withFloor" :sheet="sheet" />
      <footer v-if="cautions.length > 0" class="cautions">
        <h2>{{ words.sheets.print.cautions }}</h2>
        <p v-for="figure in cautions" :key="figure.id">
          <strong>⚠ {{ figure.name }}.</strong>
          {{ figure.cautions.map(({ text }) => words.shipped.remark(text)).join(' ') }}
        </p>
        <p>{{ words.sheets.print.defer }}</p>
      </footer>
    </article>
  </template>
</template>

<style scoped>
.controls {
  display: flex;
  flex-wrap: wrap;
  gap: 0.6rem 1rem;
  align-items: center;
  padding: 0.8rem 1.5rem;
  border-bottom: 1px solid var(--rule);
}
.controls :deep(.el-select) {
  width: 13rem;
}
.paper {
  background: #fff;
  color: #000;
  margin: 1.5rem auto;
  padding: 14mm;
  max-width: 210mm;
  border: 1px solid var(--rule);
  font-size: 11pt;
  line-height: 1.35;
}
.paper.a5 {
  max-width: 148mm;
  padding: 9mm;
  font-size: 9pt;
}
.paper.large {
  font-size: 17pt;
}
h1 {
  font-size: 1.7em;
}
header {
  border-bottom: 2px solid #000;
  padding-bottom: 0.4em;
}
header .soft {
  color: #333;
}
.cautions {
  margin-top: 1em;
  border: 1.5px solid #000;
  padding: 0.5em 0.8em;
  break-inside: avoid;
  font-size: 0.92em;
}
h2 {
  font-size: 1.2em;
}
@media print {
  .paper {
    border: 0;
    margin: 0;
    padding: 0;
    max-width: none;
  }
  .paper.a5 {
    padding: 0;
  }
}
</style>
