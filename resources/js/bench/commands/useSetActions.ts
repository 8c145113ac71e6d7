import { router } from '@inertiajs/react';
import { useMemo } from 'react';
import { ask } from '../../server/api';
import { tellFailure, toast } from '../../ui/toasts';
import { useBenchStore } from '../design/benchStore';
import { keepAsNew } from '../saving/keepAsNew';
import type { SavedSet, Saver } from '../saving/saver';

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
        const inHand = async (what: 'tune' | 'intonate', query = '') => {
            await saver.flush();
            router.visit(`/sets/${set.id}/${what}?tuning=${store.getState().tuning}${query}`);
        };
        const show = async (what: 'sheet' | 'fit' | 'plan') => {
            // Opened before anything is awaited, or the browser takes it for a pop-up.
            const sheet = window.open('', '_blank');
            await saver.flush();
            const address = `/sets/${set.id}/${what}`;
            if (sheet === null) {
                window.location.assign(address);
            } else {
                sheet.location.replace(address);
            }
        };
        return {
            save: () => void saver.flush(),
            print: telling(() => show('sheet')),
            printFit: telling(() => show('fit')),
            printPlan: telling(() => show('plan')),
            beginJob: telling(async () => {
                await saver.flush();
                router.visit(`/jobs/new?set=${set.id}`);
            }),
            buy: telling(async () => {
                await saver.flush();
                router.visit(`/strings/orders?set=${set.id}`);
            }),
            tune: telling(() => inHand('tune')),
            intonate: telling(() => inHand('intonate')),
            practiseTuning: telling(() => inHand('tune', '&practice')),
            practiseIntonation: telling(() => inHand('intonate', '&practice')),
            duplicate: telling(async () => {
                if (await saver.flush()) {
                    const { id } = await ask<{ id: number }>(`/sets/${set.id}/duplicate`, { method: 'POST' });
                    router.visit(`/bench/${id}`);
                }
            }),
            keepMine: telling(async () => {
                const id = await keepAsNew(store.getState().document);
                saver.letBe();
                router.visit(`/bench/${id}`);
            }),
            putAway: telling(async () => {
                const { name } = store.getState().document;
                await saver.flush();
                await ask(`/sets/${set.id}`, { method: 'DELETE' });
                router.visit('/sets');
                toast(`“${name}” was put away.`, {
                    action: {
                        label: 'Undo',
                        run: () =>
                            void ask(`/sets/${set.id}/unarchive`, { method: 'POST' }).then(() =>
                                router.visit(`/bench/${set.id}`),
                            ),
                    },
                });
            }),
        };
    }, [set.id, saver, store]);
}
