import { useEventListener, useMutationObserver } from '@vueuse/core';

const PRESSABLE =
  'a[href], button:not(:disabled), input:not(:disabled, [type=hidden]), select:not(:disabled), textarea:not(:disabled), summary';
const pressables = (within: Element) => [...within.querySelectorAll<HTMLElement>(PRESSABLE)];
const isSeen = (element: Element) => element.isConnected && element.getClientRects().length > 0;

/** Gives the focus to an element, also to a heading, which is passed over by Tab. */
export function focusOn(element: HTMLElement | null | undefined) {
  if (!element) return;
  if (element.tabIndex < 0 && !element.hasAttribute('tabindex')) element.tabIndex = -1;
  element.focus();
}

/** What had the focus, and where that was: it is noted at each step of the keyboard, so it is noted cheaply. */
interface Held {
  element: HTMLElement;
  parents: { child: Element; parent: Element; after: Element | null; before: Element | null }[];
  /** The row it stood in, and its place among what can be pressed there. */
  row: Element | null;
  place: number;
  /** What held the focus before the dialog it is in came up. */
  opener: Held | null;
}

/**
 * Keeps the keyboard where the work is. What had the focus may go with its row, its dialog or its view, or be switched
 * off while something is saved; the focus then goes back to it, to the next row, to what opened the dialog, or to the
 * heading of the view, so that nobody has to begin at the top of the page. For the whole application, once.
 */
export function useFocusKept() {
  let held: Held | null = null;
  /** A finger has no focus to lose, and a field that is given it would bring up the keys. */
  let byTouch = false;

  function hold(element: HTMLElement): Held {
    const parents: Held['parents'] = [];
    for (let child: Element = element; child.parentElement && child.tagName !== 'MAIN'; child = child.parentElement)
      parents.push({ child, parent: child.parentElement, after: child.nextElementSibling, before: child.previousElementSibling });
    const row = element.closest('tr, li');
    const dialog = element.closest('[role=dialog]');
    const before = held && dialog && !dialog.contains(held.element) ? held : (held?.opener ?? null);
    return { element, parents, row, place: row ? pressables(row).indexOf(element) : 0, opener: dialog ? before : null };
  }
  /** The nearest place that is still there. */
  function nearest({ element, parents, row, place, opener }: Held): HTMLElement | null {
    if (isSeen(element)) return element;
    if (opener) return nearest(opener);
    if (row && isSeen(row)) return pressables(row).filter(isSeen)[place] ?? pressables(row).find(isSeen) ?? null;
    for (const { child, parent, after, before } of parents) {
      // A whole view went: the next begins at its heading.
      if (parent.tagName === 'MAIN' || (!child.isConnected && child.querySelector('h1'))) break;
      for (const beside of [after, before]) {
        const inside = beside?.isConnected ? pressables(beside).filter(isSeen) : [];
        if (inside.length > 0) return inside[child === row ? place : 0] ?? inside[0]!;
      }
      const within = parent.isConnected ? pressables(parent).find(isSeen) : undefined;
      if (within) return within;
    }
    return document.querySelector<HTMLElement>('main h1, main h2');
  }
  function look() {
    if (!held || byTouch || document.activeElement !== document.body) return;
    // Switched off while something is saved: it is given back when it can be pressed again.
    if (held.element.isConnected && held.element.matches(':disabled')) return;
    focusOn(nearest(held));
  }

  useEventListener(document, 'focusin', ({ target }) => {
    if (target instanceof HTMLElement && target !== document.body) held = hold(target);
  });
  useEventListener(document, 'pointerdown', (event) => {
    byTouch = event.pointerType === 'touch';
    // Who presses beside everything wants to be nowhere.
    if (!(event.target as Element).closest(`${PRESSABLE}, [tabindex]`)) held = null;
  });
  useEventListener(document, 'keydown', () => (byTouch = false), { capture: true });
  onMounted(() =>
    useMutationObserver(document.body, look, { childList: true, subtree: true, attributes: true, attributeFilter: ['disabled'] }),
  );
}

/** A part of the view that comes up to be filled in: it takes the focus from what opened it and gives it back. */
export function useFocusLent(part: Readonly<Ref<HTMLElement | null>>) {
  let opener: HTMLElement | null = null;
  let within = false;
  onMounted(() => {
    if (!(document.activeElement instanceof HTMLButtonElement)) return;
    opener = document.activeElement;
    focusOn(part.value && pressables(part.value)[0]);
  });
  // Its button is switched off while it is saved, and the focus with it: where it was last counts.
  useEventListener(document, 'focusin', ({ target }) => (within = part.value?.contains(target as Node) ?? false));
  onUnmounted(() => within && focusOn(opener));
}
