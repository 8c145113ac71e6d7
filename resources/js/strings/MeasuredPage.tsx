import { useAct } from '../server/useAct';
import type { FamilyCorrection, Sample, SampleFamily } from '../generated/views';
import { router } from '@inertiajs/react';
import { useState, type KeyboardEvent, type SyntheticEvent } from 'react';
import { CalliperPanel } from '../devices/CalliperPanel';
import { ScalePanel } from '../devices/ScalePanel';
import { ask } from '../server/api';
import type { Construction, Kind, Material } from '../generated/formats';
import { CONSTRUCTIONS, MATERIALS } from '../generated/words';
import { coreRead, readsFor, type Read } from '../units/core';
import { familyWords, materialsFor } from '../units/strings';
import { gaugeInches, gaugeNanometres } from '../units/stringType';
import { formatGauge, gaugeUnit, useUnits, type Units } from '../units/units';
import { readGauge } from '../units/typed';
import { useAsked } from '../server/useAsked';
import { Button } from '../ui/Button';
import { buttonClass, fieldClass } from '../ui/classes';
import { Field } from '../ui/Field';
import { Select } from '../ui/Select';
import { tellFailure } from '../ui/toasts';
import { FamilyPlot } from './measured/FamilyPlot';
import { percentOff, readFigure, readingsOf, type Method, type SampleDraft } from './measured/sample';
import { StringsFrame } from './StringsFrame';

interface Props {
    families: SampleFamily[];
    kinds: { value: Kind; label: string }[];
}

/** What the line says at its thin end and at its thick one. */
function correctionWords(line: FamilyCorrection['line'], units: Units): string {
    const [thin, thick] = [line[0], line.at(-1)];
    const at = ({ gauge_in: gauge, factor, uncertainty }: FamilyCorrection['line'][number]) =>
        `${percentOff(factor)} ±${(uncertainty * 100).toFixed(1)}\u00a0% at\u00a0${formatGauge(gauge, units)}`;
    return thin === undefined || thick === undefined ? '' : `${at(thin)}, ${at(thick)}`;
}

const grams = (kgPerM: number) => `${(kgPerM * 1000).toPrecision(4)} g/m`;

/** Strings weighed or sounded here, and what they say about the model. */
export default function MeasuredPage({ families, kinds }: Props) {
    const [devices, setDevices] = useState<'scale' | 'calliper' | null>(null);
    const reload = () => router.reload({ only: ['families'] });
    return (
        <StringsFrame
            at="/strings/measured"
            tools={
                <>
                    <Button
                        look="quiet"
                        aria-pressed={devices === 'scale'}
                        onClick={() => setDevices(devices === 'scale' ? null : 'scale')}
                    >
                        Scale and weights
                    </Button>
                    <Button
                        look="quiet"
                        aria-pressed={devices === 'calliper'}
                        onClick={() => setDevices(devices === 'calliper' ? null : 'calliper')}
                    >
                        Calliper
                    </Button>
                </>
            }
        >
            <div className="mt-4 grid gap-x-10 gap-y-8 lg:grid-cols-[22rem_1fr]">
                <MeasureForm kinds={kinds} onKept={reload} />
                <div>
                    {families.length === 0 && (
                        <p className="max-w-prose text-ink-soft">
                            Nothing was measured yet. Weigh a length of one string, or sound it under a known weight: its own
                            density is taken from then on, and its family is modelled better, too.
                        </p>
                    )}
                    {families.map((family) => (
                        <FamilyOf
                            key={`${family.construction} ${family.material} ${family.kind}`}
                            family={family}
                            onChanged={reload}
                        />
                    ))}
                </div>
            </div>
            {devices === 'scale' && <ScalePanel onClose={() => setDevices(null)} />}
            {devices === 'calliper' && <CalliperPanel onClose={() => setDevices(null)} />}
        </StringsFrame>
    );
}

