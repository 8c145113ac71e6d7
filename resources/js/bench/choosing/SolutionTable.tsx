import { clsx } from 'clsx';
import { useState, type ReactNode } from 'react';
import type {
    ChosenString,
    Evaluation,
    Finding,
    RankedSet,
    Solution,
    StringOfSet,
    TargetBand,
    EvaluatedString,
    SetDocument,
} from '../../generated/formats';
import { CONSTRUCTIONS } from '../../generated/words';
import { sentenceOf } from '../../units/sentences';
import { gaugeInches, typeOf } from '../../units/stringType';
import { formatGauge, formatShares, tensionIn, type Units } from '../../units/units';
import { useUnits } from '../../units/useUnits';
import { Button } from '../../ui/Button';
import { useBench } from '../design/benchStore';
import { stringAt } from '../design/edits';
import { SeverityMark } from '../../ui/SeverityMark';
import { inTuning } from '../lanes/gauges';
import { awaySentence, feltSentence } from './felt';
import { isSame } from './solve';
import { Sideways } from '../../ui/Sideways';

interface Props {
    solution: Solution;
    evaluation: Evaluation;
    onTake: (chosen: RankedSet) => void;
    onTakeString: (chosen: RankedSet, position: number) => void;
}

/** What every row of it is of. */
interface Table {
    units: Units;
    document: SetDocument;
    tuning: number;
    targets: TargetBand[];
}

const figuresIn = (units: Units) => (newtons: number | undefined) =>
    newtons === undefined ? '' : tensionIn(newtons, units).toFixed(units.tension === 'N' ? 0 : 1);

const total = (tensions: (number | undefined)[]) => tensions.reduce<number>((sum, each) => sum + (each ?? 0), 0);

