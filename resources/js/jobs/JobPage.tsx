import { Head } from '@inertiajs/react';
import { useRef, useState, type ReactNode } from 'react';
import type { DrawnFit, JobEvent } from '../generated/formats';
import { Boundary } from '../ui/Boundary';
import { Commands } from '../frame/commands/Commands';
import { Toaster } from '../ui/Toaster';
import { Standing } from '../frame/Standing';
import { JobHead } from './JobHead';
import { JobDialogs, type Open } from './ways/JobDialogs';
import { useJobCommands } from './useJobCommands';
import { JobNotices, MENDED_IN } from './JobNotices';
import { comesNext, whereWords } from './frames';
import { useGoing } from './going';
import { FinishPanel } from './step/FinishPanel';
import { PullRule } from './step/PullRule';
import { WayOnPlace } from './step/WayOn';
import { Reminders } from '../frame/reminders/Reminders';
import { useClock } from '../server/useClock';
import { useJob, type JobState } from './useJob';
import { useAwake } from './step/useAwake';
import { useVoice } from './step/voice';
import type { JobPage as Props } from '../generated/pages';
import { type Here, useStepping, Stepping, Told } from './step/Stepping';

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
    const { job, plan, done } = now;
    const [open, setOpen] = useState<Open | null>(null);
    /** What is being said otherwise that was refused. */
    const [mending, setMending] = useState<JobEvent | null>(null);
    const [place, setPlace] = useState<HTMLElement | null>(null);
    const going = useGoing();
    const keys = new Set(done);
    const next = comesNext(plan, keys, going, job.missing);
    const main = useRef<HTMLButtonElement>(null);
    const here: Here = { now, fit, keys, going, ...next, frame: next.screen?.frames[0] ?? null };
    const { frame } = here;
    const finished = job.status === 'finished';
    const voice = useVoice();
    const clock = useClock(500);
    // What arrives in a moment need not be told.
    const [oldest] = now.unsent;
    const late = oldest !== undefined && clock - Date.parse(oldest.at) > LATE_MS;
    useAwake(!finished);
    const back = useStepping(here, main, voice, open === null && mending === null);
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
                            <FinishPanel now={now} onBack={back.go} />
                        ) : (
                            <Stepping here={here} frame={frame} main={main} back={back} onOpen={setOpen} onPlace={setPlace} />
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
            <Told here={here} />
            <Reminders />
            <Toaster above />
        </div>
    );
}
