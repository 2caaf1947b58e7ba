<script setup lang="ts">
import { measureFigure, type DancedFigure, type Figure } from '@dellop/core/figure'
import { computed } from 'vue'
import { words } from '../words/index.ts'
import { figureFacts, hardFacts, performerFacts } from './facts.ts'

/** What follows from a figure’s steps: what to mind, where it begins and ends, how hard it is. */
const props = defineProps<{ figure: Figure; danced: DancedFigure; usualBpm: number }>()
const say = words.figures
const roles = words.role
const facts = computed(() => figureFacts(props.figure, roles) ?? { begins: [], ends: [] })
const measured = computed(() => measureFigure(props.danced))
const hard = computed(() => hardFacts(props.danced, roles))
</script>

<template>
  <section v-if="figure.cautions.length > 0">
    <h2>{{ say.cautions }}</h2>
    <p v-for="caution in figure.cautions" :key="caution.text" class="caution">
      <strong>{{ words.caution[caution.kind] }}.</strong> {{ words.shipped.remark(caution.text) }}
    </p>
    <p class="soft small">{{ say.careFooter }}</p>
  </section>
  <section>
    <h2>{{ say.derived }}</h2>
    <dl>
      <dt>{{ say.entry }}</dt>
      <dd v-for="line in facts.begins" :key="`b${line}`">{{ line }}</dd>
      <dt>{{ say.exit }}</dt>
      <dd v-for="line in facts.ends" :key="`e${line}`">{{ line }}</dd>
      <template v-for="(performer, i) in measured.performers" :key="i">
        <dt>
          {{
            say.performer(
              performer.role === 'everyone' ? null : roles[performer.role],
              performer.couples,
            )
          }}
        </dt>
        <dd v-if="performer.steps.length === 0">{{ words.beats.stands }}</dd>
        <template v-else>
          <dd v-for="line in performerFacts(danced, performer, usualBpm)" :key="line">
            {{ line }}
          </dd>
        </template>
      </template>
      <dt>{{ say.difficulty }}</dt>
      <dd v-if="hard.hints.length === 0">{{ say.easy }}</dd>
      <dd v-for="line in hard.hints" :key="line">{{ line }}</dd>
      <dd v-if="hard.spot">{{ hard.spot }}</dd>
    </dl>
  </section>
</template>

<style scoped>
h2 {
  margin-bottom: 0.5rem;
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
</style>
