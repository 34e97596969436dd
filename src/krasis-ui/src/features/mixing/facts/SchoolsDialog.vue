<script setup lang="ts">
import { useQuery } from '@tanstack/vue-query'
import Button from 'primevue/button'
import Dialog from 'primevue/dialog'
import { computed } from 'vue'
import { ApiProblem } from '@/shared/api/ApiProblem'
import { api, ask } from '@/shared/api/client'
import { keys, useSchools } from '@/shared/api/queries'
import type { Draft, SizeSheet } from '@/shared/api/types'
import CupSection from '@/shared/cup/CupSection.vue'
import { picture } from '@/shared/cup/section'
import { frameFor } from '@/shared/cup/frame'
import { decimal } from '@/shared/format'

/** Every school side by side, so that one sees what each does to the sizes before choosing. */
const props = defineProps<{ draft: Draft }>()
const isOpen = defineModel<boolean>('open', { required: true })
defineEmits<{ choose: [code: string] }>()

const schools = useSchools()
const sheets = useQuery({
  queryKey: computed(() => [...keys.mix, 'schools', JSON.stringify({ ...props.draft, name: '' })]),
  queryFn: ({ signal }) =>
    Promise.all(
      (schools.data.value ?? []).map(async (school) => ({
        school,
        sheet: await ask(
          api.POST('/api/mix', { body: { ...props.draft, name: '', school: school.code }, signal }),
        ),
      })),
    ),
  enabled: computed(() => isOpen.value && schools.data.value !== undefined),
  gcTime: 30_000,
})
const trouble = computed(() => (sheets.error.value ? ApiProblem.of(sheets.error.value).message : null))
const frame = computed(() => frameFor(sheets.data.value?.flatMap(({ sheet }) => sheet.sizes) ?? [], false))

function drift(size: SizeSheet, what: 'strength' | 'sweetness') {
  const percent = size.taste.drift[what]
  return percent === null || size.isReference
    ? { text: size.isReference ? 'reference' : 'not known', isFar: false }
    : {
        text: `${percent < 0 ? '−' : '+'}${decimal(Math.abs(percent), 0)} %`,
        isFar:
          (what === 'strength' ? size.taste.drift.isStrengthFar : size.taste.drift.isSweetnessFar) === true,
      }
}
</script>

<template>
  <Dialog
    v-model:visible="isOpen"
    modal
    header="How the other sizes could follow"
    :style="{ width: 'min(76rem, 97vw)' }"
  >
    <p v-if="trouble" class="error" role="alert">{{ trouble }}</p>
    <div class="schools">
      <section
        v-for="{ school, sheet } in sheets.data.value"
        :key="school.code"
        :aria-label="school.name"
        :class="{ here: school.code === draft.school }"
        data-test="school"
      >
        <h3>{{ school.name }}</h3>
        <div class="shelf">
          <div v-for="size in sheet.sizes" :key="size.size" class="cup">
            <div class="drawing"><CupSection :size="picture(size, true)" :frame="frame" /></div>
            <strong>{{ size.name }}</strong>
            <span
              v-for="what in ['strength', 'sweetness'] as const"
              :key="what"
              class="small"
              :class="{ far: drift(size, what).isFar }"
            >
              <template v-if="!size.isReference || what === 'strength'">
                <i
                  v-if="drift(size, what).isFar"
                  class="pi pi-exclamation-triangle"
                  role="img"
                  aria-label="too far"
                />
                {{ size.isReference ? '' : what }} {{ drift(size, what).text }}
              </template>
            </span>
          </div>
        </div>
        <p class="soft small">{{ school.says }}</p>
        <Button
          :label="school.code === draft.school ? 'In force' : 'Follow this'"
          size="small"
          :disabled="school.code === draft.school"
          :data-test="`school-${school.code}`"
          @click="($emit('choose', school.code), (isOpen = false))"
        />
      </section>
    </div>
  </Dialog>
</template>

<style scoped>
.schools {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(min(21rem, 100%), 1fr));
  gap: 0.8rem;
}

section {
  padding: 0.6rem 0.9rem;
  border: 1px solid var(--line);
  border-radius: 0.6rem;
}

section.here {
  border: 2px solid var(--cobalt);
}

h3 {
  margin: 0 0 0.2rem;
  font-size: 1.05rem;
}

.shelf {
  display: flex;
  gap: 0.2rem;
  align-items: flex-start;
}

.cup {
  display: flex;
  flex-direction: column;
  align-items: center;
  text-align: center;
}

.drawing {
  width: 4.6rem;
  height: 7rem;
}

.small {
  font-size: 0.85rem;
}

.far {
  color: var(--warning);
  font-weight: 600;
}
</style>
