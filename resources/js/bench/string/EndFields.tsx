import { memo, useState } from 'react';
import type { StringOfSet } from '../../generated/formats';
import { STRING_ENDS } from '../../generated/words';
import { lengthFigure } from '../../units/units';
import { useUnits } from '../../units/useUnits';
import { readLength } from '../../units/typed';
import { Button } from '../../ui/Button';
import { fieldClass } from '../../ui/classes';
import { Field } from '../../ui/Field';
import { Select } from '../../ui/Select';
import { TypedInput } from '../../ui/TypedInput';
import { useBenchActions } from '../design/benchStore';
import * as edits from '../design/edits';
import { useCheckedEdit } from '../design/useCheckedEdit';
import { whyNot } from '../../server/typed';

interface Props {
    position: number;
    end: StringOfSet['end'];
    lengthMm: number | undefined;
    several: boolean;
}

/** What holds a string behind the saddle, and how long it is made: what its instrument's anchor and length are judged by. */
export const EndFields = memo(function EndFields({ position, end, lengthMm, several }: Props) {
    const units = useUnits();
    const { edit } = useBenchActions();
    const checkedEdit = useCheckedEdit();
    const [problem, setProblem] = useState<string | null>(null);
    const takeLength = (typed: string) => {
        const mm = typed === '' ? null : readLength(typed, units);
        setProblem(null);
        if (typed !== '' && mm === null) {
            void whyNot('length', typed).then(setProblem);
        }
        if (typed === '' || mm !== null) {
            void checkedEdit(edits.madeLength([position], mm)).then((refusal) => refusal && setProblem(refusal.message));
        }
    };
    return (
        <div className="grid grid-cols-2 gap-x-3 gap-y-2">
            <Field label="End">
                <Select
                    value={end ?? 'unknown'}
                    choices={[
                        { value: 'unknown', label: 'not said' },
                        ...Object.entries(STRING_ENDS).map(([value, label]) => ({ value, label })),
                    ]}
                    onChange={(value) =>
                        edit(edits.end([position], value === 'unknown' ? null : (value as keyof typeof STRING_ENDS)))
                    }
                />
            </Field>
            <Field label={`Made so long, ${units.length}`} error={problem ?? undefined}>
                <TypedInput
                    className={fieldClass}
                    inputMode="decimal"
                    placeholder="not said"
                    shown={lengthMm === undefined ? '' : lengthFigure(lengthMm, units)}
                    onTake={takeLength}
                />
            </Field>
            {several && (end !== undefined || lengthMm !== undefined) && (
                <Button look="quiet" className="col-span-2 h-8 justify-self-start" onClick={() => edit(edits.sameEnds(position))}>
                    The same for all strings
                </Button>
            )}
        </div>
    );
});
