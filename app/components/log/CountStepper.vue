<script setup lang="ts">
import { Minus, Plus } from '@lucide/vue';

/** How many: by one more or less with the thumb, or typed. Blank: not counted. */
const model = defineModel<number | null>({ required: true });
const props = defineProps<{ label: string; error?: string; most?: number }>();
const id = useId();
function step(by: number) {
  const next = Math.max(0, (model.value ?? 0) + by);
  model.value = props.most === undefined ? next : Math.min(props.most, next);
}
function typed(event: Event) {
  const text = (event.target as HTMLInputElement).value;
  model.value = text === '' ? null : Number(text);
}
</script>

<template>
  <div>
    <label :for="id" class="text-sm font-semibold">{{ label }}</label>
    <div class="mt-1 flex items-stretch">
      <button
        type="button"
        class="press min-w-11 justify-center rounded-r-none phone:min-h-[48px]"
        :aria-label="`One less`"
        @click="step(-1)"
      >
        <Minus :size="18" aria-hidden="true" />
      </button>
      <input
        :id="id"
        class="field w-20! rounded-none! text-center text-lg"
        type="number"
        inputmode="numeric"
        min="0"
        :value="model ?? ''"
        :aria-invalid="error ? true : undefined"
        :aria-describedby="error ? `${id}-fault` : undefined"
        @input="typed"
      />
      <button
        type="button"
        class="press min-w-11 justify-center rounded-l-none phone:min-h-[48px]"
        :aria-label="`One more`"
        @click="step(1)"
      >
        <Plus :size="18" aria-hidden="true" />
      </button>
    </div>
    <p v-if="error" :id="`${id}-fault`" class="text-sm text-gap">{{ error }}</p>
  </div>
</template>
