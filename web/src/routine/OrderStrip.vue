<script setup lang="ts">
import { totalOf, type DancedPass, type Part } from '@dellop/core/routine'
import { computed, ref } from 'vue'
import { sameValue } from '@dellop/core/document'
import { words } from '../words/index.ts'
import AddPassMenu from './AddPassMenu.vue'
import OrderChips, { type Chip } from './OrderChips.vue'

/** The order as it is danced: one chip a pass. Choosing one shows what can be done with it. */
const props = defineProps<{
  passes: readonly DancedPass[]
  parts: readonly Part[]
  currentPass: string | null
}>()
const emit = defineEmits<{
  go: [pass: DancedPass]
  add: [partId: string]
  newPart: [label: string]
  remove: [passId: string]
  move: [passId: string, by: 1 | -1]
}>()

const current = computed(() => props.passes.find((pass) => pass.key === props.currentPass) ?? null)
/**
 * The very same value as before where it says the same, so that typing a word draws none of it
 * anew.
 */
const kept = <Value,>(now: Value, before: Value | undefined): Value =>
  before !== undefined && sameValue(now, before) ? before : now
const chips = computed<readonly Chip[]>((before) =>
  kept(
    props.passes.map(({ key, part, pass, slots }) => ({
      key,
      label: part.label,
      length: words.sheets.shortTotal(totalOf(slots)),
      changed: pass.changes.length > 0,
    })),
    before,
  ),
)
const names = computed<readonly { readonly id: string; readonly label: string }[]>((before) =>
  kept(
    props.parts.map(({ id, label: name }) => ({ id, label: name })),
    before,
  ),
)
const go = (key: string): void =>
  emit(
    'go',
    props.passes.find((pass) => pass.key === key)!,
  )
const naming = ref(false)
const label = ref('')

function create(): void {
  if (label.value.trim() !== '') emit('newPart', label.value.trim().slice(0, 30))
  naming.value = false
  label.value = ''
}
</script>

<template>
  <section class="order" :aria-label="words.sheet.order">
    <span class="field-label">{{ words.sheet.order }}</span>
    <OrderChips :chips="chips" :current-pass="currentPass" @go="go" />
    <AddPassMenu :parts="names" @add="emit('add', $event)" />
    <button v-if="!naming" class="button small" @click="naming = true">
      {{ words.sheet.newPart }}
    </button>
    <form v-else class="naming" @submit.prevent="create" @keydown.esc.prevent="naming = false">
      <el-input
        v-model="label"
        :aria-label="words.sheet.partName"
        :placeholder="words.sheet.partName"
        maxlength="30"
        autofocus
      />
      <button class="button small">{{ words.sheet.newPart }}</button>
    </form>
    <span class="tools">
      <template v-if="current">
        <button class="textlink" @click="emit('move', current.pass.id, -1)">
          {{ words.sheet.earlier(current.part.label) }}
        </button>
        <button class="textlink" @click="emit('move', current.pass.id, 1)">
          {{ words.sheet.later(current.part.label) }}
        </button>
        <button class="textlink" @click="emit('remove', current.pass.id)">
          {{ words.sheet.removePass(current.part.label) }}
        </button>
      </template>
    </span>
  </section>
</template>

<style scoped>
.order {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 0.5rem 0.75rem;
}
.order > .field-label {
  margin: 0;
}
.naming {
  display: flex;
  gap: 0.4rem;
}
.tools {
  display: flex;
  flex-wrap: wrap;
  gap: 0.25rem 0.9rem;
  width: 100%;
  min-height: 2rem;
  font-size: 0.9rem;
}
</style>
