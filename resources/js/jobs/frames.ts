import type { FittingPart, FittingPlan, FittingStep } from '../generated/formats';

/** One look's worth of work: a step, or a part of one. */
export interface Frame {
    key: string;
    step: FittingStep;
    part: FittingPart | null;
    /** Which step of the plan it belongs to, from 1. */
    number: number;
}

export function framesOf(plan: FittingPlan): Frame[] {
    return plan.steps.flatMap((step, index): Frame[] =>
        step.parts.length === 0
            ? [{ key: step.key, step, part: null, number: index + 1 }]
            : step.parts.map((part) => ({ key: part.key, step, part, number: index + 1 })),
    );
}

/** What is done next; null once all is. A part whose step is done is done too. */
export function nextFrame(plan: FittingPlan, done: ReadonlySet<string>): Frame | null {
    return framesOf(plan).find(({ key, step }) => !done.has(step.key) && !done.has(key)) ?? null;
}

/** What was done last and can be gone back to. */
export function lastDone(plan: FittingPlan, done: readonly string[]): string | null {
    const known = new Set(framesOf(plan).map(({ key }) => key));
    return done.findLast((key) => known.has(key)) ?? null;
}

/** Where a string stands now. */
export type Whereabouts = 'old' | 'off' | 'slack' | 'pitch' | 'none';

export function whereabouts(plan: FittingPlan, done: ReadonlySet<string>, position: number): Whereabouts {
    const at = (phase: FittingStep['phase']) => plan.steps.filter((step) => step.position === position && step.phase === phase);
    // Tuned together, all come to their pitch at once.
    const together = plan.steps.filter(({ position: of, phase }) => of === null && phase === 'tune');
    const tuned = at('tune').length > 0 ? at('tune') : together;
    const off = at('off');
    if (at('fit').every(({ key }) => done.has(key))) {
        return tuned.every(({ key }) => done.has(key)) ? 'pitch' : 'slack';
    }
    if (off.length === 0) {
        return 'none';
    }
    return off.some(({ key }) => done.has(key)) ? 'off' : 'old';
}

/** What all strings pull now: after the last of what was done, in the order of the plan. */
export function pullNow(plan: FittingPlan, done: ReadonlySet<string>, before: number): number {
    return plan.steps.findLast(({ key }) => done.has(key))?.pull_after_n ?? before;
}
