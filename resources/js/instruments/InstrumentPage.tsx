import { Head, router } from '@inertiajs/react';
import { useEffect, useState, type SyntheticEvent } from 'react';
import { ask, Refused } from '../lib/api';
import type { Instrument, Kind } from '../lib/formats';
import { toast } from '../ui/toasts';
import { buttonClass, fieldClass } from '../ui/classes';
import { Field } from '../ui/Field';
import { Select } from '../ui/Select';
import { ScaleDrawing } from './ScaleDrawing';
import { MeasureFields } from './measures/MeasureFields';
import { measured, measureDraft, type MeasureDraft } from './measures/measures';
import { ScaleFields } from './ScaleFields';
import { readScale, scaleDraft, type ScaleDraft } from './scale';
import { useUnits } from '../lib/units';

interface Props {
    instrument: { id: number; revision: number; strings: number; document: Instrument; sets: number } | null;
    kinds: { value: Kind; label: string }[];
}

const USUAL: Record<Kind, { strings: number; mm: number }> = {
    'electric-guitar': { strings: 6, mm: 648 },
    'acoustic-guitar': { strings: 6, mm: 645 },
    'classical-guitar': { strings: 6, mm: 650 },
    bass: { strings: 4, mm: 864 },
    'acoustic-bass': { strings: 4, mm: 864 },
    'elastomer-bass': { strings: 4, mm: 530 },
    banjo: { strings: 5, mm: 670 },
    ukulele: { strings: 4, mm: 432 },
    other: { strings: 6, mm: 648 },
};

