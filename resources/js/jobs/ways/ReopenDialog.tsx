import { useState } from 'react';
import { Dialog } from '../../ui/Dialog';
import { FormEnd } from '../../ui/FormEnd';
import type { JobNow } from '../useJob';

/** An earlier job opened again: what is on the instrument now is asked, not guessed. */
export function ReopenDialog({ now, onClose }: { now: JobNow; onClose: () => void }) {
    const { job, record } = now;
    const [on, setOn] = useState<'these' | 'those'>('those');
    const choices = [
        { value: 'those', label: `Those of ${job.later?.name ?? 'the later job'}: they stay on` },
        { value: 'these', label: `These of ${job.name}: they are on again` },
    ] as const;
    return (
        <Dialog
            open
            onOpenChange={onClose}
            title="Which strings are on it now?"
            description={`Since this job was finished, ${job.later?.name ?? 'a later job'} was put on.`}
        >
            <form
                className="grid gap-3"
                onSubmit={(event) => {
                    event.preventDefault();
                    record('reopened', { on });
                    onClose();
                }}
            >
                <fieldset className="grid gap-1">
                    <legend className="sr-only">Which strings are on it now</legend>
                    {choices.map(({ value, label }) => (
                        <label key={value} className="flex min-h-11 items-center gap-3 text-lg">
                            <input type="radio" name="on" checked={on === value} onChange={() => setOn(value)} />
                            {label}
                        </label>
                    ))}
                </fieldset>
                <FormEnd act="Open the job again" busy={false} onCancel={onClose} />
            </form>
        </Dialog>
    );
}
