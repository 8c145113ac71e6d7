import { PageTitle } from '../ui/PageTitle';
import { go } from '../server/go';
import { useAct } from '../server/useAct';
import { Glyph } from '../ui/Glyph';
import { Head, Link, router } from '@inertiajs/react';
import { clsx } from 'clsx';
import { useMemo, useState } from 'react';
import { ImportButton } from '../documents/ImportButton';
import { ImportProblem } from '../documents/ImportProblem';
import { useImport } from '../documents/useImport';
import { ask } from '../server/api';
import { gaugeInches } from '../units/stringType';
import { formatGauge, useUnits } from '../units/units';
import { Button } from '../ui/Button';
import { buttonClass, fieldClass } from '../ui/classes';
import { Dialog } from '../ui/Dialog';
import { Field } from '../ui/Field';
import { Menu, MenuItem, MenuLine, MenuLink } from '../ui/Menu';
import { Select } from '../ui/Select';
import { tellFailure, toast } from '../ui/toasts';

interface Summary {
    id: number;
    name: string;
    instrument: string;
    kind: string;
    strings: number;
    tunings: string[];
    gauges_nm: number[];
    savedAt: string;
}

interface Props {
    sets: Summary[];
    instruments: { id: number; name: string }[];
}

export default function SetsPage({ sets, instruments }: Props) {
    const units = useUnits();
    const [sought, setSought] = useState('');
    const [starting, setStarting] = useState(false);
    const found = useMemo(() => {
        const words = sought.toLowerCase().split(/\s+/).filter(Boolean);
        return sets.filter((set) => {
            const text = [set.name, set.instrument, set.kind, ...set.tunings].join(' ').toLowerCase();
            return words.every((word) => text.includes(word));
        });
    }, [sets, sought]);

    const { problem, dismiss, bringIn, over, dropping } = useImport({
        address: '/sets/import',
        what: 'a set document',
        onDone: ({ id }, file) => {
            router.visit(`/bench/${id}`);
            toast(`Brought in “${file.name}”.`);
        },
    });
    const reload = () => router.reload();
    const putAway = async (set: Summary) => {
        await ask(`/sets/${set.id}`, { method: 'DELETE' });
        reload();
        toast(`“${set.name}” was put away.`, {
            action: { label: 'Undo', run: () => void ask(`/sets/${set.id}/unarchive`, { method: 'POST' }).then(reload) },
        });
    };
    const duplicate = async (set: Summary) => {
        const { id } = await ask<{ id: number }>(`/sets/${set.id}/duplicate`, { method: 'POST' });
        router.visit(`/bench/${id}`);
    };

    return (
        <div className={clsx('flex-1 px-4 py-5 sm:px-7', over && 'bg-accent-wash')} {...dropping}>
            <Head title="Sets" />
            <div className="mx-auto max-w-6xl">
                <div className="flex flex-wrap items-center gap-3">
                    <PageTitle className="mr-auto">Sets</PageTitle>
                    <input
                        type="search"
                        aria-label="Find a set"
                        placeholder="Find by name, instrument or tuning"
                        className={clsx(fieldClass, 'max-w-72')}
                        value={sought}
                        onChange={(event) => setSought(event.target.value)}
                    />
                    <ImportButton label="Set document to import" onFile={bringIn} />
                    <Button look="strong" onClick={() => setStarting(true)}>
                        New set
                    </Button>
                </div>

                <ImportProblem problem={problem} onDismiss={dismiss} />

                {sets.length === 0 ? (
                    <p className="mt-10 max-w-prose text-ink-soft">
                        No sets yet. Begin one with <strong>New set</strong> on an instrument, or drop a set document here to
                        import it.
                    </p>
                ) : (
                    <table className="mt-5 w-full">
                        <thead>
                            <tr className="border-b border-ink text-left text-sm text-ink-soft">
                                <th className="py-1.5 pr-4 font-normal">Set</th>
                                <th className="py-1.5 pr-4 font-normal">Instrument</th>
                                <th className="py-1.5 pr-4 font-normal max-md:hidden">Gauges</th>
                                <th className="py-1.5 pr-4 font-normal max-md:hidden">Tunings</th>
                                <th className="py-1.5 pr-4 text-right font-normal max-md:hidden">Changed</th>
                                <th className="w-10">
                                    <span className="sr-only">More</span>
                                </th>
                            </tr>
                        </thead>
                        <tbody>
                            {found.map((set) => (
                                <tr key={set.id} className="border-b border-rule hover:bg-sheet">
                                    <td className="py-2 pr-4">
                                        <Link
                                            href={`/bench/${set.id}`}
                                            className="font-semibold underline decoration-transparent underline-offset-3 hover:decoration-accent"
                                        >
                                            {set.name}
                                        </Link>
                                    </td>
                                    <td className="py-2 pr-4">
                                        {set.instrument}
                                        <span className="block text-sm text-ink-faint">{set.kind}</span>
                                    </td>
                                    <td className="py-2 pr-4 max-md:hidden">
                                        {set.gauges_nm
                                            .map((gauge_nm) => formatGauge(gaugeInches({ gauge_nm }), units))
                                            .join(' · ')}
                                    </td>
                                    <td className="py-2 pr-4 text-ink-soft max-md:hidden">
                                        {set.tunings.filter(Boolean).join(', ')}
                                    </td>
                                    <td className="py-2 pr-4 text-right whitespace-nowrap text-ink-soft max-md:hidden">
                                        {new Date(set.savedAt).toLocaleDateString([], { day: 'numeric', month: 'short' })}
                                    </td>
                                    <td className="py-1 text-right">
                                        <Menu
                                            trigger={
                                                <Button look="quiet" className="w-9 px-0" aria-label={`More for ${set.name}`}>
                                                    <Glyph sign="more" />
                                                </Button>
                                            }
                                        >
                                            <MenuItem onSelect={() => router.visit(`/bench/${set.id}`)}>
                                                Open on the Bench
                                            </MenuItem>
                                            <MenuItem onSelect={() => void duplicate(set).catch(tellFailure)}>Duplicate</MenuItem>
                                            <MenuLink href={`/sets/${set.id}/sheet`} newTab>
                                                Sheet (PDF)
                                            </MenuLink>
                                            <MenuLink href={`/sets/${set.id}/export`}>Export set document</MenuLink>
                                            <MenuLine />
                                            <MenuItem onSelect={() => void putAway(set).catch(tellFailure)}>Put away</MenuItem>
                                        </Menu>
                                    </td>
                                </tr>
                            ))}
                        </tbody>
                    </table>
                )}
                {sets.length > 0 && found.length === 0 && <p className="mt-6 text-ink-soft">Nothing matches “{sought}”.</p>}
            </div>
            <StartDialog open={starting} onOpenChange={setStarting} instruments={instruments} />
        </div>
    );
}

