import { clsx } from 'clsx';
import { whyNot } from '../../server/typed';
import { readTension } from '../../units/typed';
import { useUnits } from '../../units/useUnits';
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
                const newtons = readTension(typed, units);
                if (newtons === null) {
                    void whyNot('tension', typed).then(onProblem);
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
