import { router } from '@inertiajs/react';
import type { Share } from '../../generated/views';
import { ask } from '../../server/api';
import { useAct } from '../../server/useAct';
import { Button } from '../../ui/Button';
import { copied } from '../../ui/copied';
import { toast } from '../../ui/toasts';
import { dateWords, timeWords } from '../../units/times';
import { Part } from '../WorkshopFrame';
import { sharesDestroy } from '../../generated/addresses/shares';

const WHAT: Record<Share['what'], string> = { sheet: 'sheet', fit: 'whether it fits', plan: 'how it goes on', year: 'year' };

/** Addresses that were given to somebody outside and stand, each to be taken back. */
export function SharesPart({ shares }: { shares: Share[] }) {
    const { act, busy, problem } = useAct();
    const takeBack = (share: Share) =>
        act(async () => {
            await ask(sharesDestroy(share.id), { method: 'DELETE' });
            toast('It is taken back: the address shows nothing any more.');
            router.reload();
        });
    return (
        <Part
            title="Addresses given to somebody"
            about="Each shows one page to whoever has it, in the shop’s network, until its end. They are made under “Share it…” of a set, and with an instrument’s year."
        >
            {problem !== undefined && (
                <p role="alert" className="mb-2 text-stop">
                    {problem}
                </p>
            )}
            {shares.length === 0 && <p>None stands just now.</p>}
            {shares.length > 0 && (
                <ul aria-label="Addresses">
                    {shares.map((share) => (
                        <li
                            key={share.id}
                            className="flex flex-wrap items-center gap-x-4 gap-y-1 border-b border-rule py-1.5 first:border-t"
                        >
                            <span className="mr-auto">
                                <strong className="font-semibold">{share.of}</strong>, {WHAT[share.what]}
                                {share.year !== null && ` ${share.year}`}
                                <span className="block text-ink-soft">
                                    until {dateWords(share.ends.slice(0, 10))};{' '}
                                    {share.opened === null ? 'not opened yet' : `last opened ${timeWords(share.opened)}`}
                                </span>
                            </span>
                            {share.address !== null && (
                                <Button
                                    look="quiet"
                                    aria-label={`Copy the address of ${share.of}, ${WHAT[share.what]}`}
                                    onClick={() =>
                                        void copied(
                                            share.address ?? '',
                                            'The address is copied.',
                                            'Make a new one, and copy it by hand.',
                                        )
                                    }
                                >
                                    Copy
                                </Button>
                            )}
                            <Button
                                look="quiet"
                                disabled={busy}
                                aria-label={`Take back ${share.of}, ${WHAT[share.what]}`}
                                onClick={() => takeBack(share)}
                            >
                                Take back
                            </Button>
                        </li>
                    ))}
                </ul>
            )}
        </Part>
    );
}
