import { clsx } from 'clsx';
import { useEffect, useId, useRef } from 'react';
import { useBackCloses } from './backCloses';
import { Button } from './Button';
import { floatClass } from './classes';
import { giveFocusBack } from './focus';

interface Props {
    onAgain: () => void;
    onClose: () => void;
}

/** Says in the place of a dialog that its script could not be fetched. It is the browser's own kind of dialog: it must be there whatever else is not. */
export function FailedPart({ onAgain, onClose }: Props) {
    const frame = useRef<HTMLDialogElement>(null);
    const [title, words] = [useId(), useId()];
    useBackCloses(true, onClose);
    useEffect(() => {
        frame.current?.showModal();
        return () => giveFocusBack();
    }, []);
    return (
        <dialog
            ref={frame}
            aria-labelledby={title}
            aria-describedby={words}
            onCancel={(event) => {
                event.preventDefault();
                onClose();
            }}
            className={clsx(floatClass, 'm-auto max-w-md p-5 backdrop:bg-black/35')}
        >
            <h2 id={title} className="text-xl font-bold">
                This part could not be fetched
            </h2>
            <p id={words} className="mt-1 text-ink-soft">
                Lira’s server did not give it. It may not answer just now, or have been updated since this page was opened. What
                you changed is kept.
            </p>
            <div className="mt-4 flex flex-wrap gap-2">
                <Button look="strong" onClick={onAgain}>
                    Try again
                </Button>
                <Button onClick={() => window.location.reload()}>Reload the page</Button>
                <Button look="quiet" onClick={onClose}>
                    Leave it
                </Button>
            </div>
        </dialog>
    );
}
