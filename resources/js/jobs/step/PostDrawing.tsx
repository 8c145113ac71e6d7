import type { DrawnFit, Point, StringDrawn, StringPlanned } from '../../generated/formats';
import { pitchLabel } from '../../units/pitch';
import { toneOf } from '../../units/strings';
import { fineLength, type Units } from '../../units/units';
import { useUnits } from '../../units/useUnits';
import { boxAround } from '../../instruments/drawings/geometry';

const WIDTH = 320;
const HEIGHT = 400;
const EDGE = 24;
/** Round the post of a string that begins along the neck, millimetres. */
const AROUND = 55;
/** So much of the head is seen beside a post, millimetres. */
const BESIDE = 22;

/** What is done at the post now: its end let back and wound on, cut first, or pulled snug; tuned; or taken off. */
export type AtPost = 'let-back' | 'cut-first' | 'snug' | 'tuning' | 'off';

interface Props {
    fit: DrawnFit;
    planned: StringPlanned;
    shows: AtPost;
    leftHanded: boolean;
}

type Place = { x: number; y: number };

const OTHER_WAY = { clockwise: 'anticlockwise', anticlockwise: 'clockwise', outwards: 'outwards', inwards: 'inwards' } as const;

/**
 * This string's post among the others, to scale: from which side, which way round now, how much is let back between nut and post, where
 * it is cut.
 */
export function PostDrawing({ fit, planned, shows, leftHanded }: Props) {
    const units = useUnits();
    const string = fit.strings.find(({ position }) => position === planned.position);
    if (string === undefined) {
        return null;
    }
    // The instrument stands upright before the eye: its head above, its treble side right, or left where it is left-handed.
    const upright = (point: Point): Place => ({ x: (leftHanded ? -1 : 1) * (point[1] ?? 0), y: point[0] ?? 0 });
    const start = upright(string.start_mm);
    const onHead = (string.post.centre_mm[0] ?? 0) <= Math.max(...fit.neck.nut_mm.map((point) => point[0] ?? 0));
    const others = fit.strings.filter(({ post }) => onHead === (post.centre_mm[0] ?? 0) <= 0);
    const own = upright(string.post.centre_mm);
    const tangent = upright(string.post.tangent_mm);
    const cut =
        shows === 'cut-first' && planned.cut_past_post_mm !== null
            ? planned.cut_past_post_mm
            : shows === 'tuning' && planned.tail.step.startsWith('tune-')
              ? planned.tail.mm
              : null;
    const tail = tailOf(fit, planned, cut ?? 0, own, start, upright);
    const seen = onHead
        ? [
              ...fit.neck.nut_mm.map(upright),
              { x: own.x - BESIDE, y: own.y - BESIDE },
              { x: own.x + BESIDE, y: own.y },
              // A head with two rows is shown with both.
              ...(fit.headstock.layout === 'both-sides' ? [{ x: BESIDE * Math.sign(-own.x) - own.x, y: own.y }] : []),
              tail.end,
          ]
        : [{ x: own.x - AROUND, y: own.y - AROUND }, { x: own.x + AROUND, y: own.y + AROUND }, start];
    const { at, scale } = toScale(seen);
    const [nutA, nutB] = [fit.neck.nut_mm[0], fit.neck.nut_mm.at(-1)].map((point) => at(upright(point ?? [0, 0])));
    const tone = toneOf(string.material);
    const thick = Math.max(2, string.diameter_mm * scale);
    const post = at(own);
    const radius = Math.max(9, string.post.radius_mm * scale);
    const end = at(tail.end);
    const radiusOf = (each: StringDrawn, mine: boolean) => (mine ? radius : Math.max(8, each.post.radius_mm * scale));
    const winds = planned.winds === null ? null : shows === 'off' ? OTHER_WAY[planned.winds] : planned.winds;
    const slack = shows === 'let-back' ? planned.slack_mm : null;
    const words = wordsOf(planned, winds, { slack, cut }, units);
    return (
        <figure className="mx-auto w-full max-w-80 self-start max-md:hidden">
            <svg viewBox={`0 0 ${WIDTH} ${HEIGHT}`} className="block w-full" role="img" aria-label={words}>
                <Head onHead={onHead} fit={fit} at={at} upright={upright} nutA={nutA} nutB={nutB} />
                <OtherStrings others={others} at={at} upright={upright} planned={planned} />
                <OwnString
                    slack={slack}
                    at={at}
                    start={start}
                    tangent={tangent}
                    thick={thick}
                    scale={scale}
                    units={units}
                    cut={cut}
                    post={post}
                    end={end}
                    tone={tone}
                />
                {others.map((each) => (
                    <PostOf key={each.position} at={at} upright={upright} planned={planned} radiusOf={radiusOf} each={each} />
                ))}
                <WayOfTurns winds={winds} post={post} radius={radius} at={at} own={own} thick={thick} />
            </svg>
            <figcaption className="text-center text-lg text-ink-soft">
                {winds === null || (alongRoller(winds) && shows === 'off')
                    ? pitchLabel(`${planned.post === 'roller' ? 'Roller' : 'Post'} ${planned.position}`)
                    : alongRoller(winds)
                      ? `turns go ${winds}`
                      : shows === 'off'
                        ? `comes off ${winds}`
                        : `winds ${winds}`}
                {slack !== null && <span className="block text-base">dashed: pulled straight; black: let back</span>}
            </figcaption>
        </figure>
    );
}

