/** Where each string stands, cents from its pitch; null where that is not known. */
export type Standing = readonly (number | null)[];

/** One tuner that was turned, and what the other strings did. */
export interface Observation {
    position: number;
    from_cents: number;
    to_cents: number;
    others: { position: number; from_cents: number; to_cents: number }[];
}

/** Strings that stand so near are at their pitch: the core is asked by it. */
export const TOLERANCE = 3;

/** A round, from hearing where all stand to the last tuner that is turned. */
export interface Rounds {
    present: Standing;
    /** Where all stood at the beginning of each round that is over. */
    earlier: readonly Standing[];
    /** Strings that are not tuned. */
    left: ReadonlySet<number>;
    /** The round that is under way: how all stood, which tuner's turn it is, by what it goes. */
    round: { start: Standing; at: number; observed: readonly Observation[] } | null;
    /** How all stood before the one tuner was turned that teaches how the instrument gives. */
    learning: Standing | null;
    observations: readonly Observation[];
}

export type Act =
    /** All are heard anew, or known otherwise. */
    | { do: 'stand'; present: Standing }
    /** One was heard. `first` is the one that teaches. */
    | { do: 'hear'; position: number; cents: number; first: number | undefined }
    | { do: 'begin' }
    /** Another tuner's turn. */
    | { do: 'choose'; at: number }
    /** One is where it is left; the last ends the round. */
    | { do: 'next'; of: number; known: boolean }
    /** A tuner was turned by practice, and all were heard. */
    | { do: 'turned'; position: number; after: Standing }
    /** The first is turned down, to see what the others do. */
    | { do: 'learn' }
    | { do: 'leave'; position: number; alone: boolean }
    /** Something else is heard by, or something else is practised: all begins anew. */
    | { do: 'anew' };

const nothing = (standing: Standing): Standing => standing.map(() => null);

export function startOf(present: Standing): Rounds {
    return { present, earlier: [], left: new Set(), round: null, learning: null, observations: [] };
}

/** What a turned tuner tells of the others; null where it, or all of them, were not heard before and after. */
export function observed(position: number, before: Standing, after: Standing): Observation | null {
    const [from, to] = [before[position - 1] ?? null, after[position - 1] ?? null];
    if (from === null || to === null || to === from) {
        return null;
    }
    const others = before.flatMap((was, index) => {
        const is = after[index] ?? null;
        return index + 1 === position || was === null || is === null
            ? []
            : [{ position: index + 1, from_cents: was, to_cents: is }];
    });
    return others.length === 0 ? null : { position, from_cents: from, to_cents: to, others };
}

function learnt(rounds: Rounds, observation: Observation | null): readonly Observation[] {
    return observation === null ? rounds.observations : [...rounds.observations, observation];
}

/** What becomes of a round by what is done. */
export function roundsAfter(rounds: Rounds, act: Act): Rounds {
    switch (act.do) {
        case 'stand':
            return { ...rounds, present: act.present };
        case 'hear': {
            const present = rounds.present.map((cents, index) => (index === act.position - 1 ? act.cents : cents));
            const { learning } = rounds;
            return learning === null || act.first === undefined || present.some((cents) => cents === null)
                ? { ...rounds, present }
                : { ...rounds, present, learning: null, observations: learnt(rounds, observed(act.first, learning, present)) };
        }
        case 'begin':
            // A round goes on by what was known when it began: what is learned meanwhile is for the next.
            return { ...rounds, round: { start: rounds.present, at: 0, observed: rounds.observations } };
        case 'choose':
            return rounds.round === null ? rounds : { ...rounds, round: { ...rounds.round, at: Math.max(0, act.at) } };
        case 'next':
            if (rounds.round === null) {
                return rounds;
            }
            return rounds.round.at + 1 < act.of
                ? { ...rounds, round: { ...rounds.round, at: rounds.round.at + 1 } }
                : {
                      ...rounds,
                      earlier: [...rounds.earlier, rounds.round.start],
                      round: null,
                      present: act.known ? rounds.present : nothing(rounds.present),
                  };
        case 'turned':
            return {
                ...rounds,
                present: act.after,
                observations: learnt(rounds, observed(act.position, rounds.present, act.after)),
            };
        case 'learn':
            return { ...rounds, learning: rounds.present, present: nothing(rounds.present) };
        case 'leave': {
            const left = new Set(rounds.left);
            if (act.alone) {
                left.add(act.position);
            } else {
                left.delete(act.position);
            }
            return { ...rounds, left };
        }
        case 'anew':
            return { ...startOf(nothing(rounds.present)), left: rounds.left };
    }
}

/** Whether it is known of all where they stand. */
export const isKnown = ({ present }: Rounds): boolean => present.every((cents) => cents !== null);

/** How far the furthest of those that are tuned is from its pitch, cents. */
export const worstOf = ({ present, left }: Rounds): number =>
    Math.max(0, ...present.map((cents, index) => (left.has(index + 1) ? 0 : Math.abs(cents ?? 0))));
