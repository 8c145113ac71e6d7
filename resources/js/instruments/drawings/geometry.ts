import type { Finding, DrawnFit, Mark, Point } from '../../generated/formats';

/** From millimetres on the instrument to pixels on the screen, alike in both directions. */
export interface View {
    /** Pixels per millimetre. */
    scale: number;
    width: number;
    height: number;
    x: (mm: number) => number;
    y: (mm: number) => number;
}

export interface Box {
    left: number;
    right: number;
    top: number;
    bottom: number;
}

const x = (point: Point) => point[0] ?? 0;
const y = (point: Point) => point[1] ?? 0;

/** The smallest box around points, millimetres. */
export function boxAround(points: Point[]): Box {
    return {
        left: Math.min(...points.map(x)),
        right: Math.max(...points.map(x)),
        top: Math.min(...points.map(y)),
        bottom: Math.max(...points.map(y)),
    };
}

/** A view of a box in so many pixels, with some left free on every side. */
export function viewOf(box: Box, width: number, margin: { x: number; y: number }, most = Infinity): View {
    const scale = Math.min(most, Math.max(0.01, (width - 2 * margin.x) / Math.max(1e-6, box.right - box.left)));
    return {
        scale,
        width,
        height: (box.bottom - box.top) * scale + 2 * margin.y,
        x: (mm) => margin.x + (mm - box.left) * scale,
        y: (mm) => margin.y + (mm - box.top) * scale,
    };
}

/** A line through points, as SVG paths say it. */
export function path(points: Point[], view: View, closed = false): string {
    const [first, ...rest] = points.map((point) => `${view.x(x(point)).toFixed(2)} ${view.y(y(point)).toFixed(2)}`);
    return first === undefined ? '' : `M${first}${rest.map((point) => ` L${point}`).join('')}${closed ? ' Z' : ''}`;
}

/** Everything of the plan that has to be in sight. */
export function planBox(fit: DrawnFit): Box {
    const ends = fit.strings.map(({ saddle_mm: saddle }) => [x(saddle) + 26, y(saddle)]);
    return boxAround([
        ...fit.headstock.outline_mm,
        ...fit.neck.board_mm,
        ...ends,
        ...fit.strings.map((string) => string.post.centre_mm),
    ]);
}

export interface Flag {
    mark: Mark;
    finding: Finding;
    /** As the list of findings counts, from 1. */
    number: number;
}

/** What is marked on a drawing, with what was found there. */
export function flagsOf(fit: DrawnFit): Flag[] {
    return fit.marks.flatMap((mark) => {
        const finding = fit.findings[mark.finding];
        return finding === undefined ? [] : [{ mark, finding, number: mark.finding + 1 }];
    });
}

/** The flags at one place of one string. */
export function flagsAt(flags: Flag[], place: Mark['place'][], position: number): Flag[] {
    return flags.filter(({ mark }) => place.includes(mark.place) && (mark.position === position || mark.position === null));
}

interface PlacedFlag {
    flag: Flag;
    /** Where the number stands, and the place it points to; pixels. */
    at: { x: number; y: number };
    place: { x: number; y: number };
}

/** Numbers stand above or below a drawing, whichever is nearer to their place, and never closer together than the gap. */
export function placedFlags(flags: Flag[], view: View, gap: number): PlacedFlag[] {
    const edge = 11;
    const placed: PlacedFlag[] = [];
    for (const flag of flags) {
        const place = { x: view.x(x(flag.mark.at_mm)), y: view.y(y(flag.mark.at_mm)) };
        const row = place.y < view.height / 2 ? edge : view.height - edge;
        const free = (at: number) => placed.every((other) => other.at.y !== row || Math.abs(other.at.x - at) >= gap);
        const start = Math.min(Math.max(place.x, edge), view.width - edge);
        // Step aside to the nearer free place, left or right.
        const steps = Array.from({ length: flags.length + 1 }, (_, step) => [start + step * gap, start - step * gap]).flat();
        const at = steps.find((each) => each >= edge && each <= view.width - edge && free(each)) ?? start;
        placed.push({ flag, at: { x: at, y: row }, place });
    }
    return placed;
}
