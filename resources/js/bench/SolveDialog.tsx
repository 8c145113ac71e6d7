import { keepPreviousData, useQuery } from '@tanstack/react-query';
import { clsx } from 'clsx';
import { useState } from 'react';
import { ask } from '../lib/api';
import type { Evaluation, Solution } from '../lib/formats';
import { tuningLabel } from '../lib/pitch';
import { CONSTRUCTIONS } from '../lib/strings';
import { formatGauge, formatShare, tensionIn, useUnits } from '../lib/units';
import { Button } from '../ui/Button';
import { fieldClass } from '../ui/classes';
import { Dialog } from '../ui/Dialog';
import { Field } from '../ui/Field';
import { Select } from '../ui/Select';
import { toast } from '../ui/toasts';
import { useBench } from './benchStore';
import { stringAt } from './edits';
import { gaugeInches, inTuning } from './gauges';
import { question } from './question';
import { aimOf, taken, targetOf, type Aim } from './solve';

interface Props {
    open: boolean;
    onOpenChange: (open: boolean) => void;
    evaluation: Evaluation;
}

/** Chooses gauges: what is aimed at, and the best sets for it beside the present one. */
export function SolveDialog({ open, onOpenChange, evaluation }: Props) {
    return (
        <Dialog
            open={open}
            onOpenChange={onOpenChange}
            title="Choose the gauges"
            description="Say what the set should feel like; the best sets that can be bought stand beside the present one."
            width="wider"
        >
            <Solve evaluation={evaluation} onDone={() => onOpenChange(false)} />
        </Dialog>
    );
}

const STYLE: { [Aspect in keyof Aim['style']]: { label: string; answers: Aim['style'][Aspect][] } } = {
    attack: { label: 'Attack', answers: ['soft', 'medium', 'hard'] },
    pick: { label: 'Pick', answers: ['fingers', 'thin', 'medium', 'stiff'] },
    angle: { label: 'Pick held', answers: ['flat', 'angled'] },
    place: { label: 'Played', answers: ['studio', 'stage'] },
    bending: { label: 'Bending', answers: ['none', 'some', 'much'] },
};

