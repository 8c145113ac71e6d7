import { router } from '@inertiajs/react';
import { useState, type Dispatch, type SetStateAction } from 'react';
import { buttonClass } from '../ui/classes';
import { Select } from '../ui/Select';
import { LogFrame } from './LogFrame';
import { instrumentsYear } from '../generated/addresses/instruments';
import { logTable, logYear } from '../generated/addresses/log';
import { logTables, logYears } from '../generated/addresses/places';
import type { YearsPage as Props } from '../generated/pages';

/** A year of the workshop on one page, of an instrument on paper, and everything that the log keeps as tables. */
export default function YearsPage({ years, year, instruments, tables }: Props) {
    const [instrument, setInstrument] = useState(String(instruments[0]?.id ?? ''));
    return (
        <LogFrame
            at={logYears}
            tools={
                year !== null && (
                    <>
                        <div className="w-28">
                            <Select
                                label="Year"
                                value={String(year.year)}
                                choices={years.map((each) => ({ value: String(each), label: String(each) }))}
                                onChange={(value) => router.get(logYears, { year: value }, { preserveState: true })}
                            />
                        </div>
                        <a href={logYear(year.year)} target="_blank" rel="noreferrer" className={buttonClass.plain}>
                            Print the year
                        </a>
                    </>
                )
            }
        >
            {year === null ? (
                <p className="mt-8 max-w-prose text-ink-soft">
                    Once a job is finished or an hour is logged, the year stands here: jobs, minutes, strings used and what they
                    cost.
                </p>
            ) : (
                <div className="mt-4 grid gap-x-12 gap-y-8 lg:grid-cols-2">
                    <div className="grid content-start gap-8">
                        <Sums year={year} />
                        <ByInstrument year={year} />
                        <YearPapers
                            instrument={instrument}
                            instruments={instruments}
                            setInstrument={setInstrument}
                            year={year}
                            tables={tables}
                        />
                    </div>
                    <Used year={year} />
                </div>
            )}
        </LogFrame>
    );
}

/** What the year comes to. */
function Sums({ year }: { year: NonNullable<Props['year']> }) {
    return (
        <section aria-labelledby="sums">
            <h2 id="sums" className="border-b border-ink pb-1 text-lg font-bold">
                The workshop in {year.year}
            </h2>
            <dl>
                {year.sums.map(([what, much]) => (
                    <div key={what} className="flex justify-between border-b border-rule py-1.5">
                        <dt>{what}</dt>
                        <dd className="font-bold">{much}</dd>
                    </div>
                ))}
            </dl>
        </section>
    );
}

/** What was done to each instrument. */
function ByInstrument({ year }: { year: NonNullable<Props['year']> }) {
    return (
        <section aria-labelledby="by-instrument">
            <h2 id="by-instrument" className="border-b border-ink pb-1 text-lg font-bold">
                By instrument
            </h2>
            {year.instruments.length === 0 && <p className="mt-2 text-ink-soft">No job was finished that year.</p>}
            <table className="w-full">
                <tbody>
                    {year.instruments.map(({ name, owner, jobs, minutes }) => (
                        <tr key={`${name} ${owner}`} className="border-b border-rule">
                            <th scope="row" className="py-1.5 text-left font-normal">
                                <strong>{name}</strong>
                                {owner !== '' && <span className="text-ink-soft">, {owner}</span>}
                            </th>
                            <td className="text-right whitespace-nowrap">
                                {jobs} {jobs === 1 ? 'job' : 'jobs'}
                            </td>
                            <td className="w-28 text-right">{minutes}</td>
                        </tr>
                    ))}
                </tbody>
            </table>
        </section>
    );
}

/** The year of an instrument on paper, and all of it as tables. */
function YearPapers({
    instrument,
    instruments,
    setInstrument,
    year,
    tables,
}: {
    instrument: string;
    instruments: Props['instruments'];
    setInstrument: Dispatch<SetStateAction<string>>;
    year: NonNullable<Props['year']>;
    tables: Props['tables'];
}) {
    return (
        <section aria-labelledby="papers">
            <h2 id="papers" className="border-b border-ink pb-1 text-lg font-bold">
                An instrument’s year, and tables
            </h2>
            <div className="mt-2 flex flex-wrap items-center gap-2">
                <div className="w-52">
                    <Select
                        label="Instrument"
                        value={instrument}
                        choices={instruments.map(({ id, name }) => ({ value: String(id), label: name }))}
                        onChange={setInstrument}
                    />
                </div>
                <a href={instrumentsYear(instrument, year.year)} target="_blank" rel="noreferrer" className={buttonClass.plain}>
                    Print its {year.year}
                </a>
            </div>
            <p className="mt-4 text-ink-soft">Everything that the log keeps, as CSV:</p>
            <p className="mt-1 flex flex-wrap gap-2">
                {tables.map(({ name, says }) => (
                    <a key={name} href={logTable(name)} title={says} className={buttonClass.plain}>
                        {name}
                    </a>
                ))}
                <a href={logTables} className={buttonClass.plain}>
                    all in one file
                </a>
            </p>
        </section>
    );
}

/** Strings that were put on. */
function Used({ year }: { year: NonNullable<Props['year']> }) {
    return (
        <section aria-labelledby="used">
            <h2 id="used" className="border-b border-ink pb-1 text-lg font-bold">
                Strings put on
            </h2>
            {year.used.length === 0 && <p className="mt-2 text-ink-soft">None that year.</p>}
            {year.used.length > 0 && (
                <table className="w-full">
                    <thead>
                        <tr className="text-left text-sm text-ink-soft">
                            <th className="py-1 font-normal">String</th>
                            <th className="py-1 text-right font-normal">Count</th>
                            <th className="py-1 text-right font-normal">They did, mean</th>
                        </tr>
                    </thead>
                    <tbody>
                        {year.used.map(({ what, count, hours }) => (
                            <tr key={what} className="border-t border-rule">
                                <th scope="row" className="py-1 text-left font-normal">
                                    {what}
                                </th>
                                <td className="text-right font-semibold">{count}</td>
                                <td className="text-right">{hours}</td>
                            </tr>
                        ))}
                    </tbody>
                </table>
            )}
        </section>
    );
}
