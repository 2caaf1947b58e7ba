<script setup lang="ts">
import { sameValue } from '@dellop/core/document'
import { stepsOf, type Figure } from '@dellop/core/figure'
import { computed, ref } from 'vue'
import { api, sentenceOf } from '../app/api.ts'
import { useLibrary } from '../app/library.ts'
import { words } from '../words/index.ts'
import Labelled from '../ui/Labelled.vue'

/**
 * Makes another figure of the same dance one with this: its name becomes another name of this one.
 */
const props = defineProps<{ figure: Figure }>()
const emit = defineEmits<{ close: []; merged: [sentence: string] }>()
const library = useLibrary()
const say = words.figures.merge
const otherId = ref('')
const failure = ref('')
const busy = ref(false)
const isSame = (one: Figure): boolean =>
  one.lengthTicks === props.figure.lengthTicks && sameValue(stepsOf(one), stepsOf(props.figure))
/** Those with the same steps first. */
const others = computed(() =>
  library.figures
    .filter(({ id, family }) => id !== props.figure.id && family === props.figure.family)
    .sort((a, b) => Number(isSame(b)) - Number(isSame(a)) || a.name.localeCompare(b.name)),
)
const other = computed(() => others.value.find(({ id }) => id === otherId.value) ?? null)

async function merge(): Promise<void> {
  if (!other.value || busy.value) return
  const { id, name } = other.value
  busy.value = true
  failure.value = ''
  try {
    const { figure, sheets } = await api('mergeFigures', {
      body: { keepId: props.figure.id, dropId: id },
    })
    library.dropFigure(id)
    library.putFigures([figure])
    emit('merged', say.done(name, sheets))
  } catch (error) {
    failure.value = sentenceOf(error)
  } finally {
    busy.value = false
  }
}
</script>

<template>
  <section class="merge" aria-labelledby="merge-head">
    <h2 id="merge-head">{{ say.title(figure.name) }}</h2>
    <p class="soft">{{ say.help }}</p>
    <p v-if="failure" class="failure" role="alert">{{ failure }}</p>
    <Labelled :label="say.pick"
      ><el-select v-model="otherId" class="pick"
        ><el-option value="" :label="say.none" />
        <el-option
          v-for="one in others"
          :key="one.id"
          :value="one.id"
          :label="one.name" /></el-select
    ></Labelled>
    <p v-if="other" role="status">{{ isSame(other) ? say.same : say.differs }}</p>
    <div class="actions">
      <el-button v-if="other" size="large" :disabled="busy" @click="merge">
        {{ say.go(other.name) }}
      </el-button>
      <el-button size="large" @click="emit('close')">{{ say.leave }}</el-button>
    </div>
  </section>
</template>

<style scoped>
.merge {
  display: grid;
  gap: 0.6rem;
  border: 1px solid var(--rule-strong);
  border-radius: 8px;
  background: var(--sheet);
  padding: 1rem 1.25rem;
  margin-bottom: 1rem;
}
.actions {
  display: flex;
  flex-wrap: wrap;
  gap: 0.5rem;
}
</style>
