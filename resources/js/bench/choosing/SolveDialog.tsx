import { useState } from 'react';
import type { Evaluation, Solution, Target } from '../../generated/formats';
import { sentenceOf } from '../../units/sentences';
import { formatForce, type Units } from '../../units/units';
import { useUnits } from '../../units/useUnits';
import { Refused } from '../../server/api';
import { useAsked } from '../../server/useAsked';
import { Button } from '../../ui/Button';
import { Dialog } from '../../ui/Dialog';
import { toast } from '../../ui/toasts';
import { useBench } from '../design/benchStore';
import { inTuning } from '../lanes/gauges';
import { question } from '../design/question';
import { AimFields } from './AimFields';
import { PackagedSets } from './PackagedSets';
import { aimedAt, aimOf, taken, takenPackaged, targetOf, standInPairs } from './solve';
import { SolutionTable } from './SolutionTable';
import { apiBenchSolutions } from '../../generated/addresses/places';
import type { Edit } from '../design/edits';

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
            title="Choose gauges"
            description="Say what the set should feel like; the best sets that can be bought stand beside the present one."
            width="widest"
        >
            <Solve evaluation={evaluation} onDone={() => onOpenChange(false)} />
        </Dialog>
    );
}

function Solve({ evaluation, onDone }: Pick<Props, 'evaluation'> & { onDone: () => void }) {
    const units = useUnits();
    const document = useBench((state) => state.document);
    const joined = useBench((state) => state.joined);
    const tuning = useBench((state) => state.tuning);
    const edit = useBench((state) => state.edit);
    const [aim, setAim] = useState(() => aimOf(document, accustomed(evaluation, tuning), units));

    const { target, wrong } = targetOf(aim, units, standInPairs(document));
    const asked =
        target === null
            ? null
            : question(
                  document,
                  joined,
                  { target: { ...target, sets: 'standard' } },
                  joined.poolId === null ? undefined : 'gauges',
              );
    const { data, error, isFetching } = useAsked<Solution>(apiBenchSolutions, asked);
    // Where only some strings cannot be served the refusal comes with the best for the others.
    const solution = error === null ? data : error instanceof Refused ? error.solution : undefined;
    const problems =
        wrong !== null
            ? [wrong]
            : error instanceof Refused
              ? error.problems.map(({ message }) => message)
              : error === null
                ? []
                : [error.message];

    return (
        <div className="grid gap-x-6 gap-y-4 lg:grid-cols-[15.5rem_1fr]">
            <div>
                <AimFields aim={aim} document={document} targets={solution?.targets ?? []} onAim={setAim} />
                <Button
                    className="mt-3 w-full"
                    disabled={target === null}
                    onClick={() => {
                        if (target !== null) {
                            edit(aimedAt(target));
                            onDone();
                        }
                    }}
                >
                    Only show this aim on the lanes
                </Button>
            </div>
            <div className="min-w-0" aria-busy={isFetching}>
                <p role="status" className="sr-only">
                    {solution === undefined || isFetching ? '' : sentence(solution, units)}
                </p>
                {problems.map((problem) => (
                    <p key={problem} role="alert" className="mb-3 text-stop">
                        {problem}
                    </p>
                ))}
                {solution !== undefined && target !== null && (
                    <Solved
                        solution={solution}
                        units={units}
                        evaluation={evaluation}
                        edit={edit}
                        target={target}
                        onDone={onDone}
                    />
                )}
            </div>
        </div>
    );
}

/** What was found, in one sentence for whoever hears it. */
function sentence({ solutions, packaged }: Solution, units: Units): string {
    const [best] = solutions;
    const totals = best?.totals.map(({ tension_n }) => formatForce(tension_n, units)).join(' and ') ?? '';
    const sets = `${solutions.length} set${solutions.length === 1 ? '' : 's'}`;
    return best === undefined
        ? 'No set serves this.'
        : `${sets} found, the best pulls ${totals} in all${packaged.length === 0 ? '' : `; ${packaged.length} packaged ones compared`}.`;
}

/** What strings pull that one is used to; without a baseline what they pull now. */
function accustomed(evaluation: Evaluation, tuning: number): number[] {
    return evaluation.strings.map(
        (string, index) =>
            evaluation.baseline?.strings[index]?.tunings[0]?.tension_n ?? inTuning(string.tunings, tuning)?.tension_n ?? 0,
    );
}

/** The sets that were found. */
function Solved({
    solution,
    units,
    evaluation,
    edit,
    target,
    onDone,
}: {
    solution: Solution;
    units: Units;
    evaluation: Evaluation;
    edit: (edit: Edit) => void;
    target: Target;
    onDone: () => void;
}) {
    return (
        <>
            {solution.constructions?.map((change) => (
                <p key={change.message} className="mb-2">
                    {sentenceOf(change, units)}
                </p>
            ))}
            <SolutionTable
                solution={solution}
                evaluation={evaluation}
                onTake={(chosen) => {
                    edit(taken(chosen, target));
                    onDone();
                    toast('Took the chosen set. Undo brings the other back.');
                }}
                onTakeString={(chosen, position) => edit(taken(chosen, target, position))}
            />
            <PackagedSets
                packaged={solution.packaged}
                packets={solution.packets}
                onTake={(chosen) => {
                    edit(takenPackaged(chosen, target));
                    onDone();
                    toast('Took the packaged set. Undo brings the other back.');
                }}
            />
        </>
    );
}
