<script setup lang="ts">
import { plannedSeconds, spokenSeconds } from '@dellop/core/cue'
import { applyVariation, stepLineText, WORDING_KINDS } from '@dellop/core/figure'
import { TICKS_PER_BEAT } from '@dellop/core/time'
import { danceTempo } from '@dellop/core/tune'
import { computed, onMounted, ref } from 'vue'
import { useRoute } from 'vue-router'
import { sentenceOf } from '../app/api.ts'
import { useLibrary } from '../app/library.ts'
import BeatChart from '../beats/BeatChart.vue'
import { words } from '../words/index.ts'
import { figureFacts } from './facts.ts'
import FollowOns from './FollowOns.vue'

const route = useRoute()
const library = useLibrary()
const failure = ref('')
const loaded = ref(false)
const roles = words.role
/** Bars in which a dance without a usual music is counted: eights. */
const EIGHT = 8

onMounted(async () => {
  try {
    await library.load()
    loaded.value = true
  } catch (error) {
    failure.value = sentenceOf(error)
  }
})

const figure = computed(() => library.book.get(String(route.params['id'])) ?? null)
const danced = computed(() => {
  const result = figure.value ? applyVariation(figure.value) : null
  return result?.ok ? result.value : null
})
const tempo = computed(() => (figure.value ? danceTempo(figure.value.family) : null))
const beatsPerBar = computed(() => tempo.value?.metre.beatsPerBar ?? EIGHT)
const division = computed(() => (tempo.value?.metre.division === 3 ? 3 : 4))
const lines = computed(() => {
  const { lead, follow } = figure.value!
  const all = words.figures
  if (follow === 'same') return [{ who: all.everyone, text: stepLineText(lead, division.value) }]
  return [
    { who: roles.lead, text: stepLineText(lead, division.value) },
    { who: roles.follow, text: follow === 'opposite' ? all.opposite : stepLineText(follow, division.value) },
  ]
})
const facts = computed(() => (figure.value ? figureFacts(figure.value, roles) : null))
const voice = computed(() => library.voiceFor('en'))
const longest = computed(() => (figure.value ? plannedSeconds(voice.value, figure.value.wordings.full) : 1))
</script>

