import { keepPreviousData, useQuery, useQueryClient } from '@tanstack/react-query';
import { clsx } from 'clsx';
import { useId, useRef, useState, type KeyboardEvent } from 'react';
import { ask } from '../lib/api';
import { pitchLabel, tuningLabel } from '../lib/pitch';
import { Button } from '../ui/Button';
import { fieldClass } from '../ui/classes';
import { Dialog } from '../ui/Dialog';
import { toast } from '../ui/toasts';
import { useBench } from './benchStore';
import * as edits from './edits';

interface Found {
    id: number | null;
    name: string;
    family: string;
    pitches: string[];
}

interface Answer {
    tunings: Found[];
    typed: { name: string; pitches: string[] } | null;
    hint: string | null;
}

/** The tuning picker: by name, by family, or by typing the notes. */
export function TuningPicker({ open, onOpenChange }: { open: boolean; onOpenChange: (open: boolean) => void }) {
    return (
        <Dialog
            open={open}
            onOpenChange={onOpenChange}
            title="Choose a tuning"
            description="By its name, or type its notes from the last string to the first: DADGAD, C2 G2 C3 …"
            width="wide"
        >
            <Picker onDone={() => onOpenChange(false)} />
        </Dialog>
    );
}

function Picker({ onDone }: { onDone: () => void }) {
    const document = useBench((state) => state.document);
    const index = useBench((state) => state.tuning);
    const edit = useBench((state) => state.edit);
    const queries = useQueryClient();
    const list = useId();
    const options = useRef<HTMLUListElement>(null);
    const [typed, setTyped] = useState('');
    const [at, setAt] = useState(0);
    const present = document.tunings[index];
    const [presentPitches] = useState(() => (present?.pitches ?? []).join(' '));

    const { data, error } = useQuery({
        queryKey: ['tunings', document.instrument.kind, presentPitches, typed],
        queryFn: ({ signal }) =>
            ask<Answer>(
                `/api/v1/tunings?${new URLSearchParams({ kind: document.instrument.kind, present: presentPitches, typed }).toString()}`,
                { signal },
            ),
        placeholderData: keepPreviousData,
    });
    const notes = data?.typed ? [{ id: null, name: data.typed.name, family: 'As typed', pitches: data.typed.pitches }] : [];
    const found: Found[] = [...notes, ...(data?.tunings ?? [])];
    const chosen = Math.min(at, Math.max(0, found.length - 1));

    const take = (tuning: Found | undefined) => {
        if (tuning !== undefined) {
            edit(edits.tuning(index, tuning.family === 'As typed' ? '' : tuning.name, tuning.pitches));
            onDone();
        }
    };
    const move = (to: number) => {
        const next = Math.max(0, Math.min(found.length - 1, to));
        setAt(next);
        options.current?.children[next]?.scrollIntoView({ block: 'nearest' });
    };
    const onKeyDown = (event: KeyboardEvent) => {
        const act: Record<string, () => void> = {
            ArrowDown: () => move(chosen + 1),
            ArrowUp: () => move(chosen - 1),
            Enter: () => take(found[chosen]),
        };
        const action = act[event.key];
        if (action !== undefined) {
            event.preventDefault();
            action();
        }
    };
    const keepOwn = async () => {
        if (present === undefined) {
            return;
        }
        try {
            const name = typed.trim() === '' ? tuningLabel(present) : typed.trim();
            await ask('/tunings', { method: 'POST', body: { name, pitches: present.pitches } });
            await queries.invalidateQueries({ queryKey: ['tunings'] });
            setTyped('');
            toast(`Kept “${name}” among your own tunings.`);
        } catch (problem) {
            toast(problem instanceof Error ? problem.message : 'The tuning was not kept. Try again.', { tone: 'failed' });
        }
    };
    const forget = async (tuning: Found) => {
        await ask(`/tunings/${tuning.id}`, { method: 'DELETE' });
        await queries.invalidateQueries({ queryKey: ['tunings'] });
        toast(`“${tuning.name}” is no longer among your own.`, {
            action: {
                label: 'Undo',
                run: () =>
                    void ask('/tunings', { method: 'POST', body: { name: tuning.name, pitches: tuning.pitches } }).then(() =>
                        queries.invalidateQueries({ queryKey: ['tunings'] }),
                    ),
            },
        });
    };

    return (
        <>
            <input
                className={fieldClass}
                role="combobox"
                aria-label="Name or notes of a tuning"
                aria-expanded
                aria-controls={list}
                aria-activedescendant={found.length > 0 ? `${list}-${chosen}` : undefined}
                placeholder="Name or notes"
                value={typed}
                autoComplete="off"
                spellCheck={false}
                onChange={(event) => {
                    setTyped(event.target.value);
                    setAt(0);
                }}
                onKeyDown={onKeyDown}
            />
            <ul
                ref={options}
                id={list}
                role="listbox"
                aria-label="Tunings"
                className="mt-3 max-h-[22rem] min-h-24 overflow-auto border-y border-rule"
            >
                {found.map((tuning, position) => (
                    <li
                        key={`${tuning.family}-${tuning.name}-${tuning.pitches.join()}`}
                        id={`${list}-${position}`}
                        role="option"
                        aria-selected={position === chosen}
                        onClick={() => take(tuning)}
                        onPointerMove={() => setAt(position)}
                        className={clsx(
                            'flex cursor-pointer items-baseline gap-4 border-b border-rule/60 px-2 py-1.5',
                            position === chosen && 'bg-accent-wash',
                        )}
                    >
                        <span className="min-w-0 flex-1 truncate font-semibold">{tuning.name}</span>
                        <span className="text-sm text-ink-soft">{[...tuning.pitches].reverse().map(pitchLabel).join(' ')}</span>
                        <span className="w-36 text-right text-sm text-ink-faint">{tuning.family}</span>
                    </li>
                ))}
                {found.length === 0 && (
                    <li role="presentation" className="p-3 text-ink-soft">
                        {error?.message ?? data?.hint ?? 'Nothing by that name for this number of strings.'}
                    </li>
                )}
            </ul>
            <div className="mt-3 flex items-center justify-between gap-3">
                <p className="text-sm text-ink-faint">Notes without an octave take the one nearest to the present tuning.</p>
                <div className="flex gap-2">
                    {found[chosen]?.id != null && (
                        <Button look="quiet" onClick={() => void forget(found[chosen] as Found)}>
                            Forget “{found[chosen].name}”
                        </Button>
                    )}
                    <Button onClick={() => void keepOwn()}>Keep the present tuning</Button>
                </div>
            </div>
        </>
    );
}
