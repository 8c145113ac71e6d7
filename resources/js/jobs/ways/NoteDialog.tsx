import { useState } from 'react';
import type { EventNoted } from '../../generated/formats';
import { Button } from '../../ui/Button';
import { Dialog } from '../../ui/Dialog';
import type { JobNow } from '../useJob';

/** Something worth keeping: a worn slot, a sharp saddle, what was promised. */
export function NoteDialog({
    now,
    position,
    mended,
    onClose,
}: {
    now: JobNow;
    position: number | null;
    mended?: EventNoted;
    onClose: () => void;
}) {
    const [text, setText] = useState(mended?.data.text ?? '');
    return (
        <Dialog open onOpenChange={onClose} title={position === null ? 'A note' : `A note on string ${position}`} width="wide">
            <form
                className="grid gap-4"
                onSubmit={(event) => {
                    event.preventDefault();
                    if (mended === undefined) {
                        now.record('noted', { text: text.trim(), position });
                    } else {
                        now.lane.mend(mended.id, { ...mended.data, text: text.trim() });
                    }
                    onClose();
                }}
            >
                <textarea
                    aria-label="Note"
                    rows={4}
                    autoFocus
                    maxLength={2000}
                    className="w-full rounded-field border border-rule-strong bg-sheet px-3 py-2 text-xl hover:border-ink"
                    value={text}
                    onChange={(event) => setText(event.target.value)}
                />
                <div className="flex flex-wrap gap-2.5">
                    <Button type="submit" look="strong" large disabled={text.trim() === ''}>
                        Keep it
                    </Button>
                    <Button look="quiet" large onClick={onClose}>
                        Cancel
                    </Button>
                </div>
            </form>
        </Dialog>
    );
}
