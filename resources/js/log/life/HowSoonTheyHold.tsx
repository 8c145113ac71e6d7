import { Explained } from '../../ui/Explained';
import { trimmed } from '../../units/figures';
import type { LifePage as Props } from '../../generated/pages';

/** After how long new strings hold. */
export function HowSoonTheyHold({ holds }: { holds: Props['holds'] }) {
    return (
        <section aria-labelledby="holds">
            <h2 id="holds" className="border-b border-ink pb-1 text-lg font-bold">
                <Explained word="settling">Until they hold</Explained>
            </h2>
            {holds.length === 0 ? (
                <p className="mt-2 text-ink-soft">
                    Two jobs with strings of one list, tuned in rounds with the tuner, teach how soon a make holds.
                </p>
            ) : (
                <table className="mt-1 w-full">
                    <thead>
                        <tr className="text-left text-sm text-ink-soft">
                            <th className="py-1 font-normal">Make</th>
                            <th className="py-1 font-normal">Material</th>
                            <th className="py-1 text-right font-normal">Rounds</th>
                            <th className="py-1 text-right font-normal">Hours</th>
                            <th className="py-1 text-right font-normal">Jobs</th>
                        </tr>
                    </thead>
                    <tbody>
                        {holds.map((each) => (
                            <tr key={`${each.make} ${each.material}`} className="border-t border-rule">
                                <th scope="row" className="py-1 text-left font-semibold">
                                    {each.make}
                                </th>
                                <td>{each.material}</td>
                                <td className="text-right">{trimmed(each.rounds, 1)}</td>
                                <td className="text-right">{each.hours === null ? '–' : trimmed(each.hours, 1)}</td>
                                <td className="text-right text-ink-soft">{each.jobs}</td>
                            </tr>
                        ))}
                    </tbody>
                </table>
            )}
        </section>
    );
}
