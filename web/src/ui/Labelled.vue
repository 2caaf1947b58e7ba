<script setup lang="ts">
/** A control with its name above it, which belongs to it for a screen reader too. */
defineProps<{ label: string }>()
</script>

<template>
  <el-form-item class="labelled" :label="label" label-position="top"><slot /></el-form-item>
</template>

<style scoped>
.labelled {
  margin: 0;
  min-width: 0;
}
.labelled :deep(.el-form-item__content) {
  line-height: 1.35;
}
.labelled :deep(.el-form-item__label) {
  margin: 0 0 2px;
  line-height: 1.3;
  font-size: 0.9rem;
  color: var(--ink-soft);
}
</style>
