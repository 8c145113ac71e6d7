import { router } from '@inertiajs/react';
import { useState } from 'react';
import { ask } from '../../server/api';
import { useAct } from '../../server/useAct';
import { buttonClass, fieldClass } from '../../ui/classes';
import { Field } from '../../ui/Field';
import { toast } from '../../ui/toasts';
import { copiesMove } from '../../generated/addresses/places';

/** Where the copies are kept: best on another disk. */
export function Folder({ folder, isOwn }: { folder: string; isOwn: boolean }) {
    const [typed, setTyped] = useState(isOwn ? folder : '');
    const { act, busy, problem } = useAct();
    return (
        <form
            className="mt-5 grid max-w-xl gap-2"
            noValidate
            onSubmit={(event) => {
                event.preventDefault();
                act(async () => {
                    const { folder: now } = await ask<{ folder: string }>(copiesMove, {
                        method: 'PUT',
                        body: { folder: typed },
                    });
                    toast(`Copies are kept in ${now} from now on.`);
                    router.reload();
                });
            }}
        >
            <Field
                label="Kept in this folder of the machine Lira runs on"
                hint={
                    isOwn
                        ? 'Left empty: beside the database.'
                        : `Now beside the database, in ${folder}. Another disk outlives this one.`
                }
                error={problem}
            >
                <input
                    className={fieldClass}
                    placeholder="such as /media/shop/lira"
                    value={typed}
                    onChange={(event) => setTyped(event.target.value)}
                />
            </Field>
            <p>
                <button type="submit" className={buttonClass.plain} disabled={busy}>
                    Keep copies there
                </button>
            </p>
        </form>
    );
}
