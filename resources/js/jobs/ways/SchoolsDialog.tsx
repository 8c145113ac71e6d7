import { Button } from '../../ui/Button';
import { Dialog } from '../../ui/Dialog';
import { SchoolFields } from '../begin/SchoolFields';
import { KeepWay } from '../begin/KeepWay';
import type { JobNow } from '../useJob';

/** Other schools for what is left; what is done stays done. */
export function SchoolsDialog({ now, onClose }: { now: JobNow; onClose: () => void }) {
    const schools = Object.fromEntries(now.job.schools.map(({ aspect, chosen }) => [aspect, chosen]));
    return (
        <Dialog
            open
            onOpenChange={onClose}
            title="How the rest is done"
            description="What is done stays done; what is left is planned anew at once."
            width="wider"
        >
            <div className="-mx-2 min-h-0 overflow-y-auto px-2 pb-1">
                <SchoolFields
                    schools={now.job.schools}
                    onChoose={(aspect, chosen) => now.record('schools', { schools: { [aspect]: chosen } })}
                />
                <KeepWay owner={now.job.owner} schools={schools} />
            </div>
            <div className="mt-4">
                <Button look="strong" onClick={onClose}>
                    Go on
                </Button>
            </div>
        </Dialog>
    );
}
