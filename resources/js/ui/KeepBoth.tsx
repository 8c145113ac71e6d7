import { Button } from './Button';

interface Props {
    message: string;
    /** Keeps what was typed beside the other; none where only one of them can be. */
    onKeep: (() => void) | null;
    keep?: string;
    /** Shows what somebody else made of it. */
    onSee: () => void;
}

/** Somebody else changed the same thing first: neither is lost, and one chooses. */
export function KeepBoth({ message, onKeep, keep = 'Keep mine as a new one', onSee }: Props) {
    return (
        <div role="alert" className="col-span-full border-l-4 border-l-stop pl-3">
            <p className="text-stop">{message}</p>
            <p className="mt-1.5 flex flex-wrap gap-2">
                {onKeep !== null && <Button onClick={onKeep}>{keep}</Button>}
                <Button look="quiet" onClick={onSee}>
                    See the other
                </Button>
            </p>
        </div>
    );
}
