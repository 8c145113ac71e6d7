import { Link } from '@inertiajs/react';
import { openCommands } from '../frame/commands/Commands';
import { Button } from '../ui/Button';
import { Part, WorkshopFrame } from './WorkshopFrame';
import {
    copiesIndex,
    instrumentsIndex,
    jobsIndex,
    logWeek,
    startCreate,
    stringsIndex,
    wordsIndex,
    workshopHelp,
} from '../generated/addresses/places';
import type { HelpPage as Props } from '../generated/pages';

const ROADS: { want: string; href: string; place: string; how: string }[] = [
    {
        want: 'Strings for another tuning or scale',
        href: startCreate,
        place: 'Start',
        how: 'say what you have and what it should become; the set that feels the same stands on the Bench.',
    },
    {
        want: 'To know what is sold, and what lies in the drawer',
        href: stringsIndex,
        place: 'Strings',
        how: 'bring in suppliers’ lists, count what is there, order for several designs at once.',
    },
    {
        want: 'To put a set on',
        href: jobsIndex,
        place: 'Jobs',
        how: 'begin a job on the set: each step is shown large, and what happened is kept.',
    },
    {
        want: 'To measure an instrument',
        href: instrumentsIndex,
        place: 'Instruments',
        how: 'its sheet says where to measure; a calliper can be tried without one.',
    },
    {
        want: 'To know what is due, and when it was done',
        href: logWeek,
        place: 'Log',
        how: 'hours, shows, care and the life of each string, by instrument and by owner.',
    },
    {
        want: 'To keep all of it safe',
        href: copiesIndex,
        place: 'Copies',
        how: 'a copy is made each day by itself; one file takes everything out, one button brings it back.',
    },
];

/** Where to go for what, the words, the keys, and what to take care of. */
export default function HelpPage({ groups }: Props) {
    return (
        <WorkshopFrame at={workshopHelp}>
            <div className="mt-4 grid gap-x-14 gap-y-8 lg:grid-cols-[minmax(0,1fr)_24rem]">
                <Part title="What do you want?">
                    <dl>
                        {ROADS.map(({ want, href, place, how }) => (
                            <div key={href} className="border-b border-rule py-2">
                                <dt className="font-semibold">{want}</dt>
                                <dd className="text-ink-soft">
                                    <Link href={href} className="text-accent underline underline-offset-3">
                                        {place}
                                    </Link>
                                    : {how}
                                </dd>
                            </div>
                        ))}
                    </dl>
                </Part>
                <div className="grid content-start gap-8">
                    <Part title="Words and keys">
                        <p className="text-ink-soft">
                            <Link href={wordsIndex} className="text-accent underline underline-offset-3">
                                Words explained
                            </Link>
                            : {groups.join(', ').toLowerCase()}. A word that is underlined with dots says the same where it
                            stands.
                        </p>
                        <p className="mt-3 flex flex-wrap gap-2">
                            <Button onClick={() => openCommands('keys')}>Keys that work here</Button>
                            <Button onClick={() => openCommands('palette')}>Do or open something</Button>
                        </p>
                    </Part>
                    <Part title="Take care">
                        <p>
                            Slacken strings before you cut them, keep hold of both ends, and protect your eyes. Never tune far
                            above what a string is made for. Nut, truss rod, a lifting bridge or a cracked top belong to a
                            qualified repairer. Local rules on waste and workshop chemicals come first.
                        </p>
                    </Part>
                </div>
            </div>
        </WorkshopFrame>
    );
}
