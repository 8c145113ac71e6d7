import { isBass } from '../../units/strings';
import { Tabs } from 'radix-ui';
import type { ComponentProps } from 'react';
import { PlayingView } from '../playing/PlayingView';
import { ReachView } from '../reach/ReachView';
import { TriedSet } from './TriedSet';
import { TryOn } from './TryOn';
import { USUAL, useTried } from './useTried';
import type { InstrumentPage as Props } from '../../generated/pages';
import { useInstrumentDraft } from '../draft';

type Looked = ComponentProps<typeof TryOn> & { set: number | null; instrument: number | null };

/** What can be looked at with a set on it. */
const VIEWS = {
    try: ({ set: _, instrument: __, ...props }: Looked) => <TryOn {...props} />,
    play: ({ question, set, instrument }: Looked) => <PlayingView question={question} set={set} instrument={instrument} />,
    reach: ({ question }: Looked) => <ReachView question={question} />,
};

/** A set tried on it, how it plays, or how low and how high it goes. */
export function Tried({
    draft,
    tried,
    sets,
    label,
    measure,
    value,
    instrument,
}: {
    draft: ReturnType<typeof useInstrumentDraft>;
    tried: ReturnType<typeof useTried>;
    sets: Props['sets'];
    label: string;
    measure: (group: string) => void;
    value: keyof typeof VIEWS;
    instrument: number | null;
}) {
    return (
        <Tabs.Content value={value} tabIndex={-1} className="flex-1 py-4 outline-none">
            {draft.usable ? (
                <div className="grid gap-4">
                    <TriedSet tried={tried} sets={sets} strings={draft.count} kind={label} />
                    {VIEWS[value]({
                        instrument,
                        set: tried.chosen === USUAL ? null : tried.chosen.id,
                        question: tried.question,
                        bass: isBass(draft.kind),
                        onMeasure: measure,
                    })}
                </div>
            ) : (
                <p>Its scale cannot be read yet. Give it under “Measure”, then a set can be tried on.</p>
            )}
        </Tabs.Content>
    );
}
