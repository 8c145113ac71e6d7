import { type QueryClient, keepPreviousData, queryOptions, useQuery, useQueryClient } from '@tanstack/react-query';
import { clsx } from 'clsx';
import { useId, useRef, useState, type KeyboardEvent, type Dispatch, type SetStateAction, type RefObject } from 'react';
import { ask } from '../../server/api';
import type { Kind } from '../../generated/formats';
import { pitchLabel, tuningLabel } from '../../units/pitch';
import { Button } from '../../ui/Button';
import { fieldClass } from '../../ui/classes';
import { tellFailure, toast } from '../../ui/toasts';
import { apiTunings, tuningsStore } from '../../generated/addresses/places';
import { tuningsDestroy } from '../../generated/addresses/tunings';
import { withAsked } from '../../server/asked';

interface Found {
    id: number | null;
    name: string;
    family: string;
    pitches: string[];
}

interface Answer {
    tunings: Found[];
    /** What is wrong with what was typed, and the nearest that is right. */
    hint: string | null;
}

interface Props {
    kind: Kind;
    /** The tuning that is there now: what notes without an octave stay near to, and what can be kept as one's own. */
    present: { name?: string; pitches: string[] };
    onTake: (name: string, pitches: string[]) => void;
    /** Where there is little room: a short list, and only what is needed to choose. */
    narrow?: boolean;
}

/** The library of tunings and one's own, searched by name, by family, or by typing the notes. */
export function TuningChoice({ kind, present, onTake, narrow = false }: Props) {
    const queries = useQueryClient();
    const list = useId();
    const options = useRef<HTMLUListElement>(null);
    const [typed, setTyped] = useState('');
    const [at, setAt] = useState(0);
    const [presentPitches] = useState(() => present.pitches.join(' '));

    const asked = queryOptions({
        queryKey: ['tunings', kind, presentPitches, typed],
        queryFn: ({ signal }) => ask<Answer>(withAsked(apiTunings, { kind, present: presentPitches, typed }), { signal }),
    });
    const { data, error, isPlaceholderData } = useQuery({ ...asked, placeholderData: keepPreviousData });
    const found = data?.tunings ?? [];
    const chosen = Math.min(at, Math.max(0, found.length - 1));

    const take = (tuning: Found | undefined) => {
        if (tuning !== undefined) {
            onTake(tuning.name, tuning.pitches);
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
            // Enter right after typing takes from what was typed, not from what is still listed.
            Enter: () =>
                isPlaceholderData
                    ? void queries.query(asked).then(
                          (answer) => take(answer.tunings[0]),
                          () => undefined,
                      )
                    : take(found[chosen]),
        };
        const action = act[event.key];
        if (action !== undefined) {
            event.preventDefault();
            action();
        }
    };
    const { forget, keepOwn } = useOwnTunings({ typed, present, queries, setTyped });

    return (
        <>
            <input
                className={fieldClass}
                role="combobox"
                aria-label="Name or notes of a tuning"
                aria-expanded
                aria-controls={list}
                aria-activedescendant={found.length > 0 ? `${list}-${chosen}` : undefined}
                placeholder="Drop D, half a step down, DADGAD …"
                value={typed}
                autoComplete="off"
                spellCheck={false}
                onChange={(event) => {
                    setTyped(event.target.value);
                    setAt(0);
                }}
                onKeyDown={onKeyDown}
            />
            <TuningList options={options} list={list} narrow={narrow} found={found} chosen={chosen} take={take} setAt={setAt} />
            {found.length === 0 && (
                <p className="min-h-24 p-3 text-ink-soft">
                    {error?.message ??
                        (data === undefined
                            ? 'Looking for tunings…'
                            : (data.hint ?? 'No tuning is known for this number of strings. Type its notes.'))}
                </p>
            )}
            {!narrow && <OwnFoot marked={found[chosen]} forget={forget} keepOwn={keepOwn} />}
        </>
    );
}

/** Keeps a tuning among one’s own, and forgets it. */
function useOwnTunings({
    typed,
    present,
    queries,
    setTyped,
}: {
    typed: string;
    present: Props['present'];
    queries: QueryClient;
    setTyped: Dispatch<SetStateAction<string>>;
}) {
    const keepOwn = async () => {
        try {
            const name = typed.trim() === '' ? tuningLabel(present) : typed.trim();
            await ask(tuningsStore, { method: 'POST', body: { name, pitches: present.pitches } });
            await queries.invalidateQueries({ queryKey: ['tunings'] });
            setTyped('');
            toast(`Kept “${name}” among your own tunings.`);
        } catch (problem) {
            tellFailure(problem);
        }
    };
    const forget = async (tuning: Found, own: number) => {
        try {
            await ask(tuningsDestroy(own), { method: 'DELETE' });
        } catch (problem) {
            tellFailure(problem);
            return;
        }
        await queries.invalidateQueries({ queryKey: ['tunings'] });
        toast(`“${tuning.name}” is no longer among your own.`, {
            action: {
                label: 'Undo',
                run: () =>
                    void ask(tuningsStore, { method: 'POST', body: { name: tuning.name, pitches: tuning.pitches } }).then(() =>
                        queries.invalidateQueries({ queryKey: ['tunings'] }),
                    ),
            },
        });
    };
    return { forget, keepOwn };
}

/** The tunings that were found, one of them chosen. */
function TuningList({
    options,
    list,
    narrow,
    found,
    chosen,
    take,
    setAt,
}: {
    options: RefObject<HTMLUListElement | null>;
    list: string;
    narrow: Props['narrow'];
    found: Found[];
    chosen: number;
    take: (tuning: Found | undefined) => void;
    setAt: Dispatch<SetStateAction<number>>;
}) {
    return (
        <ul
            ref={options}
            id={list}
            role="listbox"
            aria-label="Tunings"
            className={clsx('mt-3 overflow-auto border-t border-rule', narrow ? 'max-h-52' : 'max-h-[22rem]')}
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
                        'flex cursor-pointer flex-wrap items-baseline gap-x-4 border-b border-rule/60 px-2 py-1.5',
                        position === chosen && 'bg-accent-wash',
                    )}
                >
                    <span className={clsx('min-w-0 flex-1 font-semibold max-sm:basis-full', narrow && 'basis-full')}>
                        {tuningLabel(tuning)}
                    </span>
                    <span className="text-sm text-ink-soft">{[...tuning.pitches].reverse().map(pitchLabel).join(' ')}</span>
                    {!narrow && (
                        <span className="w-36 text-right text-sm text-ink-faint max-sm:ml-auto max-sm:w-auto">
                            {tuning.family}
                        </span>
                    )}
                </li>
            ))}
        </ul>
    );
}

/** What can be done with one’s own. */
function OwnFoot({
    marked,
    forget,
    keepOwn,
}: {
    marked: Found | undefined;
    forget: (tuning: Found, own: number) => Promise<void>;
    keepOwn: () => Promise<void>;
}) {
    const own = marked?.id ?? null;
    return (
        <div className="mt-3 flex items-center justify-between gap-3">
            <p className="text-sm text-ink-faint">Notes without an octave rise from the lowest, near to the present tuning.</p>
            <div className="flex gap-2">
                {marked !== undefined && own !== null && (
                    <Button look="quiet" onClick={() => void forget(marked, own)}>
                        Forget “{marked.name}”
                    </Button>
                )}
                <Button onClick={() => void keepOwn()}>Keep the present tuning</Button>
            </div>
        </div>
    );
}
