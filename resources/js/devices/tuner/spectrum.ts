import FFT from 'fft.js';

/** A local maximum of a spectrum. */
export interface Peak {
    hz: number;
    height: number;
}

const LOWEST_HZ = 25;
const HIGHEST_HZ = 5000;
/** So many of the highest are looked at, none of them so much below the highest. */
const MOST = 40;
const LEAST_SHARE = 0.004;
/** What sounded before counts so many times: what rings on comes a little louder now and then. */
const BEFORE = 2;

/** Magnitudes of a window of sound, twice as fine as its length alone gives, so that peaks are placed well between. */
export class Spectrum {
    private readonly transform: FFT;
    private readonly window: Float64Array;
    private readonly padded: Float64Array;
    private readonly complex: number[];
    readonly bins: number;

    constructor(
        readonly length: number,
        private readonly rate: number,
    ) {
        this.transform = new FFT(2 * length);
        this.window = Float64Array.from({ length }, (_, index) => 0.5 - 0.5 * Math.cos((2 * Math.PI * (index + 0.5)) / length));
        this.padded = new Float64Array(2 * length);
        this.complex = this.transform.createComplexArray() as number[];
        this.bins = Math.ceil((HIGHEST_HZ * 2 * length) / rate) + 2;
    }

    /** Of the newest samples, as many as it is long. */
    of(samples: Float32Array): Float64Array {
        const from = samples.length - this.length;
        for (let index = 0; index < this.length; index++) {
            this.padded[index] = (samples[from + index] ?? 0) * (this.window[index] ?? 0);
        }
        this.transform.realTransform(this.complex, this.padded);
        const magnitudes = new Float64Array(this.bins);
        for (let bin = 0; bin < this.bins; bin++) {
            magnitudes[bin] = Math.hypot(this.complex[2 * bin] ?? 0, this.complex[2 * bin + 1] ?? 0);
        }
        return magnitudes;
    }

    /** Its peaks, less what sounded before, from low to high. */
    peaks(magnitudes: Float64Array, before: Float64Array | null): Peak[] {
        const power = magnitudes.map((magnitude, bin) => Math.max(0, magnitude ** 2 - (BEFORE * (before?.[bin] ?? 0)) ** 2));
        const perBin = this.rate / (2 * this.length);
        const found: Peak[] = [];
        for (let bin = Math.max(2, Math.ceil(LOWEST_HZ / perBin)); bin < this.bins - 1; bin++) {
            const here = power[bin] ?? 0;
            if (here > 0 && here > (power[bin - 1] ?? 0) && here >= (power[bin + 1] ?? 0)) {
                found.push({ hz: (bin + this.beside(magnitudes, bin)) * perBin, height: Math.sqrt(here) });
            }
        }
        const highest = found.reduce((most, { height }) => Math.max(most, height), 0);
        return found
            .filter(({ height }) => height >= LEAST_SHARE * highest)
            .sort((a, b) => b.height - a.height)
            .slice(0, MOST)
            .sort((a, b) => a.hz - b.hz);
    }

    /** How far beside its bin a peak stands: a parabola through three logarithms. */
    private beside(magnitudes: Float64Array, bin: number): number {
        const [left, here, right] = [bin - 1, bin, bin + 1].map((each) => Math.log((magnitudes[each] ?? 0) + 1e-30)) as [
            number,
            number,
            number,
        ];
        const curved = left - 2 * here + right;
        return curved >= 0 ? 0 : Math.max(-0.5, Math.min(0.5, (left - right) / (2 * curved)));
    }
}
