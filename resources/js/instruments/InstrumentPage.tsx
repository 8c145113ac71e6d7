import { isBass } from '../units/strings';
import { PageTitle, TitleLine } from '../ui/PageTitle';
import { TabList } from '../ui/Tabs';
import { Head, Link, router } from '@inertiajs/react';
import { Tabs } from 'radix-ui';
import { useEffect, useRef, useState, type SyntheticEvent } from 'react';
import { flushSync } from 'react-dom';
import { CalliperPanel } from '../devices/CalliperPanel';
import { ask, asRefused, Refused } from '../server/api';
import type { Instrument, Kind } from '../generated/formats';
import type { InstrumentLife, OnIt } from '../generated/views';
import { Button } from '../ui/Button';
import { buttonClass, fieldClass } from '../ui/classes';
import { Field } from '../ui/Field';
import { KeepBoth } from '../ui/KeepBoth';
import { LeaveGuard } from '../ui/LeaveGuard';
import { toast } from '../ui/toasts';
import { useAddress } from '../ui/useAddress';
import { useInstrumentDraft } from './draft';
import { OnItNow } from './OnItNow';
import { InstrumentLog } from '../log/InstrumentLog';
import { InstrumentSummary } from './InstrumentSummary';
import { MeasureFields, sectionId } from './measures/MeasureFields';
import type { Usual } from './measures/measures';
import { Photographs, type Photograph } from './photographs/Photographs';
import { ReachView } from './reach/ReachView';
import { ScaleDrawing } from './ScaleDrawing';
import { ScaleFields } from './ScaleFields';
import type { ScaleDraft } from './scale';
import { Select } from '../ui/Select';
import { TriedSet } from './trying/TriedSet';
import { TryOn } from './trying/TryOn';
import { useTried, type Named } from './trying/useTried';

interface KindChoice {
    value: Kind;
    label: string;
    usual: Usual;
}

interface Props {
    instrument: { id: number; revision: number; strings: number; document: Instrument } | null;
    kinds: KindChoice[];
    sets: Named[];
    photographs: Photograph[];
    /** What is on it now, as far as jobs tell. */
    onIt: OnIt | null;
    /** Hours on its strings, and how long they last; null for one that is not kept yet. */
    life: InstrumentLife | null;
    /** Jobs on it that are not finished. */
    open: Named[];
}

const VIEWS = { summary: 'Summary', measure: 'Measure', try: 'Try a set on', reach: 'How low, how high', log: 'Log' };
type View = keyof typeof VIEWS;
const { log: _, summary: __, ...VIEWS_BEFORE_KEPT } = VIEWS;

