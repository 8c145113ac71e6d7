import type { FittingPart, FittingPlan, FittingStep } from '../generated/formats';

/** One look's worth of work: a step, or a part of one. */
export interface Frame {
    key: string;
    step: FittingStep;
    part: FittingPart | null;
    /** Which step of the plan it belongs to, from 1. */
    number: number;
}

function framesOf(plan: FittingPlan): Frame[] {
    return plan.steps.flatMap((step, index): Frame[] =>
        step.parts.length === 0
            ? [{ key: step.key, step, part: null, number: index + 1 }]
            : step.parts.map((part) => ({ key: part.key, step, part, number: index + 1 })),
    );
}

/** By how much one goes on at a time: a string with one look and one press, or step by step. */
export type Going = 'strings' | 'steps';

/** What is done with one press. */
export interface Screen {
    /** Of its first frame. */
    key: string;
    frames: [Frame, ...Frame[]];
    /** The string it is about; null where it is about several or none. */
    position: number | null;
}

/** The strings that frames are about, from the first on. */
export function positionsOf(frames: readonly Frame[]): number[] {
    const all = frames.flatMap(({ step }) => (step.position === null ? [] : [step.position]));
    return [...new Set(all)].sort((a, b) => a - b);
}

/**
 * A plan as screens. One screen a string joins what is done to it without a look at anything else, strings that come off together,
 * preparing, and looking after the instrument as far as nothing has to be left alone. What is asked twice stands alone.
 */
export function screensOf(plan: FittingPlan, going: Going): Screen[] {
    const alike = new Set(plan.strings.filter((string) => string.alike.length > 0).map(({ position }) => position));
    const screens: Screen[] = [];
    for (const frame of framesOf(plan)) {
        const screen = screens.at(-1);
        if (screen !== undefined && going === 'strings' && joins(screen.frames.at(-1) ?? screen.frames[0], frame, alike)) {
            screen.frames.push(frame);
            screen.position = screen.position === frame.step.position ? screen.position : null;
        } else {
            screens.push({ key: frame.key, frames: [frame], position: frame.step.position });
        }
    }
    return screens;
}

function joins(before: Frame, next: Frame, alike: ReadonlySet<number>): boolean {
    const [{ step }, { step: then }] = [before, next];
    if (step.rests_s !== null || then.rests_s !== null) {
        return false;
    }
    if ([before, next].some(({ key, step: { position } }) => key.startsWith('packet:') && alike.has(position ?? 0))) {
        return false;
    }
    if (step.phase === 'off' && then.phase === 'off') {
        return true;
    }
    return step.position === null
        ? step.phase === then.phase && (step.phase === 'prepare' || step.phase === 'care')
        : step.position === then.position;
}

/** The screen that is next, as far as it is not done; null once all is. */
export function nextScreen(plan: FittingPlan, done: ReadonlySet<string>, going: Going): Screen | null {
    for (const { frames } of screensOf(plan, going)) {
        const [first, ...rest] = frames.filter(({ key, step }) => !done.has(step.key) && !done.has(key));
        if (first !== undefined) {
            const position = rest.every(({ step }) => step.position === first.step.position) ? first.step.position : null;
            return { key: first.key, frames: [first, ...rest], position };
        }
    }
    return null;
}

/**
 * What comes next with what is at hand: a string that is not there is asked for before its screen; until then what comes before it goes
 * on step by step.
 *
 * @param missing the strings that are not there
 */
export function comesNext(
    plan: FittingPlan,
    done: ReadonlySet<string>,
    going: Going,
    missing: readonly number[],
): { screen: Screen | null; missing: boolean } {
    const next = nextScreen(plan, done, going);
    const lacks = next?.frames.find(({ step }) => missing.includes(step.position ?? 0) && step.phase !== 'tune');
    if (next === null || lacks === undefined) {
        return { screen: next, missing: false };
    }
    const [first] = next.frames;
    return { screen: { key: first.key, frames: [first], position: first.step.position }, missing: first === lacks };
}

/** Where one is in a job: by steps, or by its screens. */
export function whereWords(plan: FittingPlan, done: ReadonlySet<string>, going: Going, frame: Frame | null): string {
    const total = plan.steps.length;
    if (frame === null) {
        return `all ${total} steps done`;
    }
    if (going === 'strings') {
        const screens = screensOf(plan, going);
        return `${screens.findIndex(({ frames }) => frames.some(({ key }) => key === frame.key)) + 1} of ${screens.length}`;
    }
    return `step ${Math.min(plan.steps.filter(({ key }) => done.has(key)).length + 1, total)} of ${total}`;
}

/** What was done last and can be gone back to: all of its screen, the last first. */
export function lastDone(plan: FittingPlan, done: readonly string[], going: Going): string[] {
    const screens = screensOf(plan, going);
    const known = new Set(framesOf(plan).map(({ key }) => key));
    const last = done.findLast((key) => known.has(key));
    const screen = screens.find(({ frames }) => frames.some(({ key }) => key === last));
    return done.filter((key) => screen?.frames.some((frame) => frame.key === key)).reverse();
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
