import type { Playing } from '../../generated/views';
import { Button } from '../../ui/Button';
import { useNeckHeard } from './useNeckHeard';

/** Its open chords and a scale as this neck would sound them, beside equal temperament. */
export function HeardPart({ plays, set, tuning }: { plays: Playing; set: string | null; tuning: number }) {
    const heard = useNeckHeard(set, plays.neck, tuning);
    if (plays.chords.length === 0) {
        return null;
    }
    const rows = [
        ...plays.chords.map(({ name, stops }) => ({ name, play: (as: 'neck' | 'equal') => heard.chord(stops, as) })),
        { name: 'Scale', play: (as: 'neck' | 'equal') => heard.scale(plays.scale, as) },
    ];
    return (
        <section aria-label="Heard">
            <h2 className="border-b border-ink pb-1 text-lg font-bold">Heard</h2>
            <ul className="mt-2 grid gap-1.5">
                {rows.map(({ name, play }) => (
                    <li key={name} className="flex items-center gap-2">
                        <strong className="w-14">{name}</strong>
                        <Button aria-label={`${name} as this neck sounds it`} onClick={() => play('neck')}>
                            This neck
                        </Button>
                        <Button look="quiet" aria-label={`${name} in equal temperament`} onClick={() => play('equal')}>
                            Equal temperament
                        </Button>
                    </li>
                ))}
            </ul>
        </section>
    );
}
