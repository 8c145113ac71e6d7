import { useState } from 'react';
import { sayWhoWorks, whoWorks } from '../../events/who';
import { fieldClass } from '../../ui/classes';
import { Dialog } from '../../ui/Dialog';
import { Field } from '../../ui/Field';
import { FormEnd } from '../../ui/FormEnd';
import { toast } from '../../ui/toasts';

/** Whose hands are at this device: kept with everything that is done on it from here on. */
export function WhoDialog({ onClose }: { onClose: () => void }) {
    const [name, setName] = useState(whoWorks);
    return (
        <Dialog
            open
            onOpenChange={onClose}
            title="Who works here"
            description="Kept with what is done on this device from now on."
        >
            <form
                className="grid gap-4"
                onSubmit={(event) => {
                    event.preventDefault();
                    sayWhoWorks(name);
                    toast(name.trim() === '' ? 'Nobody is named here now.' : `${name.trim()} works here now.`);
                    onClose();
                }}
            >
                <Field label="Name" hint="Empty where it does not matter">
                    <input
                        className={`${fieldClass} h-12 text-xl`}
                        value={name}
                        maxLength={80}
                        autoFocus
                        autoComplete="name"
                        onChange={(event) => setName(event.target.value)}
                    />
                </Field>
                <FormEnd act="Keep it" busy={false} onCancel={onClose} />
            </form>
        </Dialog>
    );
}
