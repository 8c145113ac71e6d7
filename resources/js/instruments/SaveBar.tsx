import { Link } from '@inertiajs/react';
import { buttonClass } from '../ui/classes';
import { KeepBoth } from '../ui/KeepBoth';
import type { Refused } from '../server/api';
import { instrumentsIndex } from '../generated/addresses/places';

interface Props {
    hidden: boolean;
    isNew: boolean;
    unsaved: boolean;
    busy: boolean;
    /** What was refused as a whole: somebody else changed it meanwhile. */
    conflict: Refused | null;
    /** What was refused that belongs to none of its fields. */
    problem: string | undefined;
    onKeepAsNew: () => void;
    onSeeTheirs: () => void;
}

/** Saves what was typed, or says why it cannot be saved. */
export function SaveBar({ hidden, isNew, unsaved, busy, conflict, problem, onKeepAsNew, onSeeTheirs }: Props) {
    return (
        <div hidden={hidden} className="sticky bottom-0 z-10 border-t border-rule bg-paper py-3">
            {conflict !== null ? (
                <div className="mb-2">
                    <KeepBoth
                        message={conflict.message}
                        keep="Keep mine as a new instrument"
                        onKeep={onKeepAsNew}
                        onSee={onSeeTheirs}
                    />
                </div>
            ) : (
                problem !== undefined && (
                    <p role="alert" className="mb-2 text-stop">
                        {problem}
                    </p>
                )
            )}
            <div className="flex gap-2">
                <button type="submit" form="instrument" className={buttonClass.strong} disabled={busy}>
                    {isNew ? 'Add instrument' : 'Save'}
                </button>
                <Link href={instrumentsIndex} className={buttonClass.quiet}>
                    {isNew ? 'Cancel' : 'All instruments'}
                </Link>
                {unsaved && <span className="self-center text-sm text-ink-soft">Not saved yet</span>}
            </div>
        </div>
    );
}
