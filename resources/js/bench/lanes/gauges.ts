import type { Construction, Material, PoolGauge, StringOfSet } from '../../lib/formats';
import { MM_PER_INCH } from '../../lib/units';

/** A gauge one could choose for a string, and how it would pull there. */
export interface Choice extends PoolGauge {
    tensionN: number;
}

/** What stands for the tuning that is shown; answers may for a moment still have fewer tunings than the document. */
export function inTuning<T>(perTuning: T[], tuning: number): T | undefined {
    return perTuning[tuning] ?? perTuning.at(-1);
}

export function gaugeInches(string: StringOfSet): number {
    return string.gauge_in ?? (string.gauge_mm ?? 0) / MM_PER_INCH;
}

/** Every gauge of the pool on one string in one tuning, thinnest first within each make. */
export function choicesFor(pool: PoolGauge[], tensions: number[][], tuning: number): Choice[] {
    return pool.flatMap((gauge, index) => {
        const tensionN = inTuning(tensions[index] ?? [], tuning);
        return tensionN === undefined ? [] : [{ ...gauge, tensionN }];
    });
}

export function sameMake(
    a: { construction: Construction; material: Material },
    b: { construction: Construction; material: Material },
): boolean {
    return a.construction === b.construction && a.material === b.material;
}

/** Whether a string that must stay plain, or wound, may be this. */
export function allowed({ construction }: { construction: Construction }, only: StringOfSet['only']): boolean {
    return only === undefined || (only === 'plain') === (construction === 'plain');
}

const CLOSE = 1e-7;

/** The choice that is this very string, if the pool has it. */
export function chosenAmong(choices: Choice[], string: StringOfSet): Choice | undefined {
    return choices.find((choice) => sameMake(choice, string) && Math.abs(choice.gauge_in - gaugeInches(string)) < CLOSE);
}

/** The next lighter (-1) or heavier (+1) gauge of the same make. */
export function neighbour(choices: Choice[], string: StringOfSet, direction: -1 | 1): Choice | undefined {
    const present = gaugeInches(string);
    const beyond = choices.filter((choice) => sameMake(choice, string) && direction * (choice.gauge_in - present) > CLOSE);
    return beyond.sort((a, b) => direction * (a.gauge_in - b.gauge_in))[0];
}

/** The choice whose pull is nearest to a tension. */
export function nearestTo(choices: Choice[], tensionN: number): Choice | undefined {
    return choices.reduce<Choice | undefined>(
        (best, choice) =>
            best === undefined || Math.abs(choice.tensionN - tensionN) < Math.abs(best.tensionN - tensionN) ? choice : best,
        undefined,
    );
}
