import type { SyntheticEvent } from 'react';
import type { Kind } from '../../generated/formats';
import { fieldClass } from '../../ui/classes';
import { Field } from '../../ui/Field';
import { Select } from '../../ui/Select';
import type { useInstrumentDraft } from '../draft';
import { ScaleDrawing } from '../ScaleDrawing';
import { ScaleFields } from '../ScaleFields';
import type { ScaleDraft } from '../scale';
import { MeasureFields } from './MeasureFields';
import { stringsIndex } from '../../generated/addresses/places';

const HOW: Record<ScaleDraft['type'], string> = {
    single: 'Measure from the edge of the nut, where the strings leave it, to the saddle under string 1, before any compensation.',
    half: 'Measure from the edge of the nut to the middle of the 12th fret. Twice that is the scale, whatever the saddle does.',
    multiscale: 'Measure along the outer strings: string 1 for the treble length, the last string for the bass length.',
    each: 'Measure along each string, from where it leaves the nut to its saddle.',
};

interface Props {
    draft: ReturnType<typeof useInstrumentDraft>;
    /** Whether it is not kept yet. */
    isNew: boolean;
    kinds: { value: Kind; label: string }[];
    /** How many sets are designed for it. */
    sets: number;
    error: (path: string) => string | undefined;
    onSubmit: (event: SyntheticEvent) => void;
}

/** What an instrument is and what was measured on it; saved by a button that names it. */
export function InstrumentForm({ draft, isNew, kinds, sets, error, onSubmit }: Props) {
    return (
        <form id="instrument" onSubmit={onSubmit} className="grid gap-x-12 gap-y-6 md:grid-cols-[minmax(0,22rem)_1fr]">
            <div className="grid content-start gap-4">
                <Field label="Name" error={error('/name')}>
                    <input
                        className={fieldClass}
                        value={draft.name}
                        maxLength={200}
                        autoFocus={isNew}
                        onChange={(event) => draft.setName(event.target.value)}
                    />
                </Field>
                <Field label="Owner or customer" error={error('/owner')}>
                    <input
                        className={fieldClass}
                        value={draft.measures.owner ?? ''}
                        maxLength={200}
                        autoComplete="off"
                        onChange={(event) => draft.setMeasures({ ...draft.measures, owner: event.target.value })}
                    />
                </Field>
                <Field label="Kind" error={error('/kind')}>
                    <Select value={draft.kind} choices={kinds} onChange={(value) => draft.chooseKind(value as Kind)} />
                </Field>
                <Field
                    label="Number of strings"
                    error={error(stringsIndex)}
                    hint={sets > 0 ? `${sets} set${sets === 1 ? ' is' : 's are'} designed for this number.` : undefined}
                >
                    <input
                        type="number"
                        min={1}
                        max={14}
                        className={fieldClass}
                        value={draft.strings}
                        onChange={(event) => draft.setStrings(event.target.value)}
                    />
                </Field>
                <ScaleFields draft={draft.scale} strings={draft.count} onChange={draft.setScale} error={error} />
            </div>
            <figure className="self-start">
                <ScaleDrawing
                    draft={draft.scale}
                    scale={draft.read.scale}
                    shortStrings={draft.read.shortStrings}
                    strings={draft.count}
                />
                <figcaption className="mt-2 max-w-prose text-ink-soft">{HOW[draft.scale.type]}</figcaption>
            </figure>
            <MeasureFields
                draft={draft.measures}
                trees={draft.trees}
                strings={draft.count}
                usual={draft.usual}
                onDraft={draft.setMeasures}
                onTrees={draft.setTrees}
                error={error}
            />
            <div className="md:col-span-2">
                <Field label="Notes" error={error('/notes')}>
                    <textarea
                        rows={4}
                        className="w-full max-w-3xl rounded-field border border-rule-strong bg-sheet px-2.5 py-2 hover:border-ink"
                        maxLength={20_000}
                        value={draft.measures.notes ?? ''}
                        onChange={(event) => draft.setMeasures({ ...draft.measures, notes: event.target.value })}
                    />
                </Field>
            </div>
        </form>
    );
}
