import { useMemo, useState } from 'react';
import type { Instrument, Kind, Problem, StringTree } from '../generated/formats';
import { useUnits } from '../units/useUnits';
import { measured, measureDraft, type MeasureDraft, type Usual } from './measures/measures';
import { readScale, scaleDraft, type ScaleDraft } from './scale';
import type { Units } from '../units/units';

/** The server tells every kind; this stands in for one it does not know. */
const FALLBACK: Usual = {
    strings: 6,
    length_mm: 648,
    short_strings: [],
    frets: 22,
    anchor: null,
    built_for: null,
    pickup: 'none',
    posts: { type: 'standard', diameter_mm: 6, spacing_mm: 26 },
    layout: 'one-side',
    nut_gap_mm: 7,
    saddle_gap_mm: 10.5,
    action_12_mm: 2,
    nut_height_mm: 0.4,
};

/** The same text for the same values, in whatever order their keys stand. */
function sameText(value: unknown): string {
    return JSON.stringify(value, (_key, part: unknown) =>
        typeof part === 'object' && part !== null && !Array.isArray(part)
            ? Object.fromEntries(Object.entries(part).sort(([a], [b]) => (a < b ? -1 : 1)))
            : part,
    );
}

/** An instrument as it is being typed, and the document that would be kept of it. */
export function useInstrumentDraft(
    kept: { strings: number; document: Instrument } | null,
    kinds: { value: Kind; usual: Usual }[],
) {
    const usualOf = (of: Kind): Usual => kinds.find(({ value }) => value === of)?.usual ?? FALLBACK;
    const units = useUnits();
    const document = kept?.document ?? null;
    const [name, setName] = useState(document?.name ?? '');
    const [kind, setKind] = useState<Kind>(document?.kind ?? 'electric-guitar');
    const [strings, setStrings] = useState(String(kept?.strings ?? usualOf('electric-guitar').strings));
    const [scale, setScale] = useState<ScaleDraft>(() => scaleDraft(document, usualOf('electric-guitar').length_mm, units));
    const [measures, setMeasures] = useState<MeasureDraft>(() => measureDraft(document, units));
    const [trees, setTrees] = useState<StringTree[]>(document?.hardware?.trees ?? []);
    // What was typed itself no longer follows the kind.
    const [typed, setTyped] = useState({ strings: kept !== null, scale: kept !== null });
    const count = Math.min(14, Math.max(1, Math.round(Number(strings)) || 1));

    const result = useResult({ scale, count, units, document, name, kind, trees, measures });

    const present = sameText([result.document, strings, result.problems.length]);
    const [keptAs, setKeptAs] = useState(present);

    const chooseKind = (chosen: Kind) => {
        setKind(chosen);
        const usual = usualOf(chosen);
        if (!typed.strings) {
            setStrings(String(usual.strings));
        }
        if (!typed.scale) {
            setScale(
                scaleDraft(
                    { scale: { type: 'single', length_mm: usual.length_mm }, short_strings: usual.short_strings },
                    usual.length_mm,
                    units,
                ),
            );
        }
    };

    return {
        usual: usualOf(kind),
        name,
        setName,
        kind,
        chooseKind,
        strings,
        setStrings: (strings: string) => {
            setTyped((before) => ({ ...before, strings: true }));
            setStrings(strings);
        },
        count,
        scale,
        setScale: (scale: ScaleDraft) => {
            setTyped((before) => ({ ...before, scale: true }));
            setScale(scale);
        },
        measures,
        setMeasures,
        trees,
        setTrees,
        /** Whether something was changed since it was kept. */
        unsaved: present !== keptAs,
        kept: () => setKeptAs(present),
        /** The scale as documents say it, and its short strings. */
        read: result.read,
        document: result.document,
        problems: result.problems,
        /** Whether it can be asked about: its scale is a scale. */
        usable: result.read.scale !== null,
    };
}

/** What is typed as a document, and what is wrong with it. */
function useResult({
    scale,
    count,
    units,
    document,
    name,
    kind,
    trees,
    measures,
}: {
    scale: ScaleDraft;
    count: number;
    units: Units;
    document: Instrument | null;
    name: string;
    kind: Kind;
    trees: StringTree[];
    measures: MeasureDraft;
}) {
    const result = useMemo(() => {
        const read = readScale(scale, count, units);
        const { short_strings: _short, ...rest } = document ?? {};
        const { trees: _trees, ...hardware } = document?.hardware ?? {};
        const whole = measured(
            {
                ...rest,
                name: name.trim(),
                kind,
                scale: read.scale ?? { type: 'single', length_mm: 0 },
                ...(read.shortStrings.length > 0 ? { short_strings: read.shortStrings } : {}),
                hardware: { ...hardware, ...(trees.length > 0 ? { trees } : {}) },
            },
            measures,
            count,
            units,
        );
        const problems: Problem[] = [...read.problems, ...whole.problems];
        return { read, document: whole.document, problems };
    }, [document, name, kind, scale, measures, trees, count, units]);
    return result;
}