/** An instrument: what was measured on it, a set tried on it, and how low and how high it can go. */
export default function InstrumentPage({ instrument, kinds, sets, photographs, life, onIt, open }: Props) {
    const draft = useInstrumentDraft(instrument, kinds);
    const tried = useTried(sets, draft.document, draft.count, draft.usable);
    const first: View = instrument === null ? 'measure' : 'summary';
    const [looked, look] = useAddress<{ view: string }>({ view: first });
    const view: View = Object.keys(VIEWS).includes(looked.view) ? (looked.view as View) : first;
    const [devices, setDevices] = useState(false);
    const [refused, setRefused] = useState<Refused | null>(null);
    const [busy, setBusy] = useState(false);
    const { kind } = draft;
    const label = kinds.find(({ value }) => value === kind)?.label ?? kind;

    const show = (chosen: View) => look({ view: chosen });
    // What has to be typed again may be far from the button: the first of it is gone to.
    useEffect(() => {
        if (refused !== null && view === 'measure') {
            document.querySelector<HTMLElement>('[aria-invalid="true"]')?.focus();
        }
    }, [refused, view]);

    const wanted = useRef<string | null>(null);
    const goTo = (group: string) => {
        const section = document.getElementById(sectionId(group));
        section?.scrollIntoView({ block: 'start' });
        section?.querySelector('input')?.focus({ preventScroll: true });
    };
    // The view is there once its address is.
    useEffect(() => {
        if (view === 'measure' && wanted.current !== null) {
            goTo(wanted.current);
            wanted.current = null;
        }
    }, [view]);
    const measure = (group: string) => {
        wanted.current = group;
        show('measure');
    };
    /** The id it is kept under; null if it was refused. */
    const keep = async (asNew = instrument === null): Promise<number | null> => {
        if (draft.problems.length > 0) {
            show('measure');
            setRefused(new Refused(0, draft.problems));
            return null;
        }
        setBusy(true);
        setRefused(null);
        try {
            const name = instrument !== null && asNew ? `${draft.name.trim().slice(0, 190)}, mine` : draft.name.trim();
            const kept = await ask<{ id: number }>(asNew ? '/instruments' : `/instruments/${instrument?.id}`, {
                method: asNew ? 'POST' : 'PUT',
                body: { document: { ...draft.document, name }, strings: Number(draft.strings), revision: instrument?.revision },
            });
            toast(`“${name}” is saved.`);
            // At once, so that leaving is not held up by what was just saved.
            flushSync(draft.kept);
            return kept.id;
        } catch (error) {
            show('measure');
            setRefused(asRefused(error));
            setBusy(false);
            return null;
        }
    };
    const save = async (event: SyntheticEvent) => {
        event.preventDefault();
        const id = await keep();
        if (id !== null && instrument === null) {
            router.visit(`/instruments/${id}${window.location.search}`);
        } else if (id !== null) {
            router.reload({ only: ['instrument'], onFinish: () => setBusy(false) });
        }
    };
    const at = (path: string) => (refused?.at(path) ?? refused?.at(`/document${path}`))?.message;
    const named = /^\/(document\/)?(name|kind|scale|strings|short_strings|hardware|setup|neck|courses|owner|notes)/;
    const other = refused?.problems.find(({ path }) => !named.test(path))?.message;

    return (
        <div className="flex flex-1 flex-col px-4 pt-5 sm:px-7">
            <Head title={instrument?.document.name ?? 'New instrument'} />
            <Tabs.Root
                value={view}
                onValueChange={(value) => show(value as View)}
                className="mx-auto flex w-full max-w-[86rem] flex-1 flex-col"
            >
                <TitleLine>
                    <PageTitle className="pb-1.5">{instrument?.document.name ?? 'New instrument'}</PageTitle>
                    <TabList label="What to do with it" views={life === null ? VIEWS_BEFORE_KEPT : VIEWS} />
                    {view === 'measure' && (
                        <Button look="quiet" className="mb-1 ml-auto" aria-pressed={devices} onClick={() => setDevices(!devices)}>
                            Calliper and ruler
                        </Button>
                    )}
                </TitleLine>
                {instrument !== null && (
                    <Tabs.Content value="summary" tabIndex={-1} className="flex-1 py-5 outline-none">
                        <OnItNow
                            instrument={instrument.id}
                            onIt={onIt}
                            open={open}
                            lastSet={sets[0]?.id ?? null}
                            sets={sets.length}
                            dueOn={life?.families[0]?.due_on ?? null}
                        />
                        <InstrumentSummary draft={draft} kind={label} onMeasure={measure} onChange={() => show('measure')} />
                    </Tabs.Content>
                )}
                {/* Stays where it is while another view is shown, so that nothing typed is lost. */}
                <Tabs.Content
                    value="measure"
                    forceMount
                    hidden={view !== 'measure'}
                    tabIndex={-1}
                    className="flex-1 py-5 outline-none"
                >
                    <form
                        id="instrument"
                        onSubmit={(event) => void save(event)}
                        className="grid gap-x-12 gap-y-6 md:grid-cols-[minmax(0,22rem)_1fr]"
                    >
                        <div className="grid content-start gap-4">
                            <Field label="Name" error={at('/name')}>
                                <input
                                    className={fieldClass}
                                    value={draft.name}
                                    maxLength={200}
                                    autoFocus={instrument === null}
                                    onChange={(event) => draft.setName(event.target.value)}
                                />
                            </Field>
                            <Field label="Owner or customer" error={at('/owner')}>
                                <input
                                    className={fieldClass}
                                    value={draft.measures.owner ?? ''}
                                    maxLength={200}
                                    autoComplete="off"
                                    onChange={(event) => draft.setMeasures({ ...draft.measures, owner: event.target.value })}
                                />
                            </Field>
                            <Field label="Kind" error={at('/kind')}>
                                <Select value={kind} choices={kinds} onChange={(value) => draft.chooseKind(value as Kind)} />
                            </Field>
                            <Field
                                label="Number of strings"
                                error={at('/strings')}
                                hint={
                                    sets.length > 0
                                        ? `${sets.length} set${sets.length === 1 ? ' is' : 's are'} designed for this number.`
                                        : undefined
                                }
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
                            <ScaleFields draft={draft.scale} strings={draft.count} onChange={draft.setScale} error={at} />
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
                            error={at}
                        />
                        <div className="md:col-span-2">
                            <Field label="Notes" error={at('/notes')}>
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
                    <div className="mt-8">
                        {instrument === null ? (
                            <p className="text-ink-soft">Once it is added, photographs can be kept with it.</p>
                        ) : (
                            <Photographs instrument={instrument.id} given={photographs} />
                        )}
                    </div>
                </Tabs.Content>
                {(['try', 'reach'] as const).map((value) => (
                    <Tabs.Content key={value} value={value} tabIndex={-1} className="flex-1 py-4 outline-none">
                        {draft.usable ? (
                            <div className="grid gap-4">
                                <TriedSet tried={tried} sets={sets} strings={draft.count} kind={label} />
                                {value === 'try' ? (
                                    <TryOn question={tried.question} bass={isBass(kind)} onMeasure={measure} />
                                ) : (
                                    <ReachView question={tried.question} />
                                )}
                            </div>
                        ) : (
                            <p>Its scale cannot be read yet. Give it under “Measure”, then a set can be tried on.</p>
                        )}
                    </Tabs.Content>
                ))}
                {instrument !== null && life !== null && (
                    <Tabs.Content value="log" tabIndex={-1} className="flex-1 py-5 outline-none">
                        <InstrumentLog key={instrument.id} instrument={instrument.id} life={life} />
                    </Tabs.Content>
                )}
                <div
                    hidden={(view === 'log' || view === 'summary') && !draft.unsaved}
                    className="sticky bottom-0 z-10 border-t border-rule bg-paper py-3"
                >
                    {refused?.status === 409 && instrument !== null ? (
                        <div className="mb-2">
                            <KeepBoth
                                message={refused.message}
                                keep="Keep mine as a new instrument"
                                onKeep={() => void keep(true).then((id) => id !== null && router.visit(`/instruments/${id}`))}
                                onSee={() => {
                                    flushSync(draft.kept);
                                    window.location.reload();
                                }}
                            />
                        </div>
                    ) : (
                        other !== undefined && (
                            <p role="alert" className="mb-2 text-stop">
                                {other}
                            </p>
                        )
                    )}
                    <div className="flex gap-2">
                        <button type="submit" form="instrument" className={buttonClass.strong} disabled={busy}>
                            {instrument === null ? 'Add instrument' : 'Save'}
                        </button>
                        <Link href="/instruments" className={buttonClass.quiet}>
                            {instrument === null ? 'Cancel' : 'All instruments'}
                        </Link>
                        {draft.unsaved && <span className="self-center text-sm text-ink-soft">Not saved yet</span>}
                    </div>
                </div>
            </Tabs.Root>
            <LeaveGuard
                unsaved={draft.unsaved}
                what={draft.name.trim() === '' ? 'This instrument' : `“${draft.name.trim()}”`}
                onSave={async () => (await keep()) !== null}
            />
            {devices && view === 'measure' && <CalliperPanel onClose={() => setDevices(false)} />}
        </div>
    );
}

const HOW: Record<ScaleDraft['type'], string> = {
    single: 'Measure from the edge of the nut, where the strings leave it, to the saddle under string 1, before any compensation.',
    half: 'Measure from the edge of the nut to the middle of the 12th fret. Twice that is the scale, whatever the saddle does.',
    multiscale: 'Measure along the outer strings: string 1 for the treble length, the last string for the bass length.',
    each: 'Measure along each string, from where it leaves the nut to its saddle.',
};
