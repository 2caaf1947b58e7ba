<script setup lang="ts">
import { words } from '../words/index.ts'

/**
 * A part chosen to be danced once more at the end. It is drawn anew only when the parts have other
 * names.
 */
defineProps<{ parts: readonly { readonly id: string; readonly label: string }[] }>()
const emit = defineEmits<{ add: [partId: string] }>()
</script>

<template>
  <el-dropdown trigger="click" @command="emit('add', $event)">
    <button class="button small">{{ words.sheet.addPass }}</button>
    <template #dropdown>
      <el-dropdown-menu>
        <el-dropdown-item v-for="part in parts" :key="part.id" :command="part.id">{{
          part.label
        }}</el-dropdown-item>
      </el-dropdown-menu>
    </template>
  </el-dropdown>
</template>
