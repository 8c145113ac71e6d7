import { useAct } from '../../server/useAct';
import { ask } from '../../server/api';
import type { Instrument, SetDocument } from '../../generated/formats';
import { pitchLabel, pitchName, tuningLabel } from '../../units/pitch';
import type { Found } from '../../server/search';
import { Button } from '../../ui/Button';
import { fieldClass } from '../../ui/classes';
import { Field } from '../../ui/Field';
import { TextField } from '../../ui/TextField';
import { Glyph } from '../../ui/Glyph';
import { Select } from '../../ui/Select';
import { SearchField } from '../../ui/SearchField';
import { TuningChoice } from '../tunings/TuningChoice';
import { type Units } from '../../units/units';
import { useUnits } from '../../units/useUnits';
import { USUAL_SEMITONES, type Wish } from './conversion';
import { instrumentsDocument } from '../../generated/addresses/instruments';

interface Props {
    wish: Wish;
    document: SetDocument;
    onWish: (wish: Wish) => void;
}

interface FieldsProps {
    wish: Wish;
    document: SetDocument;
    change: (changed: Partial<Wish>) => void;
}

/** What has to be said for the conversion that is chosen. */
export function WishFields({ wish, document, onWish }: Props) {
    const units = useUnits();
    const change = (changed: Partial<Wish>) => onWish({ ...wish, ...changed });
    switch (wish.to) {
        case 'lower':
            return (
                <SemitonesField
                    value={wish.semitones ?? USUAL_SEMITONES[wish.to]}
                    least={1}
                    hint={INTERVALS}
                    onChange={(semitones) => change({ semitones })}
                />
            );
        case 'baritone':
            return (
                <>
                    <LengthField label="Scale" value={wish.baritone} onChange={(baritone) => change({ baritone })} />
                    <SemitonesField
                        value={wish.semitones ?? USUAL_SEMITONES[wish.to]}
                        least={1}
                        hint={`A guitar’s E goes to B (5) on ${usualNeck(units)}, to A (7) on longer ones`}
                        onChange={(semitones) => change({ semitones })}
                    />
                </>
            );
        case 'scale':
            return <ScaleFields wish={wish} document={document} change={change} />;
        case 'octave':
            return (
                <Field label="Sounding an octave up">
                    <Select
                        value={wish.fromPosition}
                        onChange={(fromPosition) => change({ fromPosition })}
                        choices={document.strings.map(({ position }) => ({
                            value: String(position),
                            label: position === document.strings.length ? `only string ${position}` : `from string ${position}`,
                        }))}
                    />
                </Field>
            );
        case 'add-lower':
            return (
                <Field label="Pitch of the new string">
                    <input
                        className={fieldClass}
                        value={pitchLabel(wish.pitch)}
                        spellCheck={false}
                        autoComplete="off"
                        onChange={(event) => change({ pitch: pitchName(event.target.value) })}
                    />
                </Field>
            );
        case 'several':
            return <TuningsField wish={wish} document={document} change={change} />;
    }
}

function ScaleFields({ wish, document, change }: FieldsProps) {
    const count = document.strings.length;
    const { act, problem } = useAct();
    const take = (found: Found['instruments'][number]) =>
        act(async () => change({ instrument: await ask<Instrument>(instrumentsDocument(found.id)) }));
    return (
        <>
            {wish.instrument === null ? (
                <LengthField label="Length of its scale" value={wish.length} onChange={(length) => change({ length })} />
            ) : (
                <p className="flex items-center gap-2">
                    <span className="min-w-0 flex-1 truncate">
                        Onto <strong>{wish.instrument.name}</strong>
                    </span>
                    <Button look="quiet" onClick={() => change({ instrument: null })}>
                        Another length instead
                    </Button>
                </p>
            )}
            <SearchField
                label={`or an instrument with ${count} strings`}
                error={problem}
                pick={(found) => found.instruments.filter(({ strings }) => strings === count)}
                onTake={(found) => {
                    take(found);
                }}
            />
            <SemitonesField
                value={wish.scaleSemitones}
                least={0}
                hint={`0 is the same tuning, ${INTERVALS}`}
                onChange={(scaleSemitones) => change({ scaleSemitones })}
            />
        </>
    );
}

const INTERVALS = '2 is a tone, 5 a fourth, 7 a fifth';

/** Scales that baritones in B usually have. */
function usualNeck(units: Units): string {
    return units.length === 'mm' ? '680 to 720 mm' : '27 to 28 in';
}

function SemitonesField({
    value,
    least,
    hint,
    onChange,
}: {
    value: string;
    least: number;
    hint: string;
    onChange: (value: string) => void;
}) {
    return <TextField label="Semitones lower" hint={hint} type="number" min={least} max={12} value={value} onChange={onChange} />;
}

function LengthField({ label, value, onChange }: { label: string; value: string; onChange: (value: string) => void }) {
    return <TextField label={label} inputMode="decimal" value={value} onChange={onChange} />;
}

function TuningsField({ wish, document, change }: FieldsProps) {
    const present = wish.tunings[0];
    return (
        <div>
            <p className="mb-1 text-sm font-medium text-ink-soft">Tunings it must serve</p>
            <ul className="mb-2">
                {wish.tunings.map((tuning, index) => (
                    <li key={index} className="flex items-center justify-between gap-2 border-b border-rule">
                        <span className="py-1">{tuningLabel(tuning)}</span>
                        <button
                            type="button"
                            aria-label={`Without ${tuningLabel(tuning)}`}
                            className="flex h-[26px] w-[26px] items-center justify-center rounded-mark text-ink-soft hover:bg-rule/60"
                            onClick={() => change({ tunings: wish.tunings.filter((_, at) => at !== index) })}
                        >
                            <Glyph sign="close" />
                        </button>
                    </li>
                ))}
            </ul>
            {present !== undefined && wish.tunings.length < 12 && (
                <TuningChoice
                    kind={document.instrument.kind}
                    present={present}
                    narrow
                    onTake={(name, pitches) => change({ tunings: [...wish.tunings, { ...present, name, pitches }] })}
                />
            )}
        </div>
    );
}
