import type { Practice } from '../generated/formats';
import { instrumentsCompliance } from '../generated/addresses/instruments';
import type { TunePage } from '../generated/pages';
import { ask } from '../server/api';
import { toast } from '../ui/toasts';
import { standingOf, type TuningNow } from './useTuning';

/** What is done in a round, tuner by tuner, and between rounds. */
export function useTurns(set: TunePage['set'], { source, state, go, order, next, act, practice, drifts }: TuningNow) {
    const { present, round } = state;
    const { retuning, position } = next;
    const take = (read: Practice) => go({ do: 'stand', present: standingOf(read) });
    const strum = () => act(async () => take(await practice.read()));
    return {
        take,
        strum,
        begin: () => {
            go({ do: 'begin', planned: retuning?.compliance_um_per_n ?? 0 });
            if (!drifts.kept) {
                drifts.keep();
            }
        },
        next: () => {
            if (round === null || position === null) {
                return;
            }
            const over = round.at + 1 >= order.length;
            const cents = next.step?.target_cents ?? 0;
            go({ do: 'next', of: order.length, known: source === 'practice', position, cents });
            if (over && source === 'practice') {
                strum();
            }
        },
        turn: (by: { turns: number } | { cents: number }) => {
            if (position === null) {
                return;
            }
            act(async () => {
                const read =
                    'turns' in by
                        ? await practice.act({ do: 'turn', position, turns: by.turns })
                        : await practice.act({ do: 'tune', position, cents: by.cents });
                go({ do: 'turned', position, after: standingOf(read) });
            });
        },
        /** One tuner is turned, which teaches how the instrument gives. */
        learn: () => {
            const [first] = order;
            if (first === undefined || !next.known) {
                return;
            }
            if (source !== 'practice') {
                go({ do: 'learn' });
                return;
            }
            act(async () => {
                const read = await practice.act({ do: 'tune', position: first, cents: (present[first - 1] ?? 0) - 100 });
                go({ do: 'turned', position: first, after: standingOf(read) });
            });
        },
        /** How the instrument gives is kept with it. */
        keep: () =>
            act(async () => {
                await ask(instrumentsCompliance(set.instrumentId), {
                    method: 'PUT',
                    body: { um_per_n: retuning?.compliance_um_per_n, error_um_per_n: retuning?.standard_error_um_per_n },
                });
                toast(`Kept with ${set.instrument}: rounds land nearer from now on.`);
            }),
    };
}

export type Turns = ReturnType<typeof useTurns>;
