import { router } from '@inertiajs/react';
import { useQuery } from '@tanstack/react-query';
import { useEffect, useState } from 'react';
import { ask } from '../../server/api';
import { useAct } from '../../server/useAct';
import { Button } from '../../ui/Button';
import { Dialog } from '../../ui/Dialog';
import { FormEnd } from '../../ui/FormEnd';
import { toast } from '../../ui/toasts';
import { WhoFields, type Who } from './WhoFields';
import { invitationsAllow, invitationsDestroy, invitationsShow } from '../../generated/addresses/invitations';
import { invitationsStore } from '../../generated/addresses/places';

interface Invited {
    id: number;
    address: string;
    /** A picture. */
    square: string;
    ends: string;
}

interface Standing {
    state: 'open' | 'asked' | 'allowed' | 'in' | 'over';
    words: string | null;
}

const LOOK_MS = 1000;

/** A square for one device, the three words that both screens show, and the press that lets it in. */
export function LetInDialog({ onClose }: { onClose: () => void }) {
    const [who, setWho] = useState<Who>({ name: 'Tablet', right: 'bench' });
    const [invited, setInvited] = useState<Invited | null>(null);
    const { act, busy, problem } = useAct();
    const invite = () => act(async () => setInvited(await ask<Invited>(invitationsStore, { method: 'POST', body: who })));
    const close = () => {
        if (invited !== null) {
            // Whatever became of it: what was shown opens nothing from here on.
            void ask(invitationsDestroy(invited.id), { method: 'DELETE' }).catch(() => undefined);
        }
        onClose();
        router.reload();
    };
    return (
        <Dialog
            open
            onOpenChange={close}
            title="Let a device in"
            description={
                invited === null
                    ? 'A square is shown for ten minutes; one device can come in by it.'
                    : 'Let its camera read the square, and go on when it asks about the certificate.'
            }
        >
            {invited === null ? (
                <form
                    className="grid gap-4"
                    onSubmit={(event) => {
                        event.preventDefault();
                        invite();
                    }}
                >
                    <WhoFields who={who} onWho={setWho} />
                    <FormEnd act="Show the square" busy={busy} problem={problem} onCancel={close} />
                </form>
            ) : (
                <Invitation key={invited.id} invited={invited} name={who.name} onIn={onClose} onAgain={invite} onClose={close} />
            )}
        </Dialog>
    );
}

function Invitation({
    invited,
    name,
    onIn,
    onAgain,
    onClose,
}: {
    invited: Invited;
    name: string;
    onIn: () => void;
    onAgain: () => void;
    onClose: () => void;
}) {
    const { act, busy, problem } = useAct();
    const { data } = useQuery({
        queryKey: ['invitation', invited.id],
        queryFn: ({ signal }) => ask<Standing>(invitationsShow(invited.id), { signal }),
        refetchInterval: LOOK_MS,
        gcTime: 0,
    });
    const state = data?.state ?? 'open';
    useEffect(() => {
        if (state === 'in') {
            toast(`${name} is in.`);
            onIn();
            router.reload();
        }
    }, [state, name, onIn]);
    const letIn = () => act(() => ask(invitationsAllow(invited.id), { method: 'PUT' }));
    if (state === 'over') {
        return (
            <div className="grid gap-3">
                <p role="alert">This square opens nothing any more.</p>
                <div className="flex gap-2">
                    <Button look="strong" onClick={onAgain}>
                        Show a new one
                    </Button>
                    <Button look="quiet" onClick={onClose}>
                        Close
                    </Button>
                </div>
            </div>
        );
    }
    if (state === 'open') {
        return (
            <div className="grid justify-items-center gap-3">
                <img src={invited.square} alt="Square with the address for the device" className="w-64 max-w-full" />
                <p className="text-center text-sm break-all text-ink-soft">
                    or open <span className="text-ink select-all">{invited.address}</span>
                </p>
                <Button look="quiet" onClick={onClose}>
                    Take it back
                </Button>
            </div>
        );
    }
    return <HasCome data={data} problem={problem} state={state} busy={busy} letIn={letIn} onClose={onClose} />;
}

/** A device that asks, and the press that lets it in. */
function HasCome({
    data,
    problem,
    state,
    busy,
    letIn,
    onClose,
}: {
    data: Standing | undefined;
    problem: string | undefined;
    state: 'asked' | 'allowed' | 'in';
    busy: boolean;
    letIn: () => void;
    onClose: () => void;
}) {
    return (
        <div className="grid gap-4">
            <div role="status">
                <p>A device has come. Let it in if its screen shows the same three words:</p>
                <p data-figure="words" className="mt-2 text-3xl leading-tight font-extrabold">
                    {data?.words}
                </p>
            </div>
            {problem !== undefined && (
                <p role="alert" className="text-stop">
                    {problem}
                </p>
            )}
            {state === 'allowed' ? (
                <p className="text-ink-soft">It comes in…</p>
            ) : (
                <div className="flex flex-wrap gap-2">
                    <Button look="strong" large disabled={busy} onClick={letIn}>
                        The same: let it in
                    </Button>
                    <Button look="quiet" large onClick={onClose}>
                        Other words: turn it away
                    </Button>
                </div>
            )}
        </div>
    );
}
