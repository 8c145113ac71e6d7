import { Head, Link } from '@inertiajs/react';
import { buttonClass, largeButtonClass } from '../ui/classes';
import { PageTitle } from '../ui/PageTitle';
import { pitchLabel } from '../units/pitch';
import { familyWords } from '../units/strings';
import { gaugeInches } from '../units/stringType';
import { formatGauge, gaugeUnit } from '../units/units';
import { useUnits } from '../units/useUnits';
import { Notches } from './packets/Notches';
import { benchShow } from '../generated/addresses/bench';
import { instrumentsEdit } from '../generated/addresses/instruments';
import { jobsShow } from '../generated/addresses/jobs';
import { drawerIndex, jobsCreate } from '../generated/addresses/places';
import { withAsked } from '../server/asked';
import type { PacketPage as Props } from '../generated/pages';

/** A packet, as the square on its label leads to it. */
export default function PacketPage({ code, set, instrument, string, of, lots, job }: Props) {
    const units = useUnits();
    return (
        <div className="mx-auto w-full max-w-2xl flex-1 px-4 pt-5 pb-8 sm:px-7">
            <Head title={`Packet ${code}`} />
            <PageTitle className="text-ink-soft">
                String {string.position} of {of}, {instrument.name}
            </PageTitle>
            <p data-figure="key" className="mt-1 text-6xl leading-tight font-extrabold tracking-tight max-sm:text-5xl">
                {pitchLabel(string.pitch)} <span className="font-normal text-ink-faint">·</span>{' '}
                {formatGauge(gaugeInches(string), units)}
            </p>
            <p className="mt-1 text-lg">
                {gaugeUnit(units)}, {familyWords(string)}
            </p>
            <div className="mt-3">
                <Notches count={string.position} large />
            </div>
            <p className="mt-5">
                {job === null ? (
                    <Link href={withAsked(jobsCreate, { set: set.id })} className={largeButtonClass.strong}>
                        Begin a job with this set…
                    </Link>
                ) : (
                    <Link href={jobsShow(job.id)} className={largeButtonClass.strong}>
                        Go on with its job: {job.do}
                    </Link>
                )}
            </p>
            <h2 className="mt-7 border-b border-ink pb-1 text-lg font-bold">Where it belongs</h2>
            <p className="mt-2">
                {code}, of{' '}
                <Link href={benchShow(set.id)} className="text-accent underline">
                    {set.name}
                </Link>
                , for{' '}
                <Link href={instrumentsEdit(instrument.id)} className="text-accent underline">
                    {instrument.name}
                </Link>
                .
            </p>
            <h2 className="mt-6 border-b border-ink pb-1 text-lg font-bold">More of it</h2>
            {lots.length === 0 ? (
                <p className="mt-2 text-ink-soft">None lies in the drawer.</p>
            ) : (
                <ul className="mt-1">
                    {lots.map(({ name, quantity, note }) => (
                        <li key={name} className="py-1">
                            {quantity} × {name}
                            {note !== '' && <span className="text-ink-soft">, {note}</span>}
                        </li>
                    ))}
                </ul>
            )}
            <p className="mt-6">
                <Link href={drawerIndex} className={buttonClass.plain}>
                    To the drawer
                </Link>
            </p>
        </div>
    );
}
