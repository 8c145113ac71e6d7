import { Head, Link, router } from '@inertiajs/react';
import { useCallback, useEffect, useEffectEvent, useRef, useState, type ReactNode } from 'react';
import type { DrawnFit, JobEvent } from '../generated/formats';
import { ask } from '../server/api';
import { formatForce } from '../units/units';
import { useUnits } from '../units/useUnits';
import { Boundary } from '../ui/Boundary';
import { Button } from '../ui/Button';
import { Glyph } from '../ui/Glyph';
import { Commands } from '../frame/commands/Commands';
import { useProvided } from '../frame/commands/provided';
import { Menu, MenuItem, MenuLine, MenuLink } from '../ui/Menu';
import { Toaster } from '../ui/Toaster';
import { tellFailure, toast } from '../ui/toasts';
import { Standing } from '../frame/Standing';
import { JobNotices, MENDED_IN } from './JobNotices';
import { lastDone, nextScreen, screensOf, type Frame, type Screen } from './frames';
import { useGoing, useStringsAtOnce } from './going';
import { FinishPanel } from './step/FinishPanel';
import { MissingPanel } from './step/MissingPanel';
import { PullRule } from './step/PullRule';
import { ScreenPanel } from './step/ScreenPanel';
import { StepPanel } from './step/StepPanel';
import { WayOnPlace } from './step/WayOn';
import { StringsStand } from './step/StringsStand';
import { remind } from '../frame/reminders/reminders';
import { Reminders } from '../frame/reminders/Reminders';
import { useClock } from '../server/useClock';
import { restsUntil, useJob, type JobState } from './useJob';
import { useStepKeys } from './step/useStepKeys';
import { useAwake } from './step/useAwake';
import { useVoice, spokenOf } from './step/voice';
import { AgreedDialog } from './ways/AgreedDialog';
import { BenchDialog } from './ways/BenchDialog';
import { WhoDialog } from './ways/WhoDialog';
import { CutShortDialog } from './ways/CutShortDialog';
import { NewStringDialog, type NewReason } from './ways/NewStringDialog';
import { NoteDialog } from './ways/NoteDialog';
import { RecordDialog } from './ways/RecordDialog';
import { SchoolsDialog } from './ways/SchoolsDialog';
import { SeenDialog } from './ways/SeenDialog';

const LATE_MS = 1500;

type Open = 'cut-short' | NewReason | 'note' | 'seen' | 'schools' | 'bench' | 'agreed' | 'record' | 'who' | null;

/** A job, one large step at a time. */
export default function JobPage({ fit, ...given }: JobState & { fit: DrawnFit }) {
    return <JobScreen key={given.state.job.id} given={given} fit={fit} />;
}

JobPage.layout = (page: ReactNode) => (
    <>
        {page}
        <Commands />
    </>
);

