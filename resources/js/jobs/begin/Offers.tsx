import { Link } from '@inertiajs/react';
import type { ReactNode } from 'react';
import { useClock } from '../../server/useClock';
import { dateWords } from '../../units/times';
import { PacketField } from '../packets/PacketField';
import { beginningOf } from '../../log/beginning';
import { capital, stringsWords } from '../../units/words';
import { wantOf } from '../words';
import { jobsShow } from '../../generated/addresses/jobs';
import { jobsCreate } from '../../generated/addresses/places';
import { withAsked } from '../../server/asked';
import type { NewJobPage } from '../../generated/pages';

export type Offered = NonNullable<NewJobPage['offers']>;

const MINUTE_MS = 60_000;

/** What a job is most likely begun for: what is due, what was designed last; and what is open already. */
export function Offers({ due, designed, open }: Offered) {
    const now = useClock(MINUTE_MS);
    return (
        <>
            <div className="mt-4">
                <PacketField />
            </div>
            <div className="mt-6 grid gap-x-10 gap-y-6 lg:grid-cols-3">
                <List title="Due" empty="No strings are due within a week.">
                    {due.map((each) => (
                        <Offer
                            key={each.key}
                            to={beginningOf(each)}
                            name={each.name}
                            what={`${each.do}, ${dateWords(each.on)}`}
                        />
                    ))}
                </List>
                <List title="Designed last, not on yet" empty="Every set that was designed has been put on.">
                    {designed.map(({ id, name, instrument }) => (
                        <Offer key={id} to={withAsked(jobsCreate, { set: id })} name={instrument} what={name} />
                    ))}
                </List>
                <List title="Open already" empty="No job is open.">
                    {open.map((row) => (
                        <Offer
                            key={row.id}
                            to={jobsShow(row.id)}
                            name={row.instrument}
                            what={
                                wantOf(row, now) === 'waits'
                                    ? `Waits for ${stringsWords(row.missing)}`
                                    : `${capital(row.next)}: ${row.name}`
                            }
                        />
                    ))}
                </List>
            </div>
        </>
    );
}

function List({ title, empty, children }: { title: string; empty: string; children: ReactNode[] }) {
    return (
        <section aria-label={title} className="min-w-0">
            <h2 className="border-b border-ink pb-1 text-lg font-bold">{title}</h2>
            {children.length === 0 ? <p className="mt-1 text-ink-soft">{empty}</p> : <ul>{children}</ul>}
        </section>
    );
}

function Offer({ to, name, what }: { to: string; name: string; what: string }) {
    return (
        <li className="border-b border-rule">
            <Link href={to} className="block px-1 py-2 hover:bg-sheet">
                <strong className="block text-lg leading-tight">{name}</strong>
                <span className="block truncate text-ink-soft">{what}</span>
            </Link>
        </li>
    );
}
