import { wrap, type Remote } from 'comlink';
import { createSharedComposable } from '@vueuse/core';
import type { GardenHere } from '~~/core/garden/here';
import type { Advisor } from '~/workers/advisor';
import type { Steps } from '~~/core/model/steps';
import { adviceOn, type Advice, type Found } from '~/workers/advice';

/**
 * Advice on the open garden. Of most gardens it is found in slices; of a large one in a worker that stays, while the page
 * goes on. Who asks is given the answer for the garden as it was then: one that comes too late is the asker's to drop.
 */
export const useAdvice = createSharedComposable(() => {
  const garden = useGardenStore();
  const libraryStore = useLibraryStore();
  const notices = useNoticesStore();
  let remote: Remote<Advisor> | null = null;
  /** What the worker knows: the shipped library and the garden it was sent last. */
  let learnt: unknown = null;
  let known: GardenHere | null = null;

  function worker(): Remote<Advisor> {
    if (!remote) {
      const own = new Worker(new URL('../workers/advisor.ts', import.meta.url), { type: 'module' });
      own.onerror = (event) => {
        notices.say(`What would serve it was not found: ${event.message || 'the worker could not go on'}.`, 'fault');
        own.terminate();
        remote = null;
        learnt = known = null;
      };
      remote = wrap<Advisor>(own);
    }
    return remote;
  }
  /** Asks what is to be known of the garden as it is now. */
  return async function ask<Name extends keyof Advice>(name: Name, ...asked: Parameters<Advice[Name]>): Promise<Found<Name>> {
    const here = garden.here!;
    if (!isLargeGarden(here))
      return (await inSlices((adviceOn(here)[name] as (...args: unknown[]) => Steps<Found<Name>>)(...asked)))!;
    const advisor = worker();
    const library = toRaw(libraryStore.library!);
    if (learnt !== library) {
      learnt = library;
      known = null;
      void advisor.learn(library);
    }
    if (known !== here) {
      known = here;
      // Plain copies: a worker is sent no reactive object.
      void advisor.know(JSON.parse(JSON.stringify(here.records)), here.year, garden.plantsIn);
    }
    const plain = JSON.parse(JSON.stringify(asked)) as Parameters<Advice[Name]>;
    return (await (advisor[name] as unknown as (...args: unknown[]) => Promise<unknown>)(...plain)) as Found<Name>;
  };
});
