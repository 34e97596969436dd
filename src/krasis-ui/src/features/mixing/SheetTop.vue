<script setup lang="ts">
import Button from 'primevue/button'
import InputText from 'primevue/inputtext'
import { computed } from 'vue'
import { storageRefuses } from '@/shared/unsaved/unsaved'

const props = defineProps<{
  name: string
  nameError: string | null
  isKept: boolean
  isDirty: boolean
  /** Whether an entry stands in a box that could not be read. */
  isUnread: boolean
  isSaving: boolean
  /** Whether the server has stopped answering. */
  isAway: boolean
  savesItself: boolean
  canUndo: boolean
  canRedo: boolean
}>()
defineEmits<{ rename: [name: string]; undo: []; redo: []; save: []; keys: [] }>()

const status = computed(() => {
  if (props.isSaving) {
    return { icon: 'pi pi-spinner', text: 'Saving…' }
  }

  if (props.isDirty) {
    return !props.isAway
      ? { icon: 'pi pi-circle-fill', text: 'Not saved yet' }
      : storageRefuses.value
        ? { icon: 'pi pi-exclamation-triangle', text: 'Only on this page' }
        : { icon: 'pi pi-inbox', text: 'Kept in this browser' }
  }

  // What stands in a box and was not understood is nowhere but there.
  if (props.isUnread) {
    return { icon: 'pi pi-exclamation-triangle', text: 'Not all read' }
  }

  return props.isKept
    ? { icon: 'pi pi-check', text: 'Saved' }
    : { icon: 'pi pi-circle', text: 'Nothing entered yet' }
})
</script>

<template>
  <div class="top">
    <div class="name">
      <label for="name" class="visually-hidden">Name of the build</label>
      <InputText
        id="name"
        :model-value="name"
        placeholder="Name this build"
        :invalid="nameError !== null"
        aria-describedby="name-error"
        autocomplete="off"
        @update:model-value="(text) => $emit('rename', text ?? '')"
      />
      <span id="name-error" class="error">{{ nameError }}</span>
    </div>
    <slot name="state" />
    <span
      class="status"
      :class="{ unsaved: isDirty || isUnread }"
      role="status"
      :title="savesItself ? 'A draft saves itself.' : 'Only drafts save themselves: press Save.'"
      data-test="status"
    >
      <i :class="status.icon" aria-hidden="true" />
      {{ status.text }}
    </span>
    <div class="actions">
      <Button
        icon="pi pi-undo"
        text
        severity="secondary"
        aria-label="Undo"
        title="Undo (Ctrl+Z)"
        :disabled="!canUndo"
        @click="$emit('undo')"
      />
      <Button
        icon="pi pi-refresh"
        text
        severity="secondary"
        aria-label="Redo"
        title="Redo (Ctrl+Y)"
        :disabled="!canRedo"
        @click="$emit('redo')"
      />
      <Button
        icon="pi pi-question"
        text
        severity="secondary"
        aria-label="Keys"
        title="What the keys do (?)"
        class="keys"
        data-test="show-keys"
        @click="$emit('keys')"
      />
      <slot name="actions" />
      <!-- It keeps its place, so that nothing moves under a finger when a draft saves itself. -->
      <Button
        label="Save"
        aria-label="Save"
        class="save"
        :class="{ done: !isDirty && isKept }"
        icon="pi pi-save"
        title="Save (Ctrl+S)"
        :disabled="!isDirty"
        :loading="isSaving"
        data-test="save"
        @click="$emit('save')"
      />
    </div>
  </div>
</template>

<style scoped>
.top {
  display: flex;
  flex-wrap: wrap;
  gap: 0.25rem 0.75rem;
  align-items: center;
  margin-bottom: 0.25rem;
}

.name {
  flex: 1 1 13rem;
  max-width: 30rem;
}

.status {
  min-width: 8.5rem;
  margin-left: auto;
}

.save.done {
  visibility: hidden;
}

.name :deep(input) {
  width: 100%;
  padding: 0.1rem 0.4rem;
  border-color: transparent;
  background: transparent;
  box-shadow: none;
  font-weight: 650;
  font-size: 1.5rem;
}

.name :deep(input:hover),
.name :deep(input:focus),
.name :deep(input.p-invalid),
.name :deep(input:placeholder-shown) {
  border-color: var(--line-strong);
  background: var(--porcelain);
}

.status {
  display: inline-flex;
  gap: 0.4rem;
  align-items: center;
  color: var(--ink-soft);
}

.status i {
  font-size: 0.75rem;
}

.status.unsaved {
  color: var(--warning);
  font-weight: 600;
}

.actions {
  display: flex;
  flex-wrap: wrap;
  gap: 0.25rem;
  align-items: center;
}

/* Narrower, everything about the build stays in one row; on a phone in three, and there are no keys to be told of. */
@media (width < 70rem) {
  .top {
    gap: 0 0.5rem;
  }

  .name {
    flex-basis: 9rem;
  }

  .status {
    min-width: 5.5rem;
  }

  .actions {
    gap: 0;
  }

  .actions :deep(.short .p-button-label) {
    display: none;
  }
}

@media (width < 40rem) {
  .name {
    flex-basis: 100%;
  }

  .status {
    min-width: 0;
  }

  .keys {
    display: none;
  }

  .save :deep(.p-button-label) {
    display: none;
  }
}
</style>
