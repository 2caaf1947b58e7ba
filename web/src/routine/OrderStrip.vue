<script setup lang="ts">
import { sameValue } from '@dellop/core/document'
import { totalOf, type DancedPass, type Part } from '@dellop/core/routine'
import { MoreHorizontal, Plus } from '@lucide/vue'
import { computed, nextTick, ref, useTemplateRef, watch } from 'vue'
import { VueDraggable } from 'vue-draggable-plus'
import { words } from '../words/index.ts'

/** The order as it is danced, one chip a time through: gone to, dragged, moved by keys, added to. */
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
  move: [passId: string, by: number]
}>()

interface Chip {
  readonly key: string
  readonly passId: string
  readonly label: string
  readonly length: string
  readonly changed: boolean
}
/** The very same value as before where it says the same: typing a word draws none of it anew. */
const chips = computed<Chip[]>((before) => {
  const now = props.passes.map(({ key, part, pass, slots }) => ({
    key,
    passId: pass.id,
    label: part.label,
    length: words.sheets.shortTotal(totalOf(slots)),
    changed: pass.changes.length > 0,
  }))
  return before !== undefined && sameValue(now, before) ? before : now
})
const shown = ref<Chip[]>([])
watch(chips, (now) => (shown.value = [...now]), { immediate: true })

const current = computed(() => props.passes.find((pass) => pass.key === props.currentPass) ?? null)
const go = (key: string): void => {
  const pass = props.passes.find((one) => one.key === key)
  if (pass) emit('go', pass)
}
/** Times through that are one pass of the order move as one. */
function dropped(from: number | undefined, to: number | undefined): void {
  const moved = from === undefined ? undefined : chips.value[from]
  const target = to === undefined ? undefined : chips.value[to]
  shown.value = [...chips.value]
  if (!moved || !target || moved.passId === target.passId) return
  const order = [...new Set(chips.value.map(({ passId }) => passId))]
  emit('move', moved.passId, order.indexOf(target.passId) - order.indexOf(moved.passId))
}
const strip = useTemplateRef<HTMLElement>('strip')
function moveByKey(chip: Chip, by: 1 | -1): void {
  emit('move', chip.passId, by)
  void nextTick(() =>
    strip.value
      ?.querySelector<HTMLElement>(`[data-pass="${CSS.escape(chip.passId)}"]`)
      ?.focus({ preventScroll: false }),
  )
}
watch(
  () => props.currentPass,
  (key) =>
    void nextTick(() =>
      strip.value
        ?.querySelector(`[data-chip="${CSS.escape(key ?? '')}"]`)
        ?.scrollIntoView({ block: 'nearest', inline: 'nearest' }),
    ),
)

const naming = ref(false)
const label = ref('')
function create(): void {
  if (label.value.trim() !== '') emit('newPart', label.value.trim().slice(0, 30))
  naming.value = false
  label.value = ''
}
function add(partId: string): void {
  if (partId === '') naming.value = true
  else emit('add', partId)
}
function manage(what: 'earlier' | 'later' | 'remove'): void {
  const id = current.value?.pass.id
  if (!id) return
  if (what === 'remove') emit('remove', id)
  else emit('move', id, what === 'earlier' ? -1 : 1)
}
</script>

<template>
  <section class="order" :aria-label="words.sheet.order">
    <div ref="strip" class="scroll">
      <VueDraggable
        v-model="shown"
        tag="ol"
        :animation="120"
        :delay="150"
        :delay-on-touch-only="true"
        @end="({ oldIndex, newIndex }) => dropped(oldIndex, newIndex)"
      >
        <li v-for="chip in shown" :key="chip.key">
          <el-button
            class="chip"
            :class="{ here: chip.key === currentPass, changed: chip.changed }"
            :data-pass="chip.passId"
            :data-chip="chip.key"
            :aria-current="chip.key === currentPass"
            :title="words.sheet.chipHelp"
            @click="go(chip.key)"
            @keydown.alt.left.stop.prevent="moveByKey(chip, -1)"
            @keydown.alt.right.stop.prevent="moveByKey(chip, 1)"
            @keydown.delete.stop.prevent="emit('remove', chip.passId)"
          >
            {{ chip.label }}<span class="count length">{{ chip.length }}</span>
            <span v-if="chip.changed" class="unseen">{{ words.sheet.changedPass }}</span>
          </el-button>
        </li>
      </VueDraggable>
    </div>
    <el-dropdown v-if="current" trigger="click" @command="manage">
      <el-button class="icon" :aria-label="words.sheet.passMenu(current.part.label)"
        ><MoreHorizontal :size="16" aria-hidden="true"
      /></el-button>
      <template #dropdown>
        <el-dropdown-menu>
          <el-dropdown-item command="earlier">{{
            words.sheet.earlier(current.part.label)
          }}</el-dropdown-item>
          <el-dropdown-item command="later">{{
            words.sheet.later(current.part.label)
          }}</el-dropdown-item>
          <el-dropdown-item command="remove" divided>{{
            words.sheet.removePass(current.part.label)
          }}</el-dropdown-item>
        </el-dropdown-menu>
      </template>
    </el-dropdown>
    <el-dropdown trigger="click" @command="add">
      <el-button class="icon" :aria-label="words.sheet.addPass"
        ><Plus :size="16" aria-hidden="true"
      /></el-button>
      <template #dropdown>
        <el-dropdown-menu>
          <el-dropdown-item v-for="part in parts" :key="part.id" :command="part.id">{{
            part.label
          }}</el-dropdown-item>
          <el-dropdown-item command="" divided>{{ words.sheet.newPart }}</el-dropdown-item>
        </el-dropdown-menu>
      </template>
    </el-dropdown>
    <el-dialog
      v-model="naming"
      :title="words.sheet.newPart"
      width="min(24rem, 92vw)"
      append-to-body
    >
      <form @submit.prevent="create">
        <el-input
          v-model="label"
          :aria-label="words.sheet.partName"
          :placeholder="words.sheet.partName"
          maxlength="30"
          autofocus
        />
        <p class="foot">
          <el-button native-type="submit" type="primary">{{ words.sheet.newPart }}</el-button>
          <el-button @click="naming = false">{{ words.shelf.cancel }}</el-button>
        </p>
      </form>
    </el-dialog>
  </section>
</template>

<style scoped>
.order {
  display: flex;
  align-items: center;
  gap: 4px;
  min-width: 0;
  flex: 1;
}
.scroll {
  /* What is hidden in it must not reach out of it. */
  position: relative;
  overflow-x: auto;
  scrollbar-width: thin;
  min-width: 0;
  padding: 4px 2px;
}
ol {
  display: flex;
  gap: 4px;
  list-style: none;
  margin: 0;
  padding: 0;
}
.chip {
  height: 26px;
  padding: 0 8px;
  font-weight: 700;
  --el-button-bg-color: var(--music-tint);
  --el-button-text-color: var(--music);
  --el-button-border-color: var(--music);
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
  --el-button-bg-color: var(--music);
  --el-button-text-color: var(--sheet);
}
.icon {
  height: 28px;
  padding: 0 6px;
}
.foot {
  margin-top: 0.8rem;
  display: flex;
  gap: 0.5rem;
}
</style>
