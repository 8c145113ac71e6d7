import { writeFile } from 'node:fs/promises';
import { chromium, type Browser } from '@playwright/test';
import { chromiumOptions } from '../chromium.mjs';
import { RATE, type Strung } from '../unit/scenes';

export const NO_STRING: Strung = ['', 1, 1, 1, 1];

/** The strings of the Harbour in C standard, as stiff as the core says. */
export const HARBOUR: Strung[] = [
    ['C4', 261.63, 2.1e-5, 6, 0.2],
    ['G3', 196, 6.8e-5, 6, 0.2],
    ['E♭3', 155.56, 1.7e-4, 7, 0.2],
    ['B♭2', 116.54, 4e-5, 8, 0.2],
    ['F2', 87.31, 6.7e-5, 8, 0.2],
    ['C2', 65.41, 1.1e-4, 9, 0.2],
];

/** Sixteen bits, one channel. */
function wavOf(samples: Float32Array, rate: number): Buffer {
    const data = Buffer.alloc(2 * samples.length);
    samples.forEach((sample, index) => data.writeInt16LE(Math.round(Math.max(-1, Math.min(1, sample)) * 32_000), 2 * index));
    const head = Buffer.alloc(44);
    head.write('RIFF', 0);
    head.writeUInt32LE(36 + data.length, 4);
    head.write('WAVEfmt ', 8);
    head.writeUInt32LE(16, 16);
    head.writeUInt16LE(1, 20);
    head.writeUInt16LE(1, 22);
    head.writeUInt32LE(rate, 24);
    head.writeUInt32LE(2 * rate, 28);
    head.writeUInt16LE(2, 32);
    head.writeUInt16LE(16, 34);
    head.write('data', 36);
    head.writeUInt32LE(data.length, 40);
    return Buffer.concat([head, data]);
}

/** A browser whose microphone hears these sounds, over and over. */
export async function hearing(samples: Float32Array, file: string): Promise<Browser> {
    await writeFile(file, wavOf(samples, RATE));
    return chromium.launch({
        ...chromiumOptions,
        args: [
            ...chromiumOptions.args,
            '--use-fake-ui-for-media-stream',
            '--use-fake-device-for-media-stream',
            `--use-file-for-fake-audio-capture=${file}`,
        ],
    });
}
