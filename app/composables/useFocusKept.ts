import { useEventListener, useMutationObserver } from '@vueuse/core';

const PRESSABLE =
  'a[href], button:not(:disabled), input:not(:disabled, [type=hidden]), select:not(:disabled), textarea:not(:disabled), summary';
const pressables = (within: Element) =>
  [...within.querySelectorAll<HTMLElement>(PRESSABLE)].filter((el) => el.getClientRects().length > 0);

/** Gives the focus to an element, also to a heading, which is passed over by Tab. */
export function focusOn(element: HTMLElement | null | undefined) {
  if (!element) return;
  if (element.tabIndex < 0 && !element.hasAttribute('tabindex')) element.tabIndex = -1;
  element.focus();
}

/** An ancestor of what had the focus: where within it that was, and what came after and before it. */
interface Around {
  child: Element;
  element: Element;
  place: number;
  after: Element | null;
  before: Element | null;
}
interface Held {
  element: HTMLElement;
  around: Around[];
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
    const around: Around[] = [];
    for (let at: Element | null = element; at?.parentElement && at.tagName !== 'MAIN'; at = at.parentElement)
      around.push({
        child: at,
        element: at.parentElement,
        place: pressables(at.parentElement).indexOf(element),
        after: at.nextElementSibling,
        before: at.previousElementSibling,
      });
    const dialog = element.closest('[role=dialog]');
    const before = held && dialog && !dialog.contains(held.element) ? held : (held?.opener ?? null);
    return { element, around, opener: dialog ? before : null };
  }
  /** The nearest place that is still there. */
  function nearest({ element, around, opener }: Held): HTMLElement | null {
    if (element.isConnected && element.getClientRects().length > 0) return element;
    if (opener) return nearest(opener);
    for (const { child, element: parent, place, after, before } of around) {
      // A whole view went: the next begins at its heading.
      if (parent.tagName === 'MAIN' || (!child.isConnected && child.querySelector('h1'))) break;
      // A row that went: the one after it, at the same place within it; else the one before.
      const rowPlace = around[around.findIndex((row) => row.element === parent) - 1]?.place ?? 0;
      for (const sibling of [after, before])
        if (sibling?.isConnected) {
          const inside = pressables(sibling);
          const found = inside[rowPlace] ?? inside[0];
          if (found) return found;
        }
      if (!parent.isConnected) continue;
      const inside = pressables(parent);
      const found = inside[Math.min(place, inside.length - 1)];
      if (found) return found;
    }
    return document.querySelector<HTMLElement>('main h1, main h2');
  }
  function look() {
    if (!held || byTouch || document.activeElement !== document.body) return;
    const { element } = held;
    // Switched off while something is saved: it is given back when it can be pressed again.
    if (element.isConnected && element.matches(':disabled')) return;
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
