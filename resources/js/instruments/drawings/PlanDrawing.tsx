import type { DrawnFit } from '../../generated/formats';
import { toneOf } from '../../units/strings';
import { useWidth } from '../../ui/useWidth';
import { withRoom } from '../room';
import { FlagSign } from './FlagSign';
import { flagsOf, path, placedFlags, planBox, viewOf, type Flag, type View } from './geometry';

interface Props {
    fit: DrawnFit;
    position: number;
    onPosition: (position: number) => void;
}

const FLAG_GAP = 18;

/** The whole instrument from the front, to scale: posts, trees, nut, frets, strings and saddles, with what was found where. */
export function PlanDrawing({ fit, position, onPosition }: Props) {
    const [frame, width] = useWidth<HTMLDivElement>();
    return (
        <div ref={frame} className="min-h-24 overflow-hidden">
            {width > 0 && <Plan fit={fit} position={position} onPosition={onPosition} width={width} />}
        </div>
    );
}

function Plan({ fit, position, onPosition, width }: Props & { width: number }) {
    const view = viewOf(planBox(fit), width, { x: 14, y: 30 });
    // Numbers that would stand on each other are left out, but for the chosen one's.
    const numbered = withRoom(
        fit.strings.map(({ saddle_mm: saddle }) => -view.y(saddle[1] ?? 0)),
        10,
        Infinity,
    );
    return (
        <svg
            role="img"
            aria-label={`${fit.name}: headstock, neck and bridge to scale, string 1 at the bottom`}
            width={width}
            height={view.height}
            className="block"
        >
            <path
                d={path(fit.headstock.outline_mm, view, true)}
                fill="var(--sheet)"
                stroke="var(--rule-strong)"
                strokeLinejoin="round"
            />
            <path d={path(fit.neck.board_mm, view, true)} fill="var(--sheet)" stroke="var(--rule-strong)" />
            {fit.neck.frets_mm.map((fret, index) => (
                <path
                    key={index}
                    d={path(fret, view)}
                    fill="none"
                    stroke={index === 11 ? 'var(--ink-soft)' : 'var(--rule-strong)'}
                    strokeWidth={index === 11 ? 2 : 1.2}
                />
            ))}
            <path d={path(fit.neck.nut_mm, view)} fill="none" stroke="var(--ink)" strokeWidth={Math.max(2.5, 4 * view.scale)} />
            {fit.strings.map((string) => (
                <g key={string.position} onClick={() => onPosition(string.position)} className="cursor-pointer">
                    <circle
                        cx={view.x(string.post.centre_mm[0] ?? 0)}
                        cy={view.y(string.post.centre_mm[1] ?? 0)}
                        r={string.post.radius_mm * view.scale}
                        fill="var(--paper)"
                        stroke="var(--ink)"
                        strokeWidth={1.4}
                    />
                    <StringPath string={string} view={view} chosen={string.position === position} />
                    {string.post.tree_mm !== null && (
                        <circle
                            cx={view.x(string.post.tree_mm[0] ?? 0)}
                            cy={view.y(string.post.tree_mm[1] ?? 0)}
                            r={Math.max(2.4, 2.5 * view.scale)}
                            fill="var(--ink)"
                        />
                    )}
                    <Saddle string={string} view={view} />
                    {(numbered.has(string.position - 1) || string.position === position) && (
                        <text
                            x={view.x((string.saddle_mm[0] ?? 0) + 22) + 4}
                            y={view.y(string.saddle_mm[1] ?? 0) + 4}
                            fontSize="0.857rem"
                            fontWeight={string.position === position ? 700 : 400}
                            fill={string.position === position ? 'var(--ink)' : 'var(--ink-faint)'}
                        >
                            {string.position}
                        </text>
                    )}
                </g>
            ))}
            <TwelfthFret fit={fit} view={view} />
            <PlanFlags flags={flagsOf(fit)} view={view} />
        </svg>
    );
}

/** The fret by which everybody finds the way. */
function TwelfthFret({ fit, view }: { fit: DrawnFit; view: View }) {
    const end = fit.neck.frets_mm[11]?.[0];
    return end === undefined ? null : (
        <text
            x={view.x(end[0] ?? 0)}
            y={view.y(end[1] ?? 0) + 14}
            textAnchor="middle"
            fontSize="0.857rem"
            fill="var(--ink-faint)"
        >
            12
        </text>
    );
}

type Drawn = DrawnFit['strings'][number];

function StringPath({ string, view, chosen }: { string: Drawn; view: View; chosen: boolean }) {
    const tone = toneOf(string.material);
    const beyond = [(string.saddle_mm[0] ?? 0) + 22, string.saddle_mm[1] ?? 0];
    const line = path([string.post.tangent_mm, string.start_mm, string.saddle_mm, beyond], view);
    const [cx, cy] = [view.x(string.post.centre_mm[0] ?? 0), view.y(string.post.centre_mm[1] ?? 0)];
    return (
        <>
            {chosen && <path d={line} stroke="var(--accent)" strokeOpacity={0.35} strokeWidth={7} fill="none" />}
            {/* So that a finger or a pointer finds it. */}
            <path d={line} stroke="transparent" strokeWidth={Math.max(6, 5 * view.scale)} fill="none" />
            <circle
                cx={cx}
                cy={cy}
                r={(string.post.radius_mm + string.diameter_mm / 2) * view.scale}
                fill="none"
                stroke={`var(--${tone}-dark)`}
                strokeWidth={Math.max(0.7, string.diameter_mm * view.scale)}
            />
            <path
                d={line}
                stroke={`var(--${tone}-dark)`}
                strokeWidth={Math.max(0.7, string.diameter_mm * view.scale)}
                fill="none"
                strokeLinejoin="round"
            />
        </>
    );
}

/** The saddle where it will have to stand, and the scale length it stands behind. */
function Saddle({ string, view }: { string: Drawn; view: View }) {
    const half = Math.max(3, 3.2 * view.scale);
    const [x, y] = [view.x(string.saddle_mm[0] ?? 0), view.y(string.saddle_mm[1] ?? 0)];
    const end = view.x(string.scale_end_mm[0] ?? 0);
    return (
        <>
            <line x1={end} x2={end} y1={y - half} y2={y + half} stroke="var(--rule-strong)" strokeDasharray="2 2" />
            <line x1={x} x2={x} y1={y - half} y2={y + half} stroke="var(--ink)" strokeWidth={2.5} />
        </>
    );
}

/** Marks stand above or below the instrument, whichever is nearer, and point to their place; those that meet step aside. */
function PlanFlags({ flags, view }: { flags: Flag[]; view: View }) {
    return placedFlags(flags, view, FLAG_GAP).map(({ flag: { finding, number }, at, place }) => (
        <g key={number}>
            <path d={`M${at.x} ${at.y} L${place.x} ${place.y}`} stroke="var(--ink-soft)" strokeWidth={0.9} />
            <circle cx={place.x} cy={place.y} r={2} fill="var(--ink)" />
            <FlagSign x={at.x} y={at.y} number={number} severity={finding.severity} />
        </g>
    ));
}
