import type { LifePage as Props } from '../../generated/pages';

/** Where strings broke. */
export function WhereTheyBroke({ broke }: { broke: Props['broke'] }) {
    return (
        <section aria-labelledby="broke">
            <h2 id="broke" className="border-b border-ink pb-1 text-lg font-bold">
                Where they break
            </h2>
            {broke.length === 0 ? (
                <p className="mt-2 text-ink-soft">No break was told yet. A job asks where, when a string comes off.</p>
            ) : (
                <ul className="mt-2">
                    {broke.map(({ place: at, label, count }) => (
                        <li key={at} className="grid grid-cols-[8rem_2.5rem_1fr] items-center gap-2 py-0.5">
                            <span>{label}</span>
                            <span className="text-right font-semibold">{count}</span>
                            <span className="h-2.5 bg-ink" style={{ width: `${(100 * count) / (broke[0]?.count ?? 1)}%` }} />
                        </li>
                    ))}
                </ul>
            )}
            <p className="mt-2 max-w-prose text-sm text-ink-soft">
                What to suspect is said on each instrument’s own map, from three breaks at one place on.
            </p>
        </section>
    );
}
