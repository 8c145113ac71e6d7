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
import { sectionId } from './measures/MeasureFields';
import { SaveBar } from './SaveBar';
import { useKept } from './useKept';
import { InstrumentLog } from '../log/InstrumentLog';
import { InstrumentSummary } from './InstrumentSummary';
import { Photographs } from './photographs/Photographs';
import { useTried } from './trying/useTried';
import type { InstrumentPage as Props } from '../generated/pages';
import { Tried } from './trying/Tried';

const VIEWS = {
    summary: 'Summary',
    measure: 'Measure',
    try: 'Try a set on',
    play: 'How it plays',
    reach: 'How low, how high',
    log: 'Log',
};
type View = keyof typeof VIEWS;
const { log: _, summary: __, ...VIEWS_BEFORE_KEPT } = VIEWS;

type Draft = ReturnType<typeof useInstrumentDraft>;
type Kept = ReturnType<typeof useKept>;

/** An instrument: what was measured on it, a set tried on it, how that plays, and how low and how high it can go. */
export default function InstrumentPage(page: Props) {
    const { instrument, kinds, sets, life, onIt, open } = page;
    const draft = useInstrumentDraft(instrument, kinds);
    const tried = useTried(sets, draft.document, draft.count, draft.usable);
    const first: View = instrument === null ? 'measure' : 'summary';
    const [looked, look] = useAddress<{ view: string }>({ view: first });
    const view: View = Object.keys(VIEWS).includes(looked.view) ? (looked.view as View) : first;
    const [devices, setDevices] = useState(false);
    const { kind } = draft;
    const label = kinds.find(({ value }) => value === kind)?.label ?? kind;

    const show = (chosen: View) => look({ view: chosen });
    const kept = useKept(instrument, draft, () => show('measure'));
    const { refused } = kept;
    // What has to be typed again may be far from the button: the first of it is gone to.
    useEffect(() => {
        if (refused !== null && view === 'measure') {
            document.querySelector<HTMLElement>('[aria-invalid="true"]')?.focus();
        }
    }, [refused, view]);

    const measure = useMeasureAt(view, show);
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
                <Measures page={page} draft={draft} kept={kept} shown={view === 'measure'} />
                {(['try', 'play', 'reach'] as const).map((value) => (
                    <Tried
                        key={value}
                        value={value}
                        draft={draft}
                        tried={tried}
                        sets={sets}
                        label={label}
                        measure={measure}
                        instrument={instrument?.id ?? null}
                    />
                ))}
                {instrument !== null && life !== null && (
                    <Tabs.Content value="log" tabIndex={-1} className="flex-1 py-5 outline-none">
                        <InstrumentLog key={instrument.id} instrument={instrument.id} life={life} />
                    </Tabs.Content>
                )}
                <Saving instrument={instrument} draft={draft} kept={kept} hidden={view === 'log' || view === 'summary'} />
            </Tabs.Root>
            {devices && view === 'measure' && <CalliperPanel onClose={() => setDevices(false)} />}
        </div>
    );
}

/** Shows a group of measures, from wherever somebody looks. */
function useMeasureAt(view: View, show: (chosen: View) => void) {
    const wanted = useRef<string | null>(null);
    // The view is there once its address is.
    useEffect(() => {
        if (view === 'measure' && wanted.current !== null) {
            const section = document.getElementById(sectionId(wanted.current));
            section?.scrollIntoView({ block: 'start' });
            section?.querySelector('input')?.focus({ preventScroll: true });
            wanted.current = null;
        }
    }, [view]);
    return (group: string) => {
        wanted.current = group;
        show('measure');
    };
}

/** Its measures, and its photographs. */
function Measures({ page, draft, kept, shown }: { page: Props; draft: Draft; kept: Kept; shown: boolean }) {
    const { instrument, kinds, sets, photographs } = page;
    return (
        <Tabs.Content value="measure" forceMount hidden={!shown} tabIndex={-1} className="flex-1 py-5 outline-none">
            <InstrumentForm
                draft={draft}
                isNew={instrument === null}
                kinds={kinds}
                sets={sets.length}
                error={kept.at}
                onSubmit={(event) => {
                    event.preventDefault();
                    void kept.save();
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
    );
}

/** Saves it where it is measured, and holds back who leaves before. */
function Saving({ instrument, draft, kept, hidden }: Pick<Props, 'instrument'> & { draft: Draft; kept: Kept; hidden: boolean }) {
    const { refused, busy, keep, keepAsNew, other } = kept;
    return (
        <>
            <SaveBar
                hidden={hidden && !draft.unsaved}
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
            <LeaveGuard
                unsaved={draft.unsaved}
                what={draft.name.trim() === '' ? 'This instrument' : `“${draft.name.trim()}”`}
                onSave={async () => (await keep()) !== null}
            />
        </>
    );
}
