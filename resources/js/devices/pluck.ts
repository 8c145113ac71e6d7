import type { PluckedTone } from '../generated/formats';

/** Adds a tone to samples, from one of them on: each partial a sine that dies away. `rate` in samples a second. */
export function addTone(samples: Float32Array, tone: PluckedTone, rate: number, from: number, loudness: number): void {
    for (const { hz, amplitude, decay_s } of tone.partials) {
        if (hz >= rate / 2) {
            continue;
        }
        // A damped sine follows from the two samples before: y₁ = 2 r cos ω · y₀ − r² · y₋₁.
        const step = (2 * Math.PI * hz) / rate;
        const fall = Math.exp(-1 / (decay_s * rate));
        const turn = 2 * fall * Math.cos(step);
        const square = fall * fall;
        let before = 0;
        let now = loudness * amplitude * fall * Math.sin(step);
        for (let at = from + 1; at < samples.length; at++) {
            samples[at] = (samples[at] ?? 0) + now;
            [before, now] = [now, turn * now - square * before];
        }
    }
}

/** The tones one after another, as a hand strums them; none louder than the loudest a loudspeaker takes. */
export function strummed(tones: PluckedTone[], rate: number, seconds: number, apartSeconds: number): Float32Array<ArrayBuffer> {
    const samples = new Float32Array(Math.ceil(rate * (seconds + apartSeconds * (tones.length - 1))));
    tones.forEach((tone, index) => addTone(samples, tone, rate, Math.round(rate * apartSeconds * index), 0.8));
    const peak = samples.reduce((most, sample) => Math.max(most, Math.abs(sample)), 0);
    const fade = Math.round(rate * 0.05);
    return samples.map((sample, at) => {
        const level = peak > 0.9 ? sample * (0.9 / peak) : sample;
        const left = samples.length - at;
        return left < fade ? level * (left / fade) : level;
    });
}
