import type { Wanted } from '../../generated/views';
import { Link, router } from '@inertiajs/react';
import { ask } from '../../server/api';
import { familyWords } from '../../units/strings';
import { gaugeInches } from '../../units/stringType';
import { formatGauge } from '../../units/units';
import { useUnits } from '../../units/useUnits';
import { Button } from '../../ui/Button';
import { Glyph } from '../../ui/Glyph';
import { tellFailure } from '../../ui/toasts';
import { jobsShow } from '../../generated/addresses/jobs';
import { wantedDestroy } from '../../generated/addresses/wanted';

/** What is missing somewhere, to be ordered with the next parcel. */
export function OrderList({ wanted, onOrder }: { wanted: Wanted[]; onOrder: () => void }) {
    const units = useUnits();
    const drop = async (id: number) => {
        try {
            await ask(wantedDestroy(id), { method: 'DELETE' });
        } catch (error) {
            tellFailure(error);
        }
        router.reload({ only: ['wanted'] });
    };
    return (
        <section aria-label="Order list" className="mt-3 max-w-5xl border-l-4 border-l-accent bg-sheet px-4 py-3">
            <div className="flex flex-wrap items-center gap-3">
                <h2 className="font-bold">Order list</h2>
                <span className="text-ink-soft">missing somewhere, not ordered yet</span>
                <Button look="strong" className="ml-auto" onClick={onOrder}>
                    Order these…
                </Button>
            </div>
            <ul className="mt-1">
                {wanted.map((each) => (
                    <li key={each.id} className="flex flex-wrap items-center gap-x-3 border-t border-rule py-1">
                        <span className="min-w-0 flex-1 basis-64">
                            {each.count} × {formatGauge(gaugeInches(each), units)} {familyWords(each)}{' '}
                            <span className="text-sm text-ink-soft">{each.note}</span>
                        </span>
                        {each.free >= each.count && <span className="text-sm text-accent">lies in the drawer by now</span>}
                        {each.job !== null && (
                            <Link href={jobsShow(each.job)} className="text-sm underline underline-offset-2">
                                its job
                            </Link>
                        )}
                        <Button
                            look="quiet"
                            className="h-7 w-7 px-0"
                            aria-label={`Take ${formatGauge(gaugeInches(each), units)} off the list`}
                            onClick={() => void drop(each.id)}
                        >
                            <Glyph sign="close" />
                        </Button>
                    </li>
                ))}
            </ul>
        </section>
    );
}
