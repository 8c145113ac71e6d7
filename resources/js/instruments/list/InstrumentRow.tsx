import { Link } from '@inertiajs/react';
import { formatLength, type Units } from '../../units/units';
import type { InstrumentSummary as Summary } from '../../generated/views';
import { More, BringBack } from './More';
import { benchShow } from '../../generated/addresses/bench';
import { instrumentsEdit } from '../../generated/addresses/instruments';
import type { InstrumentsPage as Props } from '../../generated/pages';

/** One instrument. */
export function InstrumentRow({ away, units, instrument }: { away: Props['away']; units: Units; instrument: Summary }) {
    return (
        <tr className="border-b border-rule hover:bg-sheet">
            <td className="py-2.5 pr-4">
                {away ? (
                    <span className="font-semibold">{instrument.name}</span>
                ) : (
                    <Link
                        href={instrumentsEdit(instrument.id)}
                        className="font-semibold underline decoration-transparent underline-offset-3 hover:decoration-accent"
                    >
                        {instrument.name}
                    </Link>
                )}
                <span className="block text-sm text-ink-faint sm:hidden">
                    {instrument.kind}, {lengths(instrument.lengths_mm.map((mm) => formatLength(mm, units)))}
                </span>
            </td>
            <td className="py-2.5 pr-4 max-sm:hidden">{instrument.kind}</td>
            <td className="max-w-48 truncate py-2.5 pr-4 max-lg:hidden">{instrument.owner}</td>
            <td className="py-2.5 pr-4 text-right">{instrument.strings}</td>
            <td className="py-2.5 pr-4 pl-4 whitespace-nowrap max-sm:hidden">
                {lengths(instrument.lengths_mm.map((mm) => formatLength(mm, units)))}
            </td>
            <td className="py-2.5 pr-4 text-right max-sm:hidden">{instrument.sets}</td>
            <td className="max-w-64 truncate py-2.5 pr-4 max-md:hidden">
                {instrument.last && (
                    <Link
                        href={benchShow(instrument.last.id)}
                        className="underline decoration-transparent underline-offset-3 hover:decoration-accent"
                    >
                        {instrument.last.name}
                    </Link>
                )}
            </td>
            <td className="py-1 text-right">{away ? <BringBack instrument={instrument} /> : <More instrument={instrument} />}</td>
        </tr>
    );
}

export function lengths([first = '', last = '']: string[]): string {
    return first === last ? first : `${first} to ${last}`;
}
