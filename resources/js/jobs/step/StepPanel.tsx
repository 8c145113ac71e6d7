import { type ReactNode, useState, type RefObject, type Dispatch, type SetStateAction } from 'react';
import { router } from '@inertiajs/react';
import { clsx } from 'clsx';
import type { DrawnFit, FittingStep, FittingFigure, FittingPart } from '../../generated/formats';
import { pitchLabel } from '../../units/pitch';
import { gaugeInches } from '../../units/stringType';
import { formatGauge } from '../../units/units';
import { useUnits } from '../../units/useUnits';
import { Button } from '../../ui/Button';
import type { StringNow } from '../../events/jobNow';
import type { Frame } from '../frames';
import { PacketGuard } from '../packets/PacketGuard';
import { mayNotify } from '../../frame/reminders/Reminders';
import { restsUntil, type JobNow } from '../useJob';
import { useClock } from '../../server/useClock';
import { momentWords, spanWords } from '../../units/times';
import { pressClaim } from './claims';
import { HeardPitch, HeardStrings, ListenSwitch } from './HeardPitch';
import { IntonationInJob, TuningInJob } from './InJob';
import { Lines } from './Lines';
import { MomentFields } from './MomentFields';
import { atPost } from './atPost';
import { EndDrawing } from './EndDrawing';
import { PostDrawing } from './PostDrawing';
import { holdsAt, SettlePanel } from './SettlePanel';
import { SkipRestDialog } from '../ways/SkipRestDialog';
import { WayOn } from './WayOn';
import { jobsIndex } from '../../generated/addresses/places';

interface Props {
    now: JobNow;
    frame: Frame;
    fit: DrawnFit;
    main: RefObject<HTMLButtonElement | null>;
}

/** One step: which string, its one figure, what to do, and the post it is done at. */
export function StepPanel({ now, frame, fit, main }: Props) {
    const { job, plan, record } = now;
    const { step, part } = frame;
    const string = job.strings.find(({ position }) => position === step.position);
    const planned = plan.strings.find(({ position }) => position === step.position);
    const [cents, setCents] = useState<number | null>(null);
    const done = () =>
        record('did', cents === null ? { key: frame.key } : { key: frame.key, cents: Math.round(10 * cents) / 10 });
    if (part !== null && string !== undefined && planned !== undefined && part.key.startsWith('packet:')) {
        return <PacketGuard now={now} string={string} planned={planned} main={main} onDone={done} />;
    }
    const figure = part?.figure ?? null;
    const seat = part?.key.startsWith('seat:') === true;
    const drawn =
        string !== undefined && planned !== undefined && (part !== null || step.phase === 'tune' || step.phase === 'off');
    const settles = step.key === 'stretch' || step.key === 'wait';
    const doneWhen = part === null ? step.done_when : part.done_when;
    // Once, where it begins: at the first part that hands touch.
    const caution = part === null || seat ? step.caution : null;
    return (
        <article
            className={clsx(
                'min-w-0',
                drawn && 'grid gap-x-8 gap-y-4 lg:grid-cols-[minmax(0,1fr)_minmax(0,20rem)]',
                settles && 'grid gap-x-8 gap-y-4 xl:grid-cols-[minmax(0,1fr)_minmax(0,1.35fr)]',
            )}
        >
            <div className="min-w-0">
                <Figure string={string} step={step} figure={figure} part={part} />
                <div className="mt-2 grid grid-cols-2">
                    <Lines lines={part?.lines ?? step.lines} small={figure !== null} flowing={step.key === 'intonate'} />
                </div>
                {string?.short_turns != null && part?.key.startsWith('fit:') === true && (
                    <p className="mt-2 text-lg font-semibold">It was cut short: wind what it gives.</p>
                )}
                {doneWhen !== null && <p className="mt-2 max-w-prose text-xl leading-snug text-ink-soft">{doneWhen}</p>}
                {caution !== null && (
                    <p className="mt-2 max-w-prose border-l-4 border-l-caution pl-3 text-xl leading-snug text-caution">
                        {caution}
                    </p>
                )}
                {(step.key === 'note-before' || step.key === 'note-after') && (
                    <MomentFields now={now} moment={step.key === 'note-before' ? 'before' : 'after'} />
                )}
                {step.key === 'intonate' && job.set !== null && <IntonationInJob set={job.set} job={job.id} />}
                {step.phase === 'tune' && step.position === null && <HeardStrings now={now} />}
                {(step.key === 'tune-again' || step.key === 'tune-all') && job.set !== null && (
                    <TuningInJob set={job.set} job={job.id} />
                )}
                {step.phase === 'tune' && string !== undefined && (
                    <HeardPitch now={now} string={string} cents={cents} onHeard={setCents} />
                )}
            </div>
            {drawn &&
                (seat ? (
                    <EndDrawing planned={planned} />
                ) : (
                    <PostDrawing fit={fit} planned={planned} shows={atPost([frame])} leftHanded={job.left_handed} />
                ))}
            {step.rests_s === null ? (
                <WayOn main={main} onGo={done}>
                    {pressClaim({ key: frame.key, frames: [frame], position: step.position }, cents)}
                </WayOn>
            ) : (
                <Rest now={now} frame={frame} seconds={step.rests_s} main={main} onDone={done} />
            )}
            {settles && <SettlePanel now={now} />}
        </article>
    );
}

function Large({ children }: { children: string }) {
    return (
        <span data-figure="key" className="block text-[96px] leading-[1.02] font-extrabold tracking-tight max-sm:text-[64px]">
            {children}
        </span>
    );
}