/** The drawing in words. */
function wordsOf(
    planned: StringPlanned,
    winds: StringPlanned['winds'],
    { slack, cut }: { slack: number | null; cut: number | null },
    units: Units,
) {
    return [
        `Post ${planned.position}`,
        winds === null ? null : alongRoller(winds) ? `turns lie ${winds} of its hole` : `turns ${winds}`,
        slack === null ? null : `${fineLength(slack, units, 0)} let back before it`,
        cut === null ? null : `cut ${fineLength(cut, units, 0)} past it`,
    ]
        .filter((part) => part !== null)
        .join(', ');
}

/** The tail is pulled towards the next post of its row, where it is counted in posts; folded back from the last; else straight on. */
function tailOf(
    fit: DrawnFit,
    planned: StringPlanned,
    mm: number,
    own: Place,
    start: Place,
    upright: (point: Point) => Place,
): { end: Place } {
    const along = unit(start, own);
    const beyond = fit.strings
        .map(({ post }) => upright(post.centre_mm))
        .filter((centre) => centre.y < own.y - 1)
        .sort((a, b) => distance(a, own) - distance(b, own))[0];
    const way =
        planned.fold_back_mm !== null
            ? { x: -along.x * 0.9 + 0.35, y: -along.y * 0.9 }
            : planned.posts_past !== null && beyond !== undefined
              ? unit(own, beyond)
              : along;
    const length = Math.hypot(way.x, way.y) || 1;
    return { end: { x: own.x + (way.x / length) * mm, y: own.y + (way.y / length) * mm } };
}

const distance = (a: Place, b: Place) => Math.hypot(a.x - b.x, a.y - b.y);

function unit(from: Place, to: Place): Place {
    const length = distance(from, to) || 1;
    return { x: (to.x - from.x) / length, y: (to.y - from.y) / length };
}

/** Pulled straight, marked at the post, and so much let back that it bows by that length. Lengths in pixels. */
function LetBack({ from, to, slack, thick, label }: { from: Place; to: Place; slack: number; thick: number; label: string }) {
    const way = unit(from, to);
    const middle = { x: (from.x + to.x) / 2, y: (from.y + to.y) / 2 };
    const side = middle.x < WIDTH / 2 ? 1 : -1;
    // Towards where there is room.
    const aside =
        way.y > 0
            ? { x: -way.y * side, y: way.x * side }
            : { x: Math.abs(way.y) * side, y: -way.x * side * Math.sign(way.y || 1) };
    // A shallow bow of the length L is longer than its chord by 8 h² / (3 L).
    const height = Math.min(0.9 * distance(from, to), Math.sqrt((3 * distance(from, to) * slack) / 8));
    const apex = { x: middle.x + aside.x * height, y: middle.y + aside.y * height };
    const pull = { x: middle.x + 2 * aside.x * height, y: middle.y + 2 * aside.y * height };
    const across = { x: -way.y * 13, y: way.x * 13 };
    // Beyond the bow where there is room for its words, else within it.
    const room = 12 + 13 * label.length;
    const fits = side > 0 ? apex.x + room < WIDTH : apex.x - room > 0;
    return (
        <>
            <line x1={from.x} y1={from.y} x2={to.x} y2={to.y} stroke="var(--ink-faint)" strokeWidth={1.5} strokeDasharray="6 5" />
            <path
                d={`M${from.x} ${from.y} Q${pull.x} ${pull.y} ${to.x} ${to.y}`}
                fill="none"
                stroke="var(--ink)"
                strokeWidth={thick + 1}
            />
            <line
                x1={to.x - across.x}
                y1={to.y - across.y}
                x2={to.x + across.x}
                y2={to.y + across.y}
                stroke="var(--accent)"
                strokeWidth={3}
            />
            <Mark
                {...(fits ? { x: apex.x + side * 12, right: side > 0 } : { x: apex.x - side * 14, right: side < 0 })}
                y={apex.y + 7}
                size={22}
            >
                {label}
            </Mark>
        </>
    );
}

