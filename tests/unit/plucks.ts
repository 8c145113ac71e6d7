/** Every string of the demo from B0 to G4: pitch, and how stiff such a string is. */
export const STRINGS: [string, number, number][] = [
    ['B0', 30.868, 3e-4],
    ['C1', 32.703, 3e-4],
    ['E1', 41.203, 2e-4],
    ['A1', 55, 2e-4],
    ['D2', 73.416, 2e-4],
    ['E2', 82.407, 1.5e-4],
    ['A2', 110, 1e-4],
    ['D3', 146.83, 8e-5],
    ['G3', 196, 1e-4],
    ['B3', 246.94, 5e-5],
    ['E4', 329.63, 3e-5],
    ['G4', 392, 3e-5],
];

/** Numbers between 0 and 1 that repeat by their seed. */
export function seeded(seed: number): () => number {
    let state = (seed * 2654435761) >>> 0 || 1;
    return () => {
        state ^= state << 13;
        state >>>= 0;
        state ^= state >>> 17;
        state ^= state << 5;
        state >>>= 0;
        return state / 2 ** 32;
    };
}

interface Pluck {
    hz: number;
    /** Inharmonicity: partial n stands at n f √(1 + B n²). */
    stiffness: number;
    rate: number;
    /** How long it sounds, from when on it is listened to: what is not wanted is not made. */
    seconds: number;
    from?: number;
    /** Where it is plucked, as a share of its length. */
    at: number;
    /** By how much the string is louder than the noise. */
    noiseDb: number;
    /** By how much it starts sharp. */
    glideCents: number;
    random: () => number;
}

/** A plucked string as it sounds: stiff, dying away, sharp at first, with noise. */
export function pluck({ hz, stiffness, rate, seconds, from = 0, at, noiseDb, glideCents, random }: Pluck): Float32Array {
    const samples = new Float32Array(Math.round((seconds - from) * rate));
    const glides = Float64Array.from(samples, (_, index) => 2 ** ((glideCents * Math.exp(-(from + index / rate) / 0.08)) / 1200));
    for (let n = 1; n <= 24 && n * hz < rate / 2.5; n++) {
        const step = (2 * Math.PI * n * hz * Math.sqrt(1 + stiffness * n * n)) / rate;
        const fade = Math.exp(-(0.6 + 0.35 * n) / rate);
        let amplitude = ((0.8 * Math.sin(Math.PI * n * at)) / (n * n)) * fade ** (from * rate);
        let phase = 2 * Math.PI * random();
        for (let index = 0; index < samples.length; index++) {
            phase += step * (glides[index] ?? 1);
            samples[index] = (samples[index] ?? 0) + amplitude * Math.sin(phase);
            amplitude *= fade;
        }
    }
    const power = samples.reduce((sum, sample) => sum + sample * sample, 0);
    const noise = Math.sqrt(power / samples.length) * 10 ** (-noiseDb / 20) * Math.sqrt(12);
    return samples.map((sample) => sample + noise * (random() - 0.5));
}