function Which({ string, old }: { string: StringNow; old: boolean }) {
    const units = useUnits();
    return (
        <p className="flex items-center gap-3">
            <span className="text-5xl leading-none font-extrabold">{string.position}</span>
            <span className="leading-tight">
                <span className="block text-2xl font-bold">{old ? 'the old one' : pitchLabel(string.pitch)}</span>
                <span className="text-lg text-ink-soft">
                    {old
                        ? `${pitchLabel(string.pitch)} goes on next in its place`
                        : `${string.construction === 'plain' ? 'plain' : 'wound'} ${formatGauge(gaugeInches(string), units)}${string.spoiled > 0 ? ', a new one' : ''}`}
                </span>
            </span>
        </p>
    );
}

/** What is left alone for a while, without holding up anything else. */
function Rest({
    now,
    frame,
    seconds,
    main,
    onDone,
}: {
    now: JobNow;
    frame: Frame;
    seconds: number;
    main: RefObject<HTMLButtonElement | null>;
    onDone: () => void;
}) {
    const clock = useClock(1000);
    const until = restsUntil(now, frame.key);
    const holds = frame.step.key === 'wait' ? holdsAt(now) : null;
    const [mayRemind, setMayRemind] = useState(mayNotify);
    const [skipping, setSkipping] = useState(false);
    const skip = (leftMs: number) =>
        skipping && <SkipRestDialog leftMs={leftMs} onSkip={onDone} onClose={() => setSkipping(false)} />;
    if (until === null) {
        // What was read of it counts from when it was tuned, not from now.
        const ends = Math.max(clock, holds === null ? clock + 1000 * seconds : Date.parse(holds));
        const rested = ends <= clock;
        return (
            <>
                <WayOn
                    main={main}
                    onGo={
                        rested
                            ? onDone
                            : () =>
                                  now.record('rests', {
                                      key: frame.key,
                                      // By this device's clock, as all that it says.
                                      until: new Date(ends - now.aheadMs).toISOString(),
                                  })
                    }
                    {...(rested ? {} : { other: { label: 'It has rested already…', run: () => setSkipping(true) } })}
                >
                    {rested ? 'It has rested enough: go on' : `Leave it for ${spanWords(ends - clock)}`}
                </WayOn>
                {skip(ends - clock)}
            </>
        );
    }
    const left = Date.parse(until) - clock;
    return (
        <Resting
            left={left}
            until={until}
            clock={clock}
            mayRemind={mayRemind}
            setMayRemind={setMayRemind}
            main={main}
            setSkipping={setSkipping}
            onDone={onDone}
            skip={skip}
        />
    );
}

/** While it rests: how long still, and what can be done meanwhile. */
function Resting({
    left,
    until,
    clock,
    mayRemind,
    setMayRemind,
    main,
    setSkipping,
    onDone,
    skip,
}: {
    left: number;
    until: string;
    clock: number;
    mayRemind: NotificationPermission | null;
    setMayRemind: Dispatch<SetStateAction<NotificationPermission | null>>;
    main: RefObject<HTMLButtonElement | null>;
    setSkipping: Dispatch<SetStateAction<boolean>>;
    onDone: () => void;
    skip: (leftMs: number) => ReactNode;
}) {
    return (
        <>
            <p className="mt-3" role="timer">
                <span className="block text-[1.75rem] leading-tight">
                    {left > 0 ? `Look again ${momentWords(until, clock)}` : 'It has rested'}
                </span>
                {left > 0 && <Large>{left < 120_000 ? `${Math.ceil(left / 1000)} s` : spanWords(left)}</Large>}
                {left > 0 && (
                    <span className="block text-lg text-ink-soft">
                        Other jobs can go on meanwhile; this one waits in the list, and says so when it has rested.
                    </span>
                )}
            </p>
            {left > 0 && mayRemind === 'default' && (
                <Button look="quiet" onClick={() => void Notification.requestPermission().then(setMayRemind)}>
                    Let this browser remind me outside of Lira, too
                </Button>
            )}
            {left > 0 ? (
                <WayOn
                    main={main}
                    onGo={() => router.visit(jobsIndex)}
                    other={{ label: 'Skip the rest…', run: () => setSkipping(true) }}
                >
                    It rests: to the other jobs
                </WayOn>
            ) : (
                <WayOn main={main} onGo={onDone}>
                    Done: go on
                </WayOn>
            )}
            {left > 0 && skip(left)}
        </>
    );
}

/** Which string it is, and its one figure. */
function Figure({
    string,
    step,
    figure,
    part,
}: {
    string: StringNow | undefined;
    step: FittingStep;
    figure: FittingFigure | null;
    part: FittingPart | null;
}) {
    return (
        <>
            {string !== undefined && (
                <div className="flex items-start justify-between gap-3">
                    <Which string={string} old={step.phase === 'off'} />
                    {step.phase === 'tune' && <ListenSwitch />}
                    {figure !== null && <p className="text-right text-[2rem] leading-tight">{part?.lead}</p>}
                </div>
            )}
            {figure !== null && (
                <p className="mt-1">
                    <Large>{figure.said}</Large>
                    {figure.said !== figure.plain && (
                        <span className="block text-xl leading-tight text-ink-soft">that is {figure.plain}</span>
                    )}
                </p>
            )}
            {figure === null && string !== undefined && step.phase === 'tune' && <Large>{pitchLabel(string.pitch)}</Large>}
        </>
    );
}
