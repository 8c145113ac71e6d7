import { useState } from 'react';
import type { Due } from '../generated/views';
import { ask } from '../server/api';
import { useAct } from '../server/useAct';
import { Dialog } from '../ui/Dialog';
import { TextField } from '../ui/TextField';
import { FormEnd } from '../ui/FormEnd';
import { toast } from '../ui/toasts';
import { dateWords } from '../units/times';
import { isoDay } from './days';
import { careRecord } from '../generated/addresses/care';

const LATER_DAYS = 7;

/** What is due is put off to a day, with the reason, so that whoever looks next knows. */
export function PutOffDialog({
    due,
    today,
    onClose,
    onDone,
}: {
    due: Due;
    today: string;
    onClose: () => void;
    onDone: () => void;
}) {
    const [until, setUntil] = useState(() => isoDay(today > due.on ? today : due.on, LATER_DAYS));
    const [note, setNote] = useState('');
    const { act, busy, problem } = useAct();
    return (
        <Dialog open onOpenChange={onClose} title="Put it off" description={`${due.name}: ${due.do}`}>
            <form
                className="grid gap-4"
                onSubmit={(event) => {
                    event.preventDefault();
                    act(async () => {
                        await ask(careRecord(due.instrument), {
                            method: 'POST',
                            body: { rule: due.rule, until, note },
                        });
                        toast(`Put off to ${dateWords(until)}.`);
                        onDone();
                    });
                }}
            >
                <TextField label="Until" type="date" required min={isoDay(today, 1)} value={until} onChange={setUntil} />
                <TextField label="Why" error={problem} maxLength={400} value={note} onChange={setNote} />
                <FormEnd act="Put it off" busy={busy} onCancel={onClose} />
            </form>
        </Dialog>
    );
}
