import type { DrawnFit, Point } from '../../generated/formats';
import { toneOf } from '../../units/strings';
import { FlagSign } from './FlagSign';
import { boxAround, flagsAt, flagsOf, path, viewOf, type View } from './geometry';

const WIDTH = 390;
/** So much of the speaking length is shown beside nut and saddle, millimetres. */
const SPEAKING = 34;

interface Props {
    fit: DrawnFit;
    position: number;
}

/** One string from the side at both ends: how steeply it leaves the nut and the saddle. */
export function SideDrawing({ fit, position }: Props) {
    const string = fit.strings[position - 1];
    if (string === undefined) {
        return null;
    }
    const flags = flagsOf(fit);
    const { side } = string;
    const nutFlag = flagsAt(flags, ['behind-nut'], position)[0];
    const saddleFlag = flagsAt(flags, ['behind-saddle', 'anchor'], position)[0];
    return (
        <div className="flex flex-wrap items-start gap-x-8 gap-y-4">
            <figure className="max-w-full">
                {side.post_mm !== null || side.tree_mm !== null ? (
                    <NutEnd string={string} flag={nutFlag} />
                ) : (
                    <p className="text-ink-soft">Measure post, hole, nut and distance to see the string behind the nut.</p>
                )}
                <figcaption className="text-sm text-ink-soft">
                    Behind the nut
                    {side.nut_angle_deg === null ? '' : `: string ${position} goes down by ${side.nut_angle_deg.toFixed(1)}°`}
                    {side.tree_mm !== null && ', held by its tree'}
                </figcaption>
            </figure>
            <figure className="max-w-full">
                {side.anchor_mm === null ? (
                    <p className="text-ink-soft">
                        Measure how far down and back the anchor is to see the string behind the saddle.
                    </p>
                ) : (
                    <SaddleEnd string={string} anchor={side.anchor_mm} flag={saddleFlag} />
                )}
                <figcaption className="text-sm text-ink-soft">
                    Behind the saddle
                    {side.saddle_angle_deg === null ? '' : `: by ${side.saddle_angle_deg.toFixed(1)}°`}
                </figcaption>
            </figure>
        </div>
    );
}

type Drawn = DrawnFit['strings'][number];
type MaybeFlag = ReturnType<typeof flagsAt>[number] | undefined;

/** Heights go up on the instrument and down on the screen. */
const flip = (point: Point | null): Point[] => (point === null ? [] : [[point[0] ?? 0, -(point[1] ?? 0)]]);

function Line({ points, string, view }: { points: Point[]; string: Drawn; view: View }) {
    return (
        <path
            d={path(points, view)}
            fill="none"
            stroke={`var(--${toneOf(string.material)}-dark)`}
            strokeWidth={Math.max(1.4, string.diameter_mm * view.scale)}
            strokeLinejoin="round"
        />
    );
}

function NutEnd({ string, flag }: { string: Drawn; flag: MaybeFlag }) {
    const { side } = string;
    const speaking: Point = [SPEAKING, 0];
    const line = [...flip(side.post_mm), ...flip(side.tree_mm), [0, 0], speaking];
    const face = [...flip(side.face_far_mm), ...flip(side.face_near_mm)];
    const view = viewOf(boxAround([...line, ...face, [0, 5]]), WIDTH, { x: 16, y: 18 }, 3.4);
    const post = flip(side.post_mm)[0];
    const near = flip(side.face_near_mm)[0];
    const far = flip(side.face_far_mm)[0];
    return (
        <svg
            viewBox={`0 0 ${WIDTH} ${view.height}`}
            className="block w-[390px] max-w-full"
            role="img"
            aria-label={`String ${string.position} from post to nut, from the side`}
        >
            {near !== undefined && far !== undefined && (
                <path
                    d={`${path([far, near], view)} l0 8 L${view.x(far[0] ?? 0)} ${view.y(far[1] ?? 0) + 8} Z`}
                    fill="var(--rule)"
                    stroke="var(--rule-strong)"
                />
            )}
            <path
                d={`M${view.x(0)} ${view.y(0)} h10 V${view.y(near?.[1] ?? 6)} h-10 Z`}
                fill="var(--paper)"
                stroke="var(--ink)"
            />
            {post !== undefined && near !== undefined && far !== undefined && (
                <Post post={post} near={near} far={far} string={string} view={view} />
            )}
            <Line points={line} string={string} view={view} />
            {flip(side.tree_mm).map((tree) => (
                <circle key="tree" cx={view.x(tree[0] ?? 0)} cy={view.y(tree[1] ?? 0) - 4} r={4} fill="var(--ink)" />
            ))}
            {side.nut_angle_deg !== null && (
                <text x={view.x(0) + 16} y={view.y(0) - 8} fontSize="0.929rem" fontWeight={700} fill="var(--ink)">
                    {side.nut_angle_deg.toFixed(1)}°
                </text>
            )}
            {flag !== undefined && (
                <FlagSign x={view.x(0) - 24} y={view.y(0) - 2} number={flag.number} severity={flag.finding.severity} />
            )}
        </svg>
    );
}

/** The post stands square on the headstock's face. */
function Post({ post, near, far, string, view }: { post: Point; near: Point; far: Point; string: Drawn; view: View }) {
    const angle = (Math.atan2((near[1] ?? 0) - (far[1] ?? 0), (near[0] ?? 0) - (far[0] ?? 0)) * 180) / Math.PI;
    const half = string.post.radius_mm * view.scale;
    const exit = (string.winds?.exit_mm ?? 6) * view.scale;
    const height = (string.winds?.height_mm ?? 9) * view.scale;
    return (
        <g transform={`translate(${view.x(post[0] ?? 0)} ${view.y(post[1] ?? 0)}) rotate(${angle})`}>
            <rect
                x={-half}
                y={exit - height}
                width={2 * half}
                height={height}
                fill="var(--paper)"
                stroke="var(--ink)"
                strokeWidth={1.3}
            />
        </g>
    );
}

function SaddleEnd({ string, anchor, flag }: { string: Drawn; anchor: Point; flag: MaybeFlag }) {
    const saddle = flip(string.side.saddle_mm)[0] ?? [0, 0];
    const end = flip(anchor)[0] ?? [0, 0];
    const from: Point = [(saddle[0] ?? 0) - SPEAKING, 0];
    const view = viewOf(boxAround([from, saddle, end, [saddle[0] ?? 0, 9]]), WIDTH, { x: 16, y: 18 }, 3.4);
    const [x, y] = [view.x(saddle[0] ?? 0), view.y(saddle[1] ?? 0)];
    return (
        <svg
            viewBox={`0 0 ${WIDTH} ${view.height}`}
            className="block w-[390px] max-w-full"
            role="img"
            aria-label={`String ${string.position} over its saddle, from the side`}
        >
            <path d={`M${x - 5} ${y} h10 l4 ${view.y(9) - view.y(0)} h-18 Z`} fill="var(--rule)" stroke="var(--ink)" />
            <Line points={[from, saddle, end]} string={string} view={view} />
            <circle cx={view.x(end[0] ?? 0)} cy={view.y(end[1] ?? 0)} r={4.5} fill="var(--ink-soft)" />
            {string.side.saddle_angle_deg !== null && (
                <text x={x - 16} y={y - 8} textAnchor="end" fontSize="0.929rem" fontWeight={700} fill="var(--ink)">
                    {string.side.saddle_angle_deg.toFixed(1)}°
                </text>
            )}
            {flag !== undefined && <FlagSign x={x + 26} y={y - 4} number={flag.number} severity={flag.finding.severity} />}
        </svg>
    );
}
