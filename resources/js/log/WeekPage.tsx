import { Link, router } from '@inertiajs/react';
import { useState, type Dispatch, type SetStateAction } from 'react';
import type { Due } from '../generated/views';
import { Button } from '../ui/Button';
import { buttonClass } from '../ui/classes';
import { Menu, MenuItem, MenuLink } from '../ui/Menu';
import { useAddress } from '../ui/useAddress';
import { useProvided } from '../frame/commands/provided';
import { Select } from '../ui/Select';
import { LogFrame } from './LogFrame';
import { PutOffDialog } from './PutOffDialog';
import { DueRow } from './week/DueRow';
import { SubscribeDialog } from './week/SubscribeDialog';
import { careIndex, instrumentsCreate, logCalendar, logSheet, logWeek } from '../generated/addresses/places';
import { withAsked } from '../server/asked';
import type { WeekPage as Props } from '../generated/pages';

const SPANS = [
    { value: '1', label: 'This week' },
    { value: '4', label: 'Four weeks' },
    { value: '13', label: 'A quarter' },
];
const EVERY = 'every bench';
const EVERYBODY = 'everybody';

/** What is due on every bench, with its reason: strings, care, what is before a show, what was promised. */
export default function WeekPage({ due: all, weeks, today, feed, instruments }: Props) {
    const [{ bench, owner }, look] = useAddress({ bench: EVERY, owner: EVERYBODY });
    const owners = [...new Set(all.map((each) => each.owner))]
        .filter((each) => each !== '')
        .sort((one, other) => one.localeCompare(other));
    const due = owner === EVERYBODY ? all : all.filter((each) => each.owner === owner);
    const [putOff, setPutOff] = useState<Due | null>(null);
    const [subscribing, setSubscribing] = useState(false);
    const reload = () => router.reload({ only: ['due'] });
    const benches = [...new Set(due.map((each) => each.bench))].sort((one, other) =>
        one === '' ? 1 : other === '' ? -1 : one.localeCompare(other),
    );
    const shown = benches.filter((each) => bench === EVERY || each === bench);
    const only = { ...(bench === EVERY ? {} : { bench }), ...(owner === EVERYBODY ? {} : { owner }) };
    const printed = withAsked(logSheet, { weeks: weeks, ...only });
    useProvided({
        commands: [
            { group: 'Calendar', name: 'Subscribe to the calendar…', run: () => setSubscribing(true) },
            { group: 'Calendar', name: 'The calendar as a file', run: () => void window.open(logCalendar) },
        ],
        busy: subscribing,
    });
    return (
        <LogFrame
            at={logWeek}
            tools={
                <Tools
                    weeks={weeks}
                    only={only}
                    benches={benches}
                    bench={bench}
                    look={look}
                    owners={owners}
                    owner={owner}
                    printed={printed}
                    setSubscribing={setSubscribing}
                />
            }
        >
            <Nothing instruments={instruments} due={due} owner={owner} weeks={weeks} />
            {shown.map((each) => (
                <section key={each} aria-label={benchWords(each)} className="mt-5">
                    <h2 className="border-b border-ink pb-1 text-lg font-bold">{benchWords(each)}</h2>
                    <ul>
                        {due
                            .filter((one) => one.bench === each)
                            .map((one) => (
                                <DueRow key={one.key} due={one} today={today} onDone={reload} onPutOff={() => setPutOff(one)} />
                            ))}
                    </ul>
                </section>
            ))}
            {putOff !== null && (
                <PutOffDialog
                    due={putOff}
                    today={today}
                    onClose={() => setPutOff(null)}
                    onDone={() => {
                        setPutOff(null);
                        reload();
                    }}
                />
            )}
            {subscribing && <SubscribeDialog feed={feed} onClose={() => setSubscribing(false)} />}
        </LogFrame>
    );
}

function benchWords(bench: string): string {
    return bench === '' ? 'No bench yet' : `${bench} bench`;
}

/** How far ahead, for which bench and whom; on paper and as a calendar. */
function Tools({
    weeks,
    only,
    benches,
    bench,
    look,
    owners,
    owner,
    printed,
    setSubscribing,
}: {
    weeks: Props['weeks'];
    only: { owner?: string; bench?: string };
    benches: string[];
    bench: string;
    look: (changed: Partial<{ bench: string; owner: string }>, typing?: boolean) => void;
    owners: string[];
    owner: string;
    printed: string;
    setSubscribing: Dispatch<SetStateAction<boolean>>;
}) {
    return (
        <>
            <div className="w-36">
                <Select
                    label="How far ahead"
                    value={String(weeks)}
                    choices={SPANS}
                    onChange={(value) =>
                        router.get(logWeek, { ...(value === '1' ? {} : { weeks: value }), ...only }, { preserveState: true })
                    }
                />
            </div>
            {benches.length > 1 && (
                <div className="w-40">
                    <Select
                        label="Bench"
                        value={bench === '' ? '–' : bench}
                        choices={[EVERY, ...benches].map((each) => ({
                            value: each === '' ? '–' : each,
                            label: each === EVERY ? 'Every bench' : benchWords(each),
                        }))}
                        onChange={(value) => look({ bench: value === '–' ? '' : value })}
                    />
                </div>
            )}
            {(owners.length > 1 || owner !== EVERYBODY) && (
                <div className="w-44">
                    <Select
                        label="Owner"
                        value={owner}
                        choices={[...new Set([EVERYBODY, ...owners, owner])].map((each) => ({
                            value: each,
                            label: each === EVERYBODY ? 'Every owner' : each,
                        }))}
                        onChange={(value) => look({ owner: value })}
                    />
                </div>
            )}
            <a href={printed} target="_blank" rel="noreferrer" className={buttonClass.plain}>
                Print
            </a>
            <Menu trigger={<Button>Calendar</Button>}>
                <MenuItem onSelect={() => setSubscribing(true)}>Subscribe to it…</MenuItem>
                <MenuLink href={logCalendar} newTab>
                    As a file
                </MenuLink>
            </Menu>
        </>
    );
}

/** What stands here once there is something to say. */
function Nothing({
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
