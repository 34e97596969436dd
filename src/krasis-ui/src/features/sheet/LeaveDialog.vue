<script setup lang="ts">
import Button from 'primevue/button'
import Dialog from 'primevue/dialog'
import { ref } from 'vue'
import { onBeforeRouteLeave, onBeforeRouteUpdate } from 'vue-router'

const props = defineProps<{ isDirty: boolean; save: () => Promise<boolean>; discard: () => void }>()

const isOpen = ref(false)
let answer: (leave: boolean) => void = () => {}

function mayGo(): boolean | Promise<boolean> {
  if (!props.isDirty) {
    return true
  }

  isOpen.value = true
  return new Promise<boolean>((resolve) => (answer = resolve))
}

onBeforeRouteLeave(mayGo)
onBeforeRouteUpdate(mayGo)

function close(leave: boolean): void {
  isOpen.value = false
  answer(leave)
}

async function saveAndLeave(): Promise<void> {
  close(await props.save())
}

function leaveWithout(): void {
  props.discard()
  close(true)
}
</script>

<template>
  <Dialog
    v-model:visible="isOpen"
    modal
    header="This build has changes that are not saved"
    :style="{ width: 'min(32rem, 94vw)' }"
    @hide="answer(false)"
  >
    <p>Save them before you go on?</p>
    <template #footer>
      <Button label="Stay here" text severity="secondary" @click="close(false)" />
      <Button label="Drop the changes" outlined severity="danger" data-test="drop" @click="leaveWithout" />
      <Button label="Save and go on" data-test="save-and-leave" autofocus @click="saveAndLeave" />
    </template>
  </Dialog>
</template>
