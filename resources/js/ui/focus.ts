/** What can have the focus: a string's mark is drawn. */
type Focused = HTMLElement | SVGElement;

/** Where the focus was, the last place last; some of it may be gone by now. */
const been: Focused[] = [];

const MOST = 12;
/** What can take it without something being typed there by chance. */
const FOCUSABLE = 'a[href], button:not(:disabled), input[type="checkbox"]:not(:disabled), [tabindex="0"]';
/** What stands over the page only while it has the focus. */
const SKIPS = 'a[href="#main"]';
const OVER = 'dialog, [role="dialog"], [role="alertdialog"], [role="menu"], [role="listbox"]';

function isThere(element: Focused): boolean {
    return element.isConnected && element.closest(OVER) === null && element.getClientRects().length > 0;
}

/** Gives the focus back to where it was last on the page itself; to the page's work where all of that is gone. */
export function giveFocusBack(): void {
    const last = been.filter((element) => isThere(element) && !element.matches(SKIPS)).at(-1) ?? document.getElementById('main');
    last?.focus({ preventScroll: true });
}

function firstWithin(node: Node | null): HTMLElement | null {
    if (!(node instanceof HTMLElement)) {
        return null;
    }
    return node.matches(FOCUSABLE) ? node : node.querySelector<HTMLElement>(FOCUSABLE);
}

/**
 * Keeps the focus on the page: where what has it is taken away, as a row that is removed, it goes to what stands next to it, else to
 * where it was before.
 */
export function keepFocus(): void {
    document.addEventListener('focusin', ({ target }) => {
        if (target instanceof HTMLElement || target instanceof SVGElement) {
            been.push(target);
            been.splice(0, been.length - MOST);
        }
    });
    new MutationObserver((changes) => {
        const last = been.at(-1);
        if (last === undefined || last.isConnected || document.activeElement !== document.body || last.closest(OVER) !== null) {
            return;
        }
        const main = document.getElementById('main');
        if (changes.some(({ target }) => target === main)) {
            // Another page is begun from its beginning.
            main?.focus({ preventScroll: true });
            return;
        }
        for (const { removedNodes, nextSibling, previousSibling, target } of changes) {
            if ([...removedNodes].some((node) => node.contains(last))) {
                const near = firstWithin(nextSibling) ?? firstWithin(previousSibling) ?? firstWithin(target);
                if (near !== null && isThere(near) && main?.contains(near) === true) {
                    near.focus({ preventScroll: true });
                    return;
                }
            }
        }
        giveFocusBack();
    }).observe(document.body, { childList: true, subtree: true });
}
