import { beforeEach, expect, test, vi } from 'vitest';
import type { ListenFor } from '../../resources/js/devices/tuner/listen';
import type { Hearing } from '../../resources/js/devices/tuner/listened';
import { known, LEAD, pluckOf, RATE, room, add, SETS } from './scenes';

/** As much as the sound thread hands over at once. */
const BLOCK = 128;

interface Processor {
    port: { postMessage: (heard: Hearing) => void; onmessage: ((event: { data: ListenFor }) => void) | null };
    process: (inputs: Float32Array[][]) => boolean;
}

let told: Hearing[];
let listener: Processor;

beforeEach(async () => {
    told = [];
    vi.stubGlobal('sampleRate', RATE);
    vi.stubGlobal(
        'AudioWorkletProcessor',
        class {
            port = { postMessage: (heard: Hearing) => told.push(heard), onmessage: null };
        },
    );
    vi.stubGlobal('registerProcessor', (name: string, Of: new () => Processor) => {
        expect(name).toBe('lira-listener');
        listener = new Of();
    });
    vi.resetModules();
    await import('../../resources/js/devices/tuner/listener');
});

function play(sound: Float32Array): void {
    for (let at = 0; at + BLOCK <= sound.length; at += BLOCK) {
        expect(listener.process([[sound.subarray(at, at + BLOCK)]])).toBe(true);
    }
}

test('it tells twenty times a second what it hears of the strings it was told', () => {
    play(new Float32Array(RATE));
    expect(told.length).toBeGreaterThanOrEqual(20);
    expect(new Set(told.map(({ kind }) => kind))).toEqual(new Set(['silence']));
    const set = SETS.guitar ?? [];
    listener.port.onmessage?.({ data: { strings: known(set), wanted: null } });
    const pluck = pluckOf(set[2] ?? ['', 1, 1, 1, 1], 1);
    play(add(room(1), pluck.sound, LEAD));
    const last = told.at(-1);
    expect(last).toMatchObject({ kind: 'string', position: 3, sure: true });
    expect(last?.kind === 'string' && Math.abs(1200 * Math.log2(last.hz / pluck.hz))).toBeLessThan(2);
});

test('while nothing is connected it waits, and says nothing', () => {
    for (let block = 0; block < 100; block++) {
        expect(listener.process([])).toBe(true);
        expect(listener.process([[]])).toBe(true);
    }
    expect(told).toEqual([]);
});
