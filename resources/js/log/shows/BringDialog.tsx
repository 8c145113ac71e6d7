import { useRef, useState } from 'react';
import { upload } from '../../server/api';
import { useAct } from '../../server/useAct';
import { Dialog } from '../../ui/Dialog';
import { Field } from '../../ui/Field';
import { FormEnd } from '../../ui/FormEnd';
import { toast } from '../../ui/toasts';
import { type Named } from './named';
import { Played } from './Played';
import { showsImport } from '../../generated/addresses/places';

export function BringDialog({ instruments, onClose, onDone }: { instruments: Named[]; onClose: () => void; onDone: () => void }) {
    const [played, setPlayed] = useState<number[]>([]);
    const [chosen, setChosen] = useState('');
    const file = useRef<HTMLInputElement>(null);
    const { act, busy, problem } = useAct();
    return (
        <Dialog
            open
            onOpenChange={onClose}
            title="Bring in shows"
            description="A calendar (.ics), or a list (.csv) whose first row names its columns: date, time, name, place, hours, instruments. What came before from the same calendar is changed, not doubled."
            width="wide"
        >
            <form
                className="grid gap-4"
                onSubmit={(event) => {
                    event.preventDefault();
                    const picked = file.current?.files?.[0];
                    if (picked === undefined) {
                        return;
                    }
                    act(async () => {
                        const kept = await upload<{ added: number; changed: number; same: number; off: number }>(showsImport, {
                            file: picked,
                            ...Object.fromEntries(played.map((id, index) => [`instruments[${index}]`, String(id)])),
                        });
                        toast(
                            `${kept.added} added, ${kept.changed} changed, ${kept.same} as before${kept.off > 0 ? `, ${kept.off} called off` : ''}.`,
                        );
                        onDone();
                    });
                }}
            >
                <Field label="File" error={problem}>
                    <input
                        ref={file}
                        type="file"
                        required
                        accept=".ics,.csv,text/calendar,text/csv"
                        className="block w-full"
                        onChange={(event) => setChosen(event.target.value)}
                    />
                </Field>
                <Played instruments={instruments} played={played} onChange={setPlayed} />
                <p className="text-sm text-ink-soft">Counts for shows that do not name their instruments.</p>
                <FormEnd act="Bring in" busy={busy || chosen === ''} onCancel={onClose} />
            </form>
        </Dialog>
    );
}
