<script setup lang="ts">
import { tellings } from '~~/core/log/marks';

/** The one mark that tells a creature from another that it is easily taken for. */
const props = defineProps<{ target: string }>();
const emit = defineEmits<{ other: [target: string] }>();
const garden = useGardenStore();
const rows = computed(() =>
  garden.almanac && garden.library ? tellings(props.target, garden.library.lookalikes, garden.almanac) : [],
);
const said = ref<string[]>([]);
watch(
  () => props.target,
  () => (said.value = []),
);
const asked = computed(() => rows.value.find((row) => !said.value.includes(row.other)));
</script>

<template>
  <fieldset v-if="asked" class="border-l-4 border-thin pl-3">
    <legend class="float-left w-full text-sm">
      Easily taken for <span class="creature">{{ garden.creatureName(asked.other) }}</span>. <strong>{{ asked.look }}:</strong>
    </legend>
    <div class="clear-both mt-1 flex flex-wrap gap-1.5 pt-1">
      <button type="button" class="chip" @click="said = [...said, asked.other]">{{ asked.mine }}</button>
      <button type="button" class="chip" @click="emit('other', asked.other)">{{ asked.theirs }}</button>
      <button type="button" class="link min-h-[26px] text-sm phone:min-h-[44px]" @click="said = rows.map((row) => row.other)">
        did not see
      </button>
    </div>
  </fieldset>
</template>
