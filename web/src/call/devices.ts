import { defineStore } from 'pinia'
import { ref, watch } from 'vue'
import { z } from 'zod'
import { allowMidi, midiIsAllowed, midiIsPossible } from './signals.ts'

const USUAL_VOLUME = 90
const LEVELS = 'dellop-levels'
const levelsSchema = z.object({
  volume: z.number().min(0).max(100),
  balance: z.number().min(-100).max(100),
})
function keptLevels(): z.infer<typeof levelsSchema> | null {
  try {
    return levelsSchema.safeParse(JSON.parse(localStorage.getItem(LEVELS) ?? 'null')).data ?? null
  } catch {
    return null
  }
}

/** What this machine calls with: its sound, its pedals, the screens it feeds, its own screen. */
export const useDevices = defineStore('devices', () => {
  /** Of the music, 0 to 100. */
  const volume = ref(USUAL_VOLUME)
  /** Of the music, -100 left to 100 right. */
  const balance = ref(0)
  /** Sound is wanted, and the system does not let it. */
  const soundStands = ref(false)
  const midi = ref<'impossible' | 'asked' | 'refused' | 'allowed'>(
    midiIsPossible() ? (midiIsAllowed() ? 'allowed' : 'asked') : 'impossible',
  )
  /** Second screens are told where the call is. */
  const screensAreFed = ref(false)
  /** The screen is kept awake. */
  const staysAwake = ref(false)
  /**
   * Second screens and the screen itself follow a page; sound is as it was set for this call, also
   * where the call goes on after its page was closed.
   */
  const begin = (goesOn: boolean): void => {
    const kept = goesOn ? keptLevels() : null
    volume.value = kept?.volume ?? USUAL_VOLUME
    balance.value = kept?.balance ?? 0
    soundStands.value = false
  }
  watch([volume, balance], ([volume, balance]) =>
    localStorage.setItem(LEVELS, JSON.stringify({ volume, balance })),
  )
  const askForMidi = async (): Promise<void> => {
    midi.value = (await allowMidi()) ? 'allowed' : 'refused'
  }
  return { volume, balance, soundStands, midi, screensAreFed, staysAwake, begin, askForMidi }
})
