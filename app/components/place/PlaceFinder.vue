<script setup lang="ts">
import type { FoundPlace } from '~/stores/gardens';

/** Where the garden is, by postal code or by a point on the map; the rest of the form follows from the answer. */
const props = defineProps<{ region: string; lat: number; lon: number; first?: boolean }>();
const emit = defineEmits<{ found: [place: FoundPlace] }>();
const gardens = useGardensStore();
const code = ref('');
const error = ref('');
const said = ref('');
const looking = ref(false);
const typed = useTemplateRef<HTMLInputElement>('typed');
// Typing may begin at once where that brings up no keyboard of glass.
onMounted(() => {
  if (props.first && matchMedia('(pointer: fine)').matches) typed.value?.focus();
});

async function find() {
  error.value = '';
  said.value = '';
  if (!code.value.trim()) {
    error.value = 'Give a five-digit ZIP or a Canadian code such as V8W.';
    return;
  }
  looking.value = true;
  try {
    const place = await gardens.placeByCode(code.value.trim());
    said.value = `${place.name}, ${place.jurisdiction}`;
    emit('found', place);
  } catch (fault) {
    if (!isApiFault(fault)) throw fault;
    error.value = fault.message;
  } finally {
    looking.value = false;
  }
}
</script>

<template>
  <div class="grid gap-3 md:grid-cols-[15rem_minmax(0,1fr)]">
    <div>
      <FieldRow
        v-slot="{ bind }"
        label="Postal code"
        :error="error"
        :hint="said || 'US ZIP, or the first half of a Canadian code.'"
      >
        <span class="flex gap-2">
          <input
            v-bind="bind"
            ref="typed"
            v-model="code"
            class="field"
            autocomplete="postal-code"
            @keydown.enter.prevent="find"
          />
          <button type="button" class="press" :disabled="looking" @click="find">{{ looking ? 'Finding …' : 'Find' }}</button>
        </span>
      </FieldRow>
      <p class="mt-2 text-sm text-quiet">
        It gives the region, the coordinates and the state, and frosts moved to that place. Elevation is the region’s until you
        overrule it.
      </p>
    </div>
    <RegionMap :region="region" :lat="lat" :lon="lon" @point="emit('found', $event)" />
  </div>
</template>
