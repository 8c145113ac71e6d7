import type { Evaluation, SetDocument, StringOfSet } from '../../generated/formats';
import { formatGauge, formatTension, type Units } from '../../units/units';
import { choicesOf, neighbour, pullFrom, type Choice } from './gauges';

/**
 * The first keys on the Bench: until its own scripts stand, the strings of the frame that came with the page take the arrows, and
 * what they chose is handed over. It needs nothing of the page's own scripts, so that it is there long before them.
 */

/** What the server wrote into the page, as far as it is needed here. */
interface Written {
    set: { document: SetDocument };
    evaluation: Evaluation;
    units: Units;
}

/** A gauge that was chosen for a string before the Bench stood. */
interface FirstChoice {
    position: number;
    choice: Choice;
}

const STRING = '[role="slider"]';

let chosen: FirstChoice[] = [];
let focused: number | null = null;

/** What was chosen before the Bench stood, in its order, and the string that had the focus; asked once. */
export function takeFirstKeys(): { chosen: FirstChoice[]; focused: number | null } {
    const taken = { chosen, focused };
    chosen = [];
    focused = null;
    return taken;
}

/** The next gauge of a string as it is by now; none where it may not change or nothing lies beyond. */
function next({ evaluation }: Written, string: StringOfSet, direction: -1 | 1): Choice | undefined {
    return string.hold === 'locked' ? undefined : neighbour(choicesOf(evaluation, string, 0), string, direction);
}

/** Lets the strings of a frame take keys. */
export function takeKeys(frame: HTMLElement, read: () => Written): void {
    let written: Written | null = null;
    const strings = new Map<number, StringOfSet>();
    const rows = [...frame.querySelectorAll<HTMLElement>('[data-lane]')];
    const positionOf = (row: Element | null) => Number(row?.getAttribute('data-lane'));

    const choose = (row: HTMLElement, direction: -1 | 1) => {
        const page = (written ??= read());
        const position = positionOf(row);
        const string = strings.get(position) ?? page.set.document.strings.find((each) => each.position === position);
        const at = page.evaluation.strings.find((each) => each.position === position)?.tunings[0];
        const choice = string === undefined ? undefined : next(page, string, direction);
        const mark = row.querySelector(STRING);
        const gauge = mark?.firstChild;
        const tension = row.querySelector('[data-first="tension"]');
        if (
            string === undefined ||
            at === undefined ||
            choice === undefined ||
            mark === null ||
            gauge == null ||
            tension === null
        ) {
            return;
        }
        const { gauge_mm: _mm, ...rest } = string;
        strings.set(position, { ...rest, gauge_in: choice.gauge_in });
        chosen.push({ position, choice });
        gauge.textContent = `${formatGauge(choice.gauge_in, page.units)} `;
        const { lowN, highN } = pullFrom(at, choice.tensionN);
        tension.textContent = formatTension(choice.tensionN, lowN, highN, page.units);
        // The sum is of the strings as they were.
        document.querySelector('[data-first="total"]')?.classList.add('text-ink-faint');
        mark.setAttribute('aria-valuenow', String(Math.round(choice.tensionN)));
        mark.setAttribute('aria-valuetext', `${mark.textContent}, ${tension.textContent}`);
    };

    for (const row of rows) {
        const mark = row.querySelector('[data-first="gauge"]');
        const tension = row.querySelector('[data-first="tension"]')?.textContent ?? '';
        mark?.setAttribute('role', 'slider');
        mark?.setAttribute('tabindex', '0');
        mark?.setAttribute('aria-label', `Gauge of string ${positionOf(row)}`);
        mark?.setAttribute('aria-valuenow', String(parseInt(tension, 10)));
        mark?.setAttribute('aria-valuetext', `${mark.textContent}, ${tension}`);
    }
    frame.addEventListener('focusin', ({ target }) => {
        focused = target instanceof Element ? positionOf(target.closest('[data-lane]')) : null;
    });
    frame.addEventListener('focusout', ({ relatedTarget }) => {
        // Where the frame is taken away, the focus goes nowhere, and is given back by whoever takes its place.
        focused = relatedTarget === null ? focused : null;
    });
    frame.addEventListener('keydown', (event) => {
        const row = event.target instanceof Element ? event.target.closest<HTMLElement>('[data-lane]') : null;
        if (row === null || event.ctrlKey || event.metaKey || event.altKey || event.shiftKey) {
            return;
        }
        const act: Record<string, () => void> = {
            ArrowLeft: () => choose(row, -1),
            ArrowRight: () => choose(row, 1),
            ArrowUp: () => rows[rows.indexOf(row) - 1]?.querySelector<HTMLElement>(STRING)?.focus(),
            ArrowDown: () => rows[rows.indexOf(row) + 1]?.querySelector<HTMLElement>(STRING)?.focus(),
        };
        const action = act[event.key];
        if (action !== undefined) {
            event.preventDefault();
            action();
        }
    });
}

const frame = document.querySelector<HTMLElement>('[data-frame="strings"]');
if (frame !== null) {
    takeKeys(frame, () => {
        const page = document.querySelector('script[data-page="app"]')?.textContent ?? '';
        return (JSON.parse(page) as { props: Written }).props;
    });
}
