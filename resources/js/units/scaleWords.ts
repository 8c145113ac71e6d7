import type { SetDocument } from '../generated/formats';
import { formatLength, type Units } from './units';

/** The scale of an instrument, from string 1 to the last where they differ. */
export function scaleWords({ scale }: SetDocument['instrument'], units: Units): string {
    switch (scale.type) {
        case 'single':
            return formatLength(scale.length_mm, units);
        case 'half':
            return formatLength(2 * scale.nut_to_twelfth_mm, units);
        case 'multiscale':
            return `${formatLength(scale.treble_mm, units)} to ${formatLength(scale.bass_mm, units)}`;
        case 'each':
            return `${formatLength(scale.lengths_mm[0] ?? 0, units)} to ${formatLength(scale.lengths_mm.at(-1) ?? 0, units)}`;
    }
}
