import { router } from '@inertiajs/react';
import type { JobNow } from './useJob';
import { useProvided } from '../frame/commands/provided';
import { ask } from '../server/api';
import { tellFailure, toast } from '../ui/toasts';
import type { Voice } from './step/voice';
import type { Open } from './ways/JobDialogs';
import { jobsDestroy, jobsSheet, jobsShow, jobsUnarchive } from '../generated/addresses/jobs';
import { jobsIndex } from '../generated/addresses/places';

/** Gives up a job; what was kept for it is free again. */
async function dropJob({ id, instrument_name: instrument }: JobNow['job']): Promise<void> {
    try {
        await ask(jobsDestroy(id), { method: 'DELETE' });
        toast(`The job on ${instrument} is dropped; what was kept for it is free again.`, {
            action: {
                label: 'Undo',
                run: () => void ask(jobsUnarchive(id), { method: 'POST' }).then(() => router.visit(jobsShow(id)), tellFailure),
            },
        });
        router.visit(jobsIndex);
    } catch (failure) {
        tellFailure(failure);
    }
}

/** What can be done with a job, by the palette; gives the way to drop it. */
export function useJobCommands(job: JobNow['job'], open: Open | null, setOpen: (what: Open) => void, voice: Voice): () => void {
    const finished = job.status === 'finished';
    const drop = () => void dropJob(job);
    const opens = (name: string, what: Open) => ({ group: 'This job', name, run: () => setOpen(what) });
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
            { group: 'This job', name: 'The whole plan, to print', run: () => void window.open(jobsSheet(job.id)) },
            { group: 'This job', name: 'Drop this job', disabled: finished, run: () => drop() },
        ],
        busy: open !== null,
    });
    return drop;
}
