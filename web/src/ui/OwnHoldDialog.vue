<script setup lang="ts">
import {
  HOLD_IDS,
  mirrorOf,
  OWN_STANDINGS,
  ownHoldText,
  readOwnHold,
  type OwnHold,
  type OwnStanding,
} from '@dellop/core/figure'
import { computed, ref } from 'vue'
import { words } from '../words/index.ts'
import Labelled from './Labelled.vue'

/** Writes out a hold that is in no list: its name, the hands it joins, how the two stand. */
const emit = defineEmits<{ take: [id: string] }>()
const open = defineModel<boolean>({ required: true })
const say = words.ownHold

const SIDES = ['left', 'right'] as const
const PAIRS = SIDES.flatMap((lead) => SIDES.map((follow) => [lead, follow] as const))
const name = ref('')
const joined = ref<string[]>([])
const standing = ref<OwnStanding | ''>('')
const own = computed<OwnHold>(() => ({
  name: name.value,
  hands: PAIRS.filter((pair) => joined.value.includes(pair.join('-'))),
  standing: standing.value === '' ? null : standing.value,
}))
const text = computed(() => ownHoldText(own.value))
const problem = computed(() => {
  const plain = name.value.trim().toLowerCase()
  if (plain === '') return ''
  if (HOLD_IDS.includes(plain)) return say.known(plain)
  return readOwnHold(text.value) ? '' : say.letters
})
const isReady = computed(() => name.value.trim() !== '' && problem.value === '')
const mirror = computed(() => (isReady.value ? words.hold(mirrorOf(text.value)) : ''))
function take(): void {
  if (!isReady.value) return
  emit('take', text.value)
  open.value = false
}
</script>

<template>
  <el-dialog v-model="open" :title="say.title" width="26rem" append-to-body>
    <el-form class="fields" @submit.prevent="take">
      <Labelled :label="say.name"
        ><el-input v-model="name" maxlength="24" :placeholder="say.example"
      /></Labelled>
      <p v-if="problem" class="wrong" role="alert">{{ problem }}</p>
      <el-checkbox-group v-model="joined" :aria-label="say.hands" class="hands">
        <el-checkbox v-for="pair in PAIRS" :key="pair.join('-')" :value="pair.join('-')">{{
          say.pair(...pair)
        }}</el-checkbox>
      </el-checkbox-group>
      <Labelled :label="say.stand"
        ><el-select v-model="standing" :empty-values="[null, undefined]"
          ><el-option value="" :label="say.anyhow" /><el-option
            v-for="one in OWN_STANDINGS"
            :key="one"
            :value="one"
            :label="say.standing[one]" /></el-select
      ></Labelled>
      <p v-if="mirror" class="soft">{{ say.mirror(mirror) }}</p>
    </el-form>
    <template #footer>
      <el-button @click="open = false">{{ words.shelf.cancel }}</el-button>
      <el-button type="primary" :disabled="!isReady" @click="take">{{ say.take }}</el-button>
    </template>
  </el-dialog>
</template>

<style scoped>
.fields,
.hands {
  display: grid;
  gap: 0.6rem;
}
.hands {
  gap: 0;
}
.wrong {
  margin: 0;
  color: var(--wrong);
}
</style>
