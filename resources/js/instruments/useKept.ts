import { router } from '@inertiajs/react';
import { useState } from 'react';
import { flushSync } from 'react-dom';
import { ask, asRefused, Refused } from '../server/api';
import { toast } from '../ui/toasts';
import type { useInstrumentDraft } from './draft';
import { instrumentsEdit, instrumentsUpdate } from '../generated/addresses/instruments';
import { instrumentsStore } from '../generated/addresses/places';
import { withAsked } from '../server/asked';

/** The places whose problems stand beside their fields. */
const FIELDS = /^\/(document\/)?(name|kind|scale|strings|short_strings|hardware|setup|neck|courses|owner|notes)/;

const LONGEST = 190;

/**
 * Keeps an instrument as it was typed.
 *
 * @param instrument as it is kept; null for a new one
 * @param onProblem what is wrong is to be seen
 */
export function useKept(
    instrument: { id: number; revision: number } | null,
    draft: ReturnType<typeof useInstrumentDraft>,
    onProblem: () => void,
) {
    const [refused, setRefused] = useState<Refused | null>(null);
    const [busy, setBusy] = useState(false);
    /** The id it is kept under; null if it was refused. */
    const keep = async (asNew = false): Promise<number | null> => {
        const over = asNew ? null : instrument;
        if (draft.problems.length > 0) {
            onProblem();
            setRefused(new Refused(0, draft.problems));
            return null;
        }
        setBusy(true);
        setRefused(null);
        try {
            const name =
                instrument !== null && over === null ? `${draft.name.trim().slice(0, LONGEST)}, mine` : draft.name.trim();
            const kept = await ask<{ id: number }>(over === null ? instrumentsStore : instrumentsUpdate(over.id), {
                method: over === null ? 'POST' : 'PUT',
                body: { document: { ...draft.document, name }, strings: Number(draft.strings), revision: instrument?.revision },
            });
            toast(`“${name}” is saved.`);
            // At once, so that leaving is not held up by what was just saved.
            flushSync(draft.kept);
            return kept.id;
        } catch (error) {
            onProblem();
            setRefused(asRefused(error));
            setBusy(false);
            return null;
        }
    };
    /** Saves it, and goes on where it was saved. */
    const save = async () => {
        const id = await keep();
        if (id !== null && instrument === null) {
            router.visit(withAsked(instrumentsEdit(id), new URLSearchParams(window.location.search)));
        } else if (id !== null) {
            router.reload({ only: ['instrument'], onFinish: () => setBusy(false) });
        }
    };
    /** Keeps it as another instrument, beside what somebody else made of it. */
    const keepAsNew = async () => {
        const id = await keep(true);
        if (id !== null) {
            router.visit(instrumentsEdit(id));
        }
    };
    const at = (path: string) => (refused?.at(path) ?? refused?.at(`/document${path}`))?.message;
    const other = refused?.problems.find(({ path }) => !FIELDS.test(path))?.message;
    return { refused, busy, keep, save, keepAsNew, at, other };
}
