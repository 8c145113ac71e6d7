import type { Practice, Retuning, StringSettling } from '../generated/formats';
import { fixed, withMinus } from '../units/figures';

export function passesWords(retuning: Retuning | undefined): string {
    if (retuning === undefined) {
        return '';
    }
    return retuning.passes === 1
        ? 'One round brings all there.'
        : `It takes ${retuning.passes} rounds, so that no string is asked too high on the way; a bridge that needs many is better blocked.`;
}

/** On what rests how far the ends of the strings give. */
export function givesWords({ source, standard_error_um_per_n: error }: Retuning, observed: boolean, sure: boolean): string {
    if (source === 'measured') {
        return observed || error !== null
            ? `measured here${sure ? '' : ', not surely enough to keep'}.`
            : 'as it was measured on it before.';
    }
    return source === 'given' ? 'as it was given.' : 'as is usual on such an instrument, within a factor of two.';
}

/** What one would go through who tunes each string to its pitch, and round again. */
export function withoutWords({ without, without_rounds: rounds }: Retuning): string {
    const furthest = fixed(Math.max(0, ...without.map(({ cents }) => Math.abs(cents))), 0);
    return rounds === 1
        ? 'Tuned each to its pitch in turn, all would hold there.'
        : `Tuned each to its pitch in turn, the furthest would end ${furthest} cents away, and it would take ${rounds} rounds.`;
}

export function afterWords(toCome: number[], targetCents: number): string {
    if (toCome.length === 0) {
        return 'The last one: all stand at their pitch then.';
    }
    const [first, last] = [toCome[0], toCome.at(-1)];
    const which = toCome.length === 1 ? `String ${first}` : `Strings ${first} to ${last}`;
    return Math.abs(targetCents) < 1
        ? `${which} will hardly move it.`
        : `Leave it ${targetCents > 0 ? 'sharp' : 'flat'}. ${which} will bring it ${targetCents > 0 ? 'down' : 'up'}.`;
}

export function knobLabel(turns: number): string {
    const size = Math.abs(turns);
    return `${turns < 0 ? '−' : '+'}${size === 0.25 ? '¼' : size === 0.05 ? '1/20' : '1'}`;
}

export function shownCents(cents: number | null): string {
    return cents === null ? '' : withMinus(cents, 1);
}

/** How near the foretold settling of a simulated instrument came to its own. */
export function settledWords(hidden: NonNullable<Practice['hidden']>, settling: StringSettling[] | null): string {
    if (settling === null) {
        return '';
    }
    const worst = settling
        .map(({ position, ratio }, index) => ({ position, ratio, own: hidden.strings[index]?.ratio ?? ratio }))
        .reduce((most, each) => (Math.abs(each.ratio - each.own) > Math.abs(most.ratio - most.own) ? each : most));
    return ` A round left ${hidden.strings.map(({ ratio }) => fixed(ratio, 2)).join(', ')} of the drift before, from string 1; the furthest off was string ${worst.position}, taken for ${fixed(worst.ratio, 2)}.`;
}
