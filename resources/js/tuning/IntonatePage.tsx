import { Head, Link } from '@inertiajs/react';
import { useState } from 'react';
import { microphone } from '../devices/tuner/microphone';
import type { IntonationAnswer, Practice, SetDocument } from '../generated/formats';
import { ask } from '../server/api';
import { useAct } from '../server/useAct';
import { useAsked } from '../server/useAsked';
import { fixed } from '../units/figures';
import { pitchLabel } from '../units/pitch';
import { fineLength, lengthFigure, parseLength, useUnits } from '../units/units';
import { Button } from '../ui/Button';
import { buttonClass, fieldClass } from '../ui/classes';
import { Field } from '../ui/Field';
import { PageTitle, TitleLine } from '../ui/PageTitle';
import { Select } from '../ui/Select';
import { TypedInput } from '../ui/TypedInput';
import { centsOf } from './heard';
import { SaddleLanes } from './SaddleLanes';
import { liveWords, SOURCES, type Source } from './sources';
import { useEar } from './useEar';
import { usePractice } from './usePractice';

interface Props {
    set: { id: number; name: string; instrument: string; instrumentId: number };
    document: SetDocument;
    tuning: number;
    strings: {
        position: number;
        pitch: string;
        hz: number;
        scale_mm: number;
        setback_mm: { low: number; estimate: number; high: number } | null;
        travel_mm: number | null;
        /** Where its saddle was left the last time, behind the scale length. */
        found_mm: number | null;
        /** Where this instrument's saddles, as they were found, let it be expected. */
        expected_mm: number | null;
    }[];
    learned: { share: number; strings: number } | null;
    screw_mm: number | null;
    movable: boolean;
}

/** What was read of one string: open, and stopped at the 12th three times at most; and what its saddle did before. */
interface Read {
    nutToSaddle: number;
    /** Whether it was measured, now or when it was kept, and not only foretold. */
    measured: boolean;
    open: number | null;
    stopped: number[];
    before: { error_cents: number; moved_mm: number } | null;
}

const FRET = 12;
const TIMES = 3;
const NEAR_CENTS = 120;

