import { Link } from '@inertiajs/react';
import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import type { InstrumentLife, Then, TimeLine } from '../generated/views';
import { ShareYear } from '../documents/share/ShareYear';
import { REASONS } from '../generated/words';
import { ask, failureWords } from '../server/api';
import { formatForce } from '../units/units';
import { useUnits } from '../units/useUnits';
import { dateWords } from '../units/times';
import { Button } from '../ui/Button';
import { buttonClass } from '../ui/classes';
import { Select } from '../ui/Select';
import { BreakMap } from './BreakMap';
import { hoursWords } from '../units/hours';
import { StringsLife } from './StringsLife';
import { TimeLineDrawing } from './TimeLineDrawing';
import { instrumentsLog, instrumentsYear } from '../generated/addresses/instruments';
import { jobsShow } from '../generated/addresses/jobs';
import { photographsShow } from '../generated/addresses/photographs';
import { logWeek } from '../generated/addresses/places';

const SHOWN = 12;

/** An instrument through time: its strings now, what was on it, what was done, where strings broke, what it looked like. */
export function InstrumentLog({ instrument, life }: { instrument: number; life: InstrumentLife }) {
    const [now] = useState(Date.now);
    const units = useUnits();
    const [sharing, setSharing] = useState(false);
    const { data, error, refetch } = useQuery({
        queryKey: ['log', instrument],
        queryFn: ({ signal }) => ask<TimeLine>(instrumentsLog(instrument), { signal }),
        staleTime: 0,
    });
    return (
        <div className="grid gap-8">
            <StringsLife instrument={instrument} life={life} onChange={() => void refetch()} />
            {error !== null && (
                <p role="alert" className="text-stop">
                    {failureWords(error)} <Button onClick={() => void refetch()}>Try again</Button>
                </p>
            )}
            {data === undefined ? (
                error === null && <p className="h-80 text-ink-soft">The log is being read…</p>
            ) : (
                <>
                    <section aria-labelledby="line">
                        <h2 id="line" className="border-b border-ink pb-1 text-lg font-bold">
                            Through time
                        </h2>
                        {data.periods.length + data.weeks.length + data.happened.length === 0 ? (
                            <p className="mt-2 max-w-prose text-ink-soft">
                                Nothing is known yet. Jobs, hours, measurements and care are drawn here as they come.
                            </p>
                        ) : (
                            <div className="mt-2">
                                <TimeLineDrawing line={data} units={units} now={now} />
                            </div>
                        )}
                    </section>
                    <div className="grid gap-x-12 gap-y-8 lg:grid-cols-2">
                        <Sets line={data} />
                        <Happened line={data} />
                    </div>
                    <section aria-labelledby="breaks">
                        <h2 id="breaks" className="border-b border-ink pb-1 text-lg font-bold">
                            Where its strings broke
                        </h2>
                        <div className="mt-2">
                            <BreakMap broke={data.broke} strings={data.strings} />
                        </div>
                    </section>
                    <ThenAndNow instrument={instrument} photographs={data.photographs} />
                    <p className="flex flex-wrap items-center gap-2">
                        <a
                            href={instrumentsYear(instrument, new Date(now).getFullYear())}
                            target="_blank"
                            rel="noreferrer"
                            className={buttonClass.plain}
                        >
                            Print this year of it
                        </a>
                        <Button look="quiet" onClick={() => setSharing(true)}>
                            Share this year of it…
                        </Button>
                        <Link href={logWeek} className={buttonClass.quiet}>
                            What is due everywhere
                        </Link>
                    </p>
                    {sharing && (
                        <ShareYear onClose={() => setSharing(false)} instrument={instrument} year={new Date(now).getFullYear()} />
                    )}
                </>
            )}
        </div>
    );
}

