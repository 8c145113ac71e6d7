import { useState, type Dispatch, type SetStateAction } from 'react';
import type { TimeLine, Period, Happened } from '../generated/views';
import { formatForce, type Units } from '../units/units';
import { dateWords } from '../units/times';
import { Button } from '../ui/Button';
import { useWidth } from '../ui/useWidth';
import { hoursWords } from '../units/hours';

const DAY_MS = 86_400_000;
const LEFT = 92;
const ROW = { sets: 22, hours: 78, heights: 132, done: 186, axis: 214 };
const HEIGHT = 232;
const SPANS = [
    { days: 0, label: 'All of it' },
    { days: 365, label: 'A year' },
    { days: 92, label: 'Three months' },
];
const LETTER_PX = 6.6;
const BAND = 44;

const SIGNS: Record<string, string> = { care: 'C', 'put-off': 'P', saddles: 'S', show: '★', note: 'N' };
const SIGN_WORDS = 'C care, P put off, S saddles, ★ show, N note, × a string broke';

/** Sets, hours, heights, care and shows of one instrument on one line of time. */
export function TimeLineDrawing({ line, units, now }: { line: TimeLine; units: Units; now: number }) {
    const [ref, width] = useWidth<HTMLDivElement>();
    const [days, setDays] = useState(0);
    const first = Math.min(
        now - 30 * DAY_MS,
        ...line.periods.slice(0, 1).map(({ from }) => Date.parse(from)),
        ...line.weeks.slice(0, 1).map(({ week }) => Date.parse(week)),
        ...line.happened.slice(-1).map(({ on }) => Date.parse(on)),
    );
    const start = days === 0 ? first : Math.max(first, now - days * DAY_MS);
    const x = (at: number) => LEFT + ((width - LEFT - 6) * (at - start)) / Math.max(DAY_MS, now - start);
    const within = (at: number) => at >= start && at <= now;
    const mostHours = Math.max(1, ...line.weeks.map(({ hours }) => hours));
    const heights = line.measured.flatMap(({ action_mm, relief_mm }) => [action_mm, relief_mm]).filter((mm) => mm !== null);
    const mostMm = Math.max(1, ...heights);
    const marks = line.happened.filter(({ what, on }) => what !== 'note' && within(Date.parse(on)));
    const curve = (of: (each: TimeLine['measured'][number]) => number | null) =>
        line.measured
            .map((each) => ({ at: Date.parse(each.on), mm: of(each) }))
            .filter((each): each is { at: number; mm: number } => each.mm !== null && within(each.at))
            .map(({ at, mm }) => `${x(at).toFixed(1)},${(ROW.heights + BAND * (1 - mm / mostMm)).toFixed(1)}`);
    return (
        <div>
            <Spans days={days} setDays={setDays} />
            <div ref={ref} className="mt-2">
                {width > 0 && (
                    <svg
                        width={width}
                        height={HEIGHT}
                        role="img"
                        aria-label="Sets, hours, heights and care through time; the lists below tell the same"
                        className="block text-xs"
                    >
                        <Rulings start={start} now={now} x={x} />
                        {line.periods.map((period, index) => (
                            <PeriodBar
                                key={period.from}
                                start={start}
                                now={now}
                                x={x}
                                units={units}
                                period={period}
                                index={index}
                            />
                        ))}
                        <HoursBars line={line} within={within} x={x} mostHours={mostHours} />
                        {heights.length > 0 && <Heights curve={curve} mostMm={mostMm} />}
                        <Marks marks={marks} x={x} />
                    </svg>
                )}
            </div>
            <p className="text-sm text-ink-soft">
                {SIGN_WORDS}. Under each set what it pulls. Full line action at the 12th, dashed relief.
            </p>
        </div>
    );
}

/** Years, or months where it is less than a year and a half. */
function years(start: number, now: number): { at: number; label: string }[] {
    const months = now - start < 550 * DAY_MS;
    const marks = [];
    const day = new Date(start);
    day.setDate(1);
    for (day.setHours(0, 0, 0, 0); day.getTime() < now; day.setMonth(day.getMonth() + 1)) {
        const january = day.getMonth() === 0;
        if (day.getTime() >= start && (months || january)) {
            marks.push({
                at: day.getTime(),
                label: january ? String(day.getFullYear()) : day.toLocaleDateString('en-GB', { month: 'short' }),
            });
        }
    }
    return marks;
}

/** How much of it is drawn. */
function Spans({ days, setDays }: { days: number; setDays: Dispatch<SetStateAction<number>> }) {
    return (
        <div className="flex flex-wrap gap-1.5" role="group" aria-label="How much of it">
            {SPANS.map((span) => (
                <Button
                    key={span.days}
                    look={days === span.days ? 'plain' : 'quiet'}
                    aria-pressed={days === span.days}
                    onClick={() => setDays(span.days)}
                >
                    {span.label}
                </Button>
            ))}
        </div>
    );
}