/** Each saddle moved once: open against the 12th fret, and from that how far, which way, how many turns of its screw. */
export default function IntonatePage({ set, document, tuning, strings, learned, screw_mm: screw, movable }: Props) {
    const units = useUnits();
    const [source, setSource] = useState<Source>('practice');
    const [current, setCurrent] = useState(strings.length);
    const [reads, setReads] = useState<Read[]>(() => unread(strings, 'practice'));
    const [listening, setListening] = useState<'open' | 'stopped'>('open');
    const practice = usePractice(document, tuning, 1);
    const [kept, setKept] = useState(false);
    const { act, busy, problem } = useAct();
    const change = (position: number, changed: Partial<Read>) => {
        setKept(false);
        setReads((all) => all.map((read, index) => (index === position - 1 ? { ...read, ...changed } : read)));
    };
    const keep = () =>
        act(async () => {
            const found: Record<string, number> = {};
            for (const { position, nut_to_saddle_mm: at } of right) {
                found[position] = at - (strings[position - 1]?.scale_mm ?? at);
            }
            await ask(`/sets/${set.id}/saddles`, { method: 'PUT', body: { setback_mm: found } });
            setKept(true);
        });
    const ear = useEar((hz) => {
        const string = strings[current - 1];
        const read = reads[current - 1];
        if (string === undefined || read === undefined) {
            return;
        }
        if (listening === 'open' && Math.abs(centsOf(hz, string.hz)) < NEAR_CENTS) {
            change(current, { open: hz });
        } else if (listening === 'stopped' && Math.abs(centsOf(hz, 2 * string.hz)) < NEAR_CENTS && read.stopped.length < TIMES) {
            change(current, { stopped: [...read.stopped, hz] });
        }
    });

    const readings = strings.flatMap(({ position }, index) => {
        const read = reads[index];
        const stopped = read === undefined ? null : median(read.stopped);
        return read === undefined || read.open === null || stopped === null
            ? []
            : [
                  {
                      position,
                      fret: FRET,
                      open_hz: read.open,
                      fretted_hz: stopped,
                      nut_to_saddle_mm: read.nutToSaddle,
                      ...(read.before === null ? {} : { before: read.before }),
                  },
              ];
    });
    const { data, error } = useAsked<IntonationAnswer>(
        '/api/v1/intonations',
        readings.length === 0
            ? null
            : JSON.stringify({ set: document, tuning, readings, ...(screw === null ? {} : { thread_pitch_mm: screw }) }),
    );
    const answerOf = (position: number) =>
        readings.some((reading) => reading.position === position)
            ? data?.strings.find((string) => string.position === position)
            : undefined;
    // Only a saddle that was measured and stands right tells of the next ones.
    const right = readings.filter(({ position }) => {
        const each = answerOf(position);
        return reads[position - 1]?.measured === true && each !== undefined && !isWorthIt(each);
    });
    const string = strings[current - 1];
    const read = reads[current - 1];
    const answer = answerOf(current);
    // What was measured is how far it goes behind the scale length.
    const left = string?.travel_mm == null || read === undefined ? null : string.travel_mm - (read.nutToSaddle - string.scale_mm);
    const worth = answer !== undefined && isWorthIt(answer);

    const hearPractice = (answered: Practice) => {
        setReads((all) =>
            all.map((each, index) => {
                const heard = answered.strings[index];
                return heard === undefined
                    ? each
                    : { ...each, open: heard.hz, stopped: [heard.hz * 2 * 2 ** (heard.stopped_error_cents / 1200)] };
            }),
        );
    };
    const moved = () => {
        if (answer === undefined || read === undefined) {
            return;
        }
        const by = {
            nutToSaddle: read.nutToSaddle + answer.move_mm,
            before: { error_cents: answer.error_cents, moved_mm: answer.move_mm },
        };
        if (source !== 'practice') {
            change(current, { ...by, open: null, stopped: [] });
            return;
        }
        act(async () => {
            const answered = await practice.act({ do: 'saddle', position: current, mm: answer.move_mm });
            const heard = answered.strings[current - 1];
            change(current, {
                ...by,
                open: heard?.hz ?? null,
                stopped: heard === undefined ? [] : [heard.hz * 2 * 2 ** (heard.stopped_error_cents / 1200)],
            });
        });
    };
    const choose = (chosen: string) => {
        ear.close();
        setSource(chosen as Source);
        setReads(unread(strings, chosen as Source));
        if (chosen === 'microphone') {
            void ear.open(microphone());
        }
    };
    return (
        <div className="mx-auto w-full max-w-[86rem] px-4 pt-5 pb-10 sm:px-7">
            <Head title={`Intonate ${set.instrument}`} />
            <TitleLine>
                <PageTitle className="pb-1.5">Intonate {set.instrument}</PageTitle>
                <p className="pb-2 text-ink-soft">{set.name}</p>
                <Link href={`/bench/${set.id}`} className={`${buttonClass.quiet} mb-1 ml-auto`}>
                    Back to the Bench
                </Link>
            </TitleLine>
            <p className="mt-3 max-w-prose text-ink-soft">
                Only once the strings hold.{' '}
                {movable
                    ? 'Slacken a string before its saddle’s screw is turned.'
                    : 'This bridge is one piece, or loose: what is found is a place and a slant for all of it.'}{' '}
                Press as you play; the middle of three readings counts.
            </p>
            <div className="mt-4 w-72">
                <Field label="Heard by">
                    <Select value={source} choices={SOURCES} onChange={choose} />
                </Field>
            </div>
            {(ear.problem ?? problem ?? error?.message) != null && (
                <p role="alert" className="mt-3 border-l-4 border-l-stop pl-3 text-stop">
                    {ear.problem ?? problem ?? error?.message}
                </p>
            )}
            <div className="mt-5">
                <SaddleLanes
                    strings={strings.map((each, index) => ({
                        position: each.position,
                        pitch: each.pitch,
                        low: each.setback_mm?.low ?? 0,
                        estimate: each.setback_mm?.estimate ?? 0,
                        high: each.setback_mm?.high ?? 0,
                        now: (reads[index]?.nutToSaddle ?? each.scale_mm) - each.scale_mm,
                        move: answerOf(each.position)?.move_mm ?? null,
                        travel: each.travel_mm,
                    }))}
                    current={current}
                    onChoose={setCurrent}
                />
                <p className="mt-2 text-sm text-ink-soft">
                    Bar: where it stands. Shaded: where it was foretold. Triangle: where it belongs. Dashed: as far as it goes.
                    {learned !== null &&
                        ` Of ${learned.strings} found before, saddles of this instrument stood ${Math.round(100 * learned.share)} % of the way into what was foretold.`}
                </p>
            </div>
            {source !== 'practice' && (right.length > 0 || kept) && (
                <p className="mt-3 flex flex-wrap items-center gap-3">
                    <Button disabled={busy || kept} onClick={keep}>
                        Keep where {right.length === 1 ? `saddle ${right[0]?.position} stands` : 'these saddles stand'}
                    </Button>
                    <span role="status" className="text-ink-soft">
                        {kept ? `Kept with ${set.name}: the next time starts from there.` : ''}
                    </span>
                </p>
            )}
            {string !== undefined && read !== undefined && (
                <section
                    aria-label={`String ${current}`}
                    className="mt-5 grid gap-x-8 gap-y-4 border-t border-ink pt-4 lg:grid-cols-[minmax(0,24rem)_minmax(0,1fr)]"
                >
                    <div className="grid content-start gap-3 sm:grid-cols-2">
                        <Field
                            label={`Nut to saddle, ${units.length}`}
                            hint={source !== 'practice' && !read.measured ? 'Foretold: measure it.' : undefined}
                        >
                            <TypedInput
                                className={`${fieldClass} text-lg`}
                                shown={lengthFigure(Number(read.nutToSaddle.toFixed(2)), units)}
                                onTake={(typed) => {
                                    const mm = parseLength(typed, units);
                                    if (mm !== null) {
                                        change(current, { nutToSaddle: mm, measured: true, before: null });
                                    }
                                }}
                            />
                        </Field>
                        <Field label="Open, Hz">
                            <TypedInput
                                className={`${fieldClass} text-lg`}
                                shown={read.open === null ? '' : fixed(read.open, 2)}
                                onTake={(typed) => change(current, { open: hertz(typed) })}
                            />
                        </Field>
                        <div className="sm:col-span-2">
                            <Field
                                label="At the 12th fret, Hz, up to three times"
                                hint={read.stopped.length > 1 ? 'The middle one counts.' : undefined}
                            >
                                <TypedInput
                                    className={`${fieldClass} text-lg`}
                                    shown={read.stopped.map((hz) => fixed(hz, 2)).join(' ')}
                                    onTake={(typed) =>
                                        change(current, {
                                            stopped: typed
                                                .split(/[\s;]+/)
                                                .map(hertz)
                                                .filter((hz) => hz !== null)
                                                .slice(0, TIMES),
                                        })
                                    }
                                />
                            </Field>
                        </div>
                        <div className="flex flex-wrap gap-2 sm:col-span-2">
                            {source === 'practice' && (
                                <Button disabled={busy} onClick={() => act(async () => hearPractice(await practice.read()))}>
                                    Play all, open and stopped
                                </Button>
                            )}
                            {source === 'microphone' && (
                                <>
                                    <Button aria-pressed={listening === 'open'} onClick={() => setListening('open')}>
                                        Listen open
                                    </Button>
                                    <Button aria-pressed={listening === 'stopped'} onClick={() => setListening('stopped')}>
                                        Listen at the 12th
                                    </Button>
                                    <span className="self-center text-ink-soft">
                                        {liveWords(ear.live, (hz) => `${fixed(hz, 1)} Hz`)}
                                    </span>
                                </>
                            )}
                        </div>
                    </div>
                    <div aria-live="polite">
                        {answer === undefined ? (
                            <p className="text-xl text-ink-soft">
                                {pitchLabel(string.pitch)}: read it open, then stopped at the 12th.
                            </p>
                        ) : (
                            <>
                                <p className="text-xl">
                                    {fixed(Math.abs(answer.error_cents), 1)} cents {answer.error_cents > 0 ? 'sharp' : 'flat'} at
                                    the 12th.{' '}
                                    {worth
                                        ? `Move its saddle ${answer.move_mm > 0 ? 'back, away from the nut' : 'forward, towards the nut'}`
                                        : 'That is as near as two readings can tell: leave it.'}
                                </p>
                                {worth && (
                                    <p data-figure="key" className="text-[72px] leading-tight font-extrabold tracking-tight">
                                        {answer.turns === null
                                            ? fineLength(Math.abs(answer.move_mm), units, 1)
                                            : turnsWords(answer.turns)}
                                    </p>
                                )}
                                {worth && (
                                    <p className="text-lg text-ink-soft">
                                        {fineLength(Math.abs(answer.move_mm), units, 2)}, give or take{' '}
                                        {fineLength(answer.uncertainty_mm, units, 2)}.
                                    </p>
                                )}
                                {worth && left !== null && answer.move_mm > left && (
                                    <p className="mt-1 text-lg text-caution">
                                        It can go back by {fineLength(Math.max(0, left), units, 1)} only. A thinner string, a
                                        higher pitch, or a longer scale needs less: see the Bench.
                                    </p>
                                )}
                                {worth && (
                                    <Button large look="strong" className="mt-3" disabled={busy} onClick={moved}>
                                        Moved: read it again
                                    </Button>
                                )}
                            </>
                        )}
                    </div>
                </section>
            )}
        </div>
    );
}

