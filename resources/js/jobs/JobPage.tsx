import { Head } from '@inertiajs/react';
import { useCallback, useEffect, useEffectEvent, useRef, useState, type ReactNode } from 'react';
import type { DrawnFit, JobEvent } from '../generated/formats';
import { formatForce } from '../units/units';
import { useUnits } from '../units/useUnits';
import { Boundary } from '../ui/Boundary';
import { Commands } from '../frame/commands/Commands';
import { Toaster } from '../ui/Toaster';
import { Standing } from '../frame/Standing';
import { JobHead } from './JobHead';
import { JobDialogs, type Open } from './ways/JobDialogs';
import { Ways } from './step/Ways';
import { useJobCommands } from './useJobCommands';
import { JobNotices, MENDED_IN } from './JobNotices';
import { comesNext, lastDone, whereWords } from './frames';
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
import type { JobPage as Props } from '../generated/pages';

const LATE_MS = 1500;

/** A job, one large step at a time. */
export default function JobPage({ fit, ...given }: Props) {
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
    const [open, setOpen] = useState<Open | null>(null);
    /** What is being said otherwise that was refused. */
    const [mending, setMending] = useState<JobEvent | null>(null);
    const [place, setPlace] = useState<HTMLElement | null>(null);
    const keys = new Set(done);
    const going = useGoing();
    const turnGoing = useStringsAtOnce(({ turn }) => turn);
    const { screen, missing } = comesNext(plan, keys, going, job.missing);
    const frame = screen?.frames[0] ?? null;
    const total = plan.steps.length;
    const back = lastDone(plan, done, going);
    const finished = job.status === 'finished';
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
    const drop = useJobCommands(job, open, setOpen, voice);

    return (
        <div className="flex h-dvh min-h-[36rem] flex-col max-md:h-auto max-md:min-h-dvh">
            <Head title={job.name.startsWith(job.instrument_name) ? job.name : `${job.instrument_name}, ${job.name}`} />
            <JobHead
                job={job}
                unsent={late ? now.unsent.length : 0}
                where={finished ? 'finished' : whereWords(plan, keys, going, frame)}
                voice={voice}
                onOpen={setOpen}
                onDrop={drop}
            />
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
                                    <Ways
                                        onBack={goBack}
                                        canGoBack={back.length > 0}
                                        ofString={frame.step.position !== null}
                                        onOpen={setOpen}
                                        going={going}
                                        onTurn={turnGoing}
                                    />
                                </footer>
                            </div>
                        )}
                    </Boundary>
                </WayOnPlace>
            </main>
            <JobDialogs
                now={now}
                open={open}
                position={frame?.step.position ?? null}
                close={() => setOpen(null)}
                mending={mending}
                onMended={() => setMending(null)}
            />
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
