import { Button } from '../ui/Button';
import { keptSwitch } from '../ui/keptSwitch';

/** Whether the three things were read on this device. */
const useRead = keptSwitch('lira.first-visit', 'read', 'new');

/** What somebody sees who is here for the first time, once. */
export function FirstVisit() {
    const { on: read, turn } = useRead();
    if (read) {
        return null;
    }
    return (
        <section
            aria-label="Here for the first time"
            className="mt-2 flex flex-wrap items-center gap-x-5 gap-y-1 border-l-4 border-l-accent bg-sheet py-1.5 pr-2 pl-3 max-sm:order-1"
        >
            <ol className="flex min-w-0 flex-1 flex-wrap gap-x-5 gap-y-0.5">
                <li>
                    <strong>1</strong> Drag the dot along a string, or ← →: each tick is a gauge you can buy.
                </li>
                <li>
                    <strong>2</strong> At its right stands what it will feel like, and below what all of them pull.
                </li>
                <li>
                    <strong>3</strong> Find (Ctrl K) finds everything by plain words.
                </li>
            </ol>
            <Button onClick={() => turn(true)}>Got it</Button>
        </section>
    );
}
