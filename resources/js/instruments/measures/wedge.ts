import type { KeyboardEvent } from 'react';
import { home } from '../../generated/addresses/places';

/** Every field that takes a reading, in the order in which one measures. */
function fields(): HTMLInputElement[] {
    return [...document.querySelectorAll<HTMLInputElement>('input[data-measure]')];
}

/**
 * A calliper that types ends each reading with Enter. In a field for every string it goes on to the next string until all
 * have one; then, as in every other, to the next field. It never sends the form.
 */
export function onWedgeEnter(event: KeyboardEvent, strings: number, change: (path: string, typed: string) => void): void {
    const field = event.target;
    if (event.key !== 'Enter' || !(field instanceof HTMLInputElement) || field.dataset.measure === undefined) {
        return;
    }
    event.preventDefault();
    const readings = field.value
        .trim()
        .split(/[\s;]+/)
        .filter((part) => /^\d|^[.,]\d/.test(part)).length;
    if (field.dataset.each !== undefined && readings > 0 && readings < strings && !field.value.includes(home)) {
        change(field.dataset.measure, `${field.value.trim()} `);
        return;
    }
    const all = fields();
    const next = all[all.indexOf(field) + 1];
    next?.focus();
    next?.select();
}