function Solve({ evaluation, onDone }: { evaluation: Evaluation; onDone: () => void }) {
    const units = useUnits();
    const document = useBench((state) => state.document);
    const tuning = useBench((state) => state.tuning);
    const edit = useBench((state) => state.edit);
    const presentN = evaluation.strings.map((string) => inTuning(string.tunings, tuning)?.tension_n ?? 0);
    const [aim, setAim] = useState(() => aimOf(document, presentN, units));
    const change = (changed: Partial<Aim>) => setAim({ ...aim, ...changed });

    const { target, wrong } = targetOf(aim, units);
    const { tunings, strings } = document;
    const asked = question(document, target === null ? {} : { target });
    const { data, error, isFetching } = useQuery({
        queryKey: ['solutions', asked],
        queryFn: ({ signal }) => ask<Solution>('/api/v1/solutions', { method: 'POST', body: asked, signal }),
        placeholderData: keepPreviousData,
        enabled: wrong === null,
        gcTime: 30_000,
    });
    const problem = wrong ?? error?.message ?? null;

    const tension = (label: string, key: 'tension' | 'first' | 'last' | 'total') => (
        <Field label={`${label}, ${units.tension}`}>
            <input
                className={fieldClass}
                inputMode="decimal"
                value={aim[key]}
                onChange={(event) => change({ [key]: event.target.value })}
            />
        </Field>
    );

    return (
        <div className="-mx-2 grid min-h-0 gap-x-6 gap-y-4 overflow-auto px-2 pb-1 md:grid-cols-[15rem_1fr]">
            <div className="grid content-start gap-3">
                <Field label="Aim at">
                    <Select
                        value={aim.profile}
                        onChange={(profile) => change({ profile: profile as Aim['profile'] })}
                        choices={[
                            ...(document.baseline ? [{ value: 'baseline', label: 'what I am used to' }] : []),
                            { value: 'equal', label: 'one tension for all' },
                            { value: 'progressive', label: 'rising or falling evenly' },
                            { value: 'total', label: 'a total' },
                        ]}
                    />
                </Field>
                {aim.profile === 'baseline' && (
                    <Field label="Of that, %">
                        <input
                            className={fieldClass}
                            inputMode="decimal"
                            value={aim.percent}
                            onChange={(event) => change({ percent: event.target.value })}
                        />
                    </Field>
                )}
                {aim.profile === 'equal' && tension('Tension', 'tension')}
                {aim.profile === 'total' && tension('Total', 'total')}
                {aim.profile === 'progressive' && (
                    <div className="grid grid-cols-2 gap-3">
                        {tension('First', 'first')}
                        {tension('Last', 'last')}
                    </div>
                )}
                {tunings.length > 1 && (
                    <Field label="Where it serves several tunings">
                        <Select
                            value={aim.tunings}
                            onChange={(chosen) => change({ tunings: chosen })}
                            choices={[
                                { value: 'worst', label: 'the worst of them counts' },
                                { value: 'mean', label: 'their mean counts' },
                                ...tunings.map((each, index) => ({ value: String(index), label: `only ${tuningLabel(each)}` })),
                            ]}
                        />
                    </Field>
                )}
                <Field label="Wound">
                    <Select
                        value={aim.woundFrom}
                        onChange={(chosen) => change({ woundFrom: chosen })}
                        choices={[
                            { value: 'any', label: 'whichever fits' },
                            ...Array.from({ length: strings.length + 1 }, (_, index) => ({
                                value: String(index + 1),
                                label:
                                    index === 0 ? 'all strings' : index === strings.length ? 'none' : `from string ${index + 1}`,
                            })),
                        ]}
                    />
                </Field>
                <div className="grid grid-cols-2 gap-3">
                    {(Object.keys(STYLE) as (keyof Aim['style'])[]).map((aspect) => (
                        <Field key={aspect} label={STYLE[aspect].label}>
                            <Select
                                value={aim.style[aspect]}
                                onChange={(answer) => change({ style: { ...aim.style, [aspect]: answer } })}
                                choices={STYLE[aspect].answers.map((answer) => ({ value: answer, label: answer }))}
                            />
                        </Field>
                    ))}
                </div>
                <fieldset>
                    <legend className="mb-1 text-sm font-medium text-ink-soft">Strings to keep as they are</legend>
                    <div className="flex flex-wrap gap-x-3 gap-y-1">
                        {strings.map(({ position }) => (
                            <label key={position} className="inline-flex min-h-[24px] items-center gap-1">
                                <input
                                    type="checkbox"
                                    className="h-4 w-4 accent-(--accent)"
                                    checked={aim.keep.includes(position)}
                                    onChange={(event) =>
                                        change({
                                            keep: event.target.checked
                                                ? [...aim.keep, position].sort((a, b) => a - b)
                                                : aim.keep.filter((kept) => kept !== position),
                                        })
                                    }
                                />
                                {position}
                            </label>
                        ))}
                    </div>
                </fieldset>
            </div>
            <div className="min-w-0" aria-live="polite" aria-busy={isFetching}>
                {problem !== null && (
                    <p role="alert" className="mb-3 text-stop">
                        {problem}
                    </p>
                )}
                {problem === null && data !== undefined && (
                    <SolutionTable
                        solution={data}
                        presentN={presentN}
                        tuning={tuning}
                        onTake={(index) => {
                            const chosen = data.solutions[index];
                            if (chosen !== undefined && target !== null) {
                                edit(taken(chosen, target));
                                onDone();
                                toast('Took the chosen set. Undo brings the other back.');
                            }
                        }}
                    />
                )}
            </div>
        </div>
    );
}

