import { MarkedBar } from './sets/MarkedBar';
import { SetTable } from './sets/SetTable';
import { useMarked } from './sets/useMarked';
import { useWithRest } from './sets/useWithRest';
import { Head, Link, router } from '@inertiajs/react';
import { clsx } from 'clsx';
import { useMemo, useState } from 'react';
import { ImportButton } from '../documents/ImportButton';
import { ImportProblem } from '../documents/ImportProblem';
import { ShareSet } from '../documents/share/ShareSet';
import { useImport } from '../documents/useImport';
import { buttonClass } from '../ui/classes';
import { pageOf, Pages } from '../ui/Pages';
import { PageTitle } from '../ui/PageTitle';
import { headsOf, sorted } from '../ui/Sorted';
import { toast } from '../ui/toasts';
import { useAddress } from '../ui/useAddress';
import { matchingSets, SET_KEYS } from './sets/summary';
import type { SetSummary as Summary } from '../generated/views';
import { FindField } from '../ui/FindField';
import { benchShow } from '../generated/addresses/bench';
import { setsImport, startCreate } from '../generated/addresses/places';
import type { SetsPage as Props } from '../generated/pages';
import { Beyond } from './sets/Beyond';
import { useSetsCommands } from './sets/useSetsCommands';

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
    const marks = useMarked(found);
    const { ticked, tick, putSomeAway, bringSomeBack } = marks;
    const of = instrument === '' ? undefined : sets.find(({ instrumentId }) => String(instrumentId) === instrument)?.instrument;

    const { problem, dismiss, bringIn, over, dropping } = useImport({
        address: setsImport,
        what: 'a set document',
        onDone: ({ id }, file) => {
            router.visit(benchShow(id));
            toast(`Brought in “${file.name}”.`);
        },
    });
    const head = headsOf(order, (next) => look({ order: next, page: '1' }));
    useSetsCommands({ tick, found, away, ticked, bringSomeBack, putSomeAway, words, instrument, look });

    return (
        <div className={clsx('flex-1 px-4 py-5 sm:px-7', over && 'bg-accent-wash')} {...dropping}>
            <Head title={away ? 'Sets put away' : 'Sets'} />
            <div className="mx-auto max-w-6xl">
                <Tools away={away} words={words} look={look} bringIn={bringIn} />

                <ImportProblem problem={problem} onDismiss={dismiss} />

                {sets.length === 0 && !away ? (
                    <p className="mt-10 max-w-prose text-ink-soft">
                        No sets yet. Begin one with <strong>New set</strong>: what you have, and what it should become. Or drop a
                        set document here.
                    </p>
                ) : (
                    <>
                        {ticked.length > 0 && <MarkedBar away={away} marked={marks} />}
                        <SetTable
                            rows={rows}
                            found={found}
                            grouped={grouped}
                            ofInstrument={ofInstrument}
                            away={away}
                            head={head}
                            marked={marks}
                            onShare={setSharing}
                        />
                        <Pages page={page} pages={pages} onPage={(next) => look({ page: String(next) })} />
                    </>
                )}
                {(sets.length > 0 || away) && found.length === 0 && (
                    <p className="mt-6 text-ink-soft">
                        {sets.length === 0 ? 'No set was put away.' : `Nothing matches “${words}”.`}
                    </p>
                )}
                <Beyond words={words} instrument={instrument} look={look} of={of} count={count} away={away} putAway={putAway} />
            </div>
            {sharing !== null && <ShareSet open onOpenChange={() => setSharing(null)} set={sharing} tuning={0} text={null} />}
        </div>
    );
}

/** Finds and adds. */
function Tools({
    away,
    words,
    look,
    bringIn,
}: {
    away: Props['away'];
    words: string;
    look: (changed: Partial<{ for: string; instrument: string; order: string; page: string }>, typing?: boolean) => void;
    bringIn: (file: File | undefined) => undefined;
}) {
    return (
        <div className="flex flex-wrap items-center gap-3">
            <PageTitle className="mr-auto">{away ? 'Sets put away' : 'Sets'}</PageTitle>
            <FindField
                label="Find a set"
                by="Find by name, instrument or tuning"
                words={words}
                onWords={(next) => look({ for: next, page: '1' }, true)}
            />
            <ImportButton label="Set document to import" onFile={bringIn} />
            <Link href={startCreate} className={buttonClass.strong}>
                New set
            </Link>
        </div>
    );
}
