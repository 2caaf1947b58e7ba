<script setup lang="ts">
import { totalOf, type DancedPass, type Part } from '@dellop/core/routine'
import { computed, ref } from 'vue'
import { words } from '../words/index.ts'

/** The order as it is danced: one chip a pass. Choosing one shows what can be done with it. */
const props = defineProps<{ passes: readonly DancedPass[]; parts: readonly Part[]; currentPass: string | null }>()
const emit = defineEmits<{ go: [pass: DancedPass]; add: [partId: string]; newPart: [label: string]; remove: [passId: string]; move: [passId: string, by: 1 | -1] }>()

const current = computed(() => props.passes.find((pass) => pass.key === props.currentPass) ?? null)
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
    <ol>
      <li v-for="pass in passes" :key="pass.key">
        <button class="chip" :class="{ here: pass.key === currentPass, changed: pass.pass.changes.length > 0 }" :aria-current="pass.key === currentPass" @click="emit('go', pass)">
          {{ pass.part.label }}<span class="count length">{{ words.sheets.shortTotal(totalOf(pass.slots)) }}</span>
          <span v-if="pass.pass.changes.length > 0" class="unseen">{{ words.sheet.changedPass }}</span>
        </button>
      </li>
    </ol>
    <el-dropdown trigger="click" @command="emit('add', $event)">
      <button class="button small">{{ words.sheet.addPass }}</button>
      <template #dropdown>
        <el-dropdown-menu>
          <el-dropdown-item v-for="part in parts" :key="part.id" :command="part.id">{{ part.label }}</el-dropdown-item>
        </el-dropdown-menu>
      </template>
    </el-dropdown>
    <button v-if="!naming" class="button small" @click="naming = true">{{ words.sheet.newPart }}</button>
    <form v-else class="naming" @submit.prevent="create" @keydown.esc.prevent="naming = false">
      <el-input v-model="label" :aria-label="words.sheet.partName" :placeholder="words.sheet.partName" maxlength="30" autofocus />
      <button class="button small">{{ words.sheet.newPart }}</button>
    </form>
    <span class="tools">
      <template v-if="current">
        <button class="textlink" @click="emit('move', current.pass.id, -1)">{{ words.sheet.earlier(current.part.label) }}</button>
        <button class="textlink" @click="emit('move', current.pass.id, 1)">{{ words.sheet.later(current.part.label) }}</button>
        <button class="textlink" @click="emit('remove', current.pass.id)">{{ words.sheet.removePass(current.part.label) }}</button>
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
ol {
  display: flex;
  flex-wrap: wrap;
  gap: 4px;
  list-style: none;
  margin: 0;
  padding: 0;
}
.chip {
  min-height: 34px;
  padding: 0 0.5rem;
  border: 1px solid var(--music);
  border-radius: 4px;
  background: var(--music-tint);
  color: var(--music);
  font-weight: 700;
  cursor: pointer;
}
.chip .length {
  font-weight: 400;
  font-size: 0.8rem;
  margin-left: 0.3rem;
}
.chip.changed {
  border-style: double;
  border-width: 3px;
}
.chip.here {
  background: var(--music);
  color: #fff;
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
