import { clsx } from 'clsx';
import { whyNot } from '../../server/typed';
import { readGauge, SEVERAL, type Gauge, type Made } from '../../units/typed';
import { formatGauge } from '../../units/units';
import { useUnits } from '../../units/useUnits';
import { TypedInput } from '../../ui/TypedInput';

interface Props {
    inches: number;
    label: string;
    className: string;
    /** Takes a gauge, and how the string is made where that was typed, too. */
    onType: (gauge: Gauge, made: Made | null) => void;
    /** Takes a whole set, written in a line. */
    onSet?: (typed: string) => Promise<void>;
    onProblem: (message: string | null) => void;
    onFocus?: () => void;
    locked?: boolean;
    id?: string;
}

/** A gauge, typed in any unit: 11, .011, 0.011 in, 0.28 mm, 26w; or a set in a line. */
export function GaugeInput({ inches, label, className, onType, onSet, onProblem, onFocus, locked = false, id }: Props) {
    const units = useUnits();
    return (
        <TypedInput
            id={id}
            aria-label={label}
            shown={formatGauge(inches, units)}
            inputMode="decimal"
            readOnly={locked}
            onTake={(typed) => {
                const read = readGauge(typed, units);
                if (read !== null) {
                    onProblem(null);
                    onType(read.gauge, read.made);
                } else if (onSet !== undefined && SEVERAL.test(typed)) {
                    void onSet(typed);
                } else {
                    void whyNot('gauge', typed).then(onProblem);
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
