import { isBass } from '../units/strings';
import { PageTitle, TitleLine } from '../ui/PageTitle';
import { TabList } from '../ui/Tabs';
import { Head } from '@inertiajs/react';
import { Tabs } from 'radix-ui';
import { useEffect, useRef, useState } from 'react';
import { flushSync } from 'react-dom';
import { CalliperPanel } from '../devices/CalliperPanel';
import { Button } from '../ui/Button';
import { LeaveGuard } from '../ui/LeaveGuard';
import { useAddress } from '../ui/useAddress';
import { useInstrumentDraft } from './draft';
import { OnItNow } from './OnItNow';
import { InstrumentForm } from './measures/InstrumentForm';
import { SaveBar } from './SaveBar';
import { useKept } from './useKept';
import { InstrumentLog } from '../log/InstrumentLog';
import { InstrumentSummary } from './InstrumentSummary';
import { sectionId } from './measures/MeasureFields';
import { Photographs } from './photographs/Photographs';
import { ReachView } from './reach/ReachView';
import { TriedSet } from './trying/TriedSet';
import { TryOn } from './trying/TryOn';
import { useTried } from './trying/useTried';
import type { InstrumentPage as Props } from '../generated/pages';

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
    const { kind } = draft;
    const label = kinds.find(({ value }) => value === kind)?.label ?? kind;

    const show = (chosen: View) => look({ view: chosen });
    const { refused, busy, keep, save, keepAsNew, at, other } = useKept(instrument, draft, () => show('measure'));
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
                    <InstrumentForm
                        draft={draft}
                        isNew={instrument === null}
                        kinds={kinds}
                        sets={sets.length}
                        error={at}
                        onSubmit={(event) => {
                            event.preventDefault();
                            void save();
                        }}
                    />
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
                <SaveBar
                    hidden={(view === 'log' || view === 'summary') && !draft.unsaved}
                    isNew={instrument === null}
                    unsaved={draft.unsaved}
                    busy={busy}
                    conflict={refused?.status === 409 && instrument !== null ? refused : null}
                    problem={other}
                    onKeepAsNew={() => void keepAsNew()}
                    onSeeTheirs={() => {
                        flushSync(draft.kept);
                        window.location.reload();
                    }}
                />
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
