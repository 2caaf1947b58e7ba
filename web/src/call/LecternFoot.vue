<script setup lang="ts">
import { Volume2 } from '@lucide/vue'
import { words } from '../words/index.ts'
import type { LecternKey } from './commands.ts'
import type { Lectern } from './lectern.ts'
import { signalsOf } from './lecternKeys.ts'
import type { LecternCommands } from './useLecternCommands.ts'

/** The foot of the lectern: the one key, the keys beside it, loudness and the ways out. */
const props = defineProps<{
  lectern: Lectern
  commands: LecternCommands
  mainText: string
  canPlay: boolean
  /** How things stand. */
  notes: readonly string[]
  sheet: { readonly id: string; readonly title: string }
  callId: () => string | null
}>()
defineEmits<{ press: []; music: [from: 'recording' | 'elsewhere'] }>()
const volume = defineModel<number>('volume', { required: true })
const { call } = props.lectern

const FOOT_KEYS: readonly LecternKey[] = [
  'lost',
  'hold',
  'other',
  'one-more',
  'skip',
  'mark',
  'take-back',
  'keys',
]
const keyName = (command: LecternKey): string =>
  words.lectern.signal(signalsOf(props.commands.signals.value, command)[0] ?? '')
</script>

<template>
  <footer class="foot">
    <button class="main-key own-key" @click="$emit('press')">
      {{ mainText }} <kbd class="count" aria-hidden="true">{{ keyName('main') }}</kbd>
    </button>
    <ul class="keys">
      <li v-for="command in FOOT_KEYS" :key="command">
        <button class="key own-key" @click="commands.run(command)">
          <kbd class="count">{{ keyName(command) }}</kbd>{{
            words.lectern.short[command as keyof typeof words.lectern.short]
          }}
        </button>
      </li>
    </ul>
    <el-select
      v-if="canPlay && call.state === 'waiting'"
      class="own-key from"
      :aria-label="words.lectern.from"
      :model-value="lectern.isElsewhere ? 'elsewhere' : 'recording'"
      @change="$emit('music', $event as 'recording' | 'elsewhere')"
      ><el-option
        v-for="(label, id) in words.lectern.fromWhat"
        :key="id"
        :value="id"
        :label="label"
    /></el-select>
    <div v-if="!lectern.isElsewhere" class="volume own-key">
      <Volume2 :size="20" aria-hidden="true" />
      <el-slider
        v-model="volume"
        :min="0"
        :max="100"
        :show-tooltip="false"
        :aria-label="words.lectern.volume"
      />
    </div>
    <RouterLink
      v-if="call.state === 'ended' && callId()"
      class="leave own-key"
      :to="{ name: 'call', params: { id: callId()! } }"
      >{{ words.lectern.afterwards }}</RouterLink
    >
    <RouterLink class="leave own-key" :to="{ name: 'sheet', params: { id: sheet.id } }"
      >{{ words.lectern.leave }}: {{ sheet.title }}</RouterLink
    >
    <p class="status" role="status">{{ notes.join(' · ') }}</p>
  </footer>
</template>

<style scoped src="./controls.css"></style>
<style scoped src="./lectern.css"></style>
