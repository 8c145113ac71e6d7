import { Button } from '../../ui/Button';
import { Dialog } from '../../ui/Dialog';
import type { CapoKeeps } from '../design/edits';

interface Props {
    fret: number;
    onAnswer: (keeps: CapoKeeps) => void;
    onClose: () => void;
}

const answerClass = 'h-auto w-full justify-start! py-2 text-left whitespace-normal!';

/** What stays as it is with a capo on: asked once. */
export function CapoDialog({ fret, onAnswer, onClose }: Props) {
    const by = fret === 1 ? 'a semitone' : `${fret} semitones`;
    return (
        <Dialog
            open
            onOpenChange={(open) => !open && onClose()}
            title={`A capo on fret ${fret}: what stays?`}
            description="Asked once; what you choose stands beside the capo and can be changed there."
        >
            <div className="grid gap-2">
                <Button look="strong" className={answerClass} onClick={() => onAnswer('shapes')}>
                    The shapes: it sounds {by} higher, and every string pulls as it does without the capo
                </Button>
                <Button className={answerClass} onClick={() => onAnswer('pitches')}>
                    The pitches: it sounds as written, with every string tuned {by} lower, and slacker
                </Button>
            </div>
        </Dialog>
    );
}
