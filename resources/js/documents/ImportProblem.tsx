import type { Refused } from '../server/api';
import { Button } from '../ui/Button';

const SHOWN = 8;

/** Why a document was not taken, each place with its sentence. */
export function ImportProblem({ problem, onDismiss }: { problem: Refused | null; onDismiss: () => void }) {
    return (
        problem !== null && (
            <div role="alert" className="mt-4 border-l-4 border-stop bg-sheet px-4 py-3">
                <div className="flex items-start justify-between gap-4">
                    <p className="font-semibold">The document was not taken, and nothing was changed.</p>
                    <Button look="quiet" className="-my-1.5" onClick={onDismiss}>
                        Dismiss
                    </Button>
                </div>
                <ul className="mt-1">
                    {problem.problems.slice(0, SHOWN).map(({ path, message }) => (
                        <li key={path + message}>
                            {path !== '' && <code className="mr-2 text-sm text-ink-soft">{path}</code>}
                            {message}
                        </li>
                    ))}
                    {problem.problems.length > SHOWN && (
                        <li className="text-ink-soft">and {problem.problems.length - SHOWN} more</li>
                    )}
                </ul>
            </div>
        )
    );
}
