/** Where each string stands, cents from its pitch; null where that is not known. */
export type Standing = readonly (number | null)[];

/** One tuner that was turned, and what the other strings did. */
interface Observation {
    position: number;
    from_cents: number;
    to_cents: number;
    others: { position: number; from_cents: number; to_cents: number }[];
}

/** A round that is over: where all stood, what each was brought to in its turn, and where all stood then. */
interface RoundRead {
    start_cents: Standing;
    brought: Brought[];
    after_cents: Standing;
    /** By how far the ends were taken to give. */
    planned_um_per_n: number;
}

interface Brought {
    position: number;
    cents: number;
}

/** What was learned so far of how the instrument gives. */
export interface Read {
    observations: readonly Observation[];
    rounds: readonly RoundRead[];
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
    /** The round that is under way: how all stood, which tuner's turn it is, by what it goes, what was brought where. */
    round: { start: Standing; at: number; by: Read; planned: number; brought: readonly Brought[] } | null;
    /** The round that is over, until all are heard again. */
    unread: Omit<RoundRead, 'after_cents'> | null;
    /** How all stood before the one tuner was turned that teaches how the instrument gives. */
    learning: Standing | null;
    read: Read;
}

export type Act =
    /** All are heard anew, or known otherwise. */
    | { do: 'stand'; present: Standing }
    /** One was heard. `first` is the one that teaches. */
    | { do: 'hear'; position: number; cents: number; first: number | undefined }
    /** `planned`: how far the ends are taken to give, µm for each newton. */
    | { do: 'begin'; planned: number }
    /** Another tuner's turn. */
    | { do: 'choose'; at: number }
    /** One is where it is left, `cents` where it was not heard there; the last ends the round. */
    | { do: 'next'; of: number; known: boolean; position: number; cents: number }
    /** A tuner was turned by practice, and all were heard. */
    | { do: 'turned'; position: number; after: Standing }
    /** The first is turned down, to see what the others do. */
    | { do: 'learn' }
    | { do: 'leave'; position: number; alone: boolean }
    /** Something else is heard by, or something else is practised: all begins anew. */
    | { do: 'anew' };

const nothing = (standing: Standing): Standing => standing.map(() => null);

export function startOf(present: Standing): Rounds {
    return {
        present,
        earlier: [],
        left: new Set(),
        round: null,
        unread: null,
        learning: null,
        read: { observations: [], rounds: [] },
    };
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

function learnt({ read }: Rounds, observation: Observation | null): Read {
    return observation === null ? read : { ...read, observations: [...read.observations, observation] };
}

/** Once all are heard again after a round, it tells how the instrument gives. */
function heardAgain(rounds: Rounds): Rounds {
    const { unread, read, present } = rounds;
    return unread === null || rounds.round !== null || present.some((cents) => cents === null)
        ? rounds
        : { ...rounds, unread: null, read: { ...read, rounds: [...read.rounds, { ...unread, after_cents: present }] } };
}

/** What becomes of a round by what is done. */
export function roundsAfter(rounds: Rounds, act: Act): Rounds {
    switch (act.do) {
        case 'stand':
            return heardAgain({ ...rounds, present: act.present });
        case 'hear': {
            const present = rounds.present.map((cents, index) => (index === act.position - 1 ? act.cents : cents));
            const { learning } = rounds;
            return learning === null || act.first === undefined || present.some((cents) => cents === null)
                ? heardAgain({ ...rounds, present })
                : { ...rounds, present, learning: null, read: learnt(rounds, observed(act.first, learning, present)) };
        }
        case 'begin':
            // A round goes on by what was known when it began: what is learned meanwhile is for the next.
            return {
                ...rounds,
                unread: null,
                round: { start: rounds.present, at: 0, by: rounds.read, planned: act.planned, brought: [] },
            };
        case 'choose':
            return rounds.round === null ? rounds : { ...rounds, round: { ...rounds.round, at: Math.max(0, act.at) } };
        case 'next': {
            const { round } = rounds;
            if (round === null) {
                return rounds;
            }
            const { position } = act;
            const brought = [
                ...round.brought.filter((each) => each.position !== position),
                { position, cents: rounds.present[position - 1] ?? act.cents },
            ];
            return round.at + 1 < act.of
                ? { ...rounds, round: { ...round, at: round.at + 1, brought } }
                : {
                      ...rounds,
                      earlier: [...rounds.earlier, round.start],
                      round: null,
                      // One that was passed over was not turned, and tells nothing.
                      unread:
                          brought.length === act.of
                              ? { start_cents: round.start, brought, planned_um_per_n: round.planned }
                              : null,
                      present: act.known ? rounds.present : nothing(rounds.present),
                  };
        }
        case 'turned':
            // A round is read as a whole, when it is over.
            return {
                ...rounds,
                present: act.after,
                read: rounds.round === null ? learnt(rounds, observed(act.position, rounds.present, act.after)) : rounds.read,
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
