import type { Construction, EvaluatedString, Evaluation, PoolGauge, StringOfSet } from '../../generated/formats';
import { gaugeNanometres, sameFamily, sameType, typeOf } from '../../units/stringType';

/** A gauge one could choose for a string, and how it would pull there. */
export interface Choice extends PoolGauge {
    tensionN: number;
}

type Pulls = Pick<EvaluatedString['tunings'][number], 'tension_n' | 'tension_low_n' | 'tension_high_n'>;

/** What stands for the tuning that is shown; answers may for a moment still have fewer tunings than the document. */
export function inTuning<T>(perTuning: T[], tuning: number): T | undefined {
    return perTuning[tuning] ?? perTuning.at(-1);
}

/** Every gauge of the pool on one string in one tuning, thinnest first within each family. */
export function choicesFor(pool: PoolGauge[], tensions: number[][], tuning: number): Choice[] {
    return pool.flatMap((gauge, index) => {
        const tensionN = inTuning(tensions[index] ?? [], tuning);
        return tensionN === undefined ? [] : [{ ...gauge, tensionN }];
    });
}

/** What a string can be chosen from in one tuning, as the last answer has it. */
export function choicesOf({ pool, strings }: Evaluation, { position, only }: StringOfSet, tuning: number): Choice[] {
    const tensions = strings.find((each) => each.position === position)?.pool_tensions_n ?? [];
    return choicesFor(pool ?? [], tensions, tuning).filter((choice) => allowed(choice, only));
}

/** A pull that is not answered yet, as unsure as the one that is. */
export function pullFrom(at: Pulls, tensionN: number): { lowN: number; highN: number } {
    const ratio = tensionN / at.tension_n;
    return { lowN: at.tension_low_n * ratio, highN: at.tension_high_n * ratio };
}

/** Whether a string that must stay plain, or wound, may be this. */
export function allowed({ construction }: { construction: Construction }, only: StringOfSet['only']): boolean {
    return only === undefined || (only === 'plain') === (construction === 'plain');
}

/** The choice that is this very string, if the pool has it. */
export function chosenAmong(choices: Choice[], string: StringOfSet): Choice | undefined {
    const type = typeOf(string);
    return choices.find((choice) => sameType(typeOf(choice), type));
}

/** The next lighter (-1) or heavier (+1) gauge of the same family. */
export function neighbour(choices: Choice[], string: StringOfSet, direction: -1 | 1): Choice | undefined {
    const present = gaugeNanometres(string);
    const beyond = choices.filter((choice) => sameFamily(choice, string) && direction * (gaugeNanometres(choice) - present) > 0);
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
