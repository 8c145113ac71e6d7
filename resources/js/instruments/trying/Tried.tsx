import { isBass } from '../../units/strings';
import { Tabs } from 'radix-ui';
import { ReachView } from '../reach/ReachView';
import { TriedSet } from './TriedSet';
import { TryOn } from './TryOn';
import { useTried } from './useTried';
import type { InstrumentPage as Props } from '../../generated/pages';
import { useInstrumentDraft } from '../draft';

/** A set tried on it, or how low and how high it goes. */
export function Tried({
    draft,
    tried,
    sets,
    label,
    measure,
    value,
}: {
    draft: ReturnType<typeof useInstrumentDraft>;
    tried: ReturnType<typeof useTried>;
    sets: Props['sets'];
    label: string;
    measure: (group: string) => void;
    value: 'try' | 'reach';
}) {
    return (
        <Tabs.Content value={value} tabIndex={-1} className="flex-1 py-4 outline-none">
            {draft.usable ? (
                <div className="grid gap-4">
                    <TriedSet tried={tried} sets={sets} strings={draft.count} kind={label} />
                    {value === 'try' ? (
                        <TryOn question={tried.question} bass={isBass(draft.kind)} onMeasure={measure} />
                    ) : (
                        <ReachView question={tried.question} />
                    )}
                </div>
            ) : (
                <p>Its scale cannot be read yet. Give it under “Measure”, then a set can be tried on.</p>
            )}
        </Tabs.Content>
    );
}
