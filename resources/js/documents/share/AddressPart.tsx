import { usePage } from '@inertiajs/react';
import { useState } from 'react';
import type { Share } from '../../generated/views';
import { ask } from '../../server/api';
import { useAct } from '../../server/useAct';
import { Button } from '../../ui/Button';
import { copied } from '../../ui/copied';
import { Select } from '../../ui/Select';
import { dateWords } from '../../units/times';
import { devicesIndex, sharesStore } from '../../generated/addresses/places';

/** What an address shows, as the server is asked for it. */
type Shown = { what: 'sheet' | 'fit' | 'plan'; set: number } | { what: 'year'; instrument: number; year: number };

const ENDS = [
    { value: '1', label: 'for a day' },
    { value: '7', label: 'for a week' },
    { value: '30', label: 'for a month' },
    { value: '90', label: 'for three months' },
];

interface Given {
    share: Share;
    /** A picture. */
    square: string;
}

/** An address for somebody who is in the shop's network: it shows one sheet alone, until its end. */
export function AddressPart({ shown, before }: { shown: Shown; before?: () => Promise<unknown> }) {
    const [days, setDays] = useState('7');
    const [given, setGiven] = useState<Given | null>(null);
    const { act, busy, problem } = useAct();
    const { props } = usePage<{ network?: boolean; device?: { right: string } | null }>();
    const may = (props.device?.right ?? 'all') === 'all';
    if (!may) {
        return null;
    }
    const give = () =>
        act(async () => {
            await before?.();
            setGiven(await ask<Given>(sharesStore, { method: 'POST', body: { ...shown, days: Number(days) } }));
        });
    return (
        <section aria-label="In the shop’s network" className="mt-4 border-t border-rule pt-3">
            <h3 className="font-semibold">Or under an address in the shop’s network</h3>
            {props.network !== true ? (
                <p className="mt-1 text-ink-soft">
                    For that Lira has to answer the network: turn it on under{' '}
                    <a className="text-accent underline" href={devicesIndex}>
                        Workshop, Devices
                    </a>
                    .
                </p>
            ) : given === null ? (
                <>
                    <p className="mt-1 text-ink-soft">
                        It shows this page alone, as it is when it is opened, to whoever has the address.
                    </p>
                    <div className="mt-2 flex flex-wrap items-center gap-2">
                        <div className="w-44">
                            <Select label="How long" value={days} choices={ENDS} onChange={setDays} />
                        </div>
                        <Button disabled={busy} onClick={give}>
                            Make an address
                        </Button>
                    </div>
                    {problem !== undefined && (
                        <p role="alert" className="mt-2 text-stop">
                            {problem}
                        </p>
                    )}
                </>
            ) : (
                <div className="mt-2 flex flex-wrap gap-4">
                    <img src={given.square} alt="Square with this address" className="size-36" />
                    <div className="min-w-0 flex-1 basis-56">
                        <p data-figure="address" className="text-sm break-all text-ink select-all">
                            {given.share.address}
                        </p>
                        <p className="mt-1 text-ink-soft">
                            Until {dateWords(given.share.ends.slice(0, 10))}; to be taken back sooner under Workshop, Devices.
                        </p>
                        <Button
                            className="mt-2"
                            onClick={() =>
                                void copied(given.share.address ?? '', 'The address is copied.', 'Mark it and copy it by hand.')
                            }
                        >
                            Copy the address
                        </Button>
                    </div>
                </div>
            )}
        </section>
    );
}