/** Nothing read yet. A real saddle is taken to stand where it was left, or foretold, until it is measured; a simulated one at the scale length. */
function unread(strings: Props['strings'], source: Source): Read[] {
    return strings.map(({ scale_mm: scale, setback_mm: setback, found_mm: found, expected_mm: expected }) => ({
        nutToSaddle: scale + (source === 'practice' ? 0 : (found ?? expected ?? setback?.estimate ?? 0)),
        measured: source !== 'practice' && found !== null,
        open: null,
        stopped: [],
        before: null,
    }));
}

function isWorthIt({ move_mm: move, uncertainty_mm: uncertainty }: IntonationAnswer['strings'][number]): boolean {
    return Math.abs(move) > uncertainty;
}

function median(values: number[]): number | null {
    const sorted = [...values].sort((a, b) => a - b);
    return sorted[Math.floor((sorted.length - 1) / 2)] ?? null;
}

function hertz(typed: string): number | null {
    const value = Number(typed.replace(/hz/i, '').replace(',', '.').trim());
    return typed.trim() !== '' && Number.isFinite(value) && value > 0 ? value : null;
}

function turnsWords(turns: number): string {
    const quarters = Math.max(1, Math.round(Math.abs(turns) * 4));
    const whole = Math.floor(quarters / 4);
    const part = ['', '¼', '½', '¾'][quarters % 4] ?? '';
    return `${whole === 0 ? '' : String(whole)}${part} ${quarters <= 4 ? 'turn' : 'turns'}`;
}
