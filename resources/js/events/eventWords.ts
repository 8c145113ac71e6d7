import type { FittingPlan, JobEvent } from '../generated/formats';

/** What an event says, in a few words, for somebody who has to decide about it. */
export function eventWords(event: JobEvent, plan: FittingPlan): string {
    const of = (position: number) => `string ${position}`;
    switch (event.kind) {
        case 'did':
        case 'back': {
            const { key } = event.data;
            const step = plan.steps.find((each) => each.key === key || each.parts.some((part) => part.key === key));
            const what =
                step === undefined
                    ? `step “${key}”`
                    : `step ${step.number}${step.position === null ? '' : `, ${of(step.position)}`}`;
            return event.kind === 'did' ? `${what} was done` : `${what} was gone back to`;
        }
        case 'rests':
            return 'it is left to rest';
        case 'schools':
            return 'another way was chosen';
        case 'again':
            return event.data.reason === 'broke'
                ? `${of(event.data.position)} broke`
                : `${of(event.data.position)} has to come off again`;
        case 'shortened':
            return `${of(event.data.position)} was cut short`;
        case 'chose':
            return `where ${of(event.data.position)} comes from`;
        case 'turned':
            return `turns of ${of(event.data.position)}`;
        case 'measured':
            return `what was measured ${event.data.when}`;
        case 'died':
            return `how the old ${of(event.data.position)} ended`;
        case 'drifted':
            return 'what the strings drifted by';
        case 'noted':
            return `the note “${event.data.text.length > 60 ? `${event.data.text.slice(0, 60)}…` : event.data.text.replace(/\.$/, '')}”`;
        case 'bench':
            return 'which bench it is at';
        case 'agreed':
            return 'what was agreed';
        case 'undone':
            return 'that something was a slip';
        case 'finished':
            return 'that the job is finished';
        case 'reopened':
            return 'that the job is open again';
    }
}
