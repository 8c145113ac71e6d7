import { router } from '@inertiajs/react';
import { useState } from 'react';
import { ask } from '../../server/api';
import { useAct } from '../../server/useAct';
import { Button } from '../../ui/Button';
import { Dialog } from '../../ui/Dialog';
import { FormEnd } from '../../ui/FormEnd';
import { WhoFields, type Who } from './WhoFields';
import { devicesProgram } from '../../generated/addresses/places';

/** A token by which a program asks the API, shown this once. */
export function ProgramDialog({ onClose }: { onClose: () => void }) {
    const [who, setWho] = useState<Who>({ name: '', right: 'look' });
    const [token, setToken] = useState<string | null>(null);
    const { act, busy, problem } = useAct();
    const close = () => {
        onClose();
        router.reload();
    };
    return (
        <Dialog
            open
            onOpenChange={close}
            title="A token for a program"
            description="It is shown once. Whoever has it may do what it may."
        >
            {token === null ? (
                <form
                    className="grid gap-4"
                    onSubmit={(event) => {
                        event.preventDefault();
                        act(async () => {
                            const made = await ask<{ token: string }>(devicesProgram, { method: 'POST', body: who });
                            setToken(made.token);
                        });
                    }}
                >
                    <WhoFields who={who} onWho={setWho} such="Label printer" />
                    <FormEnd act="Make it" busy={busy} problem={problem} onCancel={close} />
                </form>
            ) : (
                <div className="grid gap-3">
                    <p>Send it with every question:</p>
                    <code className="text-sm break-all select-all">Authorization: Bearer {token}</code>
                    <p>
                        <Button look="strong" onClick={close}>
                            I have it
                        </Button>
                    </p>
                </div>
            )}
        </Dialog>
    );
}
