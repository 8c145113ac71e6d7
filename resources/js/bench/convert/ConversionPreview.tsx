import type { ConvertedSet, EvaluatedString, Evaluation } from '../../generated/formats';
import { pitchLabel } from '../../units/pitch';
import { CONSTRUCTIONS } from '../../generated/words';
import { sentenceOf } from '../../units/sentences';
import { formatGauge, formatShare, formatShares, formatTension, tensionFigure, type Units } from '../../units/units';
import { useUnits } from '../../units/useUnits';
import { SeverityMark } from '../../ui/SeverityMark';
import { Sideways } from '../../ui/Sideways';

/** What the set becomes, string by string beside what it is, with the reasons and what speaks against it. */
export function ConversionPreview({ converted, before }: { converted: ConvertedSet; before: Evaluation }) {
    const units = useUnits();
    const { evaluation, reasons, doubts } = converted;
    const total = evaluation.totals[0];
    const was = before.totals[0];
    return (
        <>
            {converted.poor_candidate && (
                <section aria-label="What speaks against it" className="mb-4 border-l-4 border-stop py-0.5 pl-3">
                    <h3 className="font-bold text-stop">
                        <SeverityMark severity="stop" /> This instrument is a poor candidate for it
                    </h3>
                    <ul>
                        {doubts.map((doubt) => (
                            <li key={doubt.message}>{sentenceOf(doubt, units)}</li>
                        ))}
                    </ul>
                </section>
            )}
            <Sideways label="Before and after">
                <table className="w-full text-right">
                    <caption className="sr-only">The set before and after, in {units.tension}</caption>
                    <thead>
                        <tr className="border-b border-ink text-ink-soft [&>th]:px-2 [&>th]:py-1 [&>th]:font-normal">
                            <th className="text-left">String</th>
                            <th>Now</th>
                            <th>{units.tension}</th>
                            <th colSpan={2}>Becomes</th>
                            <th>{units.tension}</th>
                            <th>Beside what you are used to</th>
                        </tr>
                    </thead>
                    <StringsBeforeAndAfter evaluation={evaluation} before={before} units={units} />
                    {total && was && (
                        <tfoot>
                            <tr className="font-semibold [&>td]:px-2">
                                <th scope="row" className="px-2 py-1.5 text-left">
                                    Total
                                </th>
                                <td />
                                <td className="font-normal text-ink-soft">
                                    {tensionFigure(was.tension_n, was.low_n, was.high_n, units)}
                                </td>
                                <td colSpan={3}>{formatTension(total.tension_n, total.low_n, total.high_n, units)}</td>
                                <td className="font-normal text-ink-soft">
                                    {formatShare(total.tension_n / was.tension_n - 1)} on now
                                </td>
                            </tr>
                        </tfoot>
                    )}
                </table>
            </Sideways>
            <h3 className="mt-3 font-bold">Why</h3>
            <ul className="list-disc pl-5 text-ink-soft">
                {reasons.map((reason) => (
                    <li key={reason.message}>{sentenceOf(reason, units)}</li>
                ))}
            </ul>
        </>
    );
}

/** How it feels beside what one is used to, over all tunings: the words of the one that is farthest from it. */
function changed(tunings: EvaluatedString['tunings']): string {
    const changes = tunings.flatMap(({ change }) => (change === undefined ? [] : [change]));
    const [farthest] = [...changes].sort((a, b) => Math.abs(b.share) - Math.abs(a.share));
    return farthest === undefined ? '' : `${formatShares(changes.map(({ share }) => share))}, ${farthest.words}`;
}

/** Each string, as it was and as it becomes. */
function StringsBeforeAndAfter({ evaluation, before, units }: { evaluation: Evaluation; before: Evaluation; units: Units }) {
    return (
        <tbody>
            {evaluation.strings.map((string) => {
                const [after] = string.tunings;
                const old = before.strings[string.position - 1];
                const [then] = old?.tunings ?? [];
                return (
                    <tr key={string.position} className="border-b border-rule [&>td]:px-2">
                        <th scope="row" className="px-2 py-1 text-left font-semibold">
                            {string.position}
                        </th>
                        <td className="whitespace-nowrap text-ink-soft">
                            {then && old ? `${pitchLabel(then.pitch)}, ${formatGauge(old.gauge_in, units)}` : 'new'}
                        </td>
                        <td className="text-ink-soft">
                            {then && tensionFigure(then.tension_n, then.tension_low_n, then.tension_high_n, units)}
                        </td>
                        <td className="font-bold">{after && pitchLabel(after.pitch)}</td>
                        <td className="whitespace-nowrap">
                            <strong>{formatGauge(string.gauge_in, units)}</strong> {CONSTRUCTIONS[string.construction]}
                        </td>
                        <td>{after && tensionFigure(after.tension_n, after.tension_low_n, after.tension_high_n, units)}</td>
                        <td className="whitespace-nowrap text-ink-soft">{changed(string.tunings)}</td>
                    </tr>
                );
            })}
        </tbody>
    );
}