function Tail({ from, to, thick, label, colour }: { from: Place; to: Place; thick: number; label: string; colour: string }) {
    const way = unit(from, to);
    const across = { x: -way.y * 14, y: way.x * 14 };
    const right = to.x < WIDTH * 0.62;
    return (
        <>
            <line x1={from.x} y1={from.y} x2={to.x} y2={to.y} stroke={colour} strokeWidth={thick} />
            <line
                x1={to.x - across.x}
                y1={to.y - across.y}
                x2={to.x + across.x}
                y2={to.y + across.y}
                stroke="var(--accent)"
                strokeWidth={3}
            />
            <Mark x={to.x + (right ? 20 : -20)} y={to.y + 5} right={right} size={15}>
                {label}
            </Mark>
        </>
    );
}

/** What is measured, beside where it is measured; readable over whatever is drawn beneath. */
function Mark({ x, y, right, size, children }: { x: number; y: number; right: boolean; size: number; children: string }) {
    return (
        <text
            x={x}
            y={y}
            textAnchor={right ? 'start' : 'end'}
            fontSize={size}
            fontWeight={800}
            fill="var(--accent)"
            stroke="var(--paper)"
            strokeWidth={5}
            paintOrder="stroke"
        >
            {children}
        </text>
    );
}

/** Whether turns lie beside each other along a roller, instead of going round a post one way or the other. */
const alongRoller = (winds: NonNullable<StringPlanned['winds']>): winds is 'outwards' | 'inwards' =>
    winds === 'outwards' || winds === 'inwards';

/** Turns beside each other on a roller, to one side of its hole. */
function TurnsBeside({ x, y, radius, side, thick }: { x: number; y: number; radius: number; side: 1 | -1; thick: number }) {
    return Array.from({ length: 3 }, (_, index) => {
        const along = x + side * (0.9 * radius + index * (thick + 3));
        return (
            <line
                key={index}
                x1={along}
                x2={along + side * 2}
                y1={y - 0.8 * radius}
                y2={y + 0.8 * radius}
                stroke="var(--accent)"
                strokeWidth={thick}
            />
        );
    });
}

const FROM_DEG = -200;
const TO_DEG = 60;

/** An arrow round a post, three quarters of a turn. */
function Turning({ x, y, radius, clockwise }: { x: number; y: number; radius: number; clockwise: boolean }) {
    // Drawn clockwise; the other way is its mirror.
    const side = clockwise ? 1 : -1;
    const radians = (degrees: number) => (degrees * Math.PI) / 180;
    const point = (degrees: number) => ({
        x: x + side * radius * Math.cos(radians(degrees)),
        y: y + radius * Math.sin(radians(degrees)),
    });
    const [from, to] = [point(FROM_DEG), point(TO_DEG)];
    const tangent = { x: -side * Math.sin(radians(TO_DEG)), y: Math.cos(radians(TO_DEG)) };
    const normal = { x: -tangent.y, y: tangent.x };
    const head = (along: number, aside: number) =>
        `${to.x + tangent.x * along + normal.x * aside} ${to.y + tangent.y * along + normal.y * aside}`;
    return (
        <>
            <path
                d={`M${from.x} ${from.y} A${radius} ${radius} 0 1 ${clockwise ? 1 : 0} ${to.x} ${to.y}`}
                fill="none"
                stroke="var(--accent)"
                strokeWidth={3}
            />
            <path d={`M${head(12, 0)} L${head(-2, 7)} L${head(-2, -7)} Z`} fill="var(--accent)" />
        </>
    );
}

/** How millimetres come onto the drawing, so that all that is to be seen has room. */
function toScale(seen: Place[]) {
    const box = boxAround(seen.map(({ x, y }): Point => [x, y]));
    const scale = Math.min(
        (WIDTH - 2 * EDGE) / Math.max(1, box.right - box.left),
        (HEIGHT - 2 * EDGE) / Math.max(1, box.bottom - box.top),
    );
    const left = (WIDTH - (box.right - box.left) * scale) / 2;
    const top = (HEIGHT - (box.bottom - box.top) * scale) / 2;
    const at = ({ x, y }: Place): Place => ({ x: left + (x - box.left) * scale, y: top + (y - box.top) * scale });
    return { at, scale };
}

/** The head and its nut. */
function Head({
    onHead,
    fit,
    at,
    upright,
    nutA,
    nutB,
}: {
    onHead: boolean;
    fit: Props['fit'];
    at: ({ x, y }: Place) => Place;
    upright: (point: Point) => Place;
    nutA: Place | undefined;
    nutB: Place | undefined;
}) {
    return (
        <>
            {onHead && (
                <path
                    d={`${fit.headstock.outline_mm.map((point, index) => `${index === 0 ? 'M' : 'L'}${at(upright(point)).x} ${at(upright(point)).y}`).join(' ')} Z`}
                    fill="var(--sheet)"
                    stroke="var(--rule-strong)"
                />
            )}
            {onHead && nutA !== undefined && nutB !== undefined && (
                <>
                    <line x1={nutA.x} y1={nutA.y} x2={nutB.x} y2={nutB.y} stroke="var(--ink)" strokeWidth={6} />
                    <text
                        x={Math.min(WIDTH - 4, Math.max(nutA.x, nutB.x))}
                        y={Math.max(nutA.y, nutB.y) + 17}
                        textAnchor="end"
                        fontSize="0.929rem"
                        fill="var(--ink-soft)"
                    >
                        nut
                    </text>
                </>
            )}
        </>
    );
}

