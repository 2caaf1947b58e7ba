<script setup lang="ts">
import { ref, watch } from 'vue'

/**
 * What is not needed all the time, behind its title. What it holds is made when it is first opened.
 */
const props = defineProps<{
  title: string
  /** Whether it stands open to begin with. */
  open?: boolean
  /** Whether the title is a heading of the page. */
  heading?: boolean
}>()
const emit = defineEmits<{ toggle: [open: boolean] }>()

const shown = ref<string[]>(props.open ? ['it'] : [])
const wasOpen = ref(props.open === true)
watch(
  () => props.open,
  (now) => (shown.value = now ? ['it'] : []),
)
watch(shown, (now) => {
  wasOpen.value ||= now.length > 0
  emit('toggle', now.length > 0)
})
</script>

<template>
  <el-collapse v-model="shown" class="folded">
    <el-collapse-item name="it">
      <template #title
        ><h2 v-if="heading">{{ title }}</h2>
        <template v-else>{{ title }}</template></template
      >
      <slot v-if="wasOpen" />
    </el-collapse-item>
  </el-collapse>
</template>

<style scoped>
.folded {
  border: 0;
}
.folded :deep(.el-collapse-item__header) {
  min-height: 36px;
  height: auto;
  line-height: 1.3;
  padding: 4px 0;
  font-weight: 600;
  font-size: 1rem;
  background: transparent;
  border: 0;
}
.folded :deep(.el-collapse-item__wrap) {
  background: transparent;
  border: 0;
}
.folded :deep(.el-collapse-item__content) {
  padding: 0 0 8px;
  font-size: 1rem;
  line-height: 1.4;
}
h2 {
  font-size: 1.1rem;
}
</style>
