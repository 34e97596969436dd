<script setup lang="ts" generic="T">
import { useElementVisibility, useTimeoutFn } from '@vueuse/core'
import { shallowRef, useTemplateRef, watch } from 'vue'

/** Shows something as it is now where it is in view; where nobody sees it, when what is in view has been drawn. */
const props = defineProps<{ of: T }>()

/** How long what is out of view may lag behind, ms: long enough for the frame in which the rest is drawn. */
const pause = 60

const box = useTemplateRef<HTMLElement>('box')
const isSeen = useElementVisibility(box)
const shown = shallowRef(props.of)
const catchUp = () => (shown.value = props.of)
const { start, stop } = useTimeoutFn(catchUp, pause, { immediate: false })
watch([() => props.of, isSeen], () => {
  if (isSeen.value) {
    stop()
    catchUp()
  } else {
    start()
  }
})
</script>

<template>
  <div ref="box"><slot :of="shown" /></div>
</template>
