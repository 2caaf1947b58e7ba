<script setup lang="ts">
import { useEventListener } from '@vueuse/core'
import { onBeforeUnmount, ref } from 'vue'
import { words } from '../words/index.ts'
import { LECTERN_COMMANDS, type LecternKey } from './commands.ts'
import { signalsOf, type SignalMap } from './lecternKeys.ts'
import { useDevices } from './devices.ts'
import { listenForSignals, pretendPedal } from './signals.ts'

/** All that can be pressed, and teaching a key, a pedal or a button by pressing it. */
const props = defineProps<{ signals: SignalMap }>()
const shown = defineModel<boolean>({ required: true })
const emit = defineEmits<{ teach: [signal: string, command: LecternKey]; forget: [] }>()

const learning = ref<LecternKey | null>(null)
const told = ref('')
const devices = useDevices()
const namesOf = (command: LecternKey): string[] => [
  ...new Set(signalsOf(props.signals, command).map(words.lectern.signal)),
]

/** While something is learned every press is for it, also one inside the dialog. */
function learn(signal: string): void {
  const command = learning.value
  if (!command) return
  learning.value = null
  emit('teach', signal, command)
  told.value = words.lectern.taught(words.lectern.signal(signal), words.lectern.commands[command])
}
function onKey(event: KeyboardEvent): void {
  if (!learning.value || event.repeat || ['Shift', 'Control', 'Alt', 'Meta'].includes(event.key))
    return
  event.preventDefault()
  event.stopPropagation()
  learn(`key:${event.key.length === 1 ? event.key.toLowerCase() : event.key}`)
}
useEventListener(window, 'keydown', onKey, true)
const stop = listenForSignals(({ id, isDown }) => {
  if (!learning.value || !isDown || id.startsWith('key:')) return false
  learn(id)
  return true
})
onBeforeUnmount(stop)

async function useMidi(): Promise<void> {
  await devices.askForMidi()
  if (devices.midi === 'refused') told.value = words.lectern.midiNo
}
/** A press and a release, as a foot switch sends them. */
function pretend(controller: number): void {
  pretendPedal.send([0xb0, controller, 127])
  pretendPedal.send([0xb0, controller, 0])
}
</script>

<template>
  <el-dialog
    v-model="shown"
    :title="words.lectern.keysTitle"
    width="min(54rem, 94vw)"
    @closed="learning = null"
  >
    <p class="text">{{ words.lectern.keysText }}</p>
    <p class="learned" role="status">{{ learning ? words.lectern.teachNow : told }}</p>
    <ul class="list">
      <li v-for="{ id: command, ...one } in LECTERN_COMMANDS" :key="command">
        <span class="names"
          ><kbd v-for="name in namesOf(command)" :key="name" class="count">{{ name }}</kbd></span
        >
        <span
          >{{ words.lectern.commands[command] }}
          <em v-if="'isHeld' in one">({{ words.lectern.held }})</em></span
        >
        <el-button
          v-if="learning !== command"
          :aria-label="words.lectern.teach(words.lectern.commands[command])"
          @click="learning = command"
        >
          {{ words.lectern.teach('').replace(/: $/, '') }}
        </el-button>
        <el-button v-else @click="learning = null">
          {{ words.lectern.teachCancel }}
        </el-button>
      </li>
    </ul>
    <p>
      <el-button @click="emit('forget')">{{ words.lectern.forgetKeys }}</el-button>
    </p>
    <p v-if="devices.midi === 'impossible'">{{ words.lectern.midiNo }}</p>
    <p v-else-if="devices.midi === 'allowed'">{{ words.lectern.midiOn }}</p>
    <p v-else>
      <el-button @click="useMidi">{{ words.lectern.midi }}</el-button>
    </p>
    <p>{{ words.lectern.pretend }}</p>
    <p>
      <el-button size="large" @click="pretend(67)">{{ words.lectern.pretendLeft }}</el-button>{{
        ' '
      }}<el-button size="large" @click="pretend(64)">{{ words.lectern.pretendRight }}</el-button>
    </p>
  </el-dialog>
</template>

<style scoped>
.text {
  max-width: 46rem;
}
.learned {
  min-height: 1.6em;
  font-weight: 700;
}
.list {
  list-style: none;
  margin: 0;
  padding: 0;
  max-height: 44vh;
  overflow: auto;
  margin-bottom: 0.8rem;
}
.list li {
  display: grid;
  grid-template-columns: minmax(9rem, 14rem) 1fr auto;
  gap: 0.6rem;
  align-items: center;
  padding: 0.25rem 0;
  border-bottom: 1px solid var(--rule);
}
.names {
  display: flex;
  flex-wrap: wrap;
  gap: 0.3rem;
}
kbd {
  border: 1px solid var(--rule-strong);
  border-radius: 4px;
  padding: 0 0.4rem;
  font-weight: 700;
}
</style>