<template>
  <div class="view">
    <p v-if="failure" role="alert">{{ failure }}</p>
    <p v-else-if="!loaded" role="status">{{ words.app.loading }}</p>
    <template v-else-if="figure && danced && facts">
      <p>
        <RouterLink to="/figures">{{ words.figures.back }}</RouterLink>
      </p>
      <header class="view-head">
        <div>
          <h1>{{ figure.name }}</h1>
          <p class="soft">
            {{ figure.family }}<template v-if="tempo">, {{ words.figures.usualTempo(tempo.range[0], tempo.range[1], beatsPerBar) }}</template> · {{ words.level[figure.level] }} ·
            {{ words.format.counts(figure.lengthTicks / TICKS_PER_BEAT) }}
            <template v-if="figure.aliases.length > 0"> · {{ words.figures.aliases }}: {{ figure.aliases.join(', ') }}</template>
          </p>
        </div>
        <RouterLink class="button" :to="{ name: 'figure-write', query: { from: figure.id } }">{{ words.figures.write.from }}</RouterLink>
      </header>
      <div class="columns">
        <section class="chart-box" :aria-label="words.beats.title">
          <h2>{{ words.beats.title }}</h2>
          <BeatChart :danced="danced" :beats-per-bar="beatsPerBar" :roles="roles" :together="figure.follow === 'same'" :beats-per-line="beatsPerBar === 3 ? 6 : 4" />
          <h2>{{ words.figures.asLine }}</h2>
          <p class="soft">{{ words.figures.asLineHelp }}</p>
          <dl class="lines">
            <template v-for="line in lines" :key="line.who">
              <dt>{{ line.who }}</dt>
              <dd>{{ line.text }}</dd>
            </template>
          </dl>
        </section>
        <div class="facts">
          <section>
            <h2>{{ words.figures.wordings }}</h2>
            <div v-for="kind in WORDING_KINDS" :key="kind" class="wording">
              <span class="soft kind">{{ words.sheet[kind] }}</span>
              <span class="said"
                ><span class="ribbon" :style="{ minWidth: `${(100 * spokenSeconds(voice, figure.wordings[kind])) / longest}%` }">{{ figure.wordings[kind] }}</span></span
              >
              <span class="count">{{ words.format.seconds(spokenSeconds(voice, figure.wordings[kind])) }}</span>
            </div>
          </section>
          <section v-if="figure.cautions.length > 0">
            <h2>{{ words.figures.cautions }}</h2>
            <p v-for="caution in figure.cautions" :key="caution.text" class="caution">
              <strong>{{ words.caution[caution.kind] }}.</strong> {{ caution.text }}
            </p>
            <p class="soft small">{{ words.figures.careFooter }}</p>
          </section>
          <section>
            <h2>{{ words.figures.derived }}</h2>
            <dl>
              <dt>{{ words.figures.entry }}</dt>
              <dd v-for="line in facts.begins" :key="`b${line}`">{{ line }}</dd>
              <dt>{{ words.figures.exit }}</dt>
              <dd v-for="line in facts.ends" :key="`e${line}`">{{ line }}</dd>
              <template v-for="role in figure.follow === 'same' ? (['lead'] as const) : (['lead', 'follow'] as const)" :key="role">
                <dt>{{ figure.follow === 'same' ? words.figures.everyone : roles[role] }}</dt>
                <dd>{{ words.figures.steps(facts.steps[role]) }}, {{ facts.turn[role] }}</dd>
              </template>
            </dl>
          </section>
          <FollowOns :figure="figure" :figures="library.figures" :roles="roles" />
          <section v-if="figure.remarks">
            <h2>{{ words.figures.remarks }}</h2>
            <p>{{ figure.remarks }}</p>
          </section>
        </div>
      </div>
    </template>
    <p v-else>
      {{ words.figures.unknown }} <RouterLink to="/figures">{{ words.figures.back }}</RouterLink>
    </p>
  </div>
</template>

<style scoped>
.chart-box h2:not(:first-child) {
  margin-top: 1.25rem;
}
.lines {
  display: grid;
  grid-template-columns: auto 1fr;
  align-items: baseline;
  gap: 0.35rem 1rem;
  margin: 0.5rem 0 0;
}
.lines dt {
  font-weight: 700;
  margin: 0;
}
.lines dd {
  margin: 0;
  overflow-wrap: anywhere;
}
.columns {
  display: grid;
  grid-template-columns: 1.5fr 1fr;
  gap: 2rem;
}
.chart-box {
  background: var(--sheet);
  border: 1px solid var(--rule);
  padding: 1.25rem 1.5rem;
  align-self: start;
}
.facts {
  display: grid;
  gap: 1.25rem;
  align-content: start;
}
h2 {
  margin-bottom: 0.5rem;
}
.wording {
  display: grid;
  grid-template-columns: 4rem 1fr 4rem;
  align-items: center;
  padding: 0.2rem 0;
}
.ribbon {
  display: inline-block;
  background: var(--voice-tint);
  color: var(--voice-ink);
  font-weight: 600;
  padding: 0.25rem 0.6rem 0.3rem 1.1rem;
  clip-path: polygon(0 0, 100% 0, 100% 100%, 0 100%, 9px 50%);
}
.wording .count {
  text-align: right;
}
.caution {
  border: 2px solid var(--music);
  border-radius: 6px;
  padding: 0.5rem 0.7rem;
  background: var(--sheet);
}
.small {
  font-size: 0.9rem;
  margin-top: 0.35rem;
}
dl {
  margin: 0;
}
dt {
  font-weight: 700;
  margin-top: 0.35rem;
}
dd {
  margin: 0;
}
@media (max-width: 800px) {
  .columns {
    grid-template-columns: 1fr;
  }
}
</style>
