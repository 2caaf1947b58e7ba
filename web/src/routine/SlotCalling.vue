<script setup lang="ts">
import type { DancedSlot, Slot } from '@dellop/core/routine'
import { CUE_MODES, type School } from '@dellop/core/school'
import { computed } from 'vue'
import { vEntry } from '../ui/entry.ts'
import { words } from '../words/index.ts'

/**
 * How one figure is called: when, what one role is told besides, and what is announced while it is
 * danced.
 */
const props = defineProps<{ slotDanced: DancedSlot; roles: School['roleLabels'] }>()
const emit = defineEmits<{ field: [field: 'mode' | 'roleCues' | 'announce', value: unknown] }>()

const slot = computed(() => props.slotDanced.slot)
const text = (event: Event): string => (event.target as HTMLInputElement).value
function setRoles(change: Partial<NonNullable<Slot['roleCues']>>): void {
  const next = { lead: '', follow: '', first: 'lead' as const, ...slot.value.roleCues, ...change }
  emit('field', 'roleCues', next.lead.trim() === '' && next.follow.trim() === '' ? undefined : next)
}
</script>

<template>
  <details class="calling">
    <summary>{{ words.cues.calling }}</summary>
    <label class="field-label" for="slot-mode">{{ words.cues.mode }}</label>
    <select
      id="slot-mode"
      :value="slot.mode ?? ''"
      @change="emit('field', 'mode', text($event) || undefined)"
    >
      <option value="">{{ words.cues.asSheet }}</option>
      <option v-for="mode in CUE_MODES" :key="mode" :value="mode">
        {{ words.cues.modes[mode] }}
      </option>
    </select>
    <template v-for="role in ['lead', 'follow'] as const" :key="role">
      <label class="field-label" :for="`cue-${role}`">{{ words.cues.roleCue(roles[role]) }}</label>
      <input
        :id="`cue-${role}`"
        v-entry="slot.roleCues?.[role] ?? ''"
        class="field"
        maxlength="80"
        @change="setRoles({ [role]: text($event) })"
      />
    </template>
    <template v-if="slot.roleCues">
      <label class="field-label" for="cue-first">{{ words.cues.roleFirst }}</label>
      <select
        id="cue-first"
        :value="slot.roleCues.first"
        @change="setRoles({ first: text($event) as 'lead' })"
      >
        <option v-for="role in ['lead', 'follow'] as const" :key="role" :value="role">
          {{ roles[role] }}
        </option>
      </select>
    </template>
    <label class="field-label" for="slot-announce">{{ words.cues.announce }}</label>
    <input
      id="slot-announce"
      v-entry="slot.announce ?? ''"
      class="field"
      maxlength="120"
      @change="emit('field', 'announce', text($event).trim() || undefined)"
    />
  </details>
</template>

<style scoped>
.calling {
  display: grid;
}
.field,
select {
  width: 100%;
}
</style>
