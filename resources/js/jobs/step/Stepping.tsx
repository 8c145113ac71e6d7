import { type RefObject, useCallback, useEffect, useEffectEvent } from 'react';
import type { DrawnFit } from '../../generated/formats';
import { formatForce } from '../../units/units';
import { useUnits } from '../../units/useUnits';
import { type JobNow, restsUntil } from '../useJob';
import { type Going, type Frame, type Screen, lastDone } from '../frames';
import { type Voice, spokenOf } from './voice';
import { remind } from '../../frame/reminders/reminders';
import { useStepKeys } from './useStepKeys';
import type { Open } from '../ways/JobDialogs';
import { useStringsAtOnce } from '../going';
import { StringsStand } from './StringsStand';
import { MissingPanel } from './MissingPanel';
import { ScreenPanel } from './ScreenPanel';
import { StepPanel } from './StepPanel';
import { Ways } from './Ways';

/** Where a job stands. */
export interface Here {
    now: JobNow;
    fit: DrawnFit;
    /** Keys of what is done. */
    keys: Set<string>;
    /** Which strings are gone through at once. */
    going: Going;
    /** What is on now; null once all is done. */
    screen: Screen | null;
    frame: Frame | null;
    /** Whether the string that is on is not there. */
    missing: boolean;
}

/** The way on. */
type Main = RefObject<HTMLButtonElement | null>;

/** The way back to what was done last. */
export interface Back {
    there: boolean;
    go: () => void;
}

/** What follows when the step changes: the way on has the focus, it is said aloud, its rest is remembered. */
export function useStepping({ now, going, screen, frame, missing }: Here, main: Main, voice: Voice, idle: boolean): Back {
    const { job, plan, done, record } = now;
    const finished = job.status === 'finished';
    const back = lastDone(plan, done, going);
    const go = useCallback(() => {
        back.forEach((key) => record('back', { key }));
    }, [back, record]);
    const key = frame?.key ?? 'end';
    const until = restsUntil(now, key);
    useEffect(() => remind(job.id, job.instrument_name, finished ? null : until), [job.id, job.instrument_name, finished, until]);
    useStepKeys(idle && !finished, main, go);
    useEffect(() => {
        // A foot switch presses what has the focus: at each new step that is the way on. A dialog that was left gives it back to itself.
        if (document.activeElement instanceof HTMLElement && !document.activeElement.matches('input, textarea')) {
            main.current?.focus({ preventScroll: true });
        }
    }, [key, finished, missing, going, main]);
    const { speak } = voice;
    const say = useEffectEvent(() => {
        if (screen !== null) {
            speak(screen.frames.map(spokenOf).join(' '));
        }
    });
    // Once for each step, and when the voice is turned on.
    useEffect(() => say(), [key, speak]);
    return { there: back.length > 0, go };
}

interface Props {
    here: Here;
    frame: Frame;
    main: Main;
    back: Back;
    onOpen: (open: Open) => void;
    /** Where the way on stands. */
    onPlace: (place: HTMLElement | null) => void;
}

/** The step that is on, and the ways from it. */
export function Stepping({ here: { now, fit, keys, going, screen, missing }, frame, main, back, onOpen, onPlace }: Props) {
    const turnGoing = useStringsAtOnce(({ turn }) => turn);
    return (
        <div className="grid min-h-0 flex-1 grid-rows-[minmax(0,1fr)_auto]">
            <div className="grid min-h-0 gap-x-8 gap-y-4 overflow-y-auto px-4 pt-2 pb-3 sm:px-7 lg:grid-cols-[15rem_minmax(0,1fr)] xl:grid-cols-[17rem_minmax(0,1fr)]">
                <StringsStand
                    job={now.job}
                    plan={now.plan}
                    done={keys}
                    current={frame.step.position}
                    className="max-lg:order-last max-md:hidden"
                    onSchools={() => onOpen('schools')}
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
                <div ref={onPlace} className="grid min-h-32" />
                <Ways
                    onBack={back.go}
                    canGoBack={back.there}
                    ofString={frame.step.position !== null}
                    onOpen={onOpen}
                    going={going}
                    onTurn={turnGoing}
                />
            </footer>
        </div>
    );
}

/** Where it stands, to who does not see it. */
export function Told({ here: { now, screen, frame } }: { here: Here }) {
    const units = useUnits();
    return (
        <p className="sr-only" aria-live="polite">
            {frame === null
                ? 'All steps are done.'
                : `Step ${frame.number} of ${now.plan.steps.length}: ${(screen?.frames ?? [frame]).map(spokenOf).join(' ')} Pulls ${formatForce(now.job.before_n, units)} before.`}
        </p>
    );
}
