import { router } from '@inertiajs/react';
import { useMemo } from 'react';
import { ask } from '../../server/api';
import { tellFailure, toast } from '../../ui/toasts';
import { useBenchStore } from '../design/benchStore';
import { keepAsNew } from '../saving/keepAsNew';
import type { Saver } from '../saving/saver';
import type { SavedSet } from '../../generated/views';
import { benchShow } from '../../generated/addresses/bench';
import { instrumentsEdit } from '../../generated/addresses/instruments';
import { intonateShow } from '../../generated/addresses/intonate';
import { jobsCreate, ordersIndex, setsIndex } from '../../generated/addresses/places';
import { setsDestroy, setsDuplicate, setsFit, setsPlan, setsSheet, setsUnarchive } from '../../generated/addresses/sets';
import { tuneShow } from '../../generated/addresses/tune';
import { withAsked } from '../../server/asked';

export interface SetActions {
    save: () => void;
    print: () => void;
    /** Prints whether it fits its instrument. */
    printFit: () => void;
    /** Prints how it is put on its instrument. */
    printPlan: () => void;
    /** Begins to put it on its instrument. */
    beginJob: () => void;
    /** Finds where its strings are cheapest, and orders them. */
    buy: () => void;
    /** Shows how it will play: its instrument's neck. */
    plays: () => void;
    /** Brings its instrument to its tuning. */
    tune: () => void;
    /** Finds where its saddles belong. */
    intonate: () => void;
    /** On a simulated instrument. */
    practiseTuning: () => void;
    practiseIntonation: () => void;
    duplicate: () => void;
    /** Keeps what another tab's writing left no place for, as a set of its own. */
    keepMine: () => void;
    putAway: () => void;
}

/** What can be done with the set as a whole. */
export function useSetActions(set: SavedSet, saver: Saver): SetActions {
    const store = useBenchStore();
    return useMemo(() => {
        const telling = (act: () => Promise<unknown>) => () => void act().catch(tellFailure);
        const inHand = async (to: typeof tuneShow, practice?: 1) => {
            await saver.flush();
            router.visit(withAsked(to(set.id), { tuning: store.getState().tuning, practice }));
        };
        const show = async (address: string) => {
            // Opened before anything is awaited, or the browser takes it for a pop-up.
            const sheet = window.open('', '_blank');
            await saver.flush();
            if (sheet === null) {
                window.location.assign(address);
            } else {
                sheet.location.replace(address);
            }
        };
        return {
            save: () => void saver.flush(),
            print: telling(() => show(setsSheet(set.id))),
            printFit: telling(() => show(setsFit(set.id))),
            printPlan: telling(() => show(setsPlan(set.id))),
            beginJob: telling(async () => {
                await saver.flush();
                router.visit(withAsked(jobsCreate, { set: set.id }));
            }),
            buy: telling(async () => {
                await saver.flush();
                router.visit(withAsked(ordersIndex, { set: set.id }));
            }),
            plays: telling(async () => {
                await saver.flush();
                router.visit(withAsked(instrumentsEdit(set.instrumentId), { view: 'play', set: set.id }));
            }),
            tune: telling(() => inHand(tuneShow)),
            intonate: telling(() => inHand(intonateShow)),
            practiseTuning: telling(() => inHand(tuneShow, 1)),
            practiseIntonation: telling(() => inHand(intonateShow, 1)),
            duplicate: telling(async () => {
                if (await saver.flush()) {
                    const { id } = await ask<{ id: number }>(setsDuplicate(set.id), { method: 'POST' });
                    router.visit(benchShow(id));
                }
            }),
            keepMine: telling(async () => {
                const id = await keepAsNew(store.getState().document);
                saver.letBe();
                router.visit(benchShow(id));
            }),
            putAway: telling(async () => {
                const { name } = store.getState().document;
                await saver.flush();
                await ask(setsDestroy(set.id), { method: 'DELETE' });
                router.visit(setsIndex);
                toast(`“${name}” was put away.`, {
                    action: {
                        label: 'Undo',
                        run: () =>
                            void ask(setsUnarchive(set.id), { method: 'POST' }).then(() => router.visit(benchShow(set.id))),
                    },
                });
            }),
        };
    }, [set.id, set.instrumentId, saver, store]);
}
