import type { TunePage } from '../generated/pages';
import { router } from '@inertiajs/react';
import { useState, type Dispatch, type SetStateAction } from 'react';
import { TuningChoice } from '../bench/tunings/TuningChoice';
import type { Tuning } from '../generated/formats';
import { fixed } from '../units/figures';
import { fieldClass } from '../ui/classes';
import { Button } from '../ui/Button';
import { Dialog } from '../ui/Dialog';
import { Field } from '../ui/Field';
import { Glyph } from '../ui/Glyph';
import { Select } from '../ui/Select';
import { TypedInput } from '../ui/TypedInput';
import { SOURCES, type Source } from '../devices/own';
import { readHertz } from '../units/typed';
import { tuneShow } from '../generated/addresses/tune';
import { withAsked } from '../server/asked';

export interface TuneValues {
    orderBy: string;
    /** Of the simulated instrument. */
    seed: number;
    /** By how much the tuner is off, as typed. */
    offset: string;
    a4: number;
    /** Whether no string is asked more than a semitone above its pitch. */
    ceiling: boolean;
    /** Whether new strings were left alone since they were tuned, not stretched. */
    rested: boolean;
}

interface Props {
    known: TunePage;
    source: Source;
    /** While a round is under way. */
    busy: boolean;
    values: TuneValues;
    keepsDrifts: boolean;
    onSource: (source: string) => void;
    onChange: (changed: Partial<TuneValues>) => void;
    onStandsIn: (tuning: number) => void;
}

const OTHER = 'other';
const HERE = 'here';
const [LEAST_A4, MOST_A4] = [380, 500];

/** To which tuning, heard by what, in which order. */
export function TuneOptions({ known, source, busy, values, keepsDrifts, onSource, onChange, onStandsIn }: Props) {
    // What is tuned to beyond the tunings that the set has is for now only.
    const { set, orders, document: designed, tuning, tunings, kept, from } = known;
    const [choosing, setChoosing] = useState(false);
    const [open, setOpen] = useState(false);
    const present = designed.tunings[tuning];
    const borrowed = tunings.length !== kept.length || tunings[tuning]?.name !== kept[tuning];
    const visit = (query: Record<string, string>) =>
        router.visit(withAsked(tuneShow(set.id), { ...query, ...(source === 'practice' ? { practice: '1' } : {}) }), {
            preserveState: false,
        });
    // What its strings stand in is known where it is a tuning of the set.
    const stands = borrowed ? (from ?? 0) : tuning;
    return (
        <div className="mt-4 flex flex-wrap items-end gap-x-5 gap-y-3">
            <ToTuning
                borrowed={borrowed}
                tuning={tuning}
                busy={busy}
                tunings={tunings}
                kept={kept}
                setChoosing={setChoosing}
                visit={visit}
            />
            <div className="w-60">
                <Field label="Heard by">
                    <Select value={source} choices={SOURCES} onChange={onSource} />
                </Field>
            </div>
            {source !== 'practice' && tunings.length > 1 && (
                <StandsIn source={source} tunings={tunings} tuning={tuning} onStandsIn={onStandsIn} />
            )}
            {keepsDrifts && <SinceTuned values={values} onChange={onChange} />}
            <Button look="quiet" aria-expanded={open} className="h-9" onClick={() => setOpen(!open)}>
                Options <Glyph sign={open ? 'up' : 'down'} />
            </Button>
            {open && <HowItIsDone values={values} orders={orders} onChange={onChange} busy={busy} source={source} />}
            <OtherTuning
                choosing={choosing}
                setChoosing={setChoosing}
                present={present}
                designed={designed}
                visit={visit}
                stands={stands}
            />
        </div>
    );
}

/** Which tuning it is brought to. */
function ToTuning({
    borrowed,
    tuning,
    busy,
    tunings,
    kept,
    setChoosing,
    visit,
}: {
    borrowed: boolean;
    tuning: TunePage['tuning'];
    busy: Props['busy'];
    tunings: TunePage['tunings'];
    kept: TunePage['kept'];
    setChoosing: Dispatch<SetStateAction<boolean>>;
    visit: (query: Record<string, string>) => void;
}) {
    return (
        <div className="w-52">
            <Field label="To">
                <Select
                    value={borrowed ? HERE : String(tuning)}
                    disabled={busy}
                    choices={[
                        ...(borrowed ? [{ value: HERE, label: tunings[tuning]?.name ?? '' }] : []),
                        ...kept.map((name, index) => ({ value: String(index), label: name })),
                        { value: OTHER, label: 'another tuning…' },
                    ]}
                    onChange={(chosen) => {
                        if (chosen === OTHER) {
                            setChoosing(true);
                        } else if (chosen !== HERE) {
                            visit({ tuning: chosen, ...(borrowed ? {} : { from: String(tuning) }) });
                        }
                    }}
                />
            </Field>
        </div>
    );
}

