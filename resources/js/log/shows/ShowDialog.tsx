import { useState } from 'react';
import type { Show } from '../../generated/views';
import { ask } from '../../server/api';
import { useAct } from '../../server/useAct';
import { Dialog } from '../../ui/Dialog';
import { TextField } from '../../ui/TextField';
import { FormEnd } from '../../ui/FormEnd';
import { today } from '../days';
import { ExposedBoxes } from '../ExposedBoxes';
import { exposedOf, type Exposed } from '../../units/hours';
import { readNumber } from '../../units/typed';
import { type Named, here } from './named';
import { Played } from './Played';
import { showsStore } from '../../generated/addresses/places';
import { showsUpdate } from '../../generated/addresses/shows';

export function ShowDialog({
    show,
    instruments,
    onClose,
    onDone,
}: {
    show: Show | null;
    instruments: Named[];
    onClose: () => void;
    onDone: () => void;
}) {
    const [name, setName] = useState(show?.name ?? '');
    const [place, setPlace] = useState(show?.place ?? '');
    const [on, setOn] = useState(show?.on ?? today());
    const [at, setAt] = useState(show?.at ?? '20:00');
    const [hours, setHours] = useState(String(show?.hours ?? 2));
    const [exposed, setExposed] = useState<Exposed[]>(show === null ? [] : exposedOf(show));
    const [played, setPlayed] = useState<number[]>(show?.instruments ?? []);
    const { act, busy, problem } = useAct();
    return (
        <Dialog open onOpenChange={onClose} title={show === null ? 'Add a show' : 'Change the show'} width="wide">
            <form
                className="grid gap-4"
                onSubmit={(event) => {
                    event.preventDefault();
                    act(async () => {
                        await ask(show === null ? showsStore : showsUpdate(show.id), {
                            method: show === null ? 'POST' : 'PUT',
                            body: {
                                name,
                                place,
                                on,
                                at,
                                hours: readNumber(hours) ?? hours,
                                instruments: played,
                                zone: here(),
                                ...Object.fromEntries(exposed.map((each) => [each, true])),
                            },
                        });
                        onDone();
                    });
                }}
            >
                <div className="grid gap-4 sm:grid-cols-2">
                    <TextField label="Name" required maxLength={200} value={name} onChange={setName} />
                    <TextField label="Place" maxLength={200} value={place} onChange={setPlace} />
                </div>
                <div className="grid grid-cols-3 gap-4">
                    <TextField label="Day" type="date" required value={on} onChange={setOn} />
                    <TextField label="Begins" type="time" required value={at} onChange={setAt} />
                    <TextField label="Hours played" inputMode="decimal" required value={hours} onChange={setHours} />
                </div>
                <ExposedBoxes exposed={exposed} onChange={setExposed} />
                <Played instruments={instruments} played={played} onChange={setPlayed} />
                <FormEnd act={show === null ? 'Add it' : 'Save'} busy={busy} problem={problem} onCancel={onClose} />
            </form>
        </Dialog>
    );
}
