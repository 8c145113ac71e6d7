import { clsx } from 'clsx';
import { useState } from 'react';
import { formatGauge, gaugeUnit, parseGauge, useUnits } from '../lib/units';
import type { Gauge } from './edits';

interface Props {
    inches: number;
    label: string;
    className: string;
    onType: (gauge: Gauge) => void;
    onProblem: (message: string | null) => void;
    onFocus?: () => void;
    id?: string;
}

/** A gauge, typed in any unit: 11, .011, 0.011 in, 0.28 mm. */
export function GaugeInput({ inches, label, className, onType, onProblem, onFocus, id }: Props) {
    const units = useUnits();
    const [typed, setTyped] = useState<string | null>(null);
    const take = () => {
        if (typed === null || typed.trim() === formatGauge(inches, units)) {
            setTyped(null);
            return;
        }
        const gauge = parseGauge(typed, units);
        if (gauge === null) {
            onProblem(
                `“${typed.trim()}” is not a gauge. Type it in ${gaugeUnit(units)}, or with its unit: 11, 0.011 in, 0.28 mm.`,
            );
        } else {
            onProblem(null);
            onType(gauge);
        }
        setTyped(null);
    };
    return (
        <input
            id={id}
            aria-label={label}
            value={typed ?? formatGauge(inches, units)}
            inputMode="decimal"
            autoComplete="off"
            onChange={(event) => setTyped(event.target.value)}
            onFocus={(event) => {
                onFocus?.();
                event.target.select();
            }}
            onBlur={take}
            onKeyDown={(event) => {
                if (event.key === 'Enter') {
                    take();
                } else if (event.key === 'Escape') {
                    setTyped(null);
                }
            }}
            className={clsx(className)}
        />
    );
}