function FamilyOf({ family, onChanged }: { family: SampleFamily; onChanged: () => void }) {
    const units = useUnits();
    const set = async (sample: Sample) => {
        try {
            await ask(`/strings/samples/${sample.id}${sample.set_aside ? '/unarchive' : ''}`, {
                method: sample.set_aside ? 'POST' : 'DELETE',
            });
            onChanged();
        } catch (error) {
            tellFailure(error);
        }
    };
    const name = familyWords(family);
    return (
        <section aria-label={name} className="mb-8">
            <h2 className="border-b border-ink pb-1 text-lg font-bold">
                {name} <span className="text-base font-normal text-ink-soft">{family.kind}</span>
            </h2>
            <div className="mt-2 grid gap-x-8 gap-y-3 xl:grid-cols-[420px_1fr]">
                <FamilyPlot family={family} />
                <div>
                    <p>
                        {family.correction === null ? (
                            'No sample counts: the model stands as it is.'
                        ) : (
                            <>
                                What was weighed is taken as it was. Others of the family are corrected by a line in the gauge:{' '}
                                {correctionWords(family.correction.line, units)}, from {family.correction.samples} sample
                                {family.correction.samples === 1 ? '' : 's'}.
                            </>
                        )}
                    </p>
                    <ul className="mt-2">
                        {family.samples.map((sample) => (
                            <li key={sample.id} className="flex flex-wrap items-center gap-x-3 border-b border-rule py-1">
                                <strong>{formatGauge(gaugeInches(sample), units)}</strong>
                                <span className={sample.set_aside ? 'text-ink-faint line-through' : ''}>
                                    {grams(sample.kg_per_m)} ±{(sample.tolerance * 100).toFixed(1)} %
                                    {sample.ratio !== null && `, ${percentOff(sample.ratio)}`}
                                </span>
                                <span className="text-sm text-ink-soft">
                                    {sample.weighed ? 'weighed' : 'sounded'}
                                    {sample.core_mm !== null && `, core ${sample.core_mm.toFixed(2)} mm`}
                                    {sample.note !== '' && `, ${sample.note}`}
                                </span>
                                <Button
                                    look="quiet"
                                    className="ml-auto h-8"
                                    aria-label={`${sample.set_aside ? 'Count' : 'Set aside'} the sample of ${formatGauge(gaugeInches(sample), units)}`}
                                    onClick={() => void set(sample)}
                                >
                                    {sample.set_aside ? 'Count it again' : 'Set aside'}
                                </Button>
                            </li>
                        ))}
                    </ul>
                </div>
            </div>
        </section>
    );
}

const EMPTY: SampleDraft = { method: 'weighed', mass: '', length: '', load: '', frequency: '' };

