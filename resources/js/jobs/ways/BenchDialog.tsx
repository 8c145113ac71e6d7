import { useState } from 'react';
import type { EventBench } from '../../generated/formats';
import { Button } from '../../ui/Button';
import { fieldClass } from '../../ui/classes';
import { Dialog } from '../../ui/Dialog';
import { Field } from '../../ui/Field';
import { toast } from '../../ui/toasts';
import type { JobNow } from '../useJob';

/** Hands the job to another bench, where it goes on at this very step. */
export function BenchDialog({ now, mended, onClose }: { now: JobNow; mended?: EventBench; onClose: () => void }) {
    const [bench, setBench] = useState(mended?.data.bench ?? now.job.bench);
    return (
        <Dialog open onOpenChange={onClose} title="Hand it to another bench" description="It goes on there where it is now.">
            <form
                className="grid gap-4"
                onSubmit={(event) => {
                    event.preventDefault();
                    const said = { bench: bench.trim() };
                    if (mended === undefined) {
                        now.record('bench', said);
                    } else {
                        now.lane.mend(mended.id, said);
                    }
                    toast(bench.trim() === '' ? 'It is at no bench now.' : `It is at ${bench.trim()} now.`);
                    onClose();
                }}
            >
                <Field label="Bench">
                    <input
                        className={`${fieldClass} h-12 text-xl`}
                        value={bench}
                        maxLength={60}
                        autoFocus
                        onChange={(event) => setBench(event.target.value)}
                    />
                </Field>
                <div className="flex gap-2.5">
                    <Button type="submit" look="strong">
                        Hand it over
                    </Button>
                    <Button look="quiet" onClick={onClose}>
                        Cancel
                    </Button>
                </div>
            </form>
        </Dialog>
    );
}