function SolutionTable({
    solution,
    presentN,
    tuning,
    onTake,
}: {
    solution: Solution;
    presentN: number[];
    tuning: number;
    onTake: (index: number) => void;
}) {
    const units = useUnits();
    const document = useBench((state) => state.document);
    const figure = (newtons: number) => tensionIn(newtons, units).toFixed(units.tension === 'N' ? 0 : 1);
    const present = (position: number) => stringAt(document, position);
    const total = (tensions: number[]) => tensions.reduce((sum, each) => sum + each, 0);
    return (
        <>
            <div className="overflow-x-auto">
                <table className="w-full text-right">
                    <caption className="sr-only">
                        The present set and the best ones for what is aimed at, in {units.tension}
                    </caption>
                    <thead>
                        <tr className="border-b border-ink align-bottom">
                            <th className="py-1.5 text-left font-normal text-ink-soft">String</th>
                            <th className="px-2 font-normal text-ink-soft">Aim, {units.tension}</th>
                            <th className="px-2 font-normal text-ink-soft">Now</th>
                            {solution.solutions.map((_, index) => (
                                <th key={index} className="px-1 pb-1">
                                    <Button
                                        look={index === 0 ? 'strong' : 'plain'}
                                        className="h-8 w-full px-2"
                                        onClick={() => onTake(index)}
                                        aria-label={index === 0 ? 'Take the best set' : `Take set ${index + 1}`}
                                    >
                                        {index === 0 ? 'Take best' : `Take ${index + 1}`}
                                    </Button>
                                </th>
                            ))}
                        </tr>
                    </thead>
                    <tbody>
                        {solution.targets.map((target) => {
                            const now = present(target.position);
                            const inches = now === undefined ? 0 : gaugeInches(now);
                            return (
                                <tr key={target.position} className="border-b border-rule">
                                    <th scope="row" className="py-1.5 text-left font-semibold">
                                        {target.position}
                                    </th>
                                    <td
                                        className="px-2 text-ink-soft"
                                        title={target.style
                                            .map(({ reason, share }) => `${formatShare(share)}: ${reason}`)
                                            .join('\n')}
                                    >
                                        {figure(target.tension_n)}
                                        {target.style.length > 0 && (
                                            <span className="block text-xs text-ink-faint">
                                                {formatShare(target.tension_n / target.before_style_n - 1)} style
                                            </span>
                                        )}
                                    </td>
                                    <td className="px-2">
                                        {formatGauge(inches, units)}
                                        <span className="block text-xs text-ink-faint">
                                            {figure(presentN[target.position - 1] ?? 0)}
                                        </span>
                                    </td>
                                    {solution.solutions.map((each, index) => {
                                        const chosen = each.strings[target.position - 1];
                                        const same =
                                            chosen !== undefined &&
                                            Math.abs(chosen.gauge_in - inches) < 1e-6 &&
                                            chosen.construction === now?.construction;
                                        return (
                                            <td key={index} className={clsx('px-2', index === 0 && 'bg-accent-wash')}>
                                                {chosen && (
                                                    <>
                                                        <span className={same ? '' : 'font-bold'}>
                                                            {formatGauge(chosen.gauge_in, units)}
                                                        </span>
                                                        {chosen.construction !== now?.construction && (
                                                            <span className="text-xs"> {CONSTRUCTIONS[chosen.construction]}</span>
                                                        )}
                                                        <span
                                                            className={clsx(
                                                                'block text-xs',
                                                                index === 0 ? 'text-ink-soft' : 'text-ink-faint',
                                                            )}
                                                        >
                                                            {figure(chosen.tensions_n[tuning] ?? 0)},{' '}
                                                            {formatShare(chosen.deviation[tuning] ?? 0)}
                                                        </span>
                                                    </>
                                                )}
                                            </td>
                                        );
                                    })}
                                </tr>
                            );
                        })}
                        <tr>
                            <th scope="row" className="py-1.5 text-left font-semibold">
                                Total
                            </th>
                            <td className="px-2 text-ink-soft">
                                {figure(total(solution.targets.map((target) => target.tension_n)))}
                            </td>
                            <td className="px-2">{figure(total(presentN))}</td>
                            {solution.solutions.map((each, index) => (
                                <td key={index} className={clsx('px-2 font-semibold', index === 0 && 'bg-accent-wash')}>
                                    {figure(each.totals[tuning]?.tension_n ?? 0)}
                                </td>
                            ))}
                        </tr>
                    </tbody>
                </table>
            </div>
            <p className="mt-3 text-sm text-ink-faint">
                {solution.complete
                    ? 'Proven: no set of these gauges comes nearer.'
                    : 'The search was cut short; a nearer set may exist.'}{' '}
                Bold gauges differ from the present set; beneath each stand its tension and how far that is from the aim.
            </p>
        </>
    );
}
