import { router } from '@inertiajs/react';
import { useState } from 'react';
import type { Due } from '../generated/views';
import { useAddress } from '../ui/useAddress';
import { useProvided } from '../frame/commands/provided';
import { LogFrame } from './LogFrame';
import { PutOffDialog } from './PutOffDialog';
import { DueRow } from './week/DueRow';
import { SubscribeDialog } from './week/SubscribeDialog';
import { logCalendar, logSheet, logWeek } from '../generated/addresses/places';
import { withAsked } from '../server/asked';
import type { WeekPage as Props } from '../generated/pages';
import { Nothing } from './week/Nothing';
import { Tools, benchWords, EVERY, EVERYBODY } from './week/Tools';

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
