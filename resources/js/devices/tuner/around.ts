import { seeded } from '../reading';

/** What else sounds where one practises, so that practice is honest. */
export type Around = 'quiet' | 'hum' | 'room' | 'ringing' | 'hollow';

export const AROUND: { value: Around; label: string }[] = [
    { value: 'quiet', label: 'a quiet room' },
    { value: 'hum', label: 'hum of the mains' },
    { value: 'room', label: 'a noisy room' },
    { value: 'ringing', label: 'other strings ringing' },
    { value: 'hollow', label: 'a small top, weak low notes' },
];

const SECONDS = 4;
const MAINS_HZ = 50;
/** Loudness, of full scale; a string is plucked at most at 0.9. */
const HUM = 0.012;
const ROOM = 0.006;
/** Of each multiple of the mains. */
const MULTIPLES = [1, 0.5, 0.35, 0.2, 0.25, 0.1, 0.12];

/** Some seconds of it, to be repeated; null where nothing goes on sounding. */
export function around(where: Around, rate: number): Float32Array<ArrayBuffer> | null {
    switch (where) {
        case 'hum':
            return Float32Array.from({ length: SECONDS * rate }, (_, index) =>
                MULTIPLES.reduce(
                    (sum, amount, at) => sum + HUM * amount * Math.sin((2 * Math.PI * MAINS_HZ * (at + 1) * index) / rate + at),
                    0,
                ),
            );
        case 'room': {
            const random = seeded(7);
            let low = 0;
            return Float32Array.from({ length: SECONDS * rate }, () => {
                const white = 2 * random() - 1;
                low += 0.04 * (white - low);
                return ROOM * (5 * low + 0.3 * white);
            });
        }
        case 'quiet':
        case 'ringing':
        case 'hollow':
            return null;
    }
}
