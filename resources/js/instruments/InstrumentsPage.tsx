import { Head, Link, router } from '@inertiajs/react';
import { clsx } from 'clsx';
import { useMemo, useState } from 'react';
import { ask } from '../lib/api';
import { formatLength, useUnits } from '../lib/units';
import { Button } from '../ui/Button';
import { buttonClass, fieldClass } from '../ui/classes';
import { Glyph } from '../ui/Glyph';
import { Menu, MenuItem, MenuLine } from '../ui/Menu';
import { toast } from '../ui/toasts';

interface Summary {
    id: number;
    name: string;
    kind: string;
    strings: number;
    lengths_mm: [number, number];
    sets: number;
    /** The set last designed for it. */
    last: { id: number; name: string } | null;
}

export default function InstrumentsPage({ instruments }: { instruments: Summary[] }) {
    const units = useUnits();
    const [sought, setSought] = useState('');
    const found = useMemo(() => {
        const words = sought.toLowerCase().split(/\s+/).filter(Boolean);
        return instruments.filter(({ name, kind }) => words.every((word) => `${name} ${kind}`.toLowerCase().includes(word)));
    }, [instruments, sought]);
    const reload = () => router.reload();
    const duplicate = async ({ id }: Summary) => {
        try {
            const copy = await ask<{ id: number }>(`/instruments/${id}/duplicate`, { method: 'POST' });
            router.visit(`/instruments/${copy.id}`);
        } catch (error) {
            toast(error instanceof Error ? error.message : 'That did not work. Try again.', { tone: 'failed' });
        }
    };
    const putAway = async ({ id, name }: Summary) => {
        try {
            await ask(`/instruments/${id}`, { method: 'DELETE' });
            reload();
            toast(`“${name}” was put away. Its sets stay.`, {
                action: { label: 'Undo', run: () => void ask(`/instruments/${id}/unarchive`, { method: 'POST' }).then(reload) },
            });
        } catch (error) {
            toast(error instanceof Error ? error.message : 'That did not work. Try again.', { tone: 'failed' });
        }
    };
    const lengths = ([first, last]: [number, number]) => {
        const [a, b] = [formatLength(first, units), formatLength(last, units)];
        return a === b ? a : `${a} to ${b}`;
    };

    return (
        <div className="flex-1 px-4 py-5 sm:px-7">
            <Head title="Instruments" />
            <div className="mx-auto max-w-5xl">
                <div className="flex flex-wrap items-center gap-3">
                    <h1 className="mr-auto text-[1.75rem] font-bold tracking-tight [font-stretch:105%]">Instruments</h1>
                    <input
                        type="search"
                        aria-label="Find an instrument"
                        placeholder="Find by name or kind"
                        className={clsx(fieldClass, 'max-w-64')}
                        value={sought}
                        onChange={(event) => setSought(event.target.value)}
                    />
                    <Link href="/instruments/new" className={buttonClass.strong}>
                        New instrument
                    </Link>
                </div>
                {instruments.length === 0 ? (
                    <p className="mt-10 text-ink-soft">
                        No instruments yet. Add one: its kind, its strings and its scale length are enough to begin.
                    </p>
                ) : (
                    <table className="mt-5 w-full">
                        <thead>
                            <tr className="border-b border-ink text-left text-sm text-ink-soft">
                                <th className="py-1.5 pr-4 font-normal">Instrument</th>
                                <th className="py-1.5 pr-4 font-normal">Kind</th>
                                <th className="py-1.5 pr-4 text-right font-normal">Strings</th>
                                <th className="py-1.5 pr-4 pl-6 font-normal">Speaking length</th>
                                <th className="py-1.5 pr-4 text-right font-normal max-sm:hidden">Sets</th>
                                <th className="py-1.5 pr-4 font-normal max-md:hidden">Last designed</th>
                                <th className="w-12">
                                    <span className="sr-only">More</span>
                                </th>
                            </tr>
                        </thead>
                        <tbody>
                            {found.map((instrument) => (
                                <tr key={instrument.id} className="border-b border-rule hover:bg-sheet">
                                    <td className="py-2.5 pr-4">
                                        <Link
                                            href={`/instruments/${instrument.id}`}
                                            className="font-semibold underline decoration-transparent underline-offset-3 hover:decoration-accent"
                                        >
                                            {instrument.name}
                                        </Link>
                                    </td>
                                    <td className="py-2.5 pr-4">{instrument.kind}</td>
                                    <td className="py-2.5 pr-4 text-right">{instrument.strings}</td>
                                    <td className="py-2.5 pr-4 pl-6">{lengths(instrument.lengths_mm)}</td>
                                    <td className="py-2.5 pr-4 text-right max-sm:hidden">{instrument.sets}</td>
                                    <td className="max-w-64 truncate py-2.5 pr-4 max-md:hidden">
                                        {instrument.last && (
                                            <Link
                                                href={`/bench/${instrument.last.id}`}
                                                className="underline decoration-transparent underline-offset-3 hover:decoration-accent"
                                            >
                                                {instrument.last.name}
                                            </Link>
                                        )}
                                    </td>
                                    <td className="py-1 text-right">
                                        <Menu
                                            trigger={
                                                <Button
                                                    look="quiet"
                                                    className="w-9 px-0"
                                                    aria-label={`More for ${instrument.name}`}
                                                >
                                                    <Glyph sign="more" />
                                                </Button>
                                            }
                                        >
                                            <MenuItem onSelect={() => void duplicate(instrument)}>Duplicate</MenuItem>
                                            <MenuLine />
                                            <MenuItem onSelect={() => void putAway(instrument)}>Put away</MenuItem>
                                        </Menu>
                                    </td>
                                </tr>
                            ))}
                        </tbody>
                    </table>
                )}
                {instruments.length > 0 && found.length === 0 && (
                    <p className="mt-6 text-ink-soft">Nothing matches “{sought}”.</p>
                )}
            </div>
        </div>
    );
}
