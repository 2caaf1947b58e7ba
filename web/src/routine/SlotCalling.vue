<script setup lang="ts">
import type { DancedSlot, Slot } from '@dellop/core/routine'
import { CUE_MODES, type School } from '@dellop/core/school'
import { computed } from 'vue'
import { words } from '../words/index.ts'
import Folded from '../ui/Folded.vue'
import EntryInput from '../ui/EntryInput.vue'

/**
 * How one figure is called: when, what one role is told besides, and what is announced while it is
 * danced.
 */
const props = defineProps<{ slotDanced: DancedSlot; roles: School['roleLabels'] }>()
const emit = defineEmits<{ field: [field: 'mode' | 'roleCues' | 'announce', value: unknown] }>()

const slot = computed(() => props.slotDanced.slot)
function setRoles(change: Partial<NonNullable<Slot['roleCues']>>): void {
  const next = { lead: '', follow: '', first: 'lead' as const, ...slot.value.roleCues, ...change }
  emit('field', 'roleCues', next.lead.trim() === '' && next.follow.trim() === '' ? undefined : next)
}
</script>

<template>
  <Folded class="calling" :title="words.cues.calling">
    <label class="field-label" for="slot-mode">{{ words.cues.mode }}</label>
    <el-select
      id="slot-mode"
      :model-value="slot.mode ?? ''"
      @change="emit('field', 'mode', $event || undefined)"
      ><el-option value="" :label="words.cues.asSheet" />
      <el-option
        v-for="mode in CUE_MODES"
        :key="mode"
        :value="mode"
        :label="words.cues.modes[mode]"
    /></el-select>
    <template v-for="role in ['lead', 'follow'] as const" :key="role">
      <label class="field-label" :for="`cue-${role}`">{{ words.cues.roleCue(roles[role]) }}</label>
      <EntryInput
        :id="`cue-${role}`"
        :value="slot.roleCues?.[role] ?? ''"
        maxlength="80"
        @change="setRoles({ [role]: $event })"
      />
    </template>
    <template v-if="slot.roleCues">
      <label class="field-label" for="cue-first">{{ words.cues.roleFirst }}</label>
      <el-select
        id="cue-first"
        :model-value="slot.roleCues.first"
        @change="setRoles({ first: $event as 'lead' })"
        ><el-option
          v-for="role in ['lead', 'follow'] as const"
          :key="role"
          :value="role"
          :label="roles[role]"
      /></el-select>
    </template>
    <label class="field-label" for="slot-announce">{{ words.cues.announce }}</label>
    <EntryInput
      id="slot-announce"
      :value="slot.announce ?? ''"
      maxlength="120"
      @change="emit('field', 'announce', $event.trim() || undefined)"
    />
  </Folded>
</template>

<style scoped>
.calling {
  display: grid;
}
</style>
