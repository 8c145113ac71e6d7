import { Link } from '@inertiajs/react';
import type { Refused } from '../../server/api';
import type { Evaluation, SetDocument } from '../../generated/formats';
import { formatShares, formatTension, type Units } from '../../units/units';
import { useUnits } from '../../units/useUnits';
import { tuningLabel } from '../../units/pitch';
import { dateWords } from '../../units/times';
import { BaselineMenu } from '../baseline/BaselineMenu';
import type { OnItNow, SavedSet } from '../../generated/views';
import { useBench, useBenchActions } from '../design/benchStore';
import * as edits from '../design/edits';
import { inTuning } from '../lanes/gauges';
import type { ShowPanel } from '../panels';
import { scaleWords } from '../../units/scaleWords';
import { Findings } from './Findings';
import { instrumentsEdit } from '../../generated/addresses/instruments';

interface Props {
    set: SavedSet;
    evaluation: Evaluation;
    refused: Refused | null;
    onIt: OnItNow | null;
    show: ShowPanel;
}

/** Under the total: what it is measured from, its sides, what was found, what was noted. */
export function Ledger({ set, evaluation, refused, onIt, show }: Props) {
    const units = useUnits();
    const document = useBench((state) => state.document);
    const tuning = useBench((state) => state.tuning);
    const { edit, beginGesture, endGesture } = useBenchActions();
    const total = inTuning(evaluation.totals, tuning);
    const elsewhere = refused?.problems.find(({ path }) => !/^\/(strings|tunings)\/\d+/.test(path));
    if (total === undefined) {
        return null;
    }
    const { baseline, instrument } = document;
    const changes = evaluation.totals.flatMap(({ change }) => (change === undefined ? [] : [change.share]));
    const share = (total.high_n - total.low_n) / 2 / total.tension_n;
    const side = (newtons: number) => formatTension(newtons, newtons * (1 - share), newtons * (1 + share), units);
    return (
        <section
            aria-label="About the whole of it"
            id="findings"
            className="flex flex-wrap items-start gap-x-10 gap-y-3 px-3 pt-3"
        >
            <div className="max-w-72 min-w-52 flex-1 basis-52 text-ink-soft">
                <p>
                    <BaselineMenu onOpen={() => show('baseline')} onIt={onIt} />
                    {baseline && <span className="block text-sm">{baselineWords(baseline, units)}</span>}
                </p>
                {changes.length > 1 && <p className="text-sm">over the tunings {formatShares(changes)}</p>}
                <dl className="mt-1 grid w-fit grid-cols-[auto_auto] gap-x-3 text-sm">
                    <dt>Treble side</dt>
                    <dd className="text-right">{side(total.treble_side_n)}</dd>
                    <dt>Bass side</dt>
                    <dd className="text-right">{side(total.bass_side_n)}</dd>
                </dl>
                <p className="mt-2 text-sm">
                    <span className="max-lg:hidden">{instrument.name}</span>
                    <Link
                        href={instrumentsEdit(set.instrumentId)}
                        className="inline-block min-h-target text-ink underline decoration-rule-strong underline-offset-3 hover:decoration-accent lg:hidden"
                    >
                        {instrument.name}
                    </Link>
                    : {instrument.kind.replaceAll('-', ' ')}, {document.strings.length} strings, {scaleWords(instrument, units)}
                    {onIt !== null &&
                        `; ${onIt.set === set.id ? 'this set is on it' : `on it now: ${onIt.name}`}, since ${dateWords(onIt.since)}`}
                </p>
                {onIt !== null && (
                    <button
                        type="button"
                        className="min-h-target rounded-mark text-accent hover:bg-accent-wash"
                        onClick={() => show('earlier')}
                    >
                        the last sets on it
                    </button>
                )}
            </div>
            <div className="min-w-[min(100%,26rem)] flex-[3]">
                <Findings findings={evaluation.findings} severalTunings={document.tunings.length > 1} />
                <Notes document={document} beginGesture={beginGesture} edit={edit} endGesture={endGesture} />
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

function baselineWords(baseline: NonNullable<SetDocument['baseline']>, units: Units): string {
    const [first] = baseline.tunings;
    return first === undefined ? '' : `${tuningLabel(first)}, ${scaleWords(baseline.instrument, units)}`;
}

/** What somebody notes about the set. */
function Notes({
    document,
    beginGesture,
    edit,
    endGesture,
}: {
    document: SetDocument;
    beginGesture: () => void;
    edit: (edit: edits.Edit) => void;
    endGesture: () => void;
}) {
    return (
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
    );
}
