<script setup lang="ts" generic="V extends string | number">
/** One of a few, each a picture and some words to press. The slot draws the picture. */
const model = defineModel<V>({ required: true });
defineProps<{
  label: string;
  hint?: string;
  choices: readonly { value: V; words: string; more?: string }[];
}>();
defineSlots<{ picture?: (given: { value: V }) => unknown }>();
const name = useId();
</script>

<template>
  <fieldset>
    <legend class="text-sm font-semibold">
      {{ label }}
    </legend>
    <div class="mt-1 flex flex-wrap gap-1.5">
      <label
        v-for="choice in choices"
        :key="choice.value"
        class="flex cursor-pointer items-center gap-2 border px-2 py-1 leading-tight has-focus-visible:outline-2 has-focus-visible:outline-offset-2 has-focus-visible:outline-press"
        :class="model === choice.value ? 'border-press bg-raised font-semibold' : 'border-line'"
      >
        <input v-model="model" class="size-4" type="radio" :name="name" :value="choice.value" />
        <slot name="picture" :value="choice.value" />
        <span
          >{{ choice.words }}<span v-if="choice.more" class="block text-sm font-normal text-quiet">{{ choice.more }}</span></span
        >
      </label>
    </div>
    <p v-if="hint" class="mt-0.5 text-sm text-quiet">{{ hint }}</p>
  </fieldset>
</template>
