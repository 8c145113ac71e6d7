import { clsx } from 'clsx';
import { useState } from 'react';
import type { ChosenString, Evaluation, Finding, RankedSet, Solution, StringOfSet } from '../../generated/formats';
import { CONSTRUCTIONS } from '../../generated/words';
import { sentenceOf } from '../../units/sentences';
import { gaugeInches, typeOf } from '../../units/stringType';
import { formatGauge, formatShares, tensionIn, useUnits } from '../../units/units';
import { Button } from '../../ui/Button';
import { useBench } from '../design/benchStore';
import { stringAt } from '../design/edits';
import { SeverityMark } from '../../ui/SeverityMark';
import { inTuning } from '../lanes/gauges';
import { isSame } from './solve';
import { Sideways } from '../../ui/Sideways';

interface Props {
    solution: Solution;
    evaluation: Evaluation;
    onTake: (chosen: RankedSet) => void;
    onTakeString: (chosen: RankedSet, position: number) => void;
}

/** The best sets beside the present one and what one is used to: gauges, tensions, feel, findings; taken whole or string by string. */
export function SolutionTable({ solution, evaluation, onTake, onTakeString }: Props) {
    const units = useUnits();
    const document = useBench((state) => state.document);
    const tuning = useBench((state) => state.tuning);
    const [looked, setLooked] = useState(0);
    const { solutions, targets } = solution;
    const detail = Math.min(looked, solutions.length - 1);
    const figure = (newtons: number | undefined) =>
        newtons === undefined ? '' : tensionIn(newtons, units).toFixed(units.tension === 'N' ? 0 : 1);
    const total = (tensions: (number | undefined)[]) => tensions.reduce<number>((sum, each) => sum + (each ?? 0), 0);
    const presentN = evaluation.strings.map((string) => inTuning(string.tunings, tuning)?.tension_n);
    const usedTo = evaluation.baseline?.strings;
    const usedToN = usedTo?.map((string) => string.tunings[0]?.tension_n);
    const several = document.tunings.length > 1;

    return (
        <>
            <Sideways label="The best sets">
                <table className="w-full text-right">
                    <caption className="sr-only">
                        The present set and the best ones for what is aimed at, in {units.tension}
                    </caption>
                    <thead>
                        <tr className="border-b border-ink align-bottom [&>th]:font-normal [&>th]:text-ink-soft">
                            <th className="py-1.5 text-left">String</th>
                            <th className="px-2">Aim, {units.tension}</th>
                            {usedTo && <th className="px-2">Used to</th>}
                            <th className="min-w-16 px-2">Now</th>
                            {solutions.map((each, index) => (
                                <th key={index} className="px-1 pb-1">
                                    <Button
                                        look={index === 0 ? 'strong' : 'plain'}
                                        className="h-8 w-full px-2"
                                        onClick={() => onTake(each)}
                                        aria-label={index === 0 ? 'Take the best set' : `Take set ${index + 1}`}
                                    >
                                        {index === 0 ? 'Take best' : `Take ${index + 1}`}
                                    </Button>
                                </th>
                            ))}
                        </tr>
                    </thead>
                    <tbody>
                        {targets.map((target) => {
                            const { position } = target;
                            const now = stringAt(document, position);
                            const used = usedTo?.[position - 1];
                            return (
                                <tr key={position} className="border-b border-rule align-top">
                                    <th scope="row" className="py-1 text-left font-semibold">
                                        {position}
                                    </th>
                                    <td className="px-2 py-1 text-ink-soft">
                                        {figure(target.tension_n)}
                                        <span className="block text-xs whitespace-nowrap text-ink-faint">
                                            {figure(target.low_n)}–{figure(target.high_n)}
                                        </span>
                                    </td>
                                    {usedTo && (
                                        <td className="px-2 py-1 text-ink-soft">
                                            {used && formatGauge(used.gauge_in, units)}
                                            <span className="block text-xs text-ink-faint">
                                                {figure(usedToN?.[position - 1])}
                                            </span>
                                        </td>
                                    )}
                                    <td className="px-2 py-1">
                                        {now && formatGauge(gaugeInches(typeOf(now)), units)}
                                        <span className="block text-xs text-ink-faint">{figure(presentN[position - 1])}</span>
                                    </td>
                                    {solutions.map((each, index) => {
                                        const chosen = each.strings.find((string) => string.position === position);
                                        return (
                                            <td key={index} className={clsx('px-0.5', index === detail && 'bg-accent-wash')}>
                                                {chosen === undefined && (
                                                    <span className="block px-1.5 py-1 text-xs text-stop">none holds</span>
                                                )}
                                                {chosen && (
                                                    <ChosenCell
                                                        chosen={chosen}
                                                        now={now}
                                                        figure={figure(chosen.tensions_n[tuning])}
                                                        away={formatShares(chosen.deviation)}
                                                        onTake={() => onTakeString(each, position)}
                                                    />
                                                )}
                                            </td>
                                        );
                                    })}
                                </tr>
                            );
                        })}
                    </tbody>
                    <tfoot>
                        <tr className="border-b border-rule align-top">
                            <th scope="row" className="py-1 text-left font-semibold">
                                Total
                            </th>
                            <td className="px-2 py-1 text-ink-soft">
                                {figure(total(targets.map((target) => target.tension_n)))}
                            </td>
                            {usedTo && <td className="px-2 py-1 text-ink-soft">{figure(total(usedToN ?? []))}</td>}
                            <td className="px-2 py-1">{figure(total(presentN))}</td>
                            {solutions.map((each, index) => (
                                <td key={index} className={clsx('px-2 py-1 font-semibold', index === detail && 'bg-accent-wash')}>
                                    {figure(each.totals[tuning]?.tension_n)}
                                    {each.totals[tuning]?.change && (
                                        <span className="block text-xs font-normal text-ink-soft">
                                            {formatShares(each.totals.map(({ change }) => change?.share ?? 0))}
                                        </span>
                                    )}
                                </td>
                            ))}
                        </tr>
                        {usedTo && (
                            <tr className="border-b border-rule align-top">
                                <th scope="row" className="py-1 text-left font-semibold">
                                    Feel
                                </th>
                                <td colSpan={2} />
                                <td className="px-2 py-1 text-xs text-ink-soft">
                                    {sameWords(
                                        evaluation.strings.map((string) => inTuning(string.tunings, tuning)?.change?.words),
                                    )}
                                </td>
                                {solutions.map((each, index) => (
                                    <td
                                        key={index}
                                        className={clsx('px-2 py-1 text-xs text-ink-soft', index === detail && 'bg-accent-wash')}
                                    >
                                        {sameWords(each.strings.map((string) => string.changes?.[tuning]?.words))}
                                    </td>
                                ))}
                            </tr>
                        )}
                        <tr className="align-top">
                            <th scope="row" className="py-1 text-left font-semibold">
                                Findings
                            </th>
                            <td colSpan={usedTo ? 2 : 1} />
                            <td className="px-2 py-1">
                                <FindingCount findings={evaluation.findings} />
                            </td>
                            {solutions.map((each, index) => (
                                <td key={index} className={clsx('px-1 py-0.5', index === detail && 'bg-accent-wash')}>
                                    <button
                                        type="button"
                                        aria-pressed={index === detail}
                                        aria-label={`Look at the findings of set ${index + 1}`}
                                        onClick={() => setLooked(index)}
                                        className="min-h-target rounded-mark px-1 hover:underline"
                                    >
                                        <FindingCount findings={each.findings} />
                                    </button>
                                </td>
                            ))}
                        </tr>
                    </tfoot>
                </table>
            </Sideways>
            {solutions[detail] && <SetFindings index={detail} findings={solutions[detail].findings} several={several} />}
            {solutions[detail]?.remarks.map((remark) => (
                <p key={remark.message} className="mt-2 text-sm">
                    {sentenceOf(remark, units)}
                </p>
            ))}
            <p className="mt-2 text-sm text-ink-faint">
                {solution.complete
                    ? 'Proven: no set of these gauges comes nearer.'
                    : 'The search was cut short; a nearer set may exist.'}{' '}
                No plain string stands below a wound one. Bold gauges differ from the present set; beneath each stand its tension
                and how far that is from the aim{several ? ', in the highest and the lowest of its tunings' : ''}. Pressing a
                gauge takes only that string.
            </p>
        </>
    );
}