/** An instrument's sheet: name, kind, strings, its scale in whichever way it was measured, and what else was measured on it. */
export default function InstrumentPage({ instrument, kinds }: Props) {
    const units = useUnits();
    const [name, setName] = useState(instrument?.document.name ?? '');
    const [kind, setKind] = useState<Kind>(instrument?.document.kind ?? 'electric-guitar');
    const [strings, setStrings] = useState(String(instrument?.strings ?? USUAL['electric-guitar'].strings));
    const [draft, setDraft] = useState<ScaleDraft>(() =>
        scaleDraft(instrument?.document ?? null, USUAL['electric-guitar'].mm, units),
    );
    const [measures, setMeasures] = useState<MeasureDraft>(() => measureDraft(instrument?.document ?? null, units));
    const [trees, setTrees] = useState(instrument?.document.hardware?.trees ?? []);
    const [touched, setTouched] = useState(instrument !== null);
    const [refused, setRefused] = useState<Refused | null>(null);
    const [busy, setBusy] = useState(false);
    // What has to be typed again may be far from the button: the first of it is gone to.
    useEffect(() => {
        if (refused !== null) {
            document.querySelector<HTMLElement>('[aria-invalid="true"]')?.focus();
        }
    }, [refused]);
    const count = Math.min(14, Math.max(1, Math.round(Number(strings)) || 1));
    const { scale, shortStrings, problems } = readScale(draft, count, units);

    const chooseKind = (chosen: Kind) => {
        setKind(chosen);
        if (!touched) {
            setStrings(String(USUAL[chosen].strings));
            setDraft(scaleDraft(chosen === 'banjo' ? BANJO : null, USUAL[chosen].mm, units));
        }
    };
    const save = async (event: SyntheticEvent) => {
        event.preventDefault();
        const { short_strings: _short, ...rest } = instrument?.document ?? {};
        const { trees: _trees, ...hardware } = instrument?.document.hardware ?? {};
        const { document, problems: mismeasured } = measured(
            {
                ...rest,
                name: name.trim(),
                kind,
                scale: scale ?? { type: 'single', length_mm: 0 },
                ...(shortStrings.length > 0 ? { short_strings: shortStrings } : {}),
                hardware: { ...hardware, ...(trees.length > 0 ? { trees } : {}) },
            },
            measures,
            count,
            units,
        );
        if (scale === null || mismeasured.length > 0) {
            setRefused(new Refused(0, [...problems, ...mismeasured]));
            return;
        }
        setBusy(true);
        setRefused(null);
        try {
            const body = { document, strings: Number(strings), revision: instrument?.revision };
            await ask(instrument === null ? '/instruments' : `/instruments/${instrument.id}`, {
                method: instrument === null ? 'POST' : 'PUT',
                body,
            });
            router.visit('/instruments');
            toast(`“${name.trim()}” is saved.`);
        } catch (error) {
            setRefused(
                error instanceof Refused
                    ? error
                    : new Refused(0, [{ path: '', message: error instanceof Error ? error.message : 'It was not saved.' }]),
            );
            setBusy(false);
        }
    };
    const at = (path: string) => (refused?.at(path) ?? refused?.at(`/document${path}`))?.message;
    const named = /^\/(document\/)?(name|kind|scale|strings|short_strings|hardware|setup)/;
    const other = refused?.problems.find(({ path }) => !named.test(path))?.message;

    return (
        <div className="flex-1 px-4 py-5 sm:px-7">
            <Head title={instrument?.document.name ?? 'New instrument'} />
            <form
                onSubmit={(event) => void save(event)}
                onChange={() => setTouched(true)}
                className="mx-auto grid max-w-5xl gap-x-12 gap-y-6 md:grid-cols-[minmax(0,22rem)_1fr]"
            >
                <h1 className="text-[1.75rem] font-bold tracking-tight [font-stretch:105%] md:col-span-2">
                    {instrument?.document.name ?? 'New instrument'}
                </h1>
                <div className="grid content-start gap-4">
                    <Field label="Name" error={at('/name')}>
                        <input
                            className={fieldClass}
                            value={name}
                            maxLength={200}
                            autoFocus={instrument === null}
                            onChange={(event) => setName(event.target.value)}
                        />
                    </Field>
                    <Field label="Kind" error={at('/kind')}>
                        <Select value={kind} choices={kinds} onChange={(value) => chooseKind(value as Kind)} />
                    </Field>
                    <Field
                        label="Number of strings"
                        error={at('/strings')}
                        hint={
                            instrument !== null && instrument.sets > 0
                                ? `${instrument.sets} set${instrument.sets === 1 ? ' is' : 's are'} designed for this number.`
                                : undefined
                        }
                    >
                        <input
                            type="number"
                            min={1}
                            max={14}
                            className={fieldClass}
                            value={strings}
                            onChange={(event) => setStrings(event.target.value)}
                        />
                    </Field>
                    <ScaleFields draft={draft} strings={count} onChange={setDraft} error={at} />
                </div>
                <figure className="self-start">
                    <ScaleDrawing draft={draft} scale={scale} shortStrings={shortStrings} strings={count} />
                    <figcaption className="mt-2 max-w-prose text-ink-soft">{HOW[draft.type]}</figcaption>
                </figure>
                <MeasureFields
                    draft={measures}
                    trees={trees}
                    strings={count}
                    onDraft={setMeasures}
                    onTrees={setTrees}
                    error={at}
                />
                <div className="sticky bottom-0 border-t border-rule bg-paper py-3 md:col-span-2">
                    {other !== undefined && (
                        <p role="alert" className="text-stop">
                            {other}
                        </p>
                    )}
                    <div className="mt-2 flex gap-2">
                        <button type="submit" className={buttonClass.strong} disabled={busy}>
                            {instrument === null ? 'Add instrument' : 'Save'}
                        </button>
                        <button type="button" className={buttonClass.quiet} onClick={() => router.visit('/instruments')}>
                            Cancel
                        </button>
                    </div>
                </div>
            </form>
        </div>
    );
}

const BANJO: Pick<Instrument, 'scale' | 'short_strings'> = {
    scale: { type: 'single', length_mm: 670 },
    short_strings: [{ position: 5, starts_at_fret: 5 }],
};

const HOW: Record<ScaleDraft['type'], string> = {
    single: 'Measure from the edge of the nut, where the strings leave it, to the saddle under string 1, before any compensation.',
    half: 'Measure from the edge of the nut to the middle of the 12th fret. Twice that is the scale, whatever the saddle does.',
    multiscale: 'Measure along the outer strings: string 1 for the treble length, the last string for the bass length.',
    each: 'Measure along each string, from where it leaves the nut to its saddle.',
};
