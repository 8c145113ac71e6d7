import { ask, willPass } from '../server/api';
import { forgetUnsent, keepUnsent, newUuid, type JobEvent } from './unsent';
import { deviceName } from './useJob';

/** Records something in a job from elsewhere. What the server cannot take just now is kept, and sent when the job is opened. */
export async function recordIn(job: number, kind: JobEvent['kind'], data: Record<string, unknown>): Promise<string> {
    const uuid = newUuid();
    const event = { uuid, kind, data, at: new Date().toISOString() };
    keepUnsent(job, event);
    try {
        await ask(`/jobs/${job}/events`, { method: 'POST', body: { events: [event], device: deviceName() } });
        forgetUnsent(job, [uuid]);
    } catch (failure) {
        if (!willPass(failure)) {
            forgetUnsent(job, [uuid]);
            throw failure;
        }
    }
    return uuid;
}
