import { router } from '@inertiajs/react';
import { useState } from 'react';
import { ask } from '../server/api';
import { Button } from '../ui/Button';
import { tellFailure, toast } from '../ui/toasts';
import { WorkshopFrame } from './WorkshopFrame';
import { type OwnRule, suitsWords } from './care/rules';
import { RuleRow } from './care/RuleRow';
import { CareSettings } from './care/CareSettings';
import { RuleDialog } from './care/RuleDialog';
import { careDestroy, careUnarchive } from '../generated/addresses/care';
import { careIndex } from '../generated/addresses/places';
import type { CarePage as Props } from '../generated/pages';

/** What instruments want and why, what this workshop adds, and what an hour of playing counts as. */
export default function CarePage({ shipped, own, kinds, fingerboards, places, exposure, beforeShow, zone }: Props) {
    const [adding, setAdding] = useState(false);
    const reload = () => router.reload();
    const drop = async (rule: OwnRule) => {
        try {
            await ask(careDestroy(rule.id), { method: 'DELETE' });
            toast(`“${rule.name}” is wanted no more.`, {
                action: {
                    label: 'Undo',
                    run: () => void ask(careUnarchive(rule.id), { method: 'POST' }).then(reload, tellFailure),
                },
            });
            reload();
        } catch (failure) {
            tellFailure(failure);
        }
    };
    return (
        <WorkshopFrame
            at={careIndex}
            tools={
                <Button look="strong" onClick={() => setAdding(true)}>
                    Add a rule
                </Button>
            }
        >
            <div className="mt-4 grid gap-x-12 gap-y-8 lg:grid-cols-[minmax(0,1fr)_20rem]">
                <div>
                    <OwnRules own={own} drop={drop} />
                    <section aria-labelledby="shipped" className="mt-8">
                        <h2 id="shipped" className="border-b border-ink pb-1 text-lg font-bold">
                            What Lira knows
                        </h2>
                        <p className="mt-2 max-w-prose text-ink-soft">
                            Each is due where it suits, by the instrument’s kind, wood, hardware, and the place that is said on
                            its Log.
                        </p>
                        <ul>
                            {shipped.map((rule) => (
                                <RuleRow key={rule.key} rule={rule} />
                            ))}
                        </ul>
                    </section>
                </div>
                <CareSettings exposure={exposure} beforeShow={beforeShow} zone={zone} />
            </div>
            {adding && (
                <RuleDialog
                    kinds={kinds}
                    fingerboards={fingerboards}
                    places={places}
                    onClose={() => setAdding(false)}
                    onDone={() => {
                        setAdding(false);
                        reload();
                    }}
                />
            )}
        </WorkshopFrame>
    );
}

/** The workshop’s own rules. */
function OwnRules({ own, drop }: { own: Props['own']; drop: (rule: OwnRule) => Promise<void> }) {
    return (
        <section aria-labelledby="own">
            <h2 id="own" className="border-b border-ink pb-1 text-lg font-bold">
                Your own rules
            </h2>
            {own.length === 0 ? (
                <p className="mt-2 max-w-prose text-ink-soft">
                    None yet. What else instruments want here, every so many weeks or on days of the year, can be added; it is due
                    on each instrument that it suits.
                </p>
            ) : (
                <ul>
                    {own.map((rule) => (
                        <RuleRow key={rule.key} rule={rule} suits={suitsWords(rule)}>
                            <Button look="quiet" aria-label={`Remove ${rule.name}`} onClick={() => void drop(rule)}>
                                Remove
                            </Button>
                        </RuleRow>
                    ))}
                </ul>
            )}
        </section>
    );
}
