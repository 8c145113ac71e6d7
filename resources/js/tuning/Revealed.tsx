import { type ReactNode, useState } from 'react';
import type { Practice } from '../generated/formats';
import { Button } from '../ui/Button';
import { tellFailure } from '../ui/toasts';

interface Props {
    /** Asks the simulated instrument for what it kept to itself. */
    ask: () => Promise<Practice>;
    /** How near one came, said of it. */
    children: (hidden: NonNullable<Practice['hidden']>) => ReactNode;
}

/** The end of practice: what the simulated instrument kept to itself, and how near one came. */
export function Revealed({ ask, children }: Props) {
    const [hidden, setHidden] = useState<Practice['hidden']>(null);
    return (
        <div className="mt-3">
            <Button look="quiet" onClick={() => void ask().then((answer) => setHidden(answer.hidden), tellFailure)}>
                What did it keep to itself?
            </Button>
            {hidden !== null && (
                <p role="status" className="mt-1">
                    {children(hidden)} Nothing of this is kept.
                </p>
            )}
        </div>
    );
}
