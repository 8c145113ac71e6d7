// @vitest-environment happy-dom
import { beforeEach, expect, test } from 'vitest';
import { takeFirstKeys, takeKeys } from '../../resources/js/bench/lanes/firstKeys';

type Written = ReturnType<Parameters<typeof takeKeys>[1]>;

const plain = (gauge_in: number) => ({ construction: 'plain', material: 'music-wire', gauge_in });

/** Two plain strings, of which the second is locked; gauges of 10, 11 and 12, and a wound one that is heavier still. */
function written(second: object = { hold: 'locked' }): Written {
    const tensions = [[70], [80], [95], [120]];
    const string = (position: number) => ({
        position,
        pool_tensions_n: tensions,
        tunings: [{ tension_n: 80, tension_low_n: 79, tension_high_n: 81 }],
    });
    return {
        set: {
            document: {
                strings: [
                    { position: 1, ...plain(0.011) },
                    { position: 2, ...plain(0.011), ...second },
                ],
            },
        },
        evaluation: {
            pool: [
                plain(0.012),
                plain(0.01),
                plain(0.011),
                { construction: 'round-wound', material: 'bronze', gauge_in: 0.013 },
            ].map((gauge, at) => ({ ...gauge, at })),
            strings: [string(1), string(2)].map((each) => ({ ...each, pool_tensions_n: [[95], [70], [80], [120]] })),
        },
        units: { length: 'mm', gauge: 'thou', tension: 'N' },
    } as unknown as Written;
}

/** The frame as the server writes it. */
function framed(page: Written = written()): HTMLElement {
    document.body.innerHTML = '<table data-frame="strings"></table>';
    const frame = document.querySelector('table');
    if (frame === null) {
        throw new Error('There is no frame');
    }
    frame.innerHTML = [1, 2]
        .map(
            (position) =>
                `<tr data-lane="${position}"><td><span data-first="gauge">11 <span>plain</span></span></td><td data-first="tension">80 N</td></tr>`,
        )
        .join('');
    takeKeys(frame, () => page);
    return frame;
}

function mark(position: number): HTMLElement {
    const found = document.querySelector<HTMLElement>(`[data-lane="${position}"] [role="slider"]`);
    if (found === null) {
        throw new Error(`String ${position} takes no keys`);
    }
    return found;
}

const press = (position: number, key: string, more: KeyboardEventInit = {}) =>
    mark(position).dispatchEvent(new KeyboardEvent('keydown', { key, bubbles: true, cancelable: true, ...more }));

beforeEach(() => {
    takeFirstKeys();
});

test('each arrow takes the next gauge of the family, shows what it pulls, and is handed over in its order', () => {
    framed();
    expect(mark(1).getAttribute('aria-valuetext')).toBe('11 plain, 80 N');
    press(1, 'ArrowRight');
    expect(mark(1).getAttribute('aria-valuetext')).toBe('12 plain, 95 N');
    expect(mark(1).getAttribute('aria-valuenow')).toBe('95');
    press(1, 'ArrowLeft');
    press(1, 'ArrowLeft');
    expect(mark(1).textContent).toBe('10 plain');
    expect(takeFirstKeys().chosen.map(({ position, choice }) => [position, choice.gauge_in])).toEqual([
        [1, 0.012],
        [1, 0.011],
        [1, 0.01],
    ]);
    expect(takeFirstKeys().chosen).toEqual([]);
});

test('beyond the last gauge, on a locked string and with another key held nothing is chosen', () => {
    framed();
    press(1, 'ArrowRight');
    press(1, 'ArrowRight');
    press(2, 'ArrowRight');
    press(1, 'ArrowLeft', { altKey: true });
    expect([mark(1).textContent, mark(2).textContent]).toEqual(['12 plain', '11 plain']);
    expect(takeFirstKeys().chosen).toHaveLength(1);
});

test('a string that must be wound keeps its gauge', () => {
    framed(written({ only: 'wound' }));
    press(2, 'ArrowRight');
    expect(takeFirstKeys().chosen).toEqual([]);
});

test('the arrows go from string to string, and the one with the focus is handed over', () => {
    const frame = framed();
    mark(1).focus();
    press(1, 'ArrowUp');
    expect(document.activeElement).toBe(mark(1));
    press(1, 'ArrowDown');
    expect(document.activeElement).toBe(mark(2));
    frame.remove();
    expect(takeFirstKeys().focused).toBe(2);
});

test('a focus that went elsewhere is not brought back', () => {
    framed();
    document.body.insertAdjacentHTML('beforeend', '<button type="button">Elsewhere</button>');
    mark(1).focus();
    document.querySelector('button')?.focus();
    expect(takeFirstKeys().focused).toBeNull();
});
