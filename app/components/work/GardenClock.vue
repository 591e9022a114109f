<script setup lang="ts">
import { isoOf } from '~~/core/model/days';
import { dateName } from '~~/core/model/half-month';

/** The day the garden’s work is looked at: the day it is, or another, set for looking ahead and run day by day. */
const garden = useGardenStore();
const work = useWorkStore();
const commands = useCommands();
const set = computed(() => garden.garden!.clock);
function choose(event: Event) {
  const { value } = event.target as HTMLInputElement;
  if (/^\d{4}-\d\d-\d\d$/.test(value)) void commands.setClock(value);
}
const step = (days: number) => commands.setClock(isoOf(work.today + days));
const id = useId();
</script>

<template>
  <div class="flex flex-wrap items-center gap-x-3 gap-y-1 text-sm">
    <label :for="id">The garden’s clock</label>
    <input :id="id" type="date" class="field w-auto!" :value="work.onDay" @change="choose" />
    <button class="press" @click="step(-1)">A day back</button>
    <button class="press" @click="step(1)">A day on</button>
    <button class="press" @click="step(7)">A week on</button>
    <button v-if="set" class="press" @click="commands.setClock(null)">The day it is</button>
    <span class="text-quiet">{{ set ? `stands at ${dateName(set)}` : 'shows the day it is' }}</span>
  </div>
</template>
