import { useState } from 'react';
import { ask } from '../../server/api';
import { useAct } from '../../server/useAct';
import { Button } from '../../ui/Button';
import { copied } from '../../ui/copied';
import { fieldClass } from '../../ui/classes';
import { Dialog } from '../../ui/Dialog';
import { Field } from '../../ui/Field';
import { toast } from '../../ui/toasts';
import { logRenew } from '../../generated/addresses/places';

export function SubscribeDialog({ feed, onClose }: { feed: string; onClose: () => void }) {
    const [address, setAddress] = useState(feed);
    const { act, busy, problem } = useAct();
    return (
        <Dialog
            open
            onOpenChange={onClose}
            title="Subscribe to the calendar"
            description="Give this address to a calendar that can subscribe. It reads anew by itself; whoever has the address can read it."
            width="wide"
        >
            <Field label="Address" error={problem}>
                <input readOnly className={fieldClass} value={address} onFocus={(event) => event.target.select()} />
            </Field>
            <p className="mt-2 text-sm text-ink-soft">A calendar on another machine reaches it only where Lira does.</p>
            <div className="mt-4 flex flex-wrap gap-2">
                <Button
                    look="strong"
                    onClick={() => void copied(address, 'The address is copied.', 'Mark it and copy it by hand.')}
                >
                    Copy it
                </Button>
                <Button
                    disabled={busy}
                    onClick={() =>
                        act(async () => {
                            setAddress((await ask<{ feed: string }>(logRenew, { method: 'POST' })).feed);
                            toast('From now on only the new address is answered.');
                        })
                    }
                >
                    Make a new one
                </Button>
                <Button look="quiet" onClick={onClose}>
                    Close
                </Button>
            </div>
        </Dialog>
    );
}