/** The best sets beside the present one and what one is used to: gauges, tensions, feel, findings; taken whole or string by string. */
export function SolutionTable({ solution, evaluation, onTake, onTakeString }: Props) {
    const units = useUnits();
    const document = useBench((state) => state.document);
    const tuning = useBench((state) => state.tuning);
    const [looked, setLooked] = useState(0);
    const { solutions, targets } = solution;
    const detail = Math.min(looked, solutions.length - 1);
    const several = document.tunings.length > 1;
    const table: Table = { units, document, tuning, targets };

    return (
        <>
            <Sideways label="The best sets">
                <table className="w-full text-right">
                    <caption className="sr-only">
                        What is aimed at, the present set and the best ones, string by string, in {units.tension}
                    </caption>
                    <thead>
                        <tr className="border-b border-ink [&>th]:px-1.5 [&>th]:font-normal [&>th]:text-ink-soft">
                            <th className="py-1 pl-0! text-left">String</th>
                            {targets.map(({ position }) => (
                                <th key={position} scope="col">
                                    {position}
                                </th>
                            ))}
                            <th scope="col">Total</th>
                        </tr>
                    </thead>
                    <AimedAt table={table} usedTo={evaluation.baseline?.strings} />
                    <Present table={table} evaluation={evaluation} />
                    {solutions.map((each, index) => (
                        <Best
                            key={index}
                            table={table}
                            index={index}
                            each={each}
                            looked={index === detail}
                            onLook={() => setLooked(index)}
                            onTake={onTake}
                            onTakeString={onTakeString}
                        />
                    ))}
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

/** What leads a set: how it feels, in words, and what there is to warn of. */
function Felt({ columns, words, take, children }: { columns: number; words: string; take?: ReactNode; children: ReactNode }) {
    return (
        <tr>
            <th scope="rowgroup" colSpan={columns + 1} className="pt-2 pl-1.5 text-left font-semibold">
                <span className="flex flex-wrap items-center gap-x-3">
                    {take}
                    <span className="mr-auto">{words}</span>
                    <span className="font-normal">{children}</span>
                </span>
            </th>
        </tr>
    );
}

/** One figure a string, and what they come to. */
function Row({
    name,
    soft = false,
    total,
    change,
    children,
}: {
    name: string;
    soft?: boolean;
    total: string;
    change?: string | undefined;
    children: ReactNode;
}) {
    return (
        <tr className={clsx('border-b border-rule align-top', soft && 'text-ink-soft')}>
            <th scope="row" className="py-1 pl-1.5 text-left font-normal whitespace-nowrap text-ink-soft">
                {name}
            </th>
            {children}
            <td className={clsx('px-1.5 py-1', !soft && 'font-semibold')}>
                {total}
                {change !== undefined && <span className="block text-xs font-normal text-ink-soft">{change}</span>}
            </td>
        </tr>
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
            className="w-full rounded-mark px-1.5 py-1 text-right enabled:hover:bg-accent enabled:hover:text-accent-ink [&:enabled:hover_span]:text-accent-ink"
        >
            <span className={same ? '' : 'font-bold'}>{gauge}</span>
            <span className={chosen.construction === now?.construction ? 'sr-only' : 'text-xs'}>
                {' '}
                {CONSTRUCTIONS[chosen.construction]}
            </span>
            <span className="sr-only"> for string {chosen.position}, </span>
            <span className="block text-xs whitespace-nowrap text-ink-soft">
                {figure}, {away}
            </span>
            <span className="sr-only"> from the aim{same ? ', as it is now' : ': take only this string'}</span>
        </button>
    );
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

/** What is aimed at, and what the hand is used to. */
function AimedAt({ table, usedTo }: { table: Table; usedTo: EvaluatedString[] | undefined }) {
    const { units, targets } = table;
    const figure = figuresIn(units);
    const usedToN = usedTo?.map((string) => string.tunings[0]?.tension_n);
    return (
        <tbody>
            <Row name={`Aim, ${units.tension}`} soft total={figure(total(targets.map((target) => target.tension_n)))}>
                {targets.map((target) => (
                    <td key={target.position} className="px-1.5 py-1">
                        {figure(target.tension_n)}
                        <span className="block text-xs whitespace-nowrap text-ink-faint">
                            {figure(target.low_n)}–{figure(target.high_n)}
                        </span>
                    </td>
                ))}
            </Row>
            {usedTo && (
                <Row name="Used to" soft total={figure(total(usedToN ?? []))}>
                    {targets.map(({ position }) => {
                        const used = usedTo[position - 1];
                        return (
                            <td key={position} className="px-1.5 py-1">
                                {used && formatGauge(used.gauge_in, units)}
                                <span className="block text-xs text-ink-faint">{figure(usedToN?.[position - 1])}</span>
                            </td>
                        );
                    })}
                </Row>
            )}
        </tbody>
    );
}

/** The set as it is now. */
function Present({ table, evaluation }: { table: Table; evaluation: Props['evaluation'] }) {
    const { units, document, tuning, targets } = table;
    const figure = figuresIn(units);
    const presentN = evaluation.strings.map((string) => inTuning(string.tunings, tuning)?.tension_n);
    const presentWords = feltSentence(
        evaluation.strings.map(({ position, tunings }) => ({ position, words: inTuning(tunings, tuning)?.change?.words })),
    );
    return (
        <tbody>
            <Felt columns={targets.length + 1} words={presentWords}>
                <span className="px-1">
                    <FindingCount findings={evaluation.findings} />
                </span>
            </Felt>
            <Row name="Now" total={figure(total(presentN))}>
                {targets.map(({ position }) => {
                    const now = stringAt(document, position);
                    return (
                        <td key={position} className="px-1.5 py-1">
                            {now && formatGauge(gaugeInches(typeOf(now)), units)}
                            <span className="block text-xs text-ink-faint">{figure(presentN[position - 1])}</span>
                        </td>
                    );
                })}
            </Row>
        </tbody>
    );
}

interface BestProps extends Pick<Props, 'onTake' | 'onTakeString'> {
    table: Table;
    index: number;
    each: RankedSet;
    /** Whether its findings stand beneath. */
    looked: boolean;
    onLook: () => void;
}

/** One of the best sets, string by string. */
function Best({ table, index, each, looked, onLook, onTake, onTakeString }: BestProps) {
    const { units, document, tuning, targets } = table;
    const figure = figuresIn(units);
    const near = Math.max(...targets.map(({ tension_n, high_n }) => high_n / tension_n - 1));
    const words =
        feltSentence(each.strings.map(({ position, changes }) => ({ position, words: changes?.[tuning]?.words }))) ||
        awaySentence(each.strings, near);
    return (
        <tbody className={clsx(looked && 'bg-accent-wash')}>
            <Felt
                columns={targets.length + 1}
                words={words}
                take={
                    <Button
                        look={index === 0 ? 'strong' : 'plain'}
                        className="h-8 w-24 shrink-0 px-2"
                        onClick={() => onTake(each)}
                    >
                        Take {index === 0 && 'best'}
                        <span className="sr-only"> set </span>
                        {index > 0 && index + 1}
                    </Button>
                }
            >
                <button
                    type="button"
                    aria-pressed={looked}
                    onClick={onLook}
                    className="min-h-target rounded-mark px-1 hover:underline"
                >
                    <FindingCount findings={each.findings} />
                    <span className="sr-only">: look at the findings of set {index + 1}</span>
                </button>
            </Felt>
            <Row
                name={index === 0 ? 'Best' : String(index + 1)}
                total={figure(each.totals[tuning]?.tension_n)}
                change={each.totals[tuning]?.change && formatShares(each.totals.map(({ change }) => change?.share ?? 0))}
            >
                {targets.map(({ position }) => {
                    const chosen = each.strings.find((string) => string.position === position);
                    return (
                        <td key={position}>
                            {chosen === undefined ? (
                                <span className="block px-1.5 py-1 text-xs text-stop">none holds</span>
                            ) : (
                                <ChosenCell
                                    chosen={chosen}
                                    now={stringAt(document, position)}
                                    figure={figure(chosen.tensions_n[tuning])}
                                    away={formatShares(chosen.deviation)}
                                    onTake={() => onTakeString(each, position)}
                                />
                            )}
                        </td>
                    );
                })}
            </Row>
        </tbody>
    );
}
