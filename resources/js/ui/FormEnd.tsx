import { Button } from './Button';
import { buttonClass } from './classes';

interface Props {
    /** What sending it does, as its button says. */
    act: string;
    busy: boolean;
    /** Why the last try did not work. */
    problem?: string | undefined;
    onCancel: () => void;
}

/** The end of a form in a dialog: what went wrong, the way on, the way out. */
export function FormEnd({ act, busy, problem, onCancel }: Props) {
    return (
        <>
            {problem !== undefined && (
                <p role="alert" className="text-stop">
                    {problem}
                </p>
            )}
            <div className="flex gap-2">
                <button type="submit" className={buttonClass.strong} disabled={busy}>
                    {act}
                </button>
                <Button look="quiet" onClick={onCancel}>
                    Cancel
                </Button>
            </div>
        </>
    );
}
