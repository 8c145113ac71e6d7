import { useState, type RefObject } from 'react';
import type { DrawnFit } from '../../generated/formats';
import { pitchLabel } from '../../units/pitch';
import { familyWords } from '../../units/strings';
import { gaugeInches } from '../../units/stringType';
import { formatGauge } from '../../units/units';
import { useUnits } from '../../units/useUnits';
import type { StringNow } from '../../events/jobNow';
import { positionsOf, type Frame, type Screen } from '../frames';
import { ballWords, notchWords } from '../packets/marks';
import type { JobNow } from '../useJob';
import { capital, stringsWords } from '../../units/words';
import { pressClaim } from './claims';
import { HeardPitch, ListenSwitch } from './HeardPitch';
import { Lines } from './Lines';
import { MomentFields } from './MomentFields';
import { atPost } from './atPost';
import { PostDrawing } from './PostDrawing';
import { WayOn } from './WayOn';

interface Props {
    now: JobNow;
    screen: Screen;
    fit: DrawnFit;
    main: RefObject<HTMLButtonElement | null>;
}

const LABELS: Record<string, string> = { off: 'off', seat: 'end', fit: 'post', 'tune-string': 'pitch' };

const partOf = ({ key }: Frame) => key.replace(/:.*/, '');

/** Several steps with one look and one press: a string as it goes on, strings that come off together, getting ready. */
export function ScreenPanel({ now, screen, fit, main }: Props) {
    const { job, plan, record } = now;
    const { frames, position } = screen;
    const string = job.strings.find((each) => each.position === position);
    const planned = plan.strings.find((each) => each.position === position);
    const [cents, setCents] = useState<number | null>(null);
    const goesOn = frames.some(({ step }) => step.phase === 'fit');
    const tunes = frames.find(({ step }) => step.phase === 'tune') !== undefined;
    const off = frames.filter(({ step }) => step.phase === 'off');
    // Strings that come off together come off alike: said once.
    const shown = frames.filter(
        (frame) =>
            partOf(frame) !== 'packet' &&
            (off.length < 2 ||
                frame.step.position === null ||
                frame.step.phase !== 'off' ||
                frame === off.findLast(({ step }) => step.position !== null)),
    );
    const cautions = [...new Set(frames.flatMap(({ step }) => (step.caution === null ? [] : [step.caution])))];
    const press = () => {
        for (const { key, step } of frames) {
            record(
                'did',
                step.phase === 'tune' && step.position !== null && cents !== null
                    ? { key, cents: Math.round(10 * cents) / 10 }
                    : { key },
            );
        }
    };
    const drawn = string !== undefined && planned !== undefined;
    return (
        <article
            className={
                drawn
                    ? 'grid min-w-0 gap-x-8 gap-y-4 md:grid-cols-[minmax(0,1fr)_minmax(0,15rem)] xl:grid-cols-[minmax(0,1fr)_minmax(0,19rem)]'
                    : 'min-w-0'
            }
        >
            <div className="min-w-0">
                {string !== undefined ? (
                    <Headline string={string} fits={goesOn} listens={tunes} />
                ) : (
                    <h2 className="text-5xl leading-tight font-extrabold">{titleOf(screen)}</h2>
                )}
                <div className="mt-3 grid grid-cols-[5.5rem_minmax(0,1fr)] gap-y-2.5 max-sm:grid-cols-[3.5rem_minmax(0,1fr)]">
                    {shown.map((frame) => (
                        <Lines
                            key={frame.key}
                            label={string === undefined ? '' : (LABELS[partOf(frame)] ?? '')}
                            lines={
                                string === undefined
                                    ? (frame.part?.lines ?? frame.step.lines)
                                    : (frame.part?.brief ?? frame.step.brief)
                            }
                            small
                        />
                    ))}
                </div>
                {string?.short_turns != null && goesOn && (
                    <p className="mt-2 text-lg font-semibold">It was cut short: wind what it gives.</p>
                )}
                {string !== undefined && tunes && (
                    <HeardPitch key={screen.key} now={now} string={string} cents={cents} onHeard={setCents} />
                )}
                {cautions.map((caution) => (
                    <p key={caution} className="mt-2 border-l-4 border-l-caution pl-3 text-lg leading-snug text-caution">
                        {caution}
                    </p>
                ))}
                {frames.some(({ key }) => key === 'note-before') && <MomentFields now={now} moment="before" />}
            </div>
            {drawn && <PostDrawing fit={fit} planned={planned} shows={atPost(frames)} leftHanded={job.left_handed} />}
            <WayOn main={main} onGo={press}>
                {pressClaim(screen, cents)}
            </WayOn>
        </article>
    );
}

function titleOf({ frames }: Screen): string {
    const positions = positionsOf(frames);
    switch (frames[0].step.phase) {
        case 'off':
            return `${capital(stringsWords(positions))}: off`;
        case 'prepare':
            return 'Get ready';
        default:
            return 'Look after it';
    }
}

/** Which string: told from afar, and from all others. */
function Headline({ string, fits, listens }: { string: StringNow; fits: boolean; listens: boolean }) {
    const units = useUnits();
    return (
        <div className="grid grid-cols-[minmax(0,1fr)_auto] items-start gap-x-3">
            <p
                data-figure="key"
                className="text-[72px] leading-none font-extrabold tracking-tight max-xl:text-[64px] max-sm:text-[40px]"
            >
                {string.position} <span className="font-normal text-ink-faint">·</span>{' '}
                {fits
                    ? `${formatGauge(gaugeInches(string), units)} ${string.construction === 'plain' ? 'plain' : 'wound'}`
                    : pitchLabel(string.pitch)}
            </p>
            {listens && <ListenSwitch />}
            <p className="col-span-2 mt-1 text-xl text-ink-soft">
                {[
                    pitchLabel(string.pitch),
                    ...(fits ? [...notchWords(string), `${familyWords(string)}${ballWords(string)}`] : []),
                    ...(fits && string.spoiled > 0 ? ['a new one'] : []),
                    ...(fits && string.lot !== null ? [`from the drawer: ${string.lot}`] : []),
                ].join(', ')}
            </p>
        </div>
    );
}
