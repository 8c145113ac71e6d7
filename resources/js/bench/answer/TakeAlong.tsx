import { useState } from 'react';
import type { Packet, Price } from '../../generated/views';
import { Button } from '../../ui/Button';
import { copied } from '../../ui/copied';
import { formatShare } from '../../units/units';
import type { SetActions } from '../commands/useSetActions';
import { Doors } from '../Doors';
import type { ShowPanel } from '../panels';
import { useAnswer } from './useAnswer';

/** The set as one takes it along: its gauges in one line, what they cost, and the packets that come nearest. */
export function TakeAlong({ show, actions }: { show: ShowPanel; actions: SetActions }) {
    const { data, isPlaceholderData } = useAnswer();
    const [all, setAll] = useState(false);
    if (data === undefined) {
        return (
            <div className="min-h-9 max-sm:order-1 max-sm:mt-4">
                <Doors actions={actions} show={show} className="mb-3 sm:hidden" />
            </div>
        );
    }
    const [first] = data.packets;
    return (
        <section aria-label="To take along" aria-busy={isPlaceholderData} className="mt-1.5 max-sm:order-1 max-sm:mt-4">
            <Doors actions={actions} show={show} className="mb-3 sm:hidden" />
            <div className="flex flex-wrap items-center gap-x-3 gap-y-0.5">
                <p data-figure="line" className="text-lg leading-tight font-bold tracking-wide tabular-nums">
                    {data.line}
                </p>
                <Button
                    className="h-7! px-2 text-sm"
                    onClick={() => void copied(data.line, 'The line of gauges is copied.', 'Mark the line and copy it by hand.')}
                >
                    Copy
                </Button>
                {data.price !== null && (
                    <p className="text-ink-soft">
                        <PriceWords price={data.price} />
                    </p>
                )}
                {first !== undefined && (
                    <p className="min-w-0 flex-1 basis-64 truncate text-sm text-ink-soft" title={packetTitle(first)}>
                        <PacketWords packet={first} />
                    </p>
                )}
                {first !== undefined && (first.differs.length > 0 || data.packets.length > 1) && (
                    <button
                        type="button"
                        aria-expanded={all}
                        className="min-h-target rounded-mark px-1 text-sm text-accent hover:bg-accent-wash"
                        onClick={() => setAll(!all)}
                    >
                        {all ? 'less' : 'what differs'}
                    </button>
                )}
            </div>
            {all && (
                <ul className="pb-1 text-sm text-ink-soft">
                    {data.packets.map((packet) => (
                        <li key={packet.name} className="py-0.5">
                            <PacketWords packet={packet} />{' '}
                            {packet.differs.length === 0 ? 'The very same strings.' : `${packet.differs.join('; ')}.`}
                        </li>
                    ))}
                </ul>
            )}
        </section>
    );
}

const money = (cents: number, currency: string) => `${(cents / 100).toFixed(2)} ${currency}`;

export function PriceWords({ price }: { price: Price }) {
    const from = price.suppliers.length === 0 ? '' : ` from ${price.suppliers.join(' and ')}`;
    const bought =
        price.cents === 0 && price.suppliers.length === 0 ? '' : `${money(price.cents, price.currency)}${from}, with postage`;
    const lies = price.from_drawer === 0 ? '' : `${price.from_drawer} ${price.from_drawer === 1 ? 'lies' : 'lie'} in the drawer`;
    const unlisted = price.missing.length === 0 ? '' : `nobody lists ${price.missing.join(', ')}`;
    return <span data-figure="price">{[bought, lies, unlisted].filter((part) => part !== '').join('; ')}</span>;
}

const NEAREST: Record<Packet['nearest'], string> = {
    both: 'Nearest packet',
    strings: 'Nearest packet, string by string',
    total: 'Nearest in all',
};

const packetTitle = (packet: Packet) => `${NEAREST[packet.nearest]}: ${packet.name}, ${packet.line}`;

function PacketWords({ packet }: { packet: Packet }) {
    return (
        <span>
            {NEAREST[packet.nearest]}: <strong className="text-ink">{packet.name}</strong>, {packet.line}
            {packet.cents === null ? '' : `, ${money(packet.cents, packet.currency)}`}:{' '}
            {packet.differs.length === 0
                ? 'the same'
                : `${packet.differs.length === 1 ? 'one string differs' : `${packet.differs.length} strings differ`}, by ${(packet.most_share * 100).toFixed(0)} % at most; ${formatShare(packet.total_share)} in all`}
        </span>
    );
}