/** Years or months, and what each row is of. */
function Rulings({ start, now, x }: { start: number; now: number; x: (at: number) => number }) {
    return (
        <>
            {years(start, now).map(({ at, label }) => (
                <g key={at}>
                    <line x1={x(at)} x2={x(at)} y1={8} y2={ROW.axis} stroke="var(--rule)" />
                    <text x={x(at) + 3} y={ROW.axis + 12} fill="var(--ink-soft)">
                        {label}
                    </text>
                </g>
            ))}
            {['on it', 'hours a week', 'action, relief', 'done, played'].map((name, index) => (
                <text
                    key={name}
                    x={0}
                    y={[ROW.sets + 16, ROW.hours + 26, ROW.heights + 26, ROW.done + 14][index]}
                    fill="var(--ink-soft)"
                >
                    {name}
                </text>
            ))}
        </>
    );
}

/** A set, as long as it was on. */
function PeriodBar({
    start,
    now,
    x,
    units,
    period,
    index,
}: {
    start: number;
    now: number;
    x: (at: number) => number;
    units: Units;
    period: Period;
    index: number;
}) {
    const from = Math.max(start, Date.parse(period.from));
    const to = period.to === null ? now : Date.parse(period.to);
    if (to < start) {
        return null;
    }
    const room = x(to) - x(from);
    const letters = Math.floor((room - 8) / LETTER_PX);
    return (
        <g>
            <title>
                {`${period.name}: ${dateWords(period.from)} to ${period.to === null ? 'now' : dateWords(period.to)}${period.hours === null ? '' : `, ${hoursWords(period.hours)}`}${period.pull_n === null ? '' : `, ${formatForce(period.pull_n, units)}`}`}
            </title>
            <rect
                x={x(from)}
                y={ROW.sets}
                width={Math.max(1, room - 1)}
                height={24}
                fill={period.to === null ? 'var(--accent)' : index % 2 === 0 ? 'var(--rule)' : 'var(--accent-wash)'}
            />
            {letters >= 3 && (
                <text x={x(from) + 4} y={ROW.sets + 16} fill={period.to === null ? 'var(--accent-ink)' : 'var(--ink)'}>
                    {period.name.length > letters ? `${period.name.slice(0, letters - 1)}…` : period.name}
                </text>
            )}
            {period.pull_n !== null && letters >= 6 && (
                <text x={x(from) + 4} y={ROW.sets + 37} fill="var(--ink-soft)">
                    {formatForce(period.pull_n, units)}
                </text>
            )}
            {period.broke.length > 0 && (
                <text x={x(to) - 4} y={ROW.sets - 4} textAnchor="middle" fill="var(--stop)" fontWeight="700">
                    ×
                </text>
            )}
        </g>
    );
}

/** Hours played, week by week. */
function HoursBars({
    line,
    within,
    x,
    mostHours,
}: {
    line: TimeLine;
    within: (at: number) => boolean;
    x: (at: number) => number;
    mostHours: number;
}) {
    return (
        <>
            {line.weeks
                .filter(({ week }) => within(Date.parse(week)))
                .map(({ week, hours }) => (
                    <rect
                        key={week}
                        x={x(Date.parse(week))}
                        y={ROW.hours + BAND * (1 - hours / mostHours)}
                        width={Math.max(1, x(Date.parse(week) + 7 * DAY_MS) - x(Date.parse(week)) - 1)}
                        height={(BAND * hours) / mostHours}
                        fill="var(--ink-soft)"
                    >
                        <title>{`Week of ${dateWords(week)}: ${hoursWords(hours)}`}</title>
                    </rect>
                ))}
            <text x={LEFT - 6} y={ROW.hours + 9} textAnchor="end" fill="var(--ink-soft)">
                {hoursWords(mostHours)}
            </text>
        </>
    );
}

/** Action and relief as they were measured. */
function Heights({
    curve,
    mostMm,
}: {
    curve: (of: (each: TimeLine['measured'][number]) => number | null) => string[];
    mostMm: number;
}) {
    return (
        <>
            <polyline points={curve(({ action_mm }) => action_mm).join(' ')} fill="none" stroke="var(--ink)" strokeWidth="1.5" />
            <polyline
                points={curve(({ relief_mm }) => relief_mm).join(' ')}
                fill="none"
                stroke="var(--accent)"
                strokeWidth="1.5"
                strokeDasharray="4 3"
            />
            {[...curve(({ action_mm }) => action_mm), ...curve(({ relief_mm }) => relief_mm)].map((point) => {
                const [cx, cy] = point.split(',');
                return <circle key={point} cx={cx} cy={cy} r="2.2" fill="var(--ink)" />;
            })}
            <text x={LEFT - 6} y={ROW.heights + 9} textAnchor="end" fill="var(--ink-soft)">
                {mostMm.toFixed(1)} mm
            </text>
        </>
    );
}

/** What happened otherwise. */
function Marks({ marks, x }: { marks: Happened[]; x: (at: number) => number }) {
    return (
        <>
            {marks.map(({ what, on, words }, index) => (
                <text
                    key={`${what} ${on} ${index}`}
                    x={x(Date.parse(on))}
                    y={ROW.done + (what === 'show' ? 22 : 8)}
                    textAnchor="middle"
                    fill={what === 'show' ? 'var(--accent)' : 'var(--ink-soft)'}
                >
                    <title>{`${dateWords(on)}: ${words}`}</title>
                    {SIGNS[what]}
                </text>
            ))}
        </>
    );
}