/** Which tuning it stands in. */
function StandsIn({
    source,
    tunings,
    tuning,
    onStandsIn,
}: {
    source: 'microphone' | 'typed';
    tunings: TunePage['tunings'];
    tuning: TunePage['tuning'];
    onStandsIn: Props['onStandsIn'];
}) {
    return (
        <div className="w-52">
            <Field label="It stands in">
                <Select
                    value="heard"
                    choices={[
                        { value: 'heard', label: source === 'typed' ? 'as typed below' : 'as it is heard' },
                        ...tunings.flatMap(({ name }, index) =>
                            index === tuning ? [] : [{ value: String(index), label: name }],
                        ),
                    ]}
                    onChange={(chosen) => {
                        if (chosen !== 'heard') {
                            onStandsIn(Number(chosen));
                        }
                    }}
                />
            </Field>
        </div>
    );
}

/** What became of it since it was tuned. */
function SinceTuned({ values, onChange }: { values: Props['values']; onChange: Props['onChange'] }) {
    return (
        <div className="w-52">
            <Field label="Since it was tuned it was">
                <Select
                    value={String(values.rested)}
                    choices={[
                        { value: 'false', label: 'stretched' },
                        { value: 'true', label: 'left alone, or played' },
                    ]}
                    onChange={(chosen) => onChange({ rested: chosen === 'true' })}
                />
            </Field>
        </div>
    );
}

/** In which order, by which reference. */
function HowItIsDone({
    values,
    orders,
    onChange,
    busy,
    source,
}: {
    values: Props['values'];
    orders: TunePage['orders'];
    onChange: Props['onChange'];
    busy: Props['busy'];
    source: Props['source'];
}) {
    return (
        <div className="flex basis-full flex-wrap items-end gap-x-5 gap-y-3">
            <div className="w-44">
                <Field label="Order">
                    <Select
                        value={values.orderBy}
                        choices={orders}
                        onChange={(orderBy) => onChange({ orderBy })}
                        disabled={busy}
                    />
                </Field>
            </div>
            {source === 'practice' ? (
                <div className="w-28">
                    <Field label="Instrument no.">
                        <input
                            type="number"
                            min={1}
                            className={fieldClass}
                            value={values.seed}
                            onChange={(event) => {
                                onChange({ seed: Math.max(1, Math.round(Number(event.target.value)) || 1) });
                            }}
                        />
                    </Field>
                </div>
            ) : (
                <div className="w-40">
                    <Field label="This tuner is off by, cents">
                        <input
                            className={fieldClass}
                            value={values.offset}
                            onChange={(event) => onChange({ offset: event.target.value })}
                        />
                    </Field>
                </div>
            )}
            <div className="w-24">
                <Field label="A4, Hz">
                    <TypedInput
                        className={fieldClass}
                        shown={fixed(values.a4, 1)}
                        disabled={busy}
                        onTake={(typed) => {
                            const hz = readHertz(typed);
                            if (hz !== null && hz >= LEAST_A4 && hz <= MOST_A4) {
                                onChange({ a4: hz });
                            }
                        }}
                    />
                </Field>
            </div>
            <label className="flex h-9 items-center gap-2">
                <input
                    type="checkbox"
                    checked={values.ceiling}
                    onChange={(event) => onChange({ ceiling: event.target.checked })}
                />
                never more than a semitone above
            </label>
        </div>
    );
}

/** Any other tuning, for now. */
function OtherTuning({
    choosing,
    setChoosing,
    present,
    designed,
    visit,
    stands,
}: {
    choosing: boolean;
    setChoosing: Dispatch<SetStateAction<boolean>>;
    present: Tuning | undefined;
    designed: TunePage['document'];
    visit: (query: Record<string, string>) => void;
    stands: number;
}) {
    return (
        <Dialog
            open={choosing}
            onOpenChange={setChoosing}
            title="To which tuning?"
            description="By its name, or type its notes from the last string to the first. The set stays as it is."
            width="wide"
        >
            {present !== undefined && (
                <TuningChoice
                    kind={designed.instrument.kind}
                    present={present}
                    onTake={(name, pitches) => {
                        setChoosing(false);
                        visit({ to: pitches.join(' '), name, from: String(stands) });
                    }}
                />
            )}
        </Dialog>
    );
}
