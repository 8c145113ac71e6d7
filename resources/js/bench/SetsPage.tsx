import { keepPreviousData, useQuery } from '@tanstack/react-query';
import { Head, Link, router } from '@inertiajs/react';
import { clsx } from 'clsx';
import { Fragment, useMemo, useState } from 'react';
import { ImportButton } from '../documents/ImportButton';
import { ImportProblem } from '../documents/ImportProblem';
import { ShareSet } from '../documents/share/ShareSet';
import { useImport } from '../documents/useImport';
import { useProvided } from '../frame/commands/provided';
import { ask } from '../server/api';
import { Button } from '../ui/Button';
import { buttonClass } from '../ui/classes';
import { pageOf, Pages } from '../ui/Pages';
import { PageTitle } from '../ui/PageTitle';
import { alongRows } from '../ui/alongRows';
import { headsOf, sorted } from '../ui/Sorted';
import { tellFailure, toast } from '../ui/toasts';
import { useAddress } from '../ui/useAddress';
import { GroupHead, SetRow } from './sets/SetRow';
import { matchingSets, SET_KEYS, type Summary } from './sets/summary';
import { FindField } from '../ui/FindField';

interface Props {
    /** Those of the first page, or all of them where the address looks for some. */
    sets: Summary[];
    /** How many there are. */
    count: number;
    /** Whether those are listed that were put away, and how many there are. */
    away: boolean;
    putAway: number;
}

const reload = () => router.reload();

/** With the others, which come after the page. */
function useWithRest(first: Summary[], count: number, away: boolean): Summary[] {
    const { data: rest } = useQuery({
        queryKey: ['other sets', away, count, first.map(({ id, savedAt }) => `${id} ${savedAt}`).join()],
        queryFn: ({ signal }) => ask<Summary[]>(`/sets/rest${away ? '?away=1' : ''}`, { signal }),
        enabled: count > first.length,
        placeholderData: keepPreviousData,
        staleTime: 0,
    });
    return useMemo(() => (count > first.length ? [...first, ...(rest ?? [])] : first), [first, rest, count]);
}

const putAwayOne = (id: number) => ask(`/sets/${id}`, { method: 'DELETE' });
const bringBackOne = (id: number) => ask(`/sets/${id}/unarchive`, { method: 'POST' });

