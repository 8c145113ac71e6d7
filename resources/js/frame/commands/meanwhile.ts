/** What was typed since the palette was asked for, as long as it is on its way; null where nothing is kept. */
let kept: string | null = null;

/** A turn of the line, as Enter is kept. */
const ENTER = '\n';

function keep(event: KeyboardEvent): void {
    const inDialog = event.target instanceof Element && event.target.closest('[role="dialog"]') !== null;
    if (kept === null || inDialog || event.ctrlKey || event.metaKey || event.altKey) {
        return;
    }
    if (event.key.length === 1) {
        kept += event.key;
    } else if (event.key === 'Enter') {
        kept += ENTER;
    } else if (event.key === 'Backspace') {
        kept = kept.slice(0, -1);
    } else {
        return;
    }
    event.preventDefault();
    event.stopImmediatePropagation();
}

/** Keeps what is typed from now on, until the palette is there to take it. */
export function keepTyped(): void {
    kept = '';
    window.addEventListener('keydown', keep, true);
}

/** What was typed meanwhile, and whether Enter came after it. */
export function typedMeanwhile(): { text: string; entered: boolean } {
    const [text = '', ...rest] = (kept ?? '').split(ENTER);
    return { text, entered: rest.length > 0 };
}

/** Lets the keys go where they belong again. */
export function stopKeeping(): void {
    kept = null;
    window.removeEventListener('keydown', keep, true);
}
