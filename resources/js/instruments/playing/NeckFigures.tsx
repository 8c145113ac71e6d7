import type { NeckSetup } from '../../generated/formats';
import { centsWords, outOf } from './cents';

/** Every fret of every string in figures, for whoever reads instead of looks. */
export function NeckFigures({ neck }: { neck: NeckSetup }) {
    const frets = [...new Set(neck.strings.flatMap((string) => string.frets.map(({ fret }) => fret)))].sort((a, b) => a - b);
    return (
        <details className="mt-3">
            <summary className="cursor-pointer">Every fret in cents</summary>
            <div className="mt-2 overflow-x-auto" role="group" aria-label="Every fret in cents" tabIndex={0}>
                <table className="text-sm tabular-nums">
                    <thead>
                        <tr className="border-b border-ink text-ink-soft">
                            <th scope="col" className="py-1 pr-2 text-left font-normal">
                                String
                            </th>
                            {frets.map((fret) => (
                                <th key={fret} scope="col" className="px-1 text-right font-normal">
                                    {fret}
                                </th>
                            ))}
                        </tr>
                    </thead>
                    <tbody>
                        {neck.strings.map(({ position, frets: own }) => (
                            <tr key={position} className="border-b border-rule">
                                <th scope="row" className="py-0.5 pr-2 text-left">
                                    {position}
                                </th>
                                {frets.map((fret) => {
                                    const cents = own.find((each) => each.fret === fret)?.cents;
                                    return (
                                        <td
                                            key={fret}
                                            className={
                                                cents !== undefined && outOf(cents)
                                                    ? 'px-1 text-right font-bold text-caution'
                                                    : 'px-1 text-right'
                                            }
                                        >
                                            {cents === undefined ? '' : centsWords(cents.estimate)}
                                        </td>
                                    );
                                })}
                            </tr>
                        ))}
                    </tbody>
                </table>
            </div>
        </details>
    );
}
