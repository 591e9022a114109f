<script setup lang="ts">
import type { Diagnosis, RankedCause } from '~~/core/why/diagnosis';
import { SETTINGS } from '~~/core/settings';
import { likelihoodWords, reasonWords, weightOf } from '~~/core/words/why';
import { inUnitsOf } from '~~/core/words/units';

/** What it may be, the likeliest first, each with what speaks for it and against it. */
const props = defineProps<{ found: Diagnosis; picked: string }>();
const emit = defineEmits<{ pick: [string] }>();
const work = useWorkStore();
const view = useViewStore();
/** Those that are worth reading at first; the others are one press away. */
const all = ref(false);
const FIRST = 4;
const shown = computed(() => (all.value ? props.found.causes : props.found.causes.slice(0, FIRST)));
const isOpen = (one: RankedCause, i: number) =>
  one.cause.cause === props.picked || i === 0 || one.share >= SETTINGS.why.likely_share;
</script>

<template>
  <section aria-labelledby="may-be">
    <h2 id="may-be" class="border-b border-line">What it may be</h2>
    <ol class="divide-y divide-line">
      <li v-for="(one, i) in shown" :key="one.cause.cause" class="py-2">
        <button
          class="grid w-full grid-cols-[minmax(0,1fr)_auto] items-baseline gap-x-3 text-left phone:min-h-[44px]"
          :aria-expanded="isOpen(one, i)"
          @click="emit('pick', one.cause.cause)"
        >
          <span class="font-serif text-lg leading-snug">{{ one.cause.name }}</span>
          <span class="text-sm" :class="i === 0 ? 'font-semibold' : 'text-quiet'">{{ likelihoodWords(one.share) }}</span>
          <span aria-hidden="true" class="col-span-2 mt-1 block h-1.5 bg-bank">
            <span
              class="block h-full"
              :class="one.cause.well ? 'bg-host' : 'bg-press'"
              :style="{ width: `${Math.max(1, 100 * one.share)}%` }"
            />
          </span>
        </button>
        <p v-if="one.cause.well" class="mt-1 text-sm text-host">That is how it should be.</p>
        <ul v-if="isOpen(one, i)" class="mt-1 text-sm">
          <li v-for="(reason, r) in one.reasons" :key="r" class="grid grid-cols-[7.5rem_minmax(0,1fr)] gap-x-2">
            <span :class="reason.bits > 0 ? 'text-press' : 'text-thin'">{{ weightOf(reason.bits) }}</span>
            <span>{{ inUnitsOf(reasonWords(reason, work.names, view.inUnits), view.inUnits) }}</span>
          </li>
          <li v-if="one.reasons.length === 0" class="text-quiet">
            Nothing here speaks for it or against it: only that it is common.
          </li>
        </ul>
      </li>
    </ol>
    <p class="mt-1 text-sm text-quiet">
      <button
        v-if="found.causes.length > FIRST"
        class="link no-print mr-3 min-h-[26px] phone:min-h-[44px]"
        :aria-expanded="all"
        @click="all = !all"
      >
        {{ all ? 'Fewer' : `All ${found.causes.length}` }}
      </button>
      Something that nobody thought of: {{ likelihoodWords(found.other) }}.
    </p>
  </section>
</template>
