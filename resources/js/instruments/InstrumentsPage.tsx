import { PageTitle } from '../ui/PageTitle';
import { Head, Link, router } from '@inertiajs/react';
import { clsx } from 'clsx';
import { useMemo, type ReactNode } from 'react';
import { ImportButton } from '../documents/ImportButton';
import { ImportProblem } from '../documents/ImportProblem';
import { useImport } from '../documents/useImport';
import { useUnits } from '../units/useUnits';
import { Button } from '../ui/Button';
import { buttonClass } from '../ui/classes';
import { toast } from '../ui/toasts';
import { headsOf, sorted, type SortKeys } from '../ui/Sorted';
import { useAddress } from '../ui/useAddress';
import { matching } from './matching';
import type { InstrumentSummary as Summary } from '../generated/views';
import { FindField } from '../ui/FindField';
import { Filter } from './list/Filter';
import { instrumentsEdit } from '../generated/addresses/instruments';
import { instrumentsCreate, instrumentsImport, instrumentsIndex } from '../generated/addresses/places';
import { withAsked } from '../server/asked';
import type { InstrumentsPage as Props } from '../generated/pages';
import { InstrumentRow } from './list/InstrumentRow';

/** What the columns are ordered by. */
const KEYS: SortKeys<Summary> = {
    name: ({ name }) => name,
    kind: ({ kind }) => kind,
    owner: ({ owner }) => owner,
    strings: ({ strings }) => strings,
    length: ({ lengths_mm: [first] }) => first,
    sets: ({ sets }) => sets,
    last: ({ last }) => last?.name ?? '',
};

export default function InstrumentsPage({ instruments, away, putAway }: Props) {
    const units = useUnits();
    const [looked, look] = useAddress({ for: '', kind: '', owner: '', order: 'name' });
    const { for: words, order } = looked;
    const [kind, owner] = [looked.kind === '' ? null : looked.kind, looked.owner === '' ? null : looked.owner];
    const found = useMemo(
        () => sorted(matching(instruments, { words, kind, owner }), order, KEYS),
        [instruments, words, kind, owner, order],
    );
    const importing = useImport({
        address: instrumentsImport,
        what: 'an instrument’s file',
        onDone: ({ id }, file) => {
            router.visit(instrumentsEdit(id));
            toast(`Brought in “${file.name}”.`);
        },
    });
    const filtered = words !== '' || kind !== null || owner !== null;
    const head = headsOf(order, (next) => look({ order: next }));

    return (
        <div className={clsx('flex-1 px-4 py-5 sm:px-7', importing.over && 'bg-accent-wash')} {...importing.dropping}>
            <Head title="Instruments" />
            <div className="mx-auto max-w-6xl">
                <Tools
                    away={away}
                    words={words}
                    look={look}
                    instruments={instruments}
                    kind={kind}
                    owner={owner}
                    importing={importing}
                />
                <ImportProblem problem={importing.problem} onDismiss={importing.dismiss} />
                {instruments.length === 0 && !away ? (
                    <p className="mt-10 max-w-prose text-ink-soft">
                        No instruments yet. Add one: its kind, its strings and its scale length are enough to begin. Or drop an
                        instrument’s file or a set document here.
                    </p>
                ) : (
                    <table className="mt-5 w-full">
                        <thead>
                            <Heads head={head} />
                        </thead>
                        <tbody>
                            {found.map((instrument) => (
                                <InstrumentRow key={instrument.id} away={away} units={units} instrument={instrument} />
                            ))}
                        </tbody>
                    </table>
                )}
                {instruments.length > 0 && found.length === 0 && <p className="mt-6 text-ink-soft">Nothing matches.</p>}
                {filtered && (
                    <Button look="quiet" className="mt-3" onClick={() => look({ for: '', kind: '', owner: '' })}>
                        Show all {instruments.length}
                    </Button>
                )}
                <PutAwayOrBack away={away} putAway={putAway} />
            </div>
        </div>
    );
}

/** Finds, narrows and adds. */
function Tools({
    away,
    words,
    look,
    instruments,
    kind,
    owner,
    importing,
}: {
    away: Props['away'];
    words: string;
    look: (changed: Partial<{ for: string; kind: string; owner: string; order: string }>, typing?: boolean) => void;
    instruments: Props['instruments'];
    kind: string | null;
    owner: string | null;
    importing: ReturnType<typeof useImport>;
}) {
    return (
        <div className="flex flex-wrap items-center gap-3">
            <PageTitle className="mr-auto">{away ? 'Instruments put away' : 'Instruments'}</PageTitle>
            <FindField
                label="Find an instrument"
                by="Find by name, kind or owner"
                words={words}
                onWords={(next) => look({ for: next }, true)}
            />
            <Filter
                label="Kind"
                all="Every kind"
                values={instruments.map(({ kind }) => kind)}
                value={kind}
                onChange={(chosen) => look({ kind: chosen ?? '' })}
            />
            <Filter
                label="Owner"
                all="Every owner"
                values={instruments.map(({ owner }) => owner)}
                value={owner}
                onChange={(chosen) => look({ owner: chosen ?? '' })}
            />
            <ImportButton label="Instrument or set document to import" onFile={importing.bringIn} />
            <Link href={instrumentsCreate} className={buttonClass.strong}>
                New instrument
            </Link>
        </div>
    );
}

/** What the columns are. */
function Heads({ head }: { head: (by: string, label: string, className: string) => ReactNode }) {
    return (
        <tr className="border-b border-ink text-left text-sm text-ink-soft">
            {head('name', 'Instrument', 'pr-4')}
            {head('kind', 'Kind', 'pr-4 max-sm:hidden')}
            {head('owner', 'Owner', 'pr-4 max-lg:hidden')}
            {head('strings', 'Strings', 'pr-4 text-right')}
            {head('length', 'Speaking length', 'pr-4 pl-4 max-sm:hidden')}
            {head('sets', 'Sets', 'pr-4 text-right max-sm:hidden')}
            {head('last', 'Last designed for it', 'pr-4 max-md:hidden')}
            <th className="w-12">
                <span className="sr-only">More</span>
            </th>
        </tr>
    );
}

/** To those that were put away, and back. */
function PutAwayOrBack({ away, putAway }: { away: Props['away']; putAway: Props['putAway'] }) {
    return (
        <>
            {away ? (
                <p className="mt-4">
                    <Link href={instrumentsIndex} className="inline-block min-h-target text-accent underline">
                        Back to the instruments in use
                    </Link>
                </p>
            ) : (
                putAway > 0 && (
                    <p className="mt-4">
                        <Link
                            href={withAsked(instrumentsIndex, { away: 1 })}
                            className="inline-block min-h-target text-accent underline"
                        >
                            {putAway} put away
                        </Link>
                    </p>
                )
            )}
        </>
    );
}
