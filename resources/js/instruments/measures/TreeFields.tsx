import { useState } from 'react';
import type { StringTree } from '../../generated/formats';
import { lengthFigure } from '../../units/units';
import { useUnits } from '../../units/useUnits';
import { readLength } from '../../units/typed';
import { Button } from '../../ui/Button';
import { fieldClass } from '../../ui/classes';
import { Glyph } from '../../ui/Glyph';
import { Select } from '../../ui/Select';
import { TypedInput } from '../../ui/TypedInput';
import { whyNot } from '../../server/typed';

interface Props {
    trees: StringTree[];
    strings: number;
    onTrees: (trees: StringTree[]) => void;
    error: (path: string) => string | undefined;
}

/** The string trees on the headstock: which string each holds down, how high and how far from the nut. */
export function TreeFields({ trees, strings, onTrees, error }: Props) {
    const units = useUnits();
    const [wrong, setWrong] = useState<string | null>(null);
    const change = (at: number, changed: Partial<StringTree>) =>
        onTrees(trees.map((tree, index) => (index === at ? { ...tree, ...changed } : tree)));
    const length = (at: number, key: 'height_mm' | 'distance_mm', label: string) => (
        <label className="flex items-center gap-1.5 text-sm text-ink-soft">
            {label}, {units.length}
            <TypedInput
                className={`${fieldClass} w-20!`}
                inputMode="decimal"
                shown={lengthFigure(trees[at]?.[key] ?? 0, units)}
                onTake={(typed) => {
                    const mm = readLength(typed, units);
                    setWrong(null);
                    if (mm === null) {
                        void whyNot('length', typed).then(setWrong);
                    } else {
                        change(at, { [key]: mm });
                    }
                }}
            />
        </label>
    );
    const problem = wrong ?? error('/hardware/trees');
    return (
        <div className="mt-4">
            <p className="mb-1 text-sm font-medium text-ink-soft">String trees</p>
            <ul>
                {trees.map((tree, index) => (
                    <li key={index} className="flex flex-wrap items-center gap-3 border-b border-rule py-1.5">
                        <div className="w-32">
                            <Select
                                label={`String of tree ${index + 1}`}
                                value={String(tree.position)}
                                onChange={(position) => change(index, { position: Number(position) })}
                                choices={Array.from({ length: strings }, (_, at) => ({
                                    value: String(at + 1),
                                    label: `string ${at + 1}`,
                                }))}
                            />
                        </div>
                        {length(index, 'height_mm', 'high')}
                        {length(index, 'distance_mm', 'from the nut')}
                        <button
                            type="button"
                            aria-label={`Remove tree ${index + 1}`}
                            className="flex h-[26px] w-[26px] items-center justify-center rounded-mark text-ink-soft hover:bg-rule/60"
                            onClick={() => onTrees(trees.filter((_, at) => at !== index))}
                        >
                            <Glyph sign="close" />
                        </button>
                    </li>
                ))}
            </ul>
            {problem !== undefined && (
                <p role="alert" className="mt-1 text-sm text-stop">
                    {problem}
                </p>
            )}
            <Button
                look="quiet"
                className="mt-1 h-8"
                onClick={() =>
                    onTrees([...trees, { position: Math.min(strings, trees.length + 1), height_mm: 5, distance_mm: 40 }])
                }
            >
                + tree
            </Button>
        </div>
    );
}
