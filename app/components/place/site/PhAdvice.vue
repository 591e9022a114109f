<script setup lang="ts">
import { phPlan } from '~~/core/place/soil/amend';
import { INSTEAD } from '~~/core/words/soil';
import type { MeasuredSite } from '~~/core/place/survey/measured';

/** Sulfur or lime for a pH wanted, in safe yearly doses, or the advice to choose another plant. */
const props = defineProps<{ site: MeasuredSite }>();
const view = useViewStore();
const wanted = ref<number | null>(null);
const plan = computed(() =>
  wanted.value !== null && wanted.value >= 4 && wanted.value <= 8.5
    ? phPlan(props.site.ph, wanted.value, props.site.texture, props.site.area_m2)
    : null,
);
const perArea = (g_m2: number) =>
  view.units === 'us' ? `${((g_m2 / 1000) * 2.20462 * 9.2903).toFixed(1)} lb to 100 sq ft` : `${g_m2} g/m²`;
</script>

<template>
  <div>
    <div class="flex flex-wrap items-end gap-4">
      <NumberField
        v-model="wanted"
        class="w-40"
        label="pH wanted"
        :step="0.1"
        :error="wanted !== null && !plan ? 'Give a pH from 4 to 8.5.' : ''"
        :hint="`It is ${site.ph} now, in ${site.texture}.`"
      />
    </div>
    <div v-if="plan" class="mt-2" role="status">
      <p v-if="!plan.material">That is within what a probe can show: leave it as it is.</p>
      <template v-else>
        <p v-if="plan.instead" class="border-l-4 border-thin pl-2">{{ INSTEAD[plan.instead] }}</p>
        <p class="mt-1">
          <strong
            >{{ view.weight(plan.total_kg) }} of {{ plan.material === 'sulfur' ? 'ground sulfur' : 'ground garden lime' }}</strong
          >
          altogether ({{ perArea(plan.total_g_m2) }}){{ plan.years.length > 1 ? `, over ${plan.years.length} years` : '' }}:
          {{ plan.years.map((kg, i) => `${plan!.years.length > 1 ? `year ${i + 1}: ` : ''}${view.weight(kg)}`).join(', ') }}.
        </p>
        <p class="text-sm text-quiet">
          Rake it in {{ plan.material === 'sulfur' ? 'in spring, when the soil warms' : 'in autumn' }}, and measure again before
          the next dose. The dust hurts eyes and lungs: wear a mask and goggles, choose a still day, keep children and pets away,
          and follow the label.
        </p>
        <p v-if="plan.material === 'sulfur'" class="text-sm text-quiet">
          Another school digs in acid leaf mould or composted bark, peat-free: gentle, and to be given again every other year.
        </p>
      </template>
    </div>
  </div>
</template>
