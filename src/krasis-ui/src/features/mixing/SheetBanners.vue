<script setup lang="ts">
import Button from 'primevue/button'
import type { MergeView } from '@/shared/api/types'
import { when } from '@/shared/format'
import { cannotKeep, isAway } from '@/shared/api/server'
import { storageRefuses } from '@/shared/unsaved/unsaved'

/** What is to be known about where the build's changes are. */
defineProps<{
  /** Whether what is changed goes out by itself as soon as the server is back. */
  sendsItself: boolean
  savesItself: boolean
  /** Whether another tab has had the build open before this one. */
  isElsewhere: boolean
  /** What was laid on somebody else's changes; null once it is saved. */
  merged: MergeView | null
  /** When the changes were made that have been brought back; null when none were. */
  broughtBack: string | null
}>()
defineEmits<{ drop: [] }>()
</script>

<template>
  <p v-if="isAway" class="banner fault" role="alert" data-test="away">
    {{ cannotKeep === null ? 'Krasis does not answer. ' : '' }}
    <template v-if="storageRefuses">
      Your changes are on this page only: this browser’s storage is full or blocked. Keep this page open; they
      {{ sendsItself ? 'are saved' : 'can be saved' }} when Krasis
      {{ cannotKeep === null ? 'is back' : 'can save again' }}.
    </template>
    <template v-else>
      Go on working: what you change is kept in this browser, and
      {{ sendsItself ? 'goes out' : 'can be saved' }} as soon as Krasis
      {{ cannotKeep === null ? 'is back' : 'can save again' }}.
    </template>
  </p>
  <p v-if="isElsewhere" class="banner" role="status" data-test="elsewhere">
    This build is open in another tab as well. What you change in one is brought to the other; where both have
    changed something, you are asked.
  </p>
  <div v-if="merged" class="banner" role="status" data-test="merged">
    <strong>Your changes and theirs are both in.</strong>
    {{ savesItself ? '' : 'Save to keep them. ' }}History has each version.
    <p v-if="merged.taken.length > 0">
      Theirs:
      {{ merged.taken.map((one) => `${one.where} ${one.before} → ${one.after}`).join('; ') }}.
    </p>
  </div>
  <p v-if="broughtBack" class="banner" role="status">
    Changes of {{ when(broughtBack) }} that were not saved have been brought back.
    <Button label="Drop them" text size="small" @click="$emit('drop')" />
  </p>
</template>
