import type { Lot, Movement } from '../../generated/views';
import { useAct } from '../../server/useAct';
import { useQuery } from '@tanstack/react-query';
import { useState, type SyntheticEvent } from 'react';
import { ask, asRefused, type Refused } from '../../server/api';
import { buttonClass, fieldClass } from '../../ui/classes';
import { Dialog } from '../../ui/Dialog';
import { Field } from '../../ui/Field';
import { TextField } from '../../ui/TextField';
import { dateWords } from '../../units/times';
import { drawerBall, drawerCount, drawerMovements, drawerTake } from '../../generated/addresses/drawer';

export type LotAct = 'take' | 'count' | 'ball' | 'history';

const TITLES: Record<LotAct, string> = {
    take: 'Take strings out',
    count: 'Counted anew',
    ball: 'Colour of its ball ends',
    history: 'What happened to it',
};
const KINDS: Record<Movement['kind'], string> = { added: 'put in', used: 'taken', counted: 'counted', returned: 'put back' };

interface Props {
    lot: Lot;
    act: LotAct;
    onClose: () => void;
}

/** Something done with a lot: taken from, counted, or looked back on. */
export function LotDialog({ lot, act, onClose }: Props) {
    return (
        <Dialog
            open
            onOpenChange={onClose}
            title={TITLES[act]}
            description={`${lot.quantity} × ${lot.name}, since ${dateWords(lot.since)}`}
        >
            {act === 'history' ? (
                <History lot={lot} />
            ) : act === 'ball' ? (
                <Ball lot={lot} onDone={onClose} />
            ) : (
                <Change lot={lot} act={act} onDone={onClose} />
            )}
        </Dialog>
    );
}

function Change({ lot, act, onDone }: { lot: Lot; act: 'take' | 'count'; onDone: () => void }) {
    const [number, setNumber] = useState(act === 'take' ? '1' : String(lot.quantity));
    const [note, setNote] = useState('');
    const [refused, setRefused] = useState<Refused | null>(null);
    const send = async (event: SyntheticEvent) => {
        event.preventDefault();
        try {
            await ask((act === 'take' ? drawerTake : drawerCount)(lot.id), {
                method: 'POST',
                body:
                    act === 'take'
                        ? { quantity: Number(number), note }
                        : { counted: Number(number), seen: lot.quantity, reason: note },
            });
            onDone();
        } catch (error) {
            setRefused(asRefused(error));
        }
    };
    const other = refused?.problems.find(({ path }) => path === '')?.message;
    return (
        <form onSubmit={(event) => void send(event)} className="grid gap-3">
            <Field
                label={act === 'take' ? 'How many' : 'There are'}
                error={refused?.at('/quantity')?.message ?? refused?.at('/counted')?.message}
            >
                <input
                    className={fieldClass}
                    inputMode="numeric"
                    autoComplete="off"
                    value={number}
                    onChange={(event) => setNumber(event.target.value)}
                />
            </Field>
            <TextField
                label={act === 'take' ? 'For what' : 'Why it differs'}
                error={refused?.at('/reason')?.message}
                maxLength={300}
                value={note}
                onChange={setNote}
            />
            {other !== undefined && (
                <p role="alert" className="text-stop">
                    {other}
                </p>
            )}
            <button type="submit" className={buttonClass.strong}>
                {act === 'take' ? 'Take out' : 'Set to what was counted'}
            </button>
        </form>
    );
}

/** By what colour one tells it from others; shown with its packet at the bench. */
function Ball({ lot, onDone }: { lot: Lot; onDone: () => void }) {
    const [colour, setColour] = useState(lot.ball_colour);
    const { act, busy, problem } = useAct();
    const send = (event: SyntheticEvent) => {
        event.preventDefault();
        act(async () => {
            await ask(drawerBall(lot.id), { method: 'PUT', body: { colour } });
            onDone();
        });
    };
    return (
        <form onSubmit={send} className="grid gap-3">
            <TextField
                label="Colour, such as green; empty where all are alike"
                error={problem}
                maxLength={30}
                value={colour}
                onChange={setColour}
            />
            <button type="submit" className={buttonClass.strong} disabled={busy}>
                Keep it
            </button>
        </form>
    );
}

function History({ lot }: { lot: Lot }) {
    const { data, error } = useQuery({
        queryKey: ['movements', lot.id],
        queryFn: ({ signal }) => ask<Movement[]>(drawerMovements(lot.id), { signal }),
        staleTime: 0,
    });
    if (data === undefined) {
        return <p className="text-ink-soft">{error === null ? 'Looking…' : error.message}</p>;
    }
    return (
        <ul className="max-h-80 overflow-auto">
            {data.map((movement, index) => (
                <li key={index} className="grid grid-cols-[3.5rem_5rem_1fr_auto] gap-x-2 border-b border-rule py-1.5">
                    <strong className="text-right">
                        {movement.change > 0 ? '+' : movement.change < 0 ? '−' : '±'}
                        {Math.abs(movement.change)}
                    </strong>
                    <span>{KINDS[movement.kind]}</span>
                    <span className="text-ink-soft">{movement.note}</span>
                    <span className="text-sm text-ink-faint">{dateWords(movement.at)}</span>
                </li>
            ))}
        </ul>
    );
}
