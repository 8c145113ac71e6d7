import type { KeyboardEvent } from 'react';

const FOCUSABLE = 'a[href], button:not(:disabled), input:not(:disabled)';
const STEPS: Record<string, [row: number, column: number]> = {
    ArrowDown: [1, 0],
    ArrowUp: [-1, 0],
    ArrowRight: [0, 1],
    ArrowLeft: [0, -1],
};

/**
 * Leads along the rows of a list by the arrow keys: from what has the focus to the next of its row, or to the same of the row above or
 * below. The rows carry `data-row`; one thing in each is reached by Tab, the others have a `tabIndex` of -1.
 */
export function alongRows(event: KeyboardEvent<HTMLElement>): void {
    const step = STEPS[event.key];
    const at = event.target as HTMLElement;
    const row = at.closest<HTMLElement>('[data-row]');
    if (step === undefined || row === null || event.defaultPrevented || event.ctrlKey || event.altKey || event.metaKey) {
        return;
    }
    const inRow = (of: HTMLElement) =>
        [...of.querySelectorAll<HTMLElement>(FOCUSABLE)].filter((each) => each.getClientRects().length > 0);
    const rows = [...event.currentTarget.querySelectorAll<HTMLElement>('[data-row]')];
    const next = rows[rows.indexOf(row) + step[0]];
    const to = next === undefined ? undefined : inRow(next)[inRow(row).indexOf(at) + step[1]];
    if (to !== undefined) {
        event.preventDefault();
        to.focus();
    }
}
