import { useState } from 'react';
import type { EventAgreed } from '../../generated/formats';
import { Button } from '../../ui/Button';
import { Dialog } from '../../ui/Dialog';
import { agreedBody, AgreedFields, type Agreed } from '../begin/AgreedFields';
import type { JobNow } from '../useJob';

/** What was agreed, until it is agreed otherwise. */
export function AgreedDialog({ now, mended, onClose }: { now: JobNow; mended?: EventAgreed; onClose: () => void }) {
    const { owner, reason, promised } = now.job;
    const [agreed, setAgreed] = useState<Agreed>({
        owner: mended?.data.owner ?? owner,
        reason: mended?.data.reason ?? reason,
        promised: (mended === undefined ? promised : mended.data.promised_on) ?? '',
    });
    return (
        <Dialog open onOpenChange={onClose} title="What was agreed">
            <form
                className="grid gap-4"
                onSubmit={(event) => {
                    event.preventDefault();
                    if (mended === undefined) {
                        now.record('agreed', agreedBody(agreed));
                    } else {
                        now.lane.mend(mended.id, agreedBody(agreed));
                    }
                    onClose();
                }}
            >
                <AgreedFields agreed={agreed} onChange={setAgreed} />
                <div className="flex gap-2.5">
                    <Button type="submit" look="strong">
                        Keep it
                    </Button>
                    <Button look="quiet" onClick={onClose}>
                        Cancel
                    </Button>
                </div>
            </form>
        </Dialog>
    );
}