/** Every set there is, or every one that was put away. */
export default function SetsPage({ sets: first, count, away, putAway }: Props) {
    const [{ for: words, instrument, order, page: asked }, look] = useAddress({
        for: '',
        instrument: '',
        order: '',
        page: '1',
    });
    const sets = useWithRest(first, count, away);
    const found = useMemo(() => sorted(matchingSets(sets, words, instrument), order, SET_KEYS), [sets, words, instrument, order]);
    const { rows, page, pages } = pageOf(found, Number(asked));
    // As they come: instrument by instrument.
    const grouped = order === '' && instrument === '';
    const ofInstrument = useMemo(() => {
        const counts = new Map<number, number>();
        for (const { instrumentId } of found) {
            counts.set(instrumentId, (counts.get(instrumentId) ?? 0) + 1);
        }
        return counts;
    }, [found]);
    const [sharing, setSharing] = useState<Summary | null>(null);
    const [marked, setMarked] = useState<ReadonlySet<number>>(new Set());
    const ticked = found.filter(({ id }) => marked.has(id));
    const tick = (ids: number[], on: boolean) =>
        setMarked((present) => new Set(on ? [...present, ...ids] : [...present].filter((id) => !ids.includes(id))));
    const of = instrument === '' ? undefined : sets.find(({ instrumentId }) => String(instrumentId) === instrument)?.instrument;

    const { problem, dismiss, bringIn, over, dropping } = useImport({
        address: '/sets/import',
        what: 'a set document',
        onDone: ({ id }, file) => {
            router.visit(`/bench/${id}`);
            toast(`Brought in “${file.name}”.`);
        },
    });
    const idsOf = (some: Summary[]) => some.map(({ id }) => id);
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
    const head = headsOf(order, (next) => look({ order: next, page: '1' }));
    useProvided({
        commands: [
            {
                group: 'Sets',
                name: 'Tick every set that is listed',
                run: () => tick(idsOf(found), true),
            },
            {
                group: 'Sets',
                name: away ? 'Bring back the ticked sets' : 'Put away the ticked sets',
                disabled: ticked.length === 0,
                run: () => (away ? bringSomeBack : putSomeAway)(ticked),
            },
            {
                group: 'Sets',
                name: 'Show every set',
                disabled: words === '' && instrument === '',
                run: () => look({ for: '', instrument: '', page: '1' }),
            },
        ],
        busy: false,
    });

    return (
        <div className={clsx('flex-1 px-4 py-5 sm:px-7', over && 'bg-accent-wash')} {...dropping}>
            <Head title={away ? 'Sets put away' : 'Sets'} />
            <div className="mx-auto max-w-6xl">
                <div className="flex flex-wrap items-center gap-3">
                    <PageTitle className="mr-auto">{away ? 'Sets put away' : 'Sets'}</PageTitle>
                    <FindField
                        label="Find a set"
                        by="Find by name, instrument or tuning"
                        words={words}
                        onWords={(next) => look({ for: next, page: '1' }, true)}
                    />
                    <ImportButton label="Set document to import" onFile={bringIn} />
                    <Link href="/start" className={buttonClass.strong}>
                        New set
                    </Link>
                </div>

                <ImportProblem problem={problem} onDismiss={dismiss} />

                {sets.length === 0 && !away ? (
                    <p className="mt-10 max-w-prose text-ink-soft">
                        No sets yet. Begin one with <strong>New set</strong>: what you have, and what it should become. Or drop a
                        set document here.
                    </p>
                ) : (
                    <>
                        {ticked.length > 0 && (
                            <div
                                role="toolbar"
                                aria-label="With the ticked sets"
                                className="mt-4 flex flex-wrap items-center gap-2 border-l-4 border-l-accent bg-sheet px-3 py-1.5"
                            >
                                <span className="mr-2 font-semibold">{ticked.length} ticked</span>
                                {away ? (
                                    <Button className="h-8" onClick={() => bringSomeBack(ticked)}>
                                        Bring back
                                    </Button>
                                ) : (
                                    <>
                                        <Link
                                            href={`/strings/orders?set=${idsOf(ticked).join(',')}`}
                                            className={clsx(buttonClass.plain, 'h-8')}
                                        >
                                            Order their strings…
                                        </Link>
                                        <Button className="h-8" onClick={() => putSomeAway(ticked)}>
                                            Put away
                                        </Button>
                                    </>
                                )}
                                <Button look="quiet" className="h-8" onClick={() => setMarked(new Set())}>
                                    Untick
                                </Button>
                            </div>
                        )}
                        <table className="mt-4 w-full" onKeyDown={alongRows}>
                            <caption className="sr-only">Sets. The arrow keys lead along a row and from row to row.</caption>
                            <thead>
                                <tr className="border-b border-ink text-left text-sm text-ink-soft">
                                    <th scope="col" className="w-8">
                                        <label className="flex size-[24px] items-center justify-center">
                                            <span className="sr-only">Tick every set that is listed</span>
                                            <input
                                                type="checkbox"
                                                checked={found.length > 0 && ticked.length === found.length}
                                                onChange={(event) => tick(idsOf(found), event.target.checked)}
                                            />
                                        </label>
                                    </th>
                                    {head('name', 'Set', 'pr-4')}
                                    {!grouped && head('instrument', 'Instrument', 'pr-4 max-sm:hidden')}
                                    {head('gauges', 'Gauges', 'pr-4 max-md:hidden')}
                                    {head('tunings', 'Tunings', 'pr-4 max-md:hidden')}
                                    {head('changed', 'Changed', 'pr-4 text-right max-md:hidden')}
                                    <th scope="col" className="w-10">
                                        <span className="sr-only">More</span>
                                    </th>
                                </tr>
                            </thead>
                            <tbody>
                                {rows.map((set, index) => (
                                    <Fragment key={set.id}>
                                        {grouped && set.instrumentId !== rows[index - 1]?.instrumentId && (
                                            <GroupHead set={set} count={ofInstrument.get(set.instrumentId) ?? 1} />
                                        )}
                                        <SetRow
                                            set={set}
                                            grouped={grouped}
                                            away={away}
                                            ticked={marked.has(set.id)}
                                            onTick={(on) => tick([set.id], on)}
                                            onPutAway={() => putSomeAway([set])}
                                            onBringBack={() => bringSomeBack([set])}
                                            onShare={() => setSharing(set)}
                                        />
                                    </Fragment>
                                ))}
                            </tbody>
                        </table>
                        <Pages page={page} pages={pages} onPage={(next) => look({ page: String(next) })} />
                    </>
                )}
                {(sets.length > 0 || away) && found.length === 0 && (
                    <p className="mt-6 text-ink-soft">
                        {sets.length === 0 ? 'No set was put away.' : `Nothing matches “${words}”.`}
                    </p>
                )}
                <p className="mt-4 flex flex-wrap gap-x-5">
                    {(words !== '' || instrument !== '') && (
                        <button
                            type="button"
                            className="min-h-target text-accent underline"
                            onClick={() => look({ for: '', instrument: '', page: '1' })}
                        >
                            {of === undefined ? `Show all ${count}` : `Only those on ${of}; show all ${count}`}
                        </button>
                    )}
                    {away ? (
                        <Link href="/sets" className="inline-block min-h-target text-accent underline">
                            Back to the sets in use
                        </Link>
                    ) : (
                        putAway > 0 && (
                            <Link href="/sets?away=1" className="inline-block min-h-target text-accent underline">
                                {putAway} put away
                            </Link>
                        )
                    )}
                </p>
            </div>
            {sharing !== null && <ShareSet open onOpenChange={() => setSharing(null)} set={sharing} tuning={0} text={null} />}
        </div>
    );
}
