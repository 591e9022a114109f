<script setup lang="ts">
import type { Difference } from '~~/core/coverage/difference';
import { needName } from '~~/core/words/needs';
import { halfMonthsInWords } from '~~/core/model/half-month';

/** What a change opens, in words: life cycles first, then the needs behind them. */
const props = defineProps<{ difference: Difference }>();
const garden = useGardenStore();
const here = (target: string) => garden.almanac!.targets.get(target)!;
const byTarget = computed(() => {
  const targets = [...new Set(props.difference.worse.map((row) => row.target))];
  return targets.map((target) => ({
    target,
    opened: props.difference.opened.includes(target),
    needs: props.difference.worse.filter((row) => row.target === target),
  }));
});
</script>

<template>
  <p v-if="byTarget.length === 0">Nothing opens: what is met stays met.</p>
  <ul v-else>
    <li v-for="row in byTarget" :key="row.target" class="mt-1 flex gap-2">
      <CreatureGlyph class="shrink-0" :target="here(row.target).target" :size="26" />
      <span>
        <strong :class="row.opened ? 'text-gap' : ''">{{ here(row.target).target.common }}</strong>
        {{ row.opened ? 'no longer closes' : 'is served worse' }}:
        {{
          row.needs
            .map(
              (need) =>
                `${needName(need.need, here(row.target))} ${need.after}${need.gaps.length ? `, ${halfMonthsInWords(need.gaps)}` : ''}`,
            )
            .join('; ')
        }}
      </span>
    </li>
  </ul>
</template>
