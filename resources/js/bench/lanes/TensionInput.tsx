import { clsx } from 'clsx';
import { parseTension, useUnits } from '../../units/units';
import { TypedInput } from '../../ui/TypedInput';

interface Props {
    /** The tension as it is read, with its unit. */
    figures: string;
    label: string;
    className: string;
    disabled: boolean;
    onType: (newtons: number) => void;
    onProblem: (message: string | null) => void;
    onFocus: () => void;
}

/** A tension, typed in any unit; the gauge that pulls nearest to it is taken. */
export function TensionInput({ figures, label, className, disabled, onType, onProblem, onFocus }: Props) {
    const units = useUnits();
    return (
        <TypedInput
            data-figure="tension"
            aria-label={label}
            shown={figures}
            inputMode="decimal"
            readOnly={disabled}
            onTake={(typed) => {
                const newtons = parseTension(typed, units);
                if (newtons === null) {
                    onProblem(
                        `“${typed}” is not a tension. Type it in ${units.tension}, or with its unit: 73 N, 16.5 lbf, 7.4 kgf.`,
                    );
                } else {
                    onProblem(null);
                    onType(newtons);
                }
            }}
            onFocus={(event) => {
                onFocus();
                event.target.select();
            }}
            className={clsx(
                'field-sizing-content min-h-target max-w-[6.5rem] min-w-[3rem] rounded-mark border-b border-transparent bg-transparent px-0.5 text-right',
                !disabled && 'hover:border-rule-strong focus:border-accent',
                className,
            )}
        />
    );
}
