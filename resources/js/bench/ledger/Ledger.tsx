import { Explained } from '../../ui/Explained';
import type { Refused } from '../../server/api';
import type { Evaluation } from '../../generated/formats';
import { formatShare, formatShares, formatTension, useUnits } from '../../units/units';
import { useBench, useBenchActions } from '../design/benchStore';
import * as edits from '../design/edits';
import { Findings } from './Findings';
import { inTuning } from '../lanes/gauges';

interface Props {
    evaluation: Evaluation;
    current: boolean;
    refused: Refused | null;
}

/** The whole instrument: total now, beside the baseline, and what was noted. */
export function Ledger({ evaluation, current, refused }: Props) {
    const units = useUnits();
    const document = useBench((state) => state.document);
    const tuning = useBench((state) => state.tuning);
    const { edit, beginGesture, endGesture } = useBenchActions();
    const total = inTuning(evaluation.totals, tuning);
    const elsewhere = refused?.problems.find(({ path }) => !/^\/(strings|tunings)\/\d+/.test(path));
    if (total === undefined) {
        return null;
    }
    const changes = evaluation.totals.flatMap(({ change }) => (change === undefined ? [] : [change.share]));
    const unit = units.tension === 'N' ? 'lbf' : 'N';
    const share = (total.high_n - total.low_n) / 2 / total.tension_n;
    const side = (newtons: number) => formatTension(newtons, newtons * (1 - share), newtons * (1 + share), units);
    return (
        <section
            aria-label="Whole instrument"
            aria-busy={!current && refused === null}
            className="mt-3 flex flex-wrap items-start gap-x-10 gap-y-3 border-t-2 border-ink/70 px-3 pt-3"
        >
            <div aria-live="polite" className="min-w-52">
                <h2 className="font-bold">
                    <Explained word="total">Whole instrument</Explained>
                </h2>
                <p className="whitespace-nowrap">
                    <span className="text-[1.75rem] leading-tight font-bold" data-figure="total">
                        {formatTension(total.tension_n, total.low_n, total.high_n, units)}
                    </span>{' '}
                    <span className="text-ink-soft">
                        {formatTension(total.tension_n, total.low_n, total.high_n, { ...units, tension: unit })}
                    </span>
                </p>
                <p className="text-ink-soft">
                    {total.change
                        ? `${formatShare(total.change.share)} on ${formatTension(total.change.baseline_n, total.low_n, total.high_n, units)}`
                        : 'Nothing to compare with yet'}
                </p>
                {changes.length > 1 && <p className="text-sm text-ink-soft">over the tunings {formatShares(changes)}</p>}
                <dl className="mt-1 grid w-fit grid-cols-[auto_auto] gap-x-3 text-sm text-ink-soft">
                    <dt>Treble side</dt>
                    <dd className="text-right">{side(total.treble_side_n)}</dd>
                    <dt>Bass side</dt>
                    <dd className="text-right">{side(total.bass_side_n)}</dd>
                </dl>
            </div>
            <div className="min-w-[min(100%,26rem)] flex-1">
                <Findings findings={evaluation.findings} severalTunings={document.tunings.length > 1} />
                <label className="mt-1 flex items-baseline gap-3">
                    <span className="font-bold">Notes</span>
                    <textarea
                        rows={1}
                        value={typeof document.notes === 'string' ? document.notes : ''}
                        placeholder="How it should feel, what to look out for"
                        maxLength={20_000}
                        // As it is typed, so that nothing of it is lost; the whole of it is one step to undo.
                        onChange={(event) => {
                            beginGesture();
                            edit(edits.notes(event.target.value));
                        }}
                        onBlur={endGesture}
                        className="block field-sizing-content w-full resize-none rounded-mark border border-transparent bg-transparent py-1 text-ink-soft hover:border-rule-strong focus:border-accent focus:text-ink"
                    />
                </label>
            </div>
            {elsewhere !== undefined && (
                <p role="alert" className="w-full text-stop">
                    {elsewhere.message}
                </p>
            )}
            {evaluation.unknown_keys !== undefined && (
                <p className="w-full text-sm text-ink-faint">
                    Kept from the imported document, but without meaning here: {evaluation.unknown_keys.join(', ')}
                </p>
            )}
        </section>
    );
}
