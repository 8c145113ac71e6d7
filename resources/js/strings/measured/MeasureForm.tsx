import {
    useEffect,
    useState,
    type KeyboardEvent,
    type SyntheticEvent,
    type Dispatch,
    type SetStateAction,
    type ReactNode,
} from 'react';
import type { Construction, Kind, Material } from '../../generated/formats';
import type { Sample } from '../../generated/views';
import { CONSTRUCTIONS, MATERIALS } from '../../generated/words';
import { ask } from '../../server/api';
import { useAct } from '../../server/useAct';
import { useAsked } from '../../server/useAsked';
import { coreRead, readsFor, type Read } from '../../units/core';
import { materialsFor } from '../../units/strings';
import { gaugeNanometres } from '../../units/stringType';
import { readGauge } from '../../units/typed';
import { gaugeUnit, type Units } from '../../units/units';
import { useUnits } from '../../units/useUnits';
import { buttonClass, fieldClass } from '../../ui/classes';
import { Field } from '../../ui/Field';
import { TextField } from '../../ui/TextField';
import { Select } from '../../ui/Select';
import { grams, percentOff, readFigure, readingsOf, type Family, type Method, type SampleDraft } from './sample';
import { samplesStore, samplesWeigh } from '../../generated/addresses/places';

const EMPTY: SampleDraft = { method: 'weighed', mass: '', length: '', load: '', frequency: '' };

interface Props {
    kinds: { value: Kind; label: string }[];
    family: Family;
    onFamily: (family: Family) => void;
    /** What is typed comes to this; none while it comes to nothing. */
    onResult: (result: Sample | undefined) => void;
    onKept: () => void;
}

/** What is measured of one string, as it is read off; what it comes to is said at once, and kept when that is wanted. */
export function MeasureForm(props: Props) {
    const { kinds, family, onFamily } = props;
    const units = useUnits();
    const { kind, construction, material } = family;
    const measuring = useMeasuring(props, units);
    const { draft, setDraft, keep, chooseConstruction, gauge, setGauge, note, setNote, error, body, result, problem } = measuring;
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
            onKeyDown={toNextField}
            className="grid content-start gap-3"
        >
            <h2 className="border-b border-ink pb-1 text-lg font-bold">Measure a string</h2>
            <Field label="Made for">
                <Select value={kind} choices={kinds} onChange={(value) => onFamily({ ...family, kind: value as Kind })} />
            </Field>
            <HowMade
                construction={construction}
                chooseConstruction={chooseConstruction}
                units={units}
                gauge={gauge}
                setGauge={setGauge}
            />
            <Field label="Material or wrap">
                <Select
                    value={material}
                    choices={materialsFor(construction).map((value) => ({ value, label: MATERIALS[value] }))}
                    onChange={(value) => onFamily({ ...family, material: value as Material })}
                />
            </Field>
            <How draft={draft} setDraft={setDraft} />
            <Readings draft={draft} reading={reading} />
            <p className="text-sm text-ink-soft">
                The last digit you type tells how finely it was read. Under a weight keep your face and feet away from the string
                and what hangs on it.
            </p>
            {measuring.wound && <BaredCore measuring={measuring} />}
            <TextField label="Note" maxLength={300} value={note} onChange={setNote} />
            <WhatItWeighs error={error} body={body} result={result} />
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

/** A scale that types ends each reading with Enter: on to the next field. */
function toNextField(event: KeyboardEvent<HTMLFormElement>) {
    const field = event.target;
    if (event.key === 'Enter' && field instanceof HTMLInputElement && field.dataset.measure !== undefined) {
        event.preventDefault();
        const all = [...event.currentTarget.querySelectorAll<HTMLInputElement>('input[data-measure]')];
        all[all.indexOf(field) + 1]?.focus();
    }
}

/** What is typed of a string, what it comes to, and its keeping. */
function useMeasuring({ family, onFamily, onResult, onKept }: Props, units: Units) {
    const { kind, construction, material } = family;
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
    const { data: result, error } = useAsked<Sample>(samplesWeigh, body);
    const said = body === null || error !== null ? undefined : result;
    useEffect(() => onResult(said), [said, onResult]);
    const chooseConstruction = (chosen: Construction) => {
        const materials = materialsFor(chosen);
        onFamily({
            ...family,
            construction: chosen,
            material: materials.includes(material) ? material : (materials[0] ?? material),
        });
    };
    const keep = (event: SyntheticEvent) => {
        event.preventDefault();
        act(async () => {
            if (body === null) {
                throw new Error('Give the gauge and every reading as a figure, such as 6.80 g.');
            }
            await ask(samplesStore, { method: 'POST', body });
            setDraft({ ...EMPTY, method: draft.method });
            setGauge('');
            setCore('');
            setNote('');
            onKept();
        });
    };
    return {
        draft,
        setDraft,
        keep,
        chooseConstruction,
        gauge,
        setGauge,
        wound,
        core,
        setCore,
        read,
        reads,
        setCoreReadAs,
        note,
        setNote,
        error,
        body,
        result,
        problem,
    };
}

/** Its construction and gauge. */
function HowMade({
    construction,
    chooseConstruction,
    units,
    gauge,
    setGauge,
}: {
    construction: Construction;
    chooseConstruction: (chosen: Construction) => void;
    units: Units;
    gauge: string;
    setGauge: Dispatch<SetStateAction<string>>;
}) {
    return (
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
    );
}

/** Weighed, or sounded. */
function How({ draft, setDraft }: { draft: SampleDraft; setDraft: Dispatch<SetStateAction<SampleDraft>> }) {
    return (
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
    );
}

/** What was read, by how it was measured. */
function Readings({
    draft,
    reading,
}: {
    draft: SampleDraft;
    reading: (label: string, key: 'mass' | 'length' | 'load' | 'frequency', hint?: string) => ReactNode;
}) {
    return (
        <div className="grid grid-cols-2 gap-3">
            {draft.method === 'weighed' ? reading('Mass, g', 'mass') : reading('Weight, N or kg', 'load')}
            {draft.method === 'weighed'
                ? reading('Length, mm', 'length', 'Without ball and winding')
                : reading('It sounds at, Hz', 'frequency')}
            {draft.method === 'sounded' && reading('Sounding length, mm', 'length')}
        </div>
    );
}

/** Its core, where an end was bared. */
function BaredCore({ measuring: { core, setCore, read, reads, setCoreReadAs } }: { measuring: ReturnType<typeof useMeasuring> }) {
    return (
        <div className="grid grid-cols-2 gap-3">
            <TextField
                label="Bared core, mm"
                hint="If you can spare an end"
                data-measure="core"
                inputMode="decimal"
                autoComplete="off"
                value={core}
                onChange={setCore}
            />
            <Field label="Read across">
                <Select value={read} choices={reads} onChange={(value) => setCoreReadAs(value as Read)} />
            </Field>
        </div>
    );
}

/** What the readings come to, beside what the model says. */
function WhatItWeighs({ error, body, result }: { error: Error | null; body: string | null; result: Sample | undefined }) {
    return (
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
    );
}
