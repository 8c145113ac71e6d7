import type { Command } from './commands';

/** What opens something of its own beside it, chooses a value, or only explains a word is no command. */
const PRESSED =
    'button:not(:disabled):not([aria-haspopup]):not([role]), a[href]:not([role]), [role="tab"][aria-selected="false"], [role="tab"][data-state="inactive"]';
/** What is there once for each thing that is listed. */
const LISTED = 'table, ul, ol, [data-lane], aside';
const MOST = 200;

/** What somebody hears it called. */
function nameOf(element: HTMLElement): string {
    const words = element.getAttribute('aria-label') ?? element.innerText;
    return words.replace(/\s+/g, ' ').trim();
}

/**
 * Everything that can be pressed on the page just now, so that whatever a page can do is found by its name. What belongs to one thing
 * of many comes up only when it is sought.
 *
 * @param known names that are commands already
 */
export function pressable(known: ReadonlySet<string>): Command[] {
    const names = new Set(known);
    const found: Command[] = [];
    for (const element of document.querySelectorAll<HTMLElement>(PRESSED)) {
        const name = nameOf(element);
        const there = element.closest('#main') !== null && element.getClientRects().length > 0;
        if (there && /\p{L}{2}/u.test(name) && !names.has(name) && found.length < MOST) {
            names.add(name);
            found.push({
                group: 'On this page',
                name,
                sought: element.closest(LISTED) !== null,
                run: () => {
                    element.focus();
                    element.click();
                },
            });
        }
    }
    return found;
}
