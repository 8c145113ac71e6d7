import { beginningOf } from './beginning';
import { Link, router } from '@inertiajs/react';
import { clsx } from 'clsx';
import { useState } from 'react';
import type { Due } from '../generated/views';
import { ask } from '../server/api';
import { useAct } from '../server/useAct';
import { Button } from '../ui/Button';
import { copied } from '../ui/copied';
import { buttonClass, fieldClass } from '../ui/classes';
import { Dialog } from '../ui/Dialog';
import { Field } from '../ui/Field';
import { Menu, MenuItem, MenuLink } from '../ui/Menu';
import { useAddress } from '../ui/useAddress';
import { useProvided } from '../frame/commands/provided';
import { Select } from '../ui/Select';
import { toast } from '../ui/toasts';
import { dateWords, dayWords } from '../units/times';
import { LogFrame } from './LogFrame';
import { PutOffDialog } from './PutOffDialog';

const SPANS = [
    { value: '1', label: 'This week' },
    { value: '4', label: 'Four weeks' },
    { value: '13', label: 'A quarter' },
];
const EVERY = 'every bench';
const EVERYBODY = 'everybody';

interface Props {
    due: Due[];
    weeks: number;
    /** A date, ISO 8601. */
    today: string;
    /** Where calendars can read it. */
    feed: string;
    /** How many there are. */
    instruments: number;
}

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
    const printed = `/log/week?${new URLSearchParams({ weeks: String(weeks), ...only }).toString()}`;
    useProvided({
        commands: [
            { group: 'Calendar', name: 'Subscribe to the calendar…', run: () => setSubscribing(true) },
            { group: 'Calendar', name: 'The calendar as a file', run: () => void window.open('/log/calendar') },
        ],
        busy: subscribing,
    });
    return (
        <LogFrame
            at="/log"
            tools={
                <>
                    <div className="w-36">
                        <Select
                            label="How far ahead"
                            value={String(weeks)}
                            choices={SPANS}
                            onChange={(value) =>
                                router.get(
                                    '/log',
                                    { ...(value === '1' ? {} : { weeks: value }), ...only },
                                    { preserveState: true },
                                )
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
                        <MenuLink href="/log/calendar" newTab>
                            As a file
                        </MenuLink>
                    </Menu>
                </>
            }
        >
            {instruments === 0 && (
                <p className="mt-8 max-w-prose text-ink-soft">
                    Once there are instruments, it stands here what each wants this week, and why: new strings by the hours they
                    have, two days before a show, care by the season, jobs by the day they are promised.{' '}
                    <Link href="/instruments/new" className="text-accent underline">
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
                    <Link href="/workshop/care" className="text-accent underline">
                        Care
                    </Link>
                    .
                </p>
            )}
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

function DueRow({ due, today, onDone, onPutOff }: { due: Due; today: string; onDone: () => void; onPutOff: () => void }) {
    const { act, busy, problem } = useAct();
    const late = due.on < today;
    const see = () =>
        act(async () => {
            const address = `/instruments/${due.instrument}/care`;
            const { id } = await ask<{ id: number }>(address, { method: 'POST', body: { rule: due.rule } });
            toast(`Seen to on ${due.name}: ${due.do}.`, {
                action: {
                    label: 'Undo',
                    run: () => void ask(`${address}/${id}`, { method: 'DELETE' }).then(onDone, onDone),
                },
            });
            onDone();
        });
    return (
        <li className="grid gap-x-5 gap-y-1 border-b border-rule py-2.5 md:grid-cols-[7.5rem_10rem_minmax(0,1fr)_auto]">
            <p className={clsx(late ? 'font-semibold text-caution' : due.on === today && 'font-semibold')}>
                {late && <span className="block">Late, since</span>}
                {due.on === today ? 'Today' : due.on.slice(0, 4) === today.slice(0, 4) ? dayWords(due.on) : dateWords(due.on)}
            </p>
            <p>
                <Link href={`/instruments/${due.instrument}?view=log`} className="font-semibold hover:text-accent">
                    {due.name}
                </Link>
                {due.owner !== '' && <span className="block text-sm text-ink-soft">{due.owner}</span>}
            </p>
            <div>
                <p className="font-semibold">{due.do}</p>
                <p className="max-w-prose text-sm text-ink-soft">
                    {due.why}
                    {due.from !== null &&
                        due.to !== null &&
                        ` It may be as early as ${dateWords(due.from)}, or as late as ${dateWords(due.to)}.`}
                    {due.put_off !== null && ` Put off to ${dateWords(due.put_off)}: ${due.put_off_why}`}
                </p>
                {due.caution !== '' && <p className="mt-0.5 max-w-prose text-sm">{due.caution}</p>}
                {problem !== undefined && (
                    <p role="alert" className="text-stop">
                        {problem}
                    </p>
                )}
            </div>
            <p className="flex items-start gap-1.5">
                {due.what === 'care' && (
                    <Button disabled={busy} onClick={see} aria-label={`Seen to: ${due.name}, ${due.do}`}>
                        Seen to
                    </Button>
                )}
                {(due.what === 'strings' || due.what === 'show') && due.job === null && (
                    <Link href={beginningOf(due)} className={buttonClass.plain}>
                        Begin a job
                    </Link>
                )}
                {due.job !== null && (due.what === 'job' || due.put_off === null) ? (
                    <Link href={`/jobs/${due.job}`} className={buttonClass.plain}>
                        Go on with it
                    </Link>
                ) : (
                    <Button look="quiet" onClick={onPutOff} aria-label={`Put off: ${due.name}, ${due.do}`}>
                        Put off…
                    </Button>
                )}
            </p>
        </li>
    );
}

function SubscribeDialog({ feed, onClose }: { feed: string; onClose: () => void }) {
    const [address, setAddress] = useState(feed);
    const { act, busy, problem } = useAct();
    return (
        <Dialog
            open
            onOpenChange={onClose}
            title="Subscribe to the calendar"
            description="Give this address to a calendar that can subscribe. It reads anew by itself; whoever has the address can read it."
            width="wide"
        >
            <Field label="Address" error={problem}>
                <input readOnly className={fieldClass} value={address} onFocus={(event) => event.target.select()} />
            </Field>
            <p className="mt-2 text-sm text-ink-soft">A calendar on another machine reaches it only where Lira does.</p>
            <div className="mt-4 flex flex-wrap gap-2">
                <Button
                    look="strong"
                    onClick={() => void copied(address, 'The address is copied.', 'Mark it and copy it by hand.')}
                >
                    Copy it
                </Button>
                <Button
                    disabled={busy}
                    onClick={() =>
                        act(async () => {
                            setAddress((await ask<{ feed: string }>('/log/calendar/address', { method: 'POST' })).feed);
                            toast('From now on only the new address is answered.');
                        })
                    }
                >
                    Make a new one
                </Button>
                <Button look="quiet" onClick={onClose}>
                    Close
                </Button>
            </div>
        </Dialog>
    );
}

function benchWords(bench: string): string {
    return bench === '' ? 'No bench yet' : `${bench} bench`;
}
