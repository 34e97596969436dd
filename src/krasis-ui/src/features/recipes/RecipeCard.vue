<script setup lang="ts">
import Button from 'primevue/button'
import Select from 'primevue/select'
import InputText from 'primevue/inputtext'
import { computed, ref } from 'vue'
import type { RecipeView } from '@/shared/api/types'
import MarkedText from './MarkedText.vue'
import type { Standing } from './useRecipes'

/** A recipe that was read, side by side with the draft that it becomes. */
const props = defineProps<{
  text: string
  recipe: RecipeView
  standing: Standing
  isBusy: boolean
  ingredients: { value: string; label: string }[]
}>()
defineEmits<{ keep: [name: string]; leave: []; back: []; decide: [said: string, ingredient: string] }>()

const counts = computed(() => props.recipe.counts)
/** What a recipe without a name is to be called. */
const named = ref('')
const name = computed(() => props.recipe.draft.name || named.value.trim())
</script>

<template>
  <article :class="standing.is" data-test="recipe">
    <header>
      <h3 v-if="recipe.draft.name">{{ recipe.draft.name }}</h3>
      <InputText
        v-else
        v-model="named"
        placeholder="What is it called?"
        aria-label="What it is called"
        data-test="recipe-name"
      />
      <p class="soft" data-test="counts">
        {{ counts.read }} read · {{ counts.guessed }} guessed · {{ counts.notUnderstood }} not understood
      </p>
      <span v-if="standing.is === 'kept'" class="done" data-test="kept">
        Saved as <RouterLink :to="`/builds/${standing.id}`">{{ standing.name }}</RouterLink>
      </span>
      <span v-else-if="standing.is === 'left'" class="done">
        Left out. <Button label="Take it back in" text size="small" @click="$emit('back')" />
      </span>
      <span v-else class="presses">
        <Button
          label="Open as a draft"
          icon="pi pi-pencil"
          :disabled="recipe.lines.length === 0 || !name"
          :loading="isBusy"
          data-test="open-draft"
          @click="$emit('keep', name)"
        />
        <Button label="Leave it" text data-test="leave" @click="$emit('leave')" />
      </span>
    </header>
    <p v-if="standing.is === 'refused'" class="error" role="alert">{{ standing.why }}</p>
    <div v-if="standing.is !== 'left'" class="sides">
      <section aria-label="The text">
        <MarkedText :text="text" :pieces="recipe.pieces" />
      </section>
      <section aria-label="The draft">
        <p v-if="recipe.problem" class="error" data-test="draft-problem">{{ recipe.problem }}</p>
        <div v-if="recipe.lines.length > 0" class="scroll">
          <table class="plain" data-test="draft">
            <thead>
              <tr>
                <th scope="col"></th>
                <th v-for="size in recipe.sizes" :key="size" scope="col">{{ size }}</th>
              </tr>
            </thead>
            <tbody>
              <tr v-for="(line, i) in recipe.lines" :key="i">
                <th scope="row">
                  {{ line.name }}<small v-if="line.how">, {{ line.how }}</small>
                </th>
                <td v-for="(amount, j) in line.amounts" :key="j">{{ amount }}</td>
              </tr>
            </tbody>
          </table>
        </div>
        <template v-if="recipe.unknown.length > 0">
          <h4>What is it here?</h4>
          <p v-for="unknown in recipe.unknown" :key="unknown.said" class="unknown" data-test="unknown">
            <q>{{ unknown.said }}</q>
            <Select
              :model-value="unknown.taken"
              :options="ingredients"
              option-value="value"
              option-label="label"
              filter
              placeholder="The bar has nothing like it"
              :aria-label="`What ${unknown.said} is here`"
              data-test="means"
              @update:model-value="(id: string) => $emit('decide', unknown.said, id)"
            />
          </p>
          <p class="soft">
            What the bar does not have yet is added under <RouterLink to="/bar">The bar</RouterLink>; then
            read the text again.
          </p>
        </template>
        <template v-if="recipe.assumed.length > 0">
          <h4>Not said in the text</h4>
          <ul data-test="assumed">
            <li v-for="one in recipe.assumed" :key="one">{{ one }}</li>
          </ul>
        </template>
        <template v-if="recipe.findings.length > 0">
          <h4>Found here</h4>
          <ul data-test="findings">
            <li v-for="one in recipe.findings" :key="one">{{ one }}</li>
          </ul>
        </template>
      </section>
    </div>
  </article>
</template>

<style scoped>
article {
  margin-top: 1.25rem;
  padding-top: 0.75rem;
  border-top: 2px solid var(--line-strong);
}

article.left {
  opacity: 0.75;
}

header {
  display: flex;
  flex-wrap: wrap;
  gap: 0.4rem 1rem;
  align-items: center;
  margin-bottom: 0.6rem;
}

header > * {
  margin: 0;
}

.presses,
.done {
  display: flex;
  gap: 0.4rem;
  align-items: center;
  margin-left: auto;
}

.sides {
  display: grid;
  grid-template-columns: minmax(0, 1fr) minmax(0, 1fr);
  gap: 1rem 1.5rem;
}

@media (max-width: 860px) {
  .sides {
    grid-template-columns: minmax(0, 1fr);
  }
}

.scroll {
  max-width: 100%;
  overflow-x: auto;
}

h4 {
  margin: 0.8rem 0 0.2rem;
}

ul {
  margin: 0;
  padding-left: 1.2rem;
}

.unknown {
  display: flex;
  flex-wrap: wrap;
  gap: 0.5rem;
  align-items: center;
  margin: 0.3rem 0;
}

.error {
  margin-top: 0;
}
</style>
