<script setup lang="ts">
import { useQuery } from '@tanstack/vue-query'
import Dialog from 'primevue/dialog'
import { computed } from 'vue'
import TroubleBox from '@/features/tastings/TroubleBox.vue'
import { ApiProblem } from '@/shared/api/ApiProblem'
import { api, ask } from '@/shared/api/client'
import { keys } from '@/shared/api/queries'

/** A guest brings it back: what was said is pressed, and what to look at is answered. */
const props = defineProps<{ build: string; size: string; name: string }>()
const isOpen = defineModel<boolean>({ required: true })
const build = useQuery({
  queryKey: computed(() => [...keys.builds, props.build, 'complained']),
  queryFn: () => ask(api.GET('/api/builds/{id}', { params: { path: { id: props.build } } })),
  enabled: isOpen,
})
</script>

<template>
  <Dialog v-model:visible="isOpen" modal :header="`What is wrong with ${name}?`" :style="{ width: '46rem' }">
    <p v-if="build.error.value" class="error" role="alert">{{ ApiProblem.of(build.error.value).message }}</p>
    <TroubleBox v-if="build.data.value" :build="build.data.value.document" :size="size" />
  </Dialog>
</template>
