import type { Evaluation, Finding } from '../../generated/formats';
import type { Refused } from '../../server/api';
import { Explained } from '../../ui/Explained';
import { SeverityMark } from '../../ui/SeverityMark';
import { sentenceOf } from '../../units/sentences';
import { formatShare, formatTension } from '../../units/units';
import { useUnits } from '../../units/useUnits';
import { useBench } from '../design/benchStore';
import { inTuning } from '../lanes/gauges';

interface Props {
    evaluation: Evaluation;
    current: boolean;
    refused: Refused | null;
}

/** Always in view under the lanes: what all strings pull, how that changed, and the gravest of what was found. */
export function TotalBar({ evaluation, current, refused }: Props) {
    const units = useUnits();
    const tuning = useBench((state) => state.tuning);
    const total = inTuning(evaluation.totals, tuning);
    if (total === undefined) {
        return null;
    }
    const other = units.tension === 'N' ? 'lbf' : 'N';
    return (
        <section
            aria-label="Whole instrument"
            data-foot
            aria-busy={!current && refused === null}
            className="sticky bottom-0 -mx-4 mt-1.5 flex min-h-12 flex-wrap items-center gap-x-6 gap-y-0.5 border-t-2 border-ink/70 bg-paper px-7 py-1 sm:-mx-7 sm:px-10 [&_button]:min-h-target"
        >
            <div aria-live="polite" className="flex flex-wrap items-baseline gap-x-2.5">
                <h2 className="font-bold">
                    <Explained word="total">Whole instrument</Explained>
                </h2>
                <span className="text-[1.6rem] leading-none font-bold" data-figure="total">
                    {formatTension(total.tension_n, total.low_n, total.high_n, units)}
                </span>
                <span className="text-ink-soft">
                    <span className="max-sm:hidden">
                        {formatTension(total.tension_n, total.low_n, total.high_n, { ...units, tension: other })};{' '}
                    </span>
                    {total.change
                        ? `${formatShare(total.change.share)} on ${formatTension(total.change.baseline_n, total.low_n, total.high_n, units)}`
                        : 'nothing to compare with yet'}
                </span>
            </div>
            <Gravest findings={evaluation.findings} />
        </section>
    );
}

const GRAVITY: Record<Finding['severity'], number> = { stop: 0, caution: 1, note: 2 };

/** The one that matters most; pressed, it is read where all of them stand. */
function Gravest({ findings }: { findings: Finding[] }) {
    const units = useUnits();
    const [first] = [...findings].sort((one, other) => GRAVITY[one.severity] - GRAVITY[other.severity]);
    if (first === undefined) {
        return <p className="min-w-0 flex-1 text-ink-soft max-sm:hidden">Nothing to warn of, as far as it was measured.</p>;
    }
    const more = findings.length - 1;
    return (
        <p className="flex min-w-0 flex-1 basis-64 items-center gap-2">
            <SeverityMark severity={first.severity} />
            <span className="min-w-0 truncate" title={sentenceOf(first, units)} data-figure="gravest">
                {sentenceOf(first, units)}
            </span>
            <a
                href="#findings"
                className="inline-flex min-h-target items-center text-sm whitespace-nowrap text-accent hover:underline"
            >
                {more === 0 ? 'why' : `and ${more} more`}
            </a>
        </p>
    );
}
