import { capital } from '../units/words';
import type { Practice, Retuning, StringSettling } from '../generated/formats';
import { fixed, withMinus } from '../units/figures';

const WORDS = ['no', 'one', 'two', 'three', 'four', 'five', 'six', 'seven', 'eight', 'nine'];

const countWords = (rounds: number): string => `${WORDS[rounds] ?? String(rounds)} ${rounds === 1 ? 'round' : 'rounds'}`;

/** How many rounds it takes, and what the first may leave. On a bridge that floats one alone is never promised. */
export function passesWords(retuning: Retuning | undefined, floats: boolean): string {
    if (retuning === undefined) {
        return '';
    }
    const { passes, passes_most: most, share, stuck } = retuning;
    if (stuck) {
        return 'A string would be asked too high however small the round: allow more under Options, or block the bridge.';
    }
    if (passes === null) {
        return 'More than nine rounds would be needed, so that no string is asked too high on the way: block the bridge.';
    }
    const many =
        most === null
            ? ', perhaps more than nine: such a bridge is better blocked'
            : most > passes
              ? `, perhaps ${WORDS[most]}`
              : '';
    const likely = many === '' && !floats ? countWords(passes) : `likely ${countWords(passes)}${many}`;
    const part = share < 1 ? ' No string is asked too high on the way, so that the first goes only a part of it.' : '';
    return `${capital(likely)}.${part}${share < 1 ? '' : leftWords(retuning)}`;
}

/** What the round may leave, at the furthest. */
function leftWords({ left, passes_most: most }: Retuning): string {
    const furthest = left.reduce<{ position: number; cents: number } | null>((so, { position, low, high }) => {
        const cents = Math.max(Math.abs(low), Math.abs(high));
        return so === null || cents > so.cents ? { position, cents } : so;
    }, null);
    return furthest === null || (furthest.cents < 1 && most === 1)
        ? ''
        : ` After the first, string ${furthest.position} may be ${fixed(furthest.cents, 0)} cents off, at the furthest.`;
}

/** On what rests how far the ends of the strings give. */
export function givesWords(
    { source, standard_error_um_per_n: error, observations_counted: counted, dropped }: Retuning,
    sure: boolean,
): string {
    const set = dropped ? ' What was learned before did worse than that would have, and is set aside.' : '';
    if (source === 'measured') {
        // 95 %.
        const range = error === null ? '' : ` ± ${fixed(1.96 * error, 2)}`;
        return counted > 0
            ? `measured here${range}${sure ? '' : ', not surely enough to keep'}.${dropped ? ' What was learned before did worse than the usual figure would have, and is set aside.' : ''}`
            : `as it was measured on it before${range}.`;
    }
    return source === 'given' ? 'as it was given.' : `as is usual on such an instrument, within a factor of two.${set}`;
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
