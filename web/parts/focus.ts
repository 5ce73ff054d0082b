/** Where the focus goes: to the first field of what opens, back to what opened it, to a neighbour of what is removed. */
import { nextTick, type ObjectDirective } from 'vue';

const FIELD = ':is(input:not([type=hidden]), select, textarea):not(:disabled)';
const CHOICE = ':is(button:not(:disabled), a[href], [tabindex="0"])';
const ROW = 'li, tr, [data-row]';

/** On what a dialog shows: its first field is the one that is focused, or, where it has none, its first choice. */
export const vFirstField: ObjectDirective<HTMLElement> = {
  mounted(content) {
    const first = firstOf(content);
    if (first) first.setAttribute('autofocus', '');
    // What only tells something is closed: the focus must not stay behind on the page.
    else void nextTick(() => setTimeout(() => focusClose(content)));
    // A dialog focuses this once more when it has come in: whoever was faster keeps what he has begun to fill in.
    content.addEventListener('focusin', ({ target }) => {
      for (const other of content.querySelectorAll('[autofocus]')) other.removeAttribute('autofocus');
      (target as Element).setAttribute('autofocus', '');
    });
  },
  // What is reckoned first comes a moment later.
  updated(content) {
    if (content.querySelector('[autofocus]')) return;
    const first = firstOf(content);
    first?.setAttribute('autofocus', '');
    if (!content.contains(document.activeElement)) first?.focus();
  },
};
/** Where nothing inside can be focused, what closes the dialog. */
function focusClose(content: HTMLElement): void {
  const dialog = content.closest('[role=dialog]');
  if (dialog && !dialog.contains(document.activeElement) && !firstOf(content))
    dialog.querySelector<HTMLElement>(CHOICE)?.focus();
}
const firstOf = (content: HTMLElement): HTMLElement | null =>
  content.querySelector<HTMLElement>('[autofocus]') ??
  content.querySelector<HTMLElement>(FIELD) ??
  content.querySelector<HTMLElement>(CHOICE);

const firstIn = (element: Element | null): HTMLElement | null =>
  element?.querySelector<HTMLElement>(`${FIELD}, ${CHOICE}`) ?? null;

/** What could be focused in the rows beside that in which an element is, the next one first. */
export function neighboursOf(element: Element | null): HTMLElement[] {
  const row = element?.closest(ROW);
  return [row?.nextElementSibling ?? null, row?.previousElementSibling ?? null]
    .map(firstIn)
    .filter((found): found is HTMLElement => found !== null);
}

const isLost = (): boolean => !document.activeElement || document.activeElement === document.body;

/**
 * Remembers what has the focus now.
 * @returns gives it back to that, to its neighbour where it is gone, else to the work; called when what took it has gone
 */
export function rememberFocus(): () => void {
  const opener = document.activeElement instanceof HTMLElement ? document.activeElement : null;
  const near = neighboursOf(opener);
  return () =>
    void nextTick(() => {
      if (!isLost()) return;
      const target = [opener, ...near].find((element) => element?.isConnected && element !== document.body);
      (target ?? document.getElementById('work'))?.focus();
    });
}

/** Whenever something goes that had the focus, its neighbour gets it, else the work. @returns ends it */
export function keepFocus(): () => void {
  let near: HTMLElement[] = [];
  let last: Element | null = null;
  let inDialog = false;
  const onFocus = (event: FocusEvent) => {
    last = event.target as Element;
    near = neighboursOf(last);
    inDialog = last.closest('[role=dialog]') !== null;
  };
  const observer = new MutationObserver(() => {
    if (!last || last.isConnected || !isLost()) return;
    last = null;
    // A dialog that closes gives it back itself.
    const work = inDialog ? null : document.getElementById('work');
    (near.find((element) => element.isConnected) ?? work)?.focus();
  });
  document.addEventListener('focusin', onFocus);
  observer.observe(document.body, { childList: true, subtree: true });
  return () => {
    document.removeEventListener('focusin', onFocus);
    observer.disconnect();
  };
}