function Sets({ line }: { line: TimeLine }) {
    const units = useUnits();
    const [all, setAll] = useState(false);
    const periods = [...line.periods].reverse();
    return (
        <section aria-labelledby="sets">
            <h2 id="sets" className="border-b border-ink pb-1 text-lg font-bold">
                What was on it
            </h2>
            {periods.length === 0 && <p className="mt-2 text-ink-soft">A finished job tells what it put on.</p>}
            <ul>
                {periods.slice(0, all ? undefined : SHOWN / 2).map((period) => (
                    <li key={period.from} className="border-b border-rule py-1.5">
                        <p className="flex flex-wrap gap-x-3">
                            {period.job === null ? (
                                <strong>{period.name}</strong>
                            ) : (
                                <Link href={jobsShow(period.job)} className="font-semibold hover:text-accent">
                                    {period.name}
                                </Link>
                            )}
                            <span className="text-ink-soft">
                                {dateWords(period.from)} to {period.to === null ? 'now' : dateWords(period.to)}
                            </span>
                            <span className="ml-auto">
                                {[
                                    period.hours === null ? '' : hoursWords(period.hours),
                                    period.pull_n === null ? '' : formatForce(period.pull_n, units),
                                ]
                                    .filter((words) => words !== '')
                                    .join(', ')}
                            </span>
                        </p>
                        <p className="text-sm text-ink-soft">
                            {[
                                period.felt,
                                period.to === null
                                    ? ''
                                    : `Came off: ${new Map(Object.entries(REASONS)).get(period.reason) ?? 'not said'}.`,
                                period.broke.length === 0 ? '' : `String ${period.broke.join(', ')} broke.`,
                            ]
                                .filter((words) => words !== '')
                                .join(' ')}
                        </p>
                    </li>
                ))}
            </ul>
            {periods.length > SHOWN / 2 && !all && (
                <Button look="quiet" className="mt-1" onClick={() => setAll(true)}>
                    All {periods.length}
                </Button>
            )}
        </section>
    );
}

function Happened({ line }: { line: TimeLine }) {
    const [all, setAll] = useState(false);
    return (
        <section aria-labelledby="happened">
            <h2 id="happened" className="border-b border-ink pb-1 text-lg font-bold">
                What was done and played
            </h2>
            {line.happened.length === 0 && <p className="mt-2 text-ink-soft">Care, saddles, shows and notes stand here.</p>}
            <ul>
                {line.happened.slice(0, all ? undefined : SHOWN).map(({ on, words }, index) => (
                    <li key={`${on} ${index}`} className="grid grid-cols-[7rem_1fr] border-b border-rule py-1">
                        <span className="text-ink-soft">{dateWords(on)}</span>
                        <span>{words}</span>
                    </li>
                ))}
            </ul>
            {line.happened.length > SHOWN && !all && (
                <Button look="quiet" className="mt-1" onClick={() => setAll(true)}>
                    All {line.happened.length}
                </Button>
            )}
        </section>
    );
}

/** Two photographs side by side: the first and the last, or any others. */
function ThenAndNow({ instrument, photographs }: { instrument: number; photographs: Then[] }) {
    const [then, setThen] = useState(String(photographs[0]?.id ?? ''));
    const [since, setSince] = useState(String(photographs.at(-1)?.id ?? ''));
    if (photographs.length < 2) {
        return null;
    }
    const choices = photographs.map(({ id, on, caption, moment, job }) => ({
        value: String(id),
        label: [dateWords(on), caption, job === '' ? '' : `${moment} ${job}`].filter((words) => words !== '').join(', '),
    }));
    return (
        <section aria-labelledby="then">
            <h2 id="then" className="border-b border-ink pb-1 text-lg font-bold">
                Then and now
            </h2>
            <div className="mt-2 grid gap-4 sm:grid-cols-2">
                {(
                    [
                        ['Then', then, setThen],
                        ['Now', since, setSince],
                    ] as const
                ).map(([name, value, change]) => (
                    <figure key={name}>
                        <Select label={name} value={value} choices={choices} onChange={change} />
                        <img
                            src={photographsShow(instrument, value)}
                            alt={choices.find((choice) => choice.value === value)?.label ?? ''}
                            className="mt-2 w-full rounded-mark border border-rule"
                        />
                    </figure>
                ))}
            </div>
        </section>
    );
}