interface CellProps {
    chosen: ChosenString;
    now: StringOfSet | undefined;
    figure: string;
    away: string;
    onTake: () => void;
}

/** One string of a set; pressing it takes that string alone. */
function ChosenCell({ chosen, now, figure, away, onTake }: CellProps) {
    const units = useUnits();
    const same = isSame(chosen, now);
    const gauge = formatGauge(chosen.gauge_in, units);
    return (
        <button
            type="button"
            disabled={same || now?.hold === 'locked'}
            onClick={onTake}
            title={same ? 'as it is now' : 'Take only this string'}
            aria-label={`${gauge} ${CONSTRUCTIONS[chosen.construction]} for string ${chosen.position}, ${figure}, ${away} from the aim${same ? ', as it is now' : ': take only this string'}`}
            className="w-full rounded-mark px-1.5 py-1 text-right enabled:hover:bg-accent enabled:hover:text-accent-ink [&:enabled:hover_span]:text-accent-ink"
        >
            <span className={same ? '' : 'font-bold'}>{gauge}</span>
            {chosen.construction !== now?.construction && <span className="text-xs"> {CONSTRUCTIONS[chosen.construction]}</span>}
            <span className="block text-xs whitespace-nowrap text-ink-soft">
                {figure}, {away}
            </span>
        </button>
    );
}

