import { clsx } from 'clsx';
import { formatGauge, gaugeUnit, parseGauge, useUnits } from '../../units/units';
import { TypedInput } from '../../ui/TypedInput';
import type { Gauge } from '../design/edits';

interface Props {
    inches: number;
    label: string;
    className: string;
    onType: (gauge: Gauge) => void;
    onProblem: (message: string | null) => void;
    onFocus?: () => void;
    locked?: boolean;
    id?: string;
}

/** A gauge, typed in any unit: 11, .011, 0.011 in, 0.28 mm. */
export function GaugeInput({ inches, label, className, onType, onProblem, onFocus, locked = false, id }: Props) {
    const units = useUnits();
    return (
        <TypedInput
            id={id}
            aria-label={label}
            shown={formatGauge(inches, units)}
            inputMode="decimal"
            readOnly={locked}
            onTake={(typed) => {
                const gauge = parseGauge(typed, units);
                if (gauge === null) {
                    onProblem(
                        `“${typed}” is not a gauge. Type it in ${gaugeUnit(units)}, or with its unit: 11, 0.011 in, 0.28 mm.`,
                    );
                } else {
                    onProblem(null);
                    onType(gauge);
                }
            }}
            onFocus={(event) => {
                onFocus?.();
                event.target.select();
            }}
            className={clsx(className, locked && 'text-ink-soft!')}
        />
    );
}
