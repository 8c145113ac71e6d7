import { otherUnitOf } from '../units/typed';
import { useUnits } from '../units/useUnits';
import { fieldClass } from '../ui/classes';
import { Field } from '../ui/Field';
import { Select } from '../ui/Select';
import type { ScaleDraft } from './scale';
import type { Units } from '../units/units';

const TYPES: { value: ScaleDraft['type']; label: string }[] = [
    { value: 'single', label: 'One length, nut to saddle' },
    { value: 'half', label: 'Nut to 12th fret, doubled' },
    { value: 'multiscale', label: 'Fanned frets, treble and bass' },
    { value: 'each', label: 'A length for each string' },
];

interface Props {
    draft: ScaleDraft;
    strings: number;
    onChange: (draft: ScaleDraft) => void;
    error: (path: string) => string | undefined;
}

/** The scale, in the way it was measured. */
export function ScaleFields({ draft, strings, onChange, error }: Props) {
    const units = useUnits();
    const set = (changed: Partial<ScaleDraft>) => onChange({ ...draft, ...changed });
    const length = (label: string, key: 'length' | 'half' | 'treble' | 'bass', path: string) => (
        <Field label={`${label}, ${units.length}`} error={error(path)}>
            <input
                className={fieldClass}
                inputMode="decimal"
                value={draft[key]}
                onChange={(event) => set({ [key]: event.target.value })}
            />
        </Field>
    );
    /** A figure that can only be meant in the other unit is asked about at once. */
    const meant = (key: 'length' | 'treble' | 'bass') => {
        const other = otherUnitOf(draft[key], units);
        return (
            other !== null && (
                <p role="status" className="-mt-1.5 text-sm">
                    <button
                        type="button"
                        className="min-h-target text-accent underline underline-offset-3"
                        onClick={() => set({ [key]: other.words })}
                    >
                        {other.words}?
                    </button>
                </p>
            )
        );
    };
    return (
        <>
            <Field label="Scale" error={draft.type === 'each' ? undefined : error('/scale/type')}>
                <Select value={draft.type} choices={TYPES} onChange={(type) => set({ type: type as ScaleDraft['type'] })} />
            </Field>
            {draft.type === 'single' && length('Scale length', 'length', '/scale/length_mm')}
            {draft.type === 'single' && meant('length')}
            {draft.type === 'half' && length('Nut to 12th fret', 'half', '/scale/nut_to_twelfth_mm')}
            {draft.type === 'multiscale' && (
                <div className="grid grid-cols-2 gap-3">
                    {length('Treble length', 'treble', '/scale/treble_mm')}
                    {length('Bass length', 'bass', '/scale/bass_mm')}
                    {meant('treble')}
                    {meant('bass')}
                </div>
            )}
            {draft.type === 'each' && <LengthOfEach strings={strings} units={units} error={error} draft={draft} set={set} />}
            <div className="grid grid-cols-2 gap-3">
                <Field label="Short string" hint="If one starts at a fret, such as a drone" error={error('/short_strings')}>
                    <input
                        className={fieldClass}
                        inputMode="numeric"
                        placeholder="none"
                        value={draft.shortPosition}
                        onChange={(event) => set({ shortPosition: event.target.value })}
                    />
                </Field>
                <Field label="It starts at fret">
                    <input
                        className={fieldClass}
                        inputMode="numeric"
                        placeholder="–"
                        value={draft.shortFret}
                        onChange={(event) => set({ shortFret: event.target.value })}
                    />
                </Field>
            </div>
        </>
    );
}

/** The length of each string by itself. */
function LengthOfEach({
    strings,
    units,
    error,
    draft,
    set,
}: {
    strings: Props['strings'];
    units: Units;
    error: Props['error'];
    draft: Props['draft'];
    set: (changed: Partial<ScaleDraft>) => void;
}) {
    return (
        <div className="grid grid-cols-3 gap-3">
            {Array.from({ length: strings }, (_, index) => (
                <Field
                    key={index}
                    label={`String ${index + 1}, ${units.length}`}
                    error={error(`/scale/lengths_mm/${index}`) ?? (index === 0 ? error('/scale/lengths_mm') : undefined)}
                >
                    <input
                        className={fieldClass}
                        inputMode="decimal"
                        value={draft.each[index] ?? draft.length}
                        onChange={(event) =>
                            set({
                                each: Array.from({ length: strings }, (_each, at) =>
                                    at === index ? event.target.value : (draft.each[at] ?? draft.length),
                                ),
                            })
                        }
                    />
                </Field>
            ))}
        </div>
    );
}
