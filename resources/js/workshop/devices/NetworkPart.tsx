import { router } from '@inertiajs/react';
import { useQuery } from '@tanstack/react-query';
import { useEffect, useState } from 'react';
import { ask } from '../../server/api';
import { useAct } from '../../server/useAct';
import { Button } from '../../ui/Button';
import { toast } from '../../ui/toasts';
import { Part } from '../WorkshopFrame';
import { networkShow, networkTurn } from '../../generated/addresses/places';
import type { DevicesPage } from '../../generated/pages';

type Standing = Omit<Network, 'switch'>;

export type Network = DevicesPage['network'];

const LOOK_MS = 700;

/** Whether the shop's network is answered, and the one switch for it. */
export function NetworkPart({ network }: { network: Network }) {
    const [turning, setTurning] = useState<boolean | null>(null);
    const { act, busy, problem } = useAct();
    const { data } = useQuery({
        queryKey: ['network'],
        // It is begun anew meanwhile: no answer is no news.
        queryFn: ({ signal }) => ask<Standing>(networkShow, { signal }),
        enabled: turning !== null,
        refetchInterval: LOOK_MS,
        retry: true,
        gcTime: 0,
        staleTime: 0,
    });
    const fault = data === undefined ? network.fault : data.fault;
    const done = turning !== null && data !== undefined && (data.fault !== null || (data.address !== null) === turning);
    useEffect(() => {
        if (done) {
            if (data.fault === null) {
                toast(
                    turning ? `The shop’s network reaches Lira at ${data.address ?? ''}.` : 'Lira answers on this machine alone.',
                );
            }
            router.reload({ onSuccess: () => setTurning(null) });
        }
    }, [done, turning, data]);
    const turn = (on: boolean) =>
        act(async () => {
            await ask(networkTurn, { method: 'PUT', body: { on } });
            setTurning(on);
        });
    const on = network.address !== null;
    return (
        <Part
            title="The shop’s network"
            about={
                on
                    ? `Devices of the shop’s network reach Lira at ${network.address ?? ''}, encrypted. Nobody gets in but those that stand here.`
                    : 'Lira answers on this machine alone. Once it answers the network, the tablet at the bench can be let in: encrypted, and nobody else gets in.'
            }
        >
            {fault !== null && turning === null && (
                <p role="alert" className="mb-2 max-w-prose text-stop">
                    {fault}
                </p>
            )}
            {problem !== undefined && (
                <p role="alert" className="mb-2 text-stop">
                    {problem}
                </p>
            )}
            {network.switch && (
                <p className="flex flex-wrap items-center gap-3">
                    <Button look={on ? 'plain' : 'strong'} disabled={busy || turning !== null} onClick={() => turn(!on)}>
                        {on ? 'Answer this machine alone' : 'Answer the shop’s network'}
                    </Button>
                    <span role="status" className="text-ink-soft">
                        {turning === null ? '' : turning ? 'It is turned on; a few seconds…' : 'It is turned off; a few seconds…'}
                    </span>
                </p>
            )}
        </Part>
    );
}
