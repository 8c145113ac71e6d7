import type { SetDocument, Tuning } from '../../generated/formats';
import { rungOf, tuningLabel, type PitchLadder } from '../../units/pitch';

/** What tunings are called, by their note numbers from string 1, as the server lists them. */
export type TuningNames = Record<string, string>;

/** What a set is called until somebody names it. */
function madeName({ instrument, tunings }: SetDocument): string {
    return tunings[0] === undefined ? '' : `${instrument.name}, ${tuningLabel(tunings[0])}`;
}

/**
 * Names what an edit left without: tunings whose notes have a name carry it, and the name of a set that was made from its instrument and
 * tuning follows them. What somebody typed stays.
 */
export function withNames(ladder: PitchLadder, names: TuningNames): (before: SetDocument, after: SetDocument) => SetDocument {
    const named = (tuning: Tuning): Tuning => {
        const known =
            tuning.name === '' && (tuning.capo ?? 0) === 0
                ? names[tuning.pitches.map((pitch) => rungOf(ladder, pitch)).join(' ')]
                : undefined;
        return known === undefined ? tuning : { ...tuning, name: known };
    };
    return (before, after) => {
        const tunings = after.tunings === before.tunings ? after.tunings : after.tunings.map(named);
        const document = tunings.every((tuning, index) => tuning === after.tunings[index]) ? after : { ...after, tunings };
        const name = madeName(document);
        return document.name === before.name && before.name === madeName(before) && name !== before.name
            ? { ...document, name }
            : document;
    };
}
