import { useState } from 'react';
import { ask } from '../../server/api';
import { useAct } from '../../server/useAct';
import { Dialog } from '../../ui/Dialog';
import { Field } from '../../ui/Field';
import { TextField } from '../../ui/TextField';
import { FormEnd } from '../../ui/FormEnd';
import { Select } from '../../ui/Select';
import type { Choice } from '../../generated/views';
import { ANY } from './rules';
import { careStore } from '../../generated/addresses/places';

interface Props {
    kinds: Choice[];
    fingerboards: Choice[];
    places: Choice[];
    onClose: () => void;
    onDone: () => void;
}

/** A rule of the workshop’s own: what is done, how often, on which instruments. */
export function RuleDialog({ kinds, fingerboards, places, onClose, onDone }: Props) {
    const [name, setName] = useState('');
    const [reason, setReason] = useState('');
    const [by, setBy] = useState('weeks');
    const [weeks, setWeeks] = useState('13');
    const [days, setDays] = useState('');
    const [kind, setKind] = useState(ANY);
    const [board, setBoard] = useState(ANY);
    const [place, setPlace] = useState(ANY);
    const [owner, setOwner] = useState('');
    const { act, busy, problem } = useAct();
    const any = (label: string, choices: Choice[]) => [{ value: ANY, label }, ...choices.filter(({ value }) => value !== '')];
    const said = (value: string) => (value === ANY ? '' : value);
    return (
        <Dialog open onOpenChange={onClose} title="Add a rule" width="wide">
            <form
                className="grid gap-4"
                onSubmit={(event) => {
                    event.preventDefault();
                    act(async () => {
                        await ask(careStore, {
                            method: 'POST',
                            body: {
                                name,
                                reason,
                                every_weeks: by === 'weeks' ? Number(weeks) : null,
                                days: by === 'days' ? days.split(/[\s,;]+/).filter((day) => day !== '') : [],
                                kinds: kind === ANY ? [] : [kind],
                                fingerboard: said(board) === '' ? null : board,
                                place: said(place) === '' ? null : place,
                                owner,
                            },
                        });
                        onDone();
                    });
                }}
            >
                <TextField label="What is to be done" required maxLength={200} value={name} onChange={setName} />
                <TextField label="Why" maxLength={400} value={reason} onChange={setReason} />
                <div className="grid gap-4 sm:grid-cols-2">
                    <Field label="When">
                        <Select
                            value={by}
                            choices={[
                                { value: 'weeks', label: 'every so many weeks' },
                                { value: 'days', label: 'on days of the year' },
                            ]}
                            onChange={setBy}
                        />
                    </Field>
                    {by === 'weeks' ? (
                        <TextField label="Weeks" type="number" min={1} max={260} value={weeks} onChange={setWeeks} />
                    ) : (
                        <TextField label="Days, month and day" hint="Such as 04-01, 10-01" value={days} onChange={setDays} />
                    )}
                    <Field label="Kind of instrument">
                        <Select value={kind} choices={any('every kind', kinds)} onChange={setKind} />
                    </Field>
                    <Field label="Fingerboard">
                        <Select value={board} choices={any('every wood', fingerboards)} onChange={setBoard} />
                    </Field>
                    <Field label="Where it lives">
                        <Select value={place} choices={any('everywhere', places)} onChange={setPlace} />
                    </Field>
                    <TextField label="Owner" hint="Left empty: everybody’s" maxLength={200} value={owner} onChange={setOwner} />
                </div>
                <FormEnd act="Add it" busy={busy} problem={problem} onCancel={onClose} />
            </form>
        </Dialog>
    );
}