function StartDialog({
    open,
    onOpenChange,
    instruments,
}: {
    open: boolean;
    onOpenChange: (open: boolean) => void;
    instruments: Props['instruments'];
}) {
    const [instrument, setInstrument] = useState(String(instruments[0]?.id ?? ''));
    const [name, setName] = useState('');
    const { act, busy, problem } = useAct();
    const start = () =>
        act(async () => {
            const { id } = await ask<{ id: number }>('/sets', { method: 'POST', body: { instrument: Number(instrument), name } });
            await go(`/bench/${id}`);
        });
    return (
        <Dialog
            open={open}
            onOpenChange={onOpenChange}
            title="New set"
            description="It begins with the usual tuning and gauges of the instrument, to change from there."
        >
            {instruments.length === 0 ? (
                <p>
                    There is no instrument yet.{' '}
                    <Link href="/instruments/new" className="font-semibold text-accent underline">
                        Add one first
                    </Link>
                    .
                </p>
            ) : (
                <form
                    className="grid gap-3"
                    onSubmit={(event) => {
                        event.preventDefault();
                        start();
                    }}
                >
                    <Field label="Instrument" error={problem}>
                        <Select
                            value={instrument}
                            onChange={setInstrument}
                            choices={instruments.map(({ id, name: label }) => ({ value: String(id), label }))}
                        />
                    </Field>
                    <Field label="Name" hint="Left empty, it is called after the instrument and its tuning.">
                        <input
                            className={fieldClass}
                            value={name}
                            maxLength={200}
                            onChange={(event) => setName(event.target.value)}
                        />
                    </Field>
                    <button type="submit" disabled={busy} className={clsx(buttonClass.strong, 'mt-2')}>
                        Put it on the Bench
                    </button>
                </form>
            )}
        </Dialog>
    );
}