/** Where the others run. */
function OtherStrings({
    others,
    at,
    upright,
    planned,
}: {
    others: StringDrawn[];
    at: ({ x, y }: Place) => Place;
    upright: (point: Point) => Place;
    planned: Props['planned'];
}) {
    return (
        <>
            {others.map((each) => {
                const [from, to] = [at(upright(each.start_mm)), at(upright(each.post.tangent_mm))];
                const mine = each.position === planned.position;
                return (
                    !mine && (
                        <line
                            key={each.position}
                            x1={from.x}
                            y1={from.y}
                            x2={to.x}
                            y2={to.y}
                            stroke="var(--rule-strong)"
                            strokeWidth={1}
                            strokeDasharray="3 4"
                        />
                    )
                );
            })}
        </>
    );
}

/** This string up to its post, and what is cut off past it. */
function OwnString({
    slack,
    at,
    start,
    tangent,
    thick,
    scale,
    units,
    cut,
    post,
    end,
    tone,
}: {
    slack: number | null;
    at: ({ x, y }: Place) => Place;
    start: Place;
    tangent: Place;
    thick: number;
    scale: number;
    units: Units;
    cut: number | null;
    post: Place;
    end: Place;
    tone: ReturnType<typeof toneOf>;
}) {
    return (
        <>
            {slack === null ? (
                <line
                    x1={at(start).x}
                    y1={at(start).y}
                    x2={at(tangent).x}
                    y2={at(tangent).y}
                    stroke="var(--ink)"
                    strokeWidth={thick + 1}
                />
            ) : (
                <LetBack
                    from={at(start)}
                    to={at(tangent)}
                    slack={slack * scale}
                    thick={thick}
                    label={fineLength(slack, units, 0)}
                />
            )}
            {cut !== null && (
                <Tail
                    from={post}
                    to={end}
                    thick={thick}
                    label={`cut, ${fineLength(cut, units, 0)}`}
                    colour={`var(--${tone}-dark)`}
                />
            )}
        </>
    );
}

/** A post with its number. */
function PostOf({
    at,
    upright,
    planned,
    radiusOf,
    each,
}: {
    at: ({ x, y }: Place) => Place;
    upright: (point: Point) => Place;
    planned: Props['planned'];
    radiusOf: (each: StringDrawn, mine: boolean) => number;
    each: StringDrawn;
}) {
    const centre = at(upright(each.post.centre_mm));
    const mine = each.position === planned.position;
    return (
        <g>
            {planned.post === 'roller' ? (
                <rect
                    x={centre.x - 2.4 * radiusOf(each, mine)}
                    y={centre.y - 0.8 * radiusOf(each, mine)}
                    width={4.8 * radiusOf(each, mine)}
                    height={1.6 * radiusOf(each, mine)}
                    rx={3}
                    fill="var(--paper)"
                    stroke="var(--ink)"
                    strokeWidth={mine ? 2.5 : 1.2}
                />
            ) : (
                <circle
                    cx={centre.x}
                    cy={centre.y}
                    r={radiusOf(each, mine)}
                    fill="var(--paper)"
                    stroke="var(--ink)"
                    strokeWidth={mine ? 2.5 : 1.2}
                />
            )}
            <text
                x={centre.x}
                y={centre.y + 4.5}
                textAnchor="middle"
                fontSize="0.929rem"
                fontWeight={mine ? 800 : 500}
                fill="var(--ink)"
            >
                {each.position}
            </text>
        </g>
    );
}

/** Which way its turns lie. */
function WayOfTurns({
    winds,
    post,
    radius,
    at,
    own,
    thick,
}: {
    winds: 'clockwise' | 'anticlockwise' | 'outwards' | 'inwards' | null;
    post: Place;
    radius: number;
    at: ({ x, y }: Place) => Place;
    own: Place;
    thick: number;
}) {
    return (
        <>
            {winds !== null && !alongRoller(winds) && (
                <Turning x={post.x} y={post.y} radius={radius + 8} clockwise={winds === 'clockwise'} />
            )}
            {winds !== null && alongRoller(winds) && (
                <TurnsBeside
                    x={post.x}
                    y={post.y}
                    radius={radius}
                    side={(winds === 'outwards') === post.x > at({ x: 0, y: own.y }).x ? 1 : -1}
                    thick={thick}
                />
            )}
        </>
    );
}
