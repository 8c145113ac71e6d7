import type { DrawnFit } from '../../generated/formats';
import type { SideOfString } from '../../generated/views';
import { useWidth } from '../../ui/useWidth';
import type { Hand } from './asked';
import { neckView } from './cents';

const HEIGHT = 150;
const TOP = 10;
const BOTTOM = 18;

interface Props {
    fit: DrawnFit;
    side: SideOfString;
    hand: Hand;
}

/** One string over its frets from the side, under the map of its neck: as it lies, and as low as it may for a hand. */
export function ActionDrawing(props: Props) {
    const [frame, width] = useWidth<HTMLDivElement>();
    return (
        <div ref={frame} className="min-h-36">
            {width > 0 && <Drawn {...props} width={width} />}
        </div>
    );
}

function Drawn({ fit, side, hand, width }: Props & { width: number }) {
    const view = neckView(fit, width);
    const begins = fit.strings[side.position - 1]?.start_mm[0] ?? 0;
    const x = (along: number) => view.x(begins + along - side.peg_mm);
    const needed = side.needed?.[hand] ?? null;
    const last = side.frets.at(-1)?.[0] ?? 1;
    const heightAt = (saddle: number, along: number) =>
        side.start[1] + ((saddle - side.start[1]) * (along - side.start[0])) / (side.saddle[0] - side.start[0]);
    const most = Math.max(heightAt(side.saddle[1], last), needed === null ? 0 : heightAt(needed, last), 0.5);
    const least = Math.min(-0.3, ...side.frets.map((fret) => fret[1]));
    const y = (height: number) => TOP + ((HEIGHT - TOP - BOTTOM) * (most - height)) / (most - least);
    const line = (saddle: number) => `M${x(side.start[0])} ${y(side.start[1])}L${x(last)} ${y(heightAt(saddle, last))}`;
    const tops = [[0, 0], ...side.frets].map(([along, top]) => `${x(along ?? 0).toFixed(1)} ${y(top ?? 0).toFixed(1)}`).join('L');
    return (
        <svg
            role="img"
            aria-label={`String ${side.position} from the side, heights many times as large as lengths: as it lies, and as low as it may`}
            width={width}
            height={HEIGHT}
            className="block text-xs"
        >
            <path d={`M${tops}L${x(last)} ${HEIGHT}L${x(0)} ${HEIGHT}Z`} fill="var(--sheet)" />
            {side.frets.map(([along, top], index) => (
                <line
                    key={index}
                    x1={x(along)}
                    x2={x(along)}
                    y1={y(top)}
                    y2={y(top) + 12}
                    stroke={index === 11 ? 'var(--ink-soft)' : 'var(--rule-strong)'}
                    strokeWidth={index === 11 ? 3 : 2}
                />
            ))}
            <path d={`M${tops}`} fill="none" stroke="var(--ink-faint)" />
            <line x1={x(0)} x2={x(0)} y1={y(side.start[1])} y2={y(0) + 12} stroke="var(--ink)" strokeWidth={4} />
            {needed !== null && <path d={line(needed)} stroke="var(--accent)" strokeWidth={2} strokeDasharray="6 4" />}
            <path d={line(side.saddle[1])} stroke="var(--ink)" strokeWidth={2} />
        </svg>
    );
}
