import { memo, type ReactNode } from 'react';
import { ZONES, type Zone } from './zones';
import { Explained } from '../../ui/Explained';

interface Props {
    baseline: boolean;
    target: boolean;
    tunings: number;
    /** The zones that the axis shows. */
    zones: Zone[];
    /** Whether it shows from where a string may break if its core is as usual. */
    mayBreak: boolean;
}

/** What the marks on the lanes say, in one line under them. */
export const Legend = memo(function Legend({ baseline, target, tunings, zones, mayBreak }: Props) {
    return (
        <p className="flex flex-wrap gap-x-4 px-3 pt-1.5 text-xs text-ink-faint [&_button]:min-h-target [&_button]:min-w-target">
            <Entry drawing={<circle cx={9} cy={7} r={5} fill="var(--accent)" />}>drag it, or arrow keys</Entry>
            <Entry drawing={<rect x={1} y={4} width={16} height={6} rx={3} fill="var(--accent)" fillOpacity={0.35} />}>
                lies there 95 times in 100
            </Entry>
            {baseline && (
                <Entry
                    drawing={
                        <>
                            <rect x={1} width={16} height={14} fill="var(--accent-wash)" />
                            <path d="M9 9 l-4 -6 h8 z" fill="var(--paper)" stroke="var(--ink)" strokeWidth={1.2} />
                        </>
                    }
                >
                    <Explained word="band">used to, and feels the same</Explained>
                </Entry>
            )}
            {target && (
                <Entry
                    drawing={<path d="M5 1 H2 V13 H5 M13 1 H16 V13 H13" fill="none" stroke="var(--accent)" strokeWidth={1.5} />}
                >
                    what is aimed at
                </Entry>
            )}
            {tunings > 1 && (
                <Entry drawing={<path d="M1 7 H17 M1 3 V11 M17 3 V11" stroke="var(--accent)" strokeWidth={2} />}>
                    <Explained word="pull range">across the tunings</Explained>
                </Entry>
            )}
            <Entry drawing={<path d="M9 10 v4 M9 0 v4" stroke="var(--ink)" />}>this kind below, others above</Entry>
            {zones.map((zone) => (
                <Entry key={zone} drawing={<rect width={18} height={14} fill={`url(#zone-${zone})`} />}>
                    {zone === 'slack' ? <Explained word="flaps">{ZONES[zone].words}</Explained> : ZONES[zone].words}
                </Entry>
            ))}
            {mayBreak && (
                <Entry drawing={<path d="M9 0 V14" stroke="var(--stop)" strokeOpacity={0.7} strokeDasharray="1 3" />}>
                    may break from here, if its core is as thin as usual
                </Entry>
            )}
        </p>
    );
});

function Entry({ drawing, children }: { drawing: ReactNode; children: ReactNode }) {
    return (
        <span className="inline-flex items-center gap-1.5">
            <svg width={18} height={14} aria-hidden>
                {drawing}
            </svg>
            {children}
        </span>
    );
}
