import { capital } from '../units/words';
import { scaleWords } from '../units/scaleWords';
import { useUnits } from '../units/useUnits';
import { Button } from '../ui/Button';
import type { useInstrumentDraft } from './draft';
import { builtOf, knownOf, nextToMeasure, type Known } from './measures/known';
import { GROUPS } from './measures/measures';
import { ScaleDrawing } from './ScaleDrawing';

interface Props {
    draft: ReturnType<typeof useInstrumentDraft>;
    /** What kind it is, in words. */
    kind: string;
    /** Goes to where a group is measured. */
    onMeasure: (group: string) => void;
    onChange: () => void;
}

/** An instrument at a glance: its drawing, what is known of it and what is taken as usual, and what to measure next. */
export function InstrumentSummary({ draft, kind, onMeasure, onChange }: Props) {
    const units = useUnits();
    const { measures, usual, count } = draft;
    const next = nextToMeasure(measures);
    const owner = (measures['owner'] ?? '').trim();
    const notes = (measures['notes'] ?? '').trim();
    return (
        <div className="grid gap-x-12 gap-y-7 lg:grid-cols-[minmax(0,1fr)_24rem]">
            <div className="grid content-start gap-6">
                <div className="flex flex-wrap items-baseline gap-x-4 gap-y-1">
                    <p className="mr-auto text-lg">
                        {capital(kind)}, {count} strings, {scaleWords(draft.document, units)}
                        {owner !== '' && <span className="text-ink-soft">; {owner}</span>}
                    </p>
                    <Button onClick={onChange}>Change what was measured</Button>
                </div>
                <ScaleDrawing
                    draft={draft.scale}
                    scale={draft.read.scale}
                    shortStrings={draft.read.shortStrings}
                    strings={count}
                />
                {notes !== '' && <p className="max-w-prose whitespace-pre-line text-ink-soft">{notes}</p>}
                <div className="grid gap-x-10 gap-y-5 sm:grid-cols-2">
                    <Facts title="How it is built" known={builtOf(measures, usual)} />
                    {GROUPS.map((group) => (
                        <Facts key={group.name} title={group.name} known={knownOf(group, measures, usual, count, units)} />
                    ))}
                </div>
            </div>
            <section aria-labelledby="next" className="self-start border-l-4 border-l-accent bg-sheet px-5 py-4">
                <h2 id="next" className="text-lg font-bold">
                    What to measure next
                </h2>
                {next.length === 0 && <p className="mt-1 text-ink-soft">Nothing: all that the figures rest on was measured.</p>}
                <ol className="mt-1">
                    {next.map((group) => (
                        <li key={group.name} className="border-b border-rule py-2.5 last:border-b-0">
                            <div className="flex items-center gap-3">
                                <strong className="mr-auto">{group.name}</strong>
                                <Button aria-label={`Measure ${group.name.toLowerCase()}`} onClick={() => onMeasure(group.name)}>
                                    Measure
                                </Button>
                            </div>
                            <p className="text-ink-soft">Tells {group.tells}.</p>
                        </li>
                    ))}
                </ol>
                <p className="mt-2 text-sm text-ink-soft">Until then the usual of its kind stands in, as it is said here.</p>
            </section>
        </div>
    );
}

function Facts({ title, known }: { title: string; known: Known[] }) {
    return (
        known.length > 0 && (
            <section aria-label={title}>
                <h2 className="border-b border-ink pb-0.5 font-bold">{title}</h2>
                <dl>
                    {known.map(({ label, value, assumed }) => (
                        <div key={label} className="flex justify-between gap-4 border-b border-rule py-1">
                            <dt className="text-ink-soft">{label}</dt>
                            <dd className={assumed ? 'text-right text-ink-soft' : 'text-right font-semibold'}>
                                {value}
                                {assumed && ', assumed'}
                            </dd>
                        </div>
                    ))}
                </dl>
            </section>
        )
    );
}