function MeasureForm({ kinds, onKept }: { kinds: Props['kinds']; onKept: () => void }) {
    const units = useUnits();
    const [kind, setKind] = useState<Kind>('electric-guitar');
    const [construction, setConstruction] = useState<Construction>('round-wound');
    const [material, setMaterial] = useState<Material>('nickel-plated-steel');
    const [gauge, setGauge] = useState('');
    const [draft, setDraft] = useState<SampleDraft>(EMPTY);
    const [note, setNote] = useState('');
    const [core, setCore] = useState('');
    const [coreReadAs, setCoreReadAs] = useState<Read>('hex-corners');
    const { act, problem } = useAct();
    const typed = readGauge(gauge, units);
    const readings = readingsOf(draft);
    const reads = readsFor(material);
    const read = reads.some(({ value }) => value === coreReadAs) ? coreReadAs : (reads[0]?.value ?? 'hex-corners');
    const wound = construction !== 'plain';
    const bared = wound && core.trim() !== '' ? readFigure(core) : null;
    const body =
        typed === null || readings === null || (wound && core.trim() !== '' && bared === null)
            ? null
            : JSON.stringify({
                  construction,
                  material,
                  kind,
                  gauge_nm: gaugeNanometres(typed.gauge),
                  readings,
                  core: bared === null ? null : coreRead(bared.value, read),
                  note,
              });
    const { data: result, error } = useAsked<Sample>('/strings/samples/weigh', body);
    const chooseConstruction = (chosen: Construction) => {
        const materials = materialsFor(chosen);
        setConstruction(chosen);
        setMaterial(materials.includes(material) ? material : (materials[0] ?? material));
    };
    const keep = (event: SyntheticEvent) => {
        event.preventDefault();
        act(async () => {
            if (body === null) {
                throw new Error('Give the gauge and every reading as a figure, such as 6.80 g.');
            }
            await ask('/strings/samples', { method: 'POST', body });
            setDraft({ ...EMPTY, method: draft.method });
            setGauge('');
            setCore('');
            setNote('');
            onKept();
        });
    };
    // A scale that types ends each reading with Enter: on to the next field.
    const onEnter = (event: KeyboardEvent<HTMLFormElement>) => {
        const field = event.target;
        if (event.key === 'Enter' && field instanceof HTMLInputElement && field.dataset.measure !== undefined) {
            event.preventDefault();
            const all = [...event.currentTarget.querySelectorAll<HTMLInputElement>('input[data-measure]')];
            all[all.indexOf(field) + 1]?.focus();
        }
    };
    const reading = (label: string, key: 'mass' | 'length' | 'load' | 'frequency', hint?: string) => (
        <Field label={label} hint={hint}>
            <input
                className={fieldClass}
                data-measure={key}
                inputMode="decimal"
                autoComplete="off"
                value={draft[key]}
                onChange={(event) => setDraft({ ...draft, [key]: event.target.value })}
            />
        </Field>
    );
    return (
        <form
            aria-label="Measure a string"
            onSubmit={(event) => keep(event)}
            onKeyDown={onEnter}
            className="grid content-start gap-3"
        >
            <h2 className="border-b border-ink pb-1 text-lg font-bold">Measure a string</h2>
            <Field label="Made for">
                <Select value={kind} choices={kinds} onChange={(value) => setKind(value as Kind)} />
            </Field>
            <div className="grid grid-cols-2 gap-3">
                <Field label="Construction">
                    <Select
                        value={construction}
                        choices={Object.entries(CONSTRUCTIONS).map(([value, label]) => ({ value, label }))}
                        onChange={(value) => chooseConstruction(value as Construction)}
                    />
                </Field>
                <Field label={`Gauge, ${units.gauge === 'mm' ? 'mm' : 'thou'}`}>
                    <input
                        className={fieldClass}
                        inputMode="decimal"
                        autoComplete="off"
                        aria-label={`Gauge, ${gaugeUnit(units)}`}
                        value={gauge}
                        onChange={(event) => setGauge(event.target.value)}
                    />
                </Field>
            </div>
            <Field label="Material or wrap">
                <Select
                    value={material}
                    choices={materialsFor(construction).map((value) => ({ value, label: MATERIALS[value] }))}
                    onChange={(value) => setMaterial(value as Material)}
                />
            </Field>
            <Field label="How">
                <Select
                    value={draft.method}
                    choices={[
                        { value: 'weighed', label: 'Weighed, slack' },
                        { value: 'sounded', label: 'Sounded under a known weight' },
                    ]}
                    onChange={(value) => setDraft({ ...draft, method: value as Method })}
                />
            </Field>
            <div className="grid grid-cols-2 gap-3">
                {draft.method === 'weighed' ? reading('Mass, g', 'mass') : reading('Weight, N or kg', 'load')}
                {draft.method === 'weighed'
                    ? reading('Length, mm', 'length', 'Without ball and winding')
                    : reading('It sounds at, Hz', 'frequency')}
                {draft.method === 'sounded' && reading('Sounding length, mm', 'length')}
            </div>
            <p className="text-sm text-ink-soft">
                The last digit you type tells how finely it was read. Under a weight keep your face and feet away from the string
                and what hangs on it.
            </p>
            {wound && (
                <div className="grid grid-cols-2 gap-3">
                    <Field label="Bared core, mm" hint="If you can spare an end">
                        <input
                            className={fieldClass}
                            data-measure="core"
                            inputMode="decimal"
                            autoComplete="off"
                            value={core}
                            onChange={(event) => setCore(event.target.value)}
                        />
                    </Field>
                    <Field label="Read across">
                        <Select value={read} choices={reads} onChange={(value) => setCoreReadAs(value as Read)} />
                    </Field>
                </div>
            )}
            <Field label="Note">
                <input className={fieldClass} maxLength={300} value={note} onChange={(event) => setNote(event.target.value)} />
            </Field>
            <p aria-live="polite" className="min-h-[2.8em]">
                {error !== null && body !== null ? (
                    <span className="text-stop">{error.message}</span>
                ) : result === undefined || body === null ? (
                    ''
                ) : (
                    <>
                        <strong>{grams(result.kg_per_m)}</strong> ±{(result.tolerance * 100).toFixed(1)} %
                        {result.modelled_kg_per_m !== null && result.ratio !== null && (
                            <>
                                ; the model says {grams(result.modelled_kg_per_m)}, so it was {percentOff(result.ratio)} off
                            </>
                        )}
                    </>
                )}
            </p>
            {problem !== undefined && (
                <p role="alert" className="text-stop">
                    {problem}
                </p>
            )}
            <button type="submit" className={buttonClass.strong}>
                Keep the sample
            </button>
        </form>
    );
}
