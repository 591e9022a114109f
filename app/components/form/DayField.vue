<script setup lang="ts">
import { MONTH_NAMES } from '~~/core/model/half-month';

/** A day of any year, chosen by its month and day; null: there is none. */
const model = defineModel<string | null>({ required: true });
defineProps<{ label: string; error?: string; hint?: string; none: string }>();
const DAYS = [31, 28, 31, 30, 31, 30, 31, 31, 30, 31, 30, 31];
const month = computed(() => (model.value ? Number(model.value.slice(0, 2)) : 0));
const day = computed(() => (model.value ? Number(model.value.slice(3)) : 0));
const id = useId();
function set(m: number, d: number) {
  const two = (n: number) => String(n).padStart(2, '0');
  model.value = m === 0 ? null : `${two(m)}-${two(Math.min(d || 15, DAYS[m - 1]!))}`;
}
const valueOf = (event: Event) => Number((event.target as HTMLSelectElement).value);
</script>

<template>
  <FieldRow v-slot="{ bind }" :label="label" :error="error" :hint="hint">
    <span class="flex gap-2">
      <select v-bind="bind" class="field" :value="month" @change="set(valueOf($event), day)">
        <option :value="0">{{ none }}</option>
        <option v-for="(name, i) in MONTH_NAMES" :key="name" :value="i + 1">{{ name }}</option>
      </select>
      <select
        v-if="month"
        :id="`${id}-day`"
        class="field w-20!"
        :aria-label="`${label}: day`"
        :value="day"
        @change="set(month, valueOf($event))"
      >
        <option v-for="d in DAYS[month - 1]" :key="d" :value="d">{{ d }}</option>
      </select>
    </span>
  </FieldRow>
</template>
