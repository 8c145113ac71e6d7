import type { NearestPackaged, PacketAsItComes } from '../../generated/formats';
import { CONSTRUCTIONS } from '../../generated/words';
import { formatGauge, formatShare } from '../../units/units';
import { useUnits } from '../../units/useUnits';
import { Button } from '../../ui/Button';
import { missPerString } from './solve';
import { Explained } from '../../ui/Explained';

const SHOWN = 3;

const WHY: Record<NearestPackaged['singles'][number]['why'], string> = {
    missing: 'the set has none for it',
    'out-of-band': 'the set’s own is too far from the aim',
    limit: 'the set’s own would be pulled too hard',
};

/** Nobody buys a packet of which fewer strings are used than are bought beside it. */
const worthBuying = ({ strings, singles }: NearestPackaged) => strings.length > 0 && strings.length >= singles.length;

/** The packaged sets that come nearest, and the single strings that would complete each. */
export function PackagedSets({
    packaged,
    packets,
    onTake,
}: {
    packaged: NearestPackaged[];
    /** As they come, with nothing added. */
    packets: PacketAsItComes[];
    onTake: (chosen: Pick<NearestPackaged, 'strings' | 'singles'>) => void;
}) {
    const units = useUnits();
    const worth = packaged.filter(worthBuying);
    if (packaged.length === 0) {
        return null;
    }
    return (
        <section aria-label="Packaged sets" className="mt-4">
            <h3 className="border-b border-ink pb-1 font-bold">
                <Explained word="packaged set">Nearest packaged sets</Explained>
            </h3>
            {packets.length > 0 && (
                <ul aria-label="As they come">
                    {packets.map((each) => (
                        <AsItComes
                            key={each.name}
                            packet={each}
                            onTake={() =>
                                onTake({ strings: each.strings.map((string) => ({ ...string, tensions_n: [] })), singles: [] })
                            }
                        />
                    ))}
                </ul>
            )}
            {worth.length === 0 && (
                <p className="py-1.5 text-ink-soft">
                    With single strings beside it none is worth buying: each would need more of them than it has of its own.
                </p>
            )}
            <ul>
                {worth.slice(0, SHOWN).map((each) => (
                    <li key={each.name} className="flex flex-wrap items-center gap-x-4 gap-y-1 border-b border-rule py-1.5">
                        <div className="min-w-0 flex-1 basis-72">
                            <p>
                                <span className="font-semibold">{each.name}</span>{' '}
                                <span className="text-ink-soft">
                                    {each.strings.map((string) => formatGauge(string.gauge_in, units)).join(' ')}
                                    {each.strings.length > 0 ? ' used' : ''}, off by {(missPerString(each) * 100).toFixed(1)} % a
                                    string
                                </span>
                            </p>
                            <p className="text-sm text-ink-soft">
                                {each.singles.length === 0
                                    ? 'Complete as it comes.'
                                    : `With ${each.singles.length} single${each.singles.length === 1 ? '' : 's'}: `}
                                {each.singles
                                    .map(
                                        (single) =>
                                            `${formatGauge(single.gauge_in, units)} ${CONSTRUCTIONS[single.construction]} for string ${single.position}, as ${WHY[single.why]}`,
                                    )
                                    .join('; ')}
                            </p>
                        </div>
                        <Button className="h-8" onClick={() => onTake(each)} aria-label={`Take ${each.name} with its singles`}>
                            Take
                        </Button>
                    </li>
                ))}
            </ul>
        </section>
    );
}

const NEAREST: Record<PacketAsItComes['nearest'], string> = {
    both: 'nearest as it comes',
    strings: 'nearest as it comes, string by string',
    total: 'nearest as it comes, in all',
};

function AsItComes({ packet, onTake }: { packet: PacketAsItComes; onTake: () => void }) {
    const units = useUnits();
    const differing = packet.strings.filter(({ share }) => Math.abs(share) > 0.005);
    return (
        <li className="flex flex-wrap items-center gap-x-4 gap-y-1 border-b border-rule py-1.5">
            <div className="min-w-0 flex-1 basis-72">
                <p>
                    <span className="font-semibold">{packet.name}</span>{' '}
                    <span className="text-ink-soft">
                        {packet.strings
                            .map((string) => formatGauge(string.gauge_in, units) + (string.construction === 'plain' ? '' : 'w'))
                            .join(' ')}
                        , {NEAREST[packet.nearest]}
                    </span>
                </p>
                <p className="text-sm text-ink-soft">
                    {differing.length === 0
                        ? 'Every string pulls the same.'
                        : `${differing.map(({ position, share }) => `string ${position} ${formatShare(share)}`).join(', ')}; in all ${formatShare(packet.total_share)}.`}
                </p>
            </div>
            <Button className="h-8" onClick={onTake} aria-label={`Take ${packet.name} as it comes`}>
                Take
            </Button>
        </li>
    );
}
