import { spanWords } from '../../units/times';
import { Button } from '../../ui/Button';
import { Dialog } from '../../ui/Dialog';

/** A rest is skipped by a second act, never by one key too many: what has the focus here lets it rest. */
export function SkipRestDialog({ leftMs, onSkip, onClose }: { leftMs: number; onSkip: () => void; onClose: () => void }) {
    return (
        <Dialog
            open
            onOpenChange={onClose}
            title={`Skip a rest of ${spanWords(leftMs)}?`}
            description="What is tuned before its rest is over moves again. Skip it where it has rested elsewhere, or need not."
        >
            <div className="mt-2 flex flex-wrap gap-2.5">
                <Button look="strong" large autoFocus onClick={onClose}>
                    Let it rest
                </Button>
                <Button
                    large
                    onClick={() => {
                        onClose();
                        onSkip();
                    }}
                >
                    Skip the rest
                </Button>
            </div>
        </Dialog>
    );
}