function JobScreen({ given, fit }: { given: JobState; fit: DrawnFit }) {
    const now = useJob(given);
    const { job, plan, done, record } = now;
    const units = useUnits();
    const [open, setOpen] = useState<Open>(null);
    /** What is being said otherwise that was refused. */
    const [mending, setMending] = useState<JobEvent | null>(null);
    const [place, setPlace] = useState<HTMLElement | null>(null);
    const keys = new Set(done);
    const going = useGoing();
    const turnGoing = useStringsAtOnce(({ turn }) => turn);
    const next = nextScreen(plan, keys, going);
    const lacks = next?.frames.find(
        ({ step }) => step.position !== null && job.missing.includes(step.position) && step.phase !== 'tune',
    );
    // A string that is not there is asked for before its screen; until then what comes before it goes on step by step.
    const screen =
        next !== null && lacks !== undefined
            ? { ...next, frames: [next.frames[0]] as [Frame], position: next.frames[0].step.position }
            : next;
    const frame = screen?.frames[0] ?? null;
    const total = plan.steps.length;
    const stepsDone = plan.steps.filter(({ key }) => keys.has(key)).length;
    const back = lastDone(plan, done, going);
    const finished = job.status === 'finished';
    const missing = frame !== null && frame === lacks;
    const main = useRef<HTMLButtonElement>(null);
    const voice = useVoice();
    const clock = useClock(500);
    // What arrives in a moment need not be told.
    const [oldest] = now.unsent;
    const late = oldest !== undefined && clock - Date.parse(oldest.at) > LATE_MS;
    useAwake(!finished);

    const goBack = useCallback(() => {
        back.forEach((key) => record('back', { key }));
    }, [back, record]);
    const key = frame?.key ?? 'end';
    const until = restsUntil(now, key);
    useEffect(() => remind(job.id, job.instrument_name, finished ? null : until), [job.id, job.instrument_name, finished, until]);
    const idle = open === null && mending === null;
    useStepKeys(idle && !finished, main, goBack);
    useEffect(() => {
        // A foot switch presses what has the focus: at each new step that is the way on. A dialog that was left gives it back to itself.
        if (document.activeElement instanceof HTMLElement && !document.activeElement.matches('input, textarea')) {
            main.current?.focus({ preventScroll: true });
        }
    }, [key, finished, missing, going]);
    const { speak } = voice;
    const say = useEffectEvent(() => {
        if (screen !== null) {
            speak(screen.frames.map(spokenOf).join(' '));
        }
    });
    // Once for each step, and when the voice is turned on.
    useEffect(() => say(), [key, speak]);

    const mend = (event: JobEvent) => (MENDED_IN.has(event.kind) ? setMending(event) : now.lane.mend(event.id));
    const drop = async () => {
        try {
            await ask(`/jobs/${job.id}`, { method: 'DELETE' });
            toast(`The job on ${job.instrument_name} is dropped; what was kept for it is free again.`, {
                action: {
                    label: 'Undo',
                    run: () =>
                        void ask(`/jobs/${job.id}/unarchive`, { method: 'POST' }).then(
                            () => router.visit(`/jobs/${job.id}`),
                            tellFailure,
                        ),
                },
            });
            router.visit('/jobs');
        } catch (failure) {
            tellFailure(failure);
        }
    };

    const opens = (name: string, what: NonNullable<Open>) => ({ group: 'This job', name, run: () => setOpen(what) });
    useProvided({
        commands: [
            ...(finished
                ? []
                : [
                      opens('Change the way…', 'schools'),
                      opens('Owner, reason, promised day…', 'agreed'),
                      opens('Hand it to another bench…', 'bench'),
                      opens('Who works here…', 'who'),
                  ]),
            opens('Before, after, and what happened…', 'record'),
            {
                group: 'This job',
                name: voice.on ? 'Stop reading aloud' : 'Read the steps aloud',
                disabled: !voice.can,
                run: voice.toggle,
            },
            { group: 'This job', name: 'The whole plan, to print', run: () => void window.open(`/jobs/${job.id}/sheet`) },
            { group: 'This job', name: 'Drop this job', disabled: finished, run: () => void drop() },
        ],
        busy: open !== null,
    });

    return (
        <div className="flex h-dvh min-h-[36rem] flex-col max-md:h-auto max-md:min-h-dvh">
            <Head title={job.name.startsWith(job.instrument_name) ? job.name : `${job.instrument_name}, ${job.name}`} />
            <header className="flex shrink-0 items-baseline gap-x-4 px-4 pt-3 max-sm:gap-x-2 sm:px-7">
                <Link href="/jobs" className="flex min-h-10 items-center gap-1 self-center text-ink-soft hover:text-ink">
                    <Glyph sign="left" /> Jobs
                </Link>
                <h1 className="text-2xl font-bold tracking-tight">{job.instrument_name}</h1>
                <span className="min-w-0 truncate text-lg text-ink-soft max-sm:hidden">{job.name}</span>
                {late && (
                    <span role="status" className="text-caution">
                        {now.unsent.length} not sent yet
                    </span>
                )}
                <span className="ml-auto text-xl text-ink-soft">
                    {finished
                        ? 'finished'
                        : frame === null
                          ? `all ${total} steps done`
                          : going === 'strings'
                            ? whichOf(screensOf(plan, going), frame)
                            : `step ${Math.min(stepsDone + 1, total)} of ${total}`}
                </span>
                <Menu
                    trigger={
                        <Button look="quiet" aria-label="More of this job" className="h-10 w-10 self-center px-0">
                            <Glyph sign="more" size={20} />
                        </Button>
                    }
                >
                    {!finished && <MenuItem onSelect={() => setOpen('schools')}>Change the way…</MenuItem>}
                    {!finished && <MenuItem onSelect={() => setOpen('agreed')}>Owner, reason, promised day…</MenuItem>}
                    {!finished && <MenuItem onSelect={() => setOpen('bench')}>Hand it to another bench…</MenuItem>}
                    {!finished && <MenuItem onSelect={() => setOpen('who')}>Who works here…</MenuItem>}
                    <MenuItem onSelect={() => setOpen('record')}>Before, after, and what happened…</MenuItem>
                    {voice.can && (
                        <MenuItem onSelect={voice.toggle}>{voice.on ? 'Stop reading aloud' : 'Read the steps aloud'}</MenuItem>
                    )}
                    <MenuLine />
                    <MenuLink href={`/jobs/${job.id}/sheet`} newTab>
                        The whole plan, to print
                    </MenuLink>
                    {job.set !== null && <MenuLink href={`/bench/${job.set}`}>The set on the Bench</MenuLink>}
                    <MenuLink href={`/instruments/${job.instrument}`}>The instrument</MenuLink>
                    {!finished && <MenuLine />}
                    {!finished && <MenuItem onSelect={() => void drop()}>Drop this job</MenuItem>}
                </Menu>
            </header>
            <Standing />
            <main
                id="main"
                data-unsent={now.unsent.length}
                data-refused={now.refused.length}
                className="flex min-h-0 flex-1 flex-col"
            >
                <WayOnPlace value={place}>
                    <Boundary at={String(job.id)}>
                        <JobNotices now={now} onMend={mend} />
                        <PullRule job={job} plan={plan} done={keys} />
                        {frame === null || finished ? (
                            <FinishPanel now={now} onBack={goBack} />
                        ) : (
                            <div className="grid min-h-0 flex-1 grid-rows-[minmax(0,1fr)_auto]">
                                <div className="grid min-h-0 gap-x-8 gap-y-4 overflow-y-auto px-4 pt-2 pb-3 sm:px-7 lg:grid-cols-[15rem_minmax(0,1fr)] xl:grid-cols-[17rem_minmax(0,1fr)]">
                                    <StringsStand
                                        job={job}
                                        plan={plan}
                                        done={keys}
                                        current={frame.step.position}
                                        className="max-lg:order-last max-md:hidden"
                                        onSchools={() => setOpen('schools')}
                                    />
                                    {missing ? (
                                        <MissingPanel now={now} position={frame.step.position ?? 0} main={main} />
                                    ) : screen !== null && screen.frames.length > 1 ? (
                                        <ScreenPanel key={screen.key} now={now} screen={screen} fit={fit} main={main} />
                                    ) : (
                                        <StepPanel key={frame.key} now={now} frame={frame} fit={fit} main={main} />
                                    )}
                                </div>
                                <footer className="grid shrink-0 grid-cols-[minmax(0,1fr)] gap-2.5 px-4 pb-4 sm:px-7 md:h-[clamp(11rem,33dvh,18rem)] md:max-lg:h-[clamp(11rem,33dvh,30rem)] md:max-lg:grid-rows-[minmax(0,1fr)_auto] lg:grid-cols-[minmax(0,1.6fr)_minmax(0,1fr)]">
                                    <div ref={setPlace} className="grid min-h-32" />
                                    <div className="grid grid-cols-4 gap-2.5 md:max-lg:grid-cols-8">
                                        <WayButton onClick={goBack} disabled={back.length === 0}>
                                            Back
                                        </WayButton>
                                        <WayButton onClick={() => setOpen('cut-short')}>Cut short</WayButton>
                                        <WayButton onClick={() => setOpen('broke')}>Broke</WayButton>
                                        <WayButton onClick={() => setOpen('note')}>Note</WayButton>
                                        <WayButton onClick={() => setOpen('wrong')}>Wrong string</WayButton>
                                        <WayButton onClick={() => setOpen('spare')}>Take a spare</WayButton>
                                        <WayButton disabled={frame.step.position === null} onClick={() => setOpen('seen')}>
                                            What was seen
                                        </WayButton>
                                        <WayButton onClick={() => turnGoing(going === 'steps')}>
                                            {going === 'steps' ? 'A string at once' : 'Step by step'}
                                        </WayButton>
                                    </div>
                                </footer>
                            </div>
                        )}
                    </Boundary>
                </WayOnPlace>
            </main>
            {open === 'cut-short' && (
                <CutShortDialog
                    now={now}
                    position={frame?.step.position ?? null}
                    onClose={() => setOpen(null)}
                    onNew={() => setOpen(null)}
                />
            )}
            {(open === 'broke' || open === 'wrong' || open === 'spare') && (
                <NewStringDialog now={now} reason={open} position={frame?.step.position ?? null} onClose={() => setOpen(null)} />
            )}
            {open === 'note' && <NoteDialog now={now} position={frame?.step.position ?? null} onClose={() => setOpen(null)} />}
            {open === 'seen' && frame?.step.position != null && (
                <SeenDialog now={now} position={frame.step.position} onClose={() => setOpen(null)} />
            )}
            {open === 'schools' && <SchoolsDialog now={now} onClose={() => setOpen(null)} />}
            {open === 'agreed' && <AgreedDialog now={now} onClose={() => setOpen(null)} />}
            {open === 'who' && <WhoDialog onClose={() => setOpen(null)} />}
            {open === 'bench' && <BenchDialog now={now} onClose={() => setOpen(null)} />}
            {open === 'record' && <RecordDialog now={now} onClose={() => setOpen(null)} />}
            {mending?.kind === 'noted' && (
                <NoteDialog now={now} position={null} mended={mending} onClose={() => setMending(null)} />
            )}
            {mending?.kind === 'agreed' && <AgreedDialog now={now} mended={mending} onClose={() => setMending(null)} />}
            {mending?.kind === 'bench' && <BenchDialog now={now} mended={mending} onClose={() => setMending(null)} />}
            <p className="sr-only" aria-live="polite">
                {frame === null
                    ? 'All steps are done.'
                    : `Step ${frame.number} of ${total}: ${(screen?.frames ?? [frame]).map(spokenOf).join(' ')} Pulls ${formatForce(job.before_n, units)} before.`}
            </p>
            <Reminders />
            <Toaster above />
        </div>
    );
}

/** Which of its screens this is. */
function whichOf(screens: Screen[], frame: Frame): string {
    const at = screens.findIndex(({ frames }) => frames.some(({ key }) => key === frame.key));
    return `${at + 1} of ${screens.length}`;
}

function WayButton({ children, ...rest }: { children: ReactNode; onClick: () => void; disabled?: boolean }) {
    return (
        <button
            type="button"
            className="h-full min-h-14 w-full rounded-float border border-rule-strong bg-sheet px-2 text-2xl leading-tight hover:border-ink disabled:opacity-45 max-sm:px-1 max-sm:text-base"
            {...rest}
        >
            {children}
        </button>
    );
}
