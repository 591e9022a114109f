import { useEventListener } from '@vueuse/core';

/** The keys that work in every view of a garden; none while something is being typed or a dialog is open. */
export function useKeys(actions: { find: () => void; help: () => void }) {
  const records = useRecordsStore();
  const view = useViewStore();
  const stations = useStations();

  useEventListener(window, 'keydown', (event: KeyboardEvent) => {
    const target = event.target as HTMLElement;
    const range = target instanceof HTMLInputElement && target.type === 'range';
    const typing =
      !range && (target.matches('input, select, textarea, [contenteditable]') || document.querySelector('[role=dialog]'));
    if (event.key === 'Escape' && view.subject && !document.querySelector('[role=dialog]')) {
      view.closeReasons();
      return;
    }
    if (typing) return;
    if ((event.ctrlKey || event.metaKey) && event.key.toLowerCase() === 'z') {
      event.preventDefault();
      void records.step(event.shiftKey ? 'redo' : 'undo');
      return;
    }
    if (event.ctrlKey || event.metaKey || event.altKey) return;
    const station = stations.value.find((row) => row.key === event.key);
    if (station) void navigateTo(station.path);
    else if (event.key === '[') view.moveTo(view.halfMonth - 1);
    else if (event.key === ']') view.moveTo(view.halfMonth + 1);
    else if (event.key === 'n') view.writeDown();
    else if (event.key === '/') actions.find();
    else if (event.key === '?') actions.help();
    else return;
    event.preventDefault();
  });
}