/** How many strings feel the same, and what the others do. */
function sameWords(words: (string | undefined)[]): string {
    const counts = new Map<string, number>();
    for (const word of words) {
        if (word !== undefined) {
            counts.set(word, (counts.get(word) ?? 0) + 1);
        }
    }
    return [...counts]
        .sort(([, a], [, b]) => b - a)
        .map(([word, count]) => `${count} ${word.replace('feels the same', 'same')}`)
        .join(', ');
}

function FindingCount({ findings }: { findings: Finding[] }) {
    const grave = (['stop', 'caution'] as const).map((severity) => ({
        severity,
        count: findings.filter((finding) => finding.severity === severity).length,
    }));
    const shown = grave.filter(({ count }) => count > 0);
    return shown.length === 0 ? (
        <span className="text-sm text-ink-soft">none grave</span>
    ) : (
        <span className="inline-flex gap-2">
            {shown.map(({ severity, count }) => (
                <span key={severity} className="inline-flex items-center gap-0.5">
                    <SeverityMark severity={severity} />
                    {count}
                </span>
            ))}
        </span>
    );
}

function SetFindings({ index, findings, several }: { index: number; findings: Finding[]; several: boolean }) {
    const units = useUnits();
    const grave = findings.filter(({ severity }) => severity !== 'note');
    return (
        <section aria-label={`Findings of set ${index + 1}`} className="mt-2">
            {grave.length === 0 ? (
                <p className="text-ink-soft">{index === 0 ? 'The best set' : `Set ${index + 1}`}: nothing grave to warn of.</p>
            ) : (
                <ul>
                    {grave.map((finding, at) => (
                        <li key={at} className="flex items-baseline gap-2">
                            <span className="translate-y-0.5">
                                <SeverityMark severity={finding.severity} />
                            </span>
                            <span>
                                {sentenceOf(finding, units)}
                                {several && finding.tuning !== null && (
                                    <span className="text-sm text-ink-faint"> {finding.tuning}</span>
                                )}
                            </span>
                        </li>
                    ))}
                </ul>
            )}
        </section>
    );
}
