import type { Evaluation } from '../../generated/formats';
import type { Axis } from '../../units/axis';

export type Zone = 'slack' | 'hard' | 'breaks';

/** What each zone is called where there is room, and in full. */
export const ZONES: Record<Zone, { word: string; short: string; words: string; colour: string }> = {
    slack: { word: 'flaps', short: 'flaps', words: 'flaps', colour: 'var(--rule-strong)' },
    hard: { word: 'hard on the hand', short: 'hard', words: 'hard on the hand', colour: 'var(--caution)' },
    breaks: { word: 'may break', short: 'breaks', words: 'the present gauge may break', colour: 'var(--stop)' },
};

/** The hatchings that lanes, rule and legend share: slack leans one way, hard the other, breaking crosses. */
export function ZoneHatchings() {
    return (
        <svg width={0} height={0} className="absolute" aria-hidden>
            <defs>
                <pattern id="zone-slack" width={7} height={7} patternUnits="userSpaceOnUse" patternTransform="rotate(45)">
                    <line y2={7} x1={1} x2={1} stroke={ZONES.slack.colour} strokeOpacity={0.5} />
                </pattern>
                <pattern id="zone-hard" width={7} height={7} patternUnits="userSpaceOnUse" patternTransform="rotate(-45)">
                    <line y2={7} x1={1} x2={1} stroke={ZONES.hard.colour} strokeOpacity={0.4} />
                </pattern>
                <pattern id="zone-breaks" width={6} height={6} patternUnits="userSpaceOnUse" patternTransform="rotate(45)">
                    <path d="M1 0 V6 M0 1 H6" stroke={ZONES.breaks.colour} strokeOpacity={0.45} />
                </pattern>
            </defs>
        </svg>
    );
}

/** From where to where a zone lies on the axis, in pixels; nothing where it is beyond the drawing. */
export function zoneSpan(axis: Axis, fromN: number, toN: number): { x: number; width: number } | null {
    const x = Math.min(axis.width, Math.max(0, axis.x(fromN)));
    const end = Math.min(axis.width, Math.max(0, axis.x(toN)));
    return end - x < 1 ? null : { x, width: end - x };
}

/** The zones that can be seen on the axis. */
export function shownZones({ zones, strings }: Evaluation, axis: Axis | null): Zone[] {
    if (axis === null) {
        return [];
    }
    const end = axis.newtonsAt(axis.width);
    const breaksN = Math.min(...strings.map(({ safe_n }) => safe_n?.high ?? Infinity));
    const spans: [Zone, number, number][] = [
        ['slack', 0, zones.slack_n],
        ['hard', zones.hard_n, end],
        ['breaks', breaksN, end],
    ];
    return spans.filter(([, from, to]) => from < to && zoneSpan(axis, from, to) !== null).map(([zone]) => zone);
}

/** Whether a line is seen from which a string may break, its core being as thick as usual, before it breaks whatever its core. */
export function showsMayBreak({ strings }: Evaluation, axis: Axis | null): boolean {
    return (
        axis !== null &&
        strings.some(
            ({ safe_n: safe }) => safe !== null && safe.low < safe.high && zoneSpan(axis, safe.estimate, safe.high) !== null,
        )
    );
}

interface Props {
    zone: Zone;
    axis: Axis;
    fromN: number;
    toN: number;
    y: number;
    height: number;
}

export function ZoneRect({ zone, axis, fromN, toN, y, height }: Props) {
    const span = zoneSpan(axis, fromN, toN);
    return span === null ? null : (
        <rect data-zone={zone} {...span} y={y} height={height} fill={`url(#zone-${zone})`}>
            <title>{ZONES[zone].words}</title>
        </rect>
    );
}
