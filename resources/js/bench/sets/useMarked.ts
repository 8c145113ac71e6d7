import { router } from '@inertiajs/react';
import { useState } from 'react';
import { ask } from '../../server/api';
import { tellFailure, toast } from '../../ui/toasts';
import type { SetSummary as Summary } from '../../generated/views';
import { setsDestroy, setsUnarchive } from '../../generated/addresses/sets';

const reload = () => router.reload();
const putAwayOne = (id: number) => ask(setsDestroy(id), { method: 'DELETE' });
const bringBackOne = (id: number) => ask(setsUnarchive(id), { method: 'POST' });

export const idsOf = (some: Summary[]) => some.map(({ id }) => id);

/** Sets that are ticked, and what is done with several at once. */
export function useMarked(found: Summary[]) {
    const [marked, setMarked] = useState<ReadonlySet<number>>(new Set());
    const ticked = found.filter(({ id }) => marked.has(id));
    const tick = (ids: number[], on: boolean) =>
        setMarked((present) => new Set(on ? [...present, ...ids] : [...present].filter((id) => !ids.includes(id))));
    const each = async (some: Summary[], act: (id: number) => Promise<unknown>) => {
        for (const id of idsOf(some)) {
            await act(id);
        }
        tick(idsOf(some), false);
        reload();
    };
    const called = (some: Summary[]) => (some.length === 1 ? `“${some[0]?.name ?? ''}” was` : `${some.length} sets were`);
    const putSomeAway = (some: Summary[]) =>
        void each(some, putAwayOne).then(
            () =>
                toast(`${called(some)} put away.`, {
                    action: { label: 'Undo', run: () => void each(some, bringBackOne).catch(tellFailure) },
                }),
            tellFailure,
        );
    const bringSomeBack = (some: Summary[]) =>
        void each(some, bringBackOne).then(() => toast(`${called(some)} brought back.`), tellFailure);
    return { marked, ticked, tick, untick: () => setMarked(new Set()), putSomeAway, bringSomeBack };
}
