<script setup lang="ts">
import type { Pass } from '@dellop/core/routine'
import Labelled from '../ui/Labelled.vue'
import { words } from '../words/index.ts'

/** How the dance ends with this pass. */
defineProps<{ finish: Pass['finish'] }>()
defineEmits<{ set: [finish: Pass['finish']] }>()
</script>

<template>
  <Labelled :label="words.sheets.pass.finish"
    ><el-select
      :model-value="finish?.how ?? ''"
      @change="$emit('set', $event === '' ? undefined : { ...finish, how: $event })"
      ><el-option value="" :label="words.sheets.pass.noFinish" />
      <el-option
        v-for="(label, how) in words.sheets.pass.finishes"
        :key="how"
        :value="how"
        :label="label" /></el-select
  ></Labelled>
  <template v-if="finish">
    <el-checkbox
      :model-value="finish.spin === true"
      @change="
        $emit('set', $event === true ? { how: finish!.how, spin: true } : { how: finish!.how })
      "
      >{{ words.sheets.pass.spin }}</el-checkbox
    >
    <p v-if="finish.spin" class="soft">{{ words.sheets.pass.spinCare }}</p>
  </template>
</template>
