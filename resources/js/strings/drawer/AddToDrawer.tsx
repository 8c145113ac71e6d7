import { useAct } from '../../server/useAct';
import { useQueryClient } from '@tanstack/react-query';
import { useState, type SyntheticEvent } from 'react';
import { ask } from '../../server/api';
import { Button } from '../../ui/Button';
import { buttonClass } from '../../ui/classes';
import { TextField } from '../../ui/TextField';
import { toast } from '../../ui/toasts';
import { drawerStore } from '../../generated/addresses/places';

interface Props {
    string: number;
    name: string;
    cents: number | null;
}

/** Puts some of a string in the drawer, as a lot of its own. */
export function AddToDrawer({ string, name, cents }: Props) {
    const [open, setOpen] = useState(false);
    const [quantity, setQuantity] = useState('1');
    const [note, setNote] = useState('');
    const { act, busy, problem } = useAct();
    const queries = useQueryClient();
    const add = (event: SyntheticEvent) => {
        event.preventDefault();
        act(async () => {
            await ask(drawerStore, { method: 'POST', body: { string, quantity: Number(quantity), cents, note } });
            setOpen(false);
            await queries.invalidateQueries({ queryKey: ['strings'] });
            toast(`${quantity} × ${name} lie in the drawer now.`);
        });
    };
    return open ? (
        <form onSubmit={add} className="mt-3 grid grid-cols-[5rem_1fr_auto] items-end gap-2">
            <TextField label="How many" error={problem} inputMode="numeric" value={quantity} onChange={setQuantity} />
            <TextField label="Note" maxLength={300} value={note} onChange={setNote} />
            <button type="submit" className={buttonClass.strong} disabled={busy}>
                Put in
            </button>
        </form>
    ) : (
        <Button className="mt-3" onClick={() => setOpen(true)}>
            Put in the drawer…
        </Button>
    );
}
