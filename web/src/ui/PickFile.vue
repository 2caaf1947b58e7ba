<script setup lang="ts">
import { ref } from 'vue'

/** A button that asks for a file; the file goes to its owner, nothing is sent by itself. */
defineProps<{
  label: string
  /** Endings and types that are offered. */
  accept: string
  disabled?: boolean
  type?: 'primary' | 'default'
  size?: 'large' | 'default'
}>()
const emit = defineEmits<{ pick: [file: File] }>()
const round = ref(0)

/** The same file may be picked again: the field is made anew. */
function take(picked: { readonly raw?: File }): void {
  round.value++
  if (picked.raw) emit('pick', picked.raw)
}
</script>

<template>
  <el-upload
    :key="round"
    class="pick-file"
    :auto-upload="false"
    :show-file-list="false"
    :accept="accept"
    :disabled="disabled"
    :on-change="take"
  >
    <!-- The whole is the button; what is seen of it must be none of its own. -->
    <el-button
      tag="span"
      :type="type ?? 'default'"
      :size="size ?? 'default'"
      :disabled="disabled"
      >{{ label }}</el-button
    >
  </el-upload>
</template>

<style scoped>
.pick-file {
  display: inline-block;
}
</style>
