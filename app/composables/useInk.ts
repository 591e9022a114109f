import { useMutationObserver } from '@vueuse/core';
import type { Ink } from '~/components/place/yard/yard-marks';

const NAMES: Ink[] = [
  'ground',
  'raised',
  'bank',
  'line',
  'ink',
  'quiet',
  'press',
  'host',
  'nectar',
  'shelter',
  'special',
  'gap',
  'thin',
];

function read(): Record<Ink, string> {
  const style = getComputedStyle(document.documentElement);
  return Object.fromEntries(NAMES.map((name) => [name, style.getPropertyValue(`--${name}`).trim()])) as Record<Ink, string>;
}

/** The theme's colours as values, for drawings that cannot read them from the style sheet; follows day and dusk. */
export function useInk() {
  const ink = shallowRef(read());
  useMutationObserver(document.documentElement, () => (ink.value = read()), {
    attributes: true,
    attributeFilter: ['data-theme'],
  });
  return ink;
}
