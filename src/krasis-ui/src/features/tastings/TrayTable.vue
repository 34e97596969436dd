<script setup lang="ts">
import type { TastingView } from '@/shared/api/types'
import { decimal, timer } from '@/shared/format'

/** What the pourer makes: how much of each sample, and when it is handed over so that all meet the tongue alike. */
defineProps<{ view: TastingView; withCodes?: boolean }>()
</script>

<template>
  <div class="scroll" tabindex="0" role="region" aria-label="What is made of each sample, and when">
    <table class="plain tray" data-test="tray">
      <caption class="visually-hidden">
        What is made of each sample, and when
      </caption>
      <thead>
        <tr>
          <th v-if="withCodes" scope="col">Codes</th>
          <th scope="col">Sample</th>
          <th scope="col">Make</th>
          <th scope="col">Hand over</th>
          <th scope="col">Tasted at</th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="each in view.tray" :key="each.sample">
          <td v-if="withCodes" class="codes">{{ view.codes[each.sample]?.join(' ') }}</td>
          <td>{{ view.samples[each.sample]?.name }}</td>
          <td>
            <strong v-if="each.drinks">{{ each.drinks }} ×</strong> {{ each.portions }} cups,
            {{ decimal(each.grams, 0) }} g
          </td>
          <td>
            {{
              each.before === null
                ? '–'
                : each.before < 0.02
                  ? 'at once'
                  : `${timer(each.before * 60)} min before`
            }}
          </td>
          <td>
            <template v-if="each.then"
              >{{ decimal(each.then.temperature, 0) }} °C<template v-if="each.then.melt >= 0.5"
                >, {{ decimal(each.then.melt, 0) }} g melted</template
              ></template
            >
            <span v-if="each.note" class="soft note">{{ each.note }}</span>
          </td>
        </tr>
      </tbody>
    </table>
  </div>
</template>

<style scoped>
.tray {
  margin-top: 0.5rem;
  font-size: 0.95rem;
}

.tray :is(th, td) {
  padding-right: 0.8rem;
}

.note {
  display: block;
}

.codes {
  font-weight: 650;
  font-size: 1.2rem;
  white-space: nowrap;
}
</style>
