<script setup lang="ts">
import { computed } from 'vue'
import type { BuildSheet, Finding } from '@/shared/api/types'
import { tasteOf } from '@/shared/band'
import { frameFor } from '@/shared/cup/frame'
import CellLegend from '@/features/mixing/cells/CellLegend.vue'
import SizeCup from '@/features/mixing/sizes/SizeCup.vue'
import SizeLabel from '@/features/mixing/sizes/SizeLabel.vue'
import TasteCell from '@/features/mixing/sizes/TasteCell.vue'
import type { useCells } from '@/features/mixing/cells/useCells'
import type { Column } from '@/features/mixing/sizes/useShownSize'

/** The cups on the shelf, and what stays in view below them: which they are, whether they fit, and whether they taste the same. */
const props = defineProps<{
  sheet: BuildSheet
  /** The moment at which the cups are drawn. */
  at: number
  isEmpty: boolean
  columns: Map<string, Column>
  /** What the checks have found and asks for something. */
  found: Finding[]
  cells: ReturnType<typeof useCells>
}>()
defineEmits<{ focus: [size: string] }>()

const tastes = ['strength', 'sweetness', 'colour'] as const
const sizes = computed(() => props.sheet.sizes)
const frame = computed(() => frameFor(sizes.value, true))
const tasted = computed(() => sizes.value.map((size) => ({ size, taste: tasteOf(props.sheet, size) })))
const unknown = computed(() => sizes.value[0]?.taste.poured.unknown ?? [])
</script>

<template>
  <thead>
    <tr class="shelf">
      <td class="corner"><CellLegend v-if="!isEmpty" /></td>
      <td
        v-for="size in sizes"
        :key="size.size"
        :data-size="size.name"
        :data-size-id="size.size"
        :class="columns.get(size.size)"
      >
        <SizeCup
          :size="size"
          :frame="frame"
          :at="at"
          @focus="$emit('focus', size.size)"
          @begin="cells.beginFill"
          @fill="(line, mm) => cells.fillTo(line, size.size, mm)"
          @step="(line, amount) => cells.stepTo(line, size.size, amount)"
        />
      </td>
    </tr>
    <tr class="labels">
      <td class="unknown">
        <span v-if="!isEmpty && unknown.length > 0" class="soft" data-test="unknown">
          Not known: {{ unknown.join(', ') }}. Enter it under The bar.
        </span>
      </td>
      <th
        v-for="size in sizes"
        :key="size.size"
        scope="col"
        :data-size="size.name"
        :class="columns.get(size.size)"
      >
        <SizeLabel
          :size="size"
          :at="at"
          :is-focused="columns.get(size.size)?.focused ?? false"
          :findings="found.filter((finding) => finding.size === size.size)"
          @focus="$emit('focus', size.size)"
        />
      </th>
    </tr>
    <template v-if="!isEmpty">
      <tr v-for="key in tastes" :key="key" :data-band="tasted[0]?.taste[key].name" class="band">
        <th scope="row">
          <strong>{{ tasted[0]?.taste[key].name }}</strong>
          {{ ' ' }}<span class="soft">{{ tasted[0]?.taste[key].hint }}</span>
        </th>
        <td v-for="{ size, taste } in tasted" :key="size.size" :class="columns.get(size.size)">
          <TasteCell :taste="taste[key]" :size-name="size.name" :is-reference="size.isReference" />
        </td>
      </tr>
    </template>
  </thead>
</template>
