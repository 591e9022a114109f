import type { GardenState } from '~~/core/model/garden';

/**
 * Lets the device hold a garden as it is after a change, so that it is not opened as it was before it where the network is
 * gone (app/service-worker answers from there). Nothing where the device holds nothing.
 */
export function rememberGarden(state: GardenState) {
  if (!canWorkOffline() || !navigator.serviceWorker.controller) return;
  requestIdleCallback(() => {
    const answer = new Response(JSON.stringify(state), { headers: { 'content-type': 'application/json' } });
    caches
      .open('gardens')
      .then((held) => held.put(new URL(`/api/gardens/${state.garden.id}`, location.href).href, answer))
      .catch((error: unknown) => console.warn('The garden is not held on this device:', error));
  });
}
