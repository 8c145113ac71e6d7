import { hashKey } from '@tanstack/react-query';
import { router } from '@inertiajs/react';
import { ask } from '../../server/api';
import { tell, untell } from '../../ui/notices';
import { tellFailure, toast } from '../../ui/toasts';
import type { BenchState } from '../design/benchStore';
import { keepAsNew } from './keepAsNew';
import type { SavedSet } from '../../generated/views';
import { forgetUnsaved, leftUnsaved, type Unsaved } from './unsaved';
import { benchShow } from '../../generated/addresses/bench';
import { setsShow } from '../../generated/addresses/sets';

const ABOUT = 'unsaved';

function clock(at: string): string {
    const date = new Date(at);
    const time = date.toTimeString().slice(0, 5);
    return date.toDateString() === new Date().toDateString() ? time : `${date.toISOString().slice(0, 10)}, ${time}`;
}

async function keep(left: Unsaved): Promise<void> {
    try {
        const id = await keepAsNew(left.document);
        letGo(left);
        router.visit(benchShow(id));
    } catch (error) {
        tellFailure(error);
    }
}

function letGo({ set, tab }: Unsaved): void {
    forgetUnsaved(set, tab);
    untell(ABOUT);
}

/** Offers what was left unsaved of the set on the bench by a page that is gone. Gives the way to leave it. */
export function offerUnsaved(set: SavedSet, edit: BenchState['edit']): () => void {
    let here = true;
    const offer = async () => {
        const left = (await leftUnsaved()).find((unsaved) => unsaved.set === set.id);
        if (left === undefined) {
            return here ? offerElsewhere() : undefined;
        }
        // The page that is gone may have had it saved with its last breath.
        const now = await ask<SavedSet>(setsShow(set.id));
        const same = hashKey([now.document]) === hashKey([left.document]);
        if (same) {
            forgetUnsaved(set.id, left.tab);
        }
        if (now.revision !== set.revision && same) {
            window.location.reload();
        }
        if (same || !here) {
            return;
        }
        const elsewhere = now.revision !== left.revision;
        const take = () => {
            letGo(left);
            edit(() => left.document);
            toast('The changes are here again; Undo takes them back.');
        };
        tell(ABOUT, {
            tone: 'caution',
            message: `Changes to this set from ${clock(left.at)} were not saved before the page closed${elsewhere ? ', and it was changed elsewhere since' : ''}.`,
            actions: [
                { label: elsewhere ? 'Take them up over the other' : 'Take them up', run: take },
                { label: 'Keep them as a new set', run: () => void keep(left) },
                { label: 'Let them go', run: () => letGo(left) },
            ],
        });
    };
    offer().catch(() => undefined);
    return () => {
        here = false;
        untell(ABOUT);
    };
}

/** Tells of a set that was left unsaved and is not the one on the bench. */
export async function offerElsewhere(): Promise<void> {
    const left = (await leftUnsaved())[0];
    if (left === undefined) {
        return;
    }
    tell(ABOUT, {
        tone: 'caution',
        message: `Changes to “${left.document.name}” from ${clock(left.at)} were not saved before the page closed.`,
        actions: [
            {
                label: 'Open it',
                run: () => {
                    untell(ABOUT);
                    router.visit(benchShow(left.set));
                },
            },
            { label: 'Keep them as a new set', run: () => void keep(left) },
            { label: 'Let them go', run: () => letGo(left) },
        ],
    });
}
