import { Link } from '@inertiajs/react';
import type { Due } from '../../generated/views';
import { careIndex, instrumentsCreate } from '../../generated/addresses/places';
import type { WeekPage as Props } from '../../generated/pages';
import { EVERYBODY } from './Tools';

/** What stands here once there is something to say. */
export function Nothing({
    instruments,
    due,
    owner,
    weeks,
}: {
    instruments: Props['instruments'];
    due: Due[];
    owner: string;
    weeks: Props['weeks'];
}) {
    return (
        <>
            {instruments === 0 && (
                <p className="mt-8 max-w-prose text-ink-soft">
                    Once there are instruments, it stands here what each wants this week, and why: new strings by the hours they
                    have, two days before a show, care by the season, jobs by the day they are promised.{' '}
                    <Link href={instrumentsCreate} className="text-accent underline">
                        Add an instrument
                    </Link>
                    .
                </p>
            )}
            {instruments > 0 && due.length === 0 && (
                <p className="mt-8 max-w-prose text-ink-soft">
                    Nothing{owner === EVERYBODY ? '' : ` of ${owner}`} is due {weeks === 1 ? 'this week' : `in ${weeks} weeks`}.
                    Strings are due by the hours that are logged on an instrument’s page, or by how many a week it is usually
                    played; care by the rules under{' '}
                    <Link href={careIndex} className="text-accent underline">
                        Care
                    </Link>
                    .
                </p>
            )}
        </>
    );
}
