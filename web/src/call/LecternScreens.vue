<script setup lang="ts">
import { browserTimers } from '../app/timers.ts'
import type { HallCode, HallRight, HallStatus } from '@dellop/wire'
import { renderSVG } from 'uqr'
import { computed, onBeforeUnmount, ref, watch } from 'vue'
import { api, sentenceOf } from '../app/api.ts'
import { words } from '../words/index.ts'
import Labelled from '../ui/Labelled.vue'

/** Second screens: switched on with what that means, let in by a code, sent away again. */
const shown = defineModel<boolean>({ required: true })
const emit = defineEmits<{ on: [isOn: boolean] }>()

const status = ref<HallStatus | null>(null)
const address = ref('')
const code = ref<HallCode | null>(null)
const failure = ref('')
const picture = computed(() =>
  code.value
    ? `data:image/svg+xml,${encodeURIComponent(renderSVG(code.value.url, { border: 2 }))}`
    : '',
)

async function tried(work: () => Promise<void>): Promise<void> {
  failure.value = ''
  await work().catch((error: unknown) => (failure.value = sentenceOf(error)))
}
const take = (next: HallStatus): void => {
  status.value = next
  address.value ||= next.addresses[0] ?? ''
  emit('on', next.address !== null)
}
const look = (): Promise<void> => tried(async () => take(await api('hall')))
const set = (to: string | null): Promise<void> =>
  tried(async () => {
    code.value = null
    take(await api('setHall', { body: { address: to } }))
  })
const ask = (right: HallRight): Promise<void> =>
  tried(async () => void (code.value = await api('newHallCode', { body: { right } })))
const remove = (id: string): Promise<void> =>
  tried(async () => {
    await api('removeHallScreen', { params: { id } })
    await look()
  })

const LOOK_MS = 2000
let stopLooking = (): void => undefined
watch(
  shown,
  (now) => {
    stopLooking()
    if (!now) return
    void look()
    stopLooking = browserTimers.every(LOOK_MS, () => void look())
  },
  { immediate: true },
)
onBeforeUnmount(() => stopLooking())
</script>

<template>
  <el-dialog v-model="shown" :title="words.lectern.screens.title" width="min(44rem, 94vw)">
    <p>{{ words.lectern.screens.what }}</p>
    <p v-if="failure" role="alert">{{ failure }}</p>
    <template v-if="status">
      <p class="state" role="status">
        {{
          status.address === null
            ? words.lectern.screens.off
            : words.lectern.screens.on(status.address)
        }}
      </p>
      <p v-if="status.address === null">
        <Labelled :label="words.lectern.screens.address"
          ><el-select v-model="address" class="pick"
            ><el-option
              v-for="one in status.addresses"
              :key="one"
              :value="one"
              :label="
                one === '127.0.0.1' ? `${one} (${words.lectern.screens.onlyHere})` : one
              " /></el-select
        ></Labelled>
        <el-button type="primary" size="large" @click="set(address)">
          {{ words.lectern.screens.switchOn }}
        </el-button>
      </p>
      <template v-else>
        <p class="row">
          <el-button size="large" @click="ask('see')">{{
            words.lectern.screens.codeSee
          }}</el-button>
          <el-button size="large" @click="ask('control')">
            {{ words.lectern.screens.codeControl }}
          </el-button>
          <el-button size="large" @click="set(null)">{{
            words.lectern.screens.switchOff
          }}</el-button>
        </p>
        <div v-if="code" class="code">
          <img :src="picture" :alt="code.url" width="200" height="200" />
          <div>
            <p>{{ words.lectern.screens.code(code.right) }}</p>
            <p class="digits count" data-testid="hall-code">{{ code.code }}</p>
            <p>
              {{ words.lectern.screens.open }} <br /><strong class="url">{{
                code.url.split('#')[0]
              }}</strong>
            </p>
            <p class="soft">{{ words.lectern.screens.lasts }}</p>
          </div>
        </div>
        <h3>{{ words.lectern.screens.list }}</h3>
        <p v-if="status.screens.length === 0" class="soft">{{ words.lectern.screens.none }}</p>
        <ul>
          <li v-for="screen in status.screens" :key="screen.id">
            {{ words.lectern.screens.screen(screen.right, screen.connected) }}
            <el-button @click="remove(screen.id)">
              {{ words.lectern.screens.remove }}
            </el-button>
          </li>
        </ul>
      </template>
    </template>
  </el-dialog>
</template>

<style scoped>
.state {
  margin: 0.6rem 0;
  font-weight: 700;
}
.row {
  display: flex;
  flex-wrap: wrap;
  gap: 0.6rem;
}
.code {
  display: flex;
  flex-wrap: wrap;
  gap: 1.2rem;
  align-items: center;
  margin: 1rem 0;
}
.code img {
  background: #fff;
}
.digits {
  font-size: 3rem;
  font-weight: 800;
  letter-spacing: 0.2em;
  margin: 0;
}
.url {
  overflow-wrap: anywhere;
}
</style>
