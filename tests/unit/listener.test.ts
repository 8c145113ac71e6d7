import { beforeEach, expect, test, vi } from 'vitest';
import type { Heard } from '../../resources/js/devices/tuner/detector';
import { pluck, seeded } from './plucks';

const RATE = 44_100;
/** As much as the sound thread hands over at once. */
const BLOCK = 128;

interface Processor {
    port: { postMessage: (heard: Heard | null) => void };
    process: (inputs: Float32Array[][]) => boolean;
}

let told: (Heard | null)[];
let listener: Processor;

beforeEach(async () => {
    told = [];
    vi.stubGlobal('sampleRate', RATE);
    vi.stubGlobal(
        'AudioWorkletProcessor',
        class {
            port = { postMessage: (heard: Heard | null) => told.push(heard) };
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

test('it tells what it hears every 1024 samples, by all of the newest sound', () => {
    play(new Float32Array(8 * BLOCK - 1));
    expect(told).toEqual([]);
    play(new Float32Array(BLOCK));
    expect(told).toEqual([null]);
    play(pluck({ hz: 196, stiffness: 1e-4, rate: RATE, seconds: 0.5, at: 0.13, noiseDb: 30, glideCents: 0, random: seeded(2) }));
    expect(told.length).toBe(1 + Math.floor((0.5 * RATE) / BLOCK / 8));
    expect(Math.abs(1200 * Math.log2((told.at(-1)?.hz ?? 1) / 196))).toBeLessThan(3);
    expect(told.at(-1)?.certainty).toBeGreaterThan(0.9);
});

test('while nothing is connected it waits, and says nothing', () => {
    for (let block = 0; block < 100; block++) {
        expect(listener.process([])).toBe(true);
        expect(listener.process([[]])).toBe(true);
    }
    expect(told).toEqual([]);
});
