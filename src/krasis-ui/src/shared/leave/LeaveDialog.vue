<script setup lang="ts">
import { useEventListener } from '@vueuse/core'
import Button from 'primevue/button'
import Dialog from 'primevue/dialog'
import { ref } from 'vue'
import { onBeforeRouteLeave, onBeforeRouteUpdate } from 'vue-router'

const props = defineProps<{
  isDirty: boolean
  /** What has changes, as the question begins. */
  title: string
  /** Saves them all and says whether that went well; without it they can only be kept on the page or dropped. */
  save?: () => Promise<boolean>
  discard?: () => void
  /** Settles without asking what can be settled; says whether nothing is left to ask about. */
  settle?: () => Promise<boolean>
}>()

const isOpen = ref(false)
let answer: (leave: boolean) => void = () => {}

async function mayGo(): Promise<boolean> {
  if (!props.isDirty || (await props.settle?.())) {
    return true
  }

  isOpen.value = true
  return new Promise<boolean>((resolve) => (answer = resolve))
}

onBeforeRouteLeave(mayGo)
onBeforeRouteUpdate(mayGo)

// Closing the tab is left by the browser's own question.
useEventListener('beforeunload', (event) => {
  if (props.isDirty) {
    event.preventDefault()
  }
})

function close(leave: boolean): void {
  isOpen.value = false
  answer(leave)
}

async function saveAndLeave(): Promise<void> {
  close((await props.save?.()) ?? false)
}

function leaveWithout(): void {
  props.discard?.()
  close(true)
}
</script>

<template>
  <Dialog
    v-model:visible="isOpen"
    modal
    :header="title"
    :style="{ width: 'min(32rem, 94vw)' }"
    @hide="answer(false)"
  >
    <p>{{ save ? 'Save them before you go on?' : 'Stay here to keep them, or drop them and go on.' }}</p>
    <template #footer>
      <Button label="Stay here" text severity="secondary" @click="close(false)" />
      <Button label="Drop the changes" outlined severity="danger" data-test="drop" @click="leaveWithout" />
      <Button v-if="save" label="Save and go on" data-test="save-and-leave" autofocus @click="saveAndLeave" />
    </template>
  </Dialog>
</template>
