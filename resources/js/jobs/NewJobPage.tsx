import { Head, Link, router } from '@inertiajs/react';
import { useState } from 'react';
import type { Choice, PlannedString, Preview } from '../generated/views';
import { ask } from '../server/api';
import { newUuid } from '../server/keeper';
import { go } from '../server/go';
import { useAct } from '../server/useAct';
import { useAsked } from '../server/useAsked';
import { pitchLabel } from '../units/pitch';
import { familyWords } from '../units/strings';
import { gaugeInches } from '../units/stringType';
import { formatForce, formatGauge } from '../units/units';
import { useUnits } from '../units/useUnits';
import { buttonClass, fieldClass } from '../ui/classes';
import { Field } from '../ui/Field';
import { PageTitle, TitleLine } from '../ui/PageTitle';
import { SearchField } from '../ui/SearchField';
import { Select } from '../ui/Select';
import { agreedBody, AgreedFields, type Agreed } from './begin/AgreedFields';
import { KeepWay } from './begin/KeepWay';
import { Offers, type Offered } from './begin/Offers';
import { SchoolFields } from './begin/SchoolFields';
import { ShowSoonNote } from './ShowSoonNote';
import { capital, stringsWords } from '../units/words';
import { Explained } from '../ui/Explained';

type Schools = Record<string, string>;

interface Begin {
    set: { id: number; name: string };
    instrument: { id: number; name: string };
    owner: string;
    presents: Choice[];
    ways: Record<string, Schools>;
    way: string;
    schools: Schools;
    left_handed: boolean;
    /** Jobs on the instrument that are not finished. */
    open: { id: number; name: string }[];
    /** Which strings are asked for; none for all. */
    some: number[];
    preview: Preview;
}

interface Props {
    begin: Begin | null;
    /** An instrument whose set is still to be chosen. */
    instrument: { name: string; sets: { id: number; name: string }[] } | null;
    /** What a job is most likely begun for; null where a set or an instrument is chosen. */
    offers: Offered | null;
    benches: string[];
}

/** A job before it is begun: what goes on, what is on now, whose way it goes, and where its strings come from. */
export default function NewJobPage({ begin, instrument, offers, benches }: Props) {
    return (
        <div className="mx-auto w-full max-w-[86rem] px-4 pt-5 pb-10 sm:px-7">
            <Head title="Begin a job" />
            <TitleLine>
                <PageTitle className="pb-1.5">
                    {begin === null ? 'Begin a job' : `Put “${begin.set.name}” on ${begin.instrument.name}`}
                </PageTitle>
            </TitleLine>
            {begin === null ? (
                <div className={offers === null ? 'mt-6 max-w-md' : 'mt-5'}>
                    {instrument !== null && (
                        <section aria-label={`Sets for ${instrument.name}`} className="mb-6">
                            <h2 className="text-lg font-bold">Which set goes on {instrument.name}?</h2>
                            <ul className="mt-1 border-t border-rule">
                                {instrument.sets.map((set) => (
                                    <li key={set.id} className="border-b border-rule">
                                        <Link
                                            href={`/jobs/new?set=${set.id}`}
                                            className="block px-1 py-2.5 text-lg hover:bg-sheet"
                                        >
                                            {set.name}
                                        </Link>
                                    </li>
                                ))}
                            </ul>
                            {instrument.sets.length === 0 && <p className="mt-1 text-ink-soft">No set is designed for it yet.</p>}
                        </section>
                    )}
                    <div className="max-w-md">
                        <SearchField
                            label={instrument === null ? 'Which set goes on?' : 'Or another set'}
                            pick={({ sets }) => sets}
                            onTake={({ id }) => router.visit(`/jobs/new?set=${id}`)}
                        />
                    </div>
                    <p className="mt-3 max-w-prose text-ink-soft">
                        A set belongs to its instrument, so that is all that has to be chosen. One that is not designed yet begins
                        under{' '}
                        <Link href="/sets" className="underline">
                            Sets
                        </Link>
                        .
                    </p>
                    {offers !== null && <Offers {...offers} />}
                </div>
            ) : (
                <BeginForm key={begin.set.id} begin={begin} benches={benches} />
            )}
        </div>
    );
}

const WAYS: Record<string, string> = {
    usual: 'As is usual on such an instrument',
    workshop: 'The workshop’s way',
    owner: 'The owner’s way',
    last: 'As the last time on this instrument',
    own: 'As chosen here',
};

function BeginForm({ begin, benches }: { begin: Begin; benches: string[] }) {
    const units = useUnits();
    const { act, busy, problem } = useAct();
    const [present, setPresent] = useState(begin.presents[0]?.value ?? 'nothing');
    const [way, setWay] = useState(begin.way);
    const [schools, setSchools] = useState<Schools>(begin.schools);
    const [leftHanded, setLeftHanded] = useState(begin.left_handed);
    const [agreed, setAgreed] = useState<Agreed>({ owner: begin.owner, reason: 'dull', promised: '' });
    const [bench, setBench] = useState('');
    const [spares, setSpares] = useState('0');
    // Where most of them lie in the drawer they come from there; where few do, somebody has brought packets.
    const inDrawer = begin.preview.strings.filter(({ free }) => free > 0).length > begin.preview.strings.length / 2;
    const [from, setFrom] = useState(inDrawer ? 'drawer' : 'packets');
    // None said: all of them.
    const [some, setSome] = useState<number[]>(begin.some);
    const asked = {
        set: begin.set.id,
        present,
        schools,
        left_handed: leftHanded,
        ...(some.length === 0 ? {} : { strings: some }),
    };
    const same =
        present === begin.presents[0]?.value &&
        schools === begin.schools &&
        leftHanded === begin.left_handed &&
        some.length === 0;
    const { data, error } = useAsked<Preview>('/jobs/plan', same ? null : JSON.stringify(asked));
    const preview = same ? begin.preview : (data ?? begin.preview);
    const missing = from === 'drawer' ? preview.strings.filter(({ free }) => free === 0).map(({ position }) => position) : [];
    const ways = ['usual', ...Object.keys(begin.ways), ...(way === 'own' ? ['own'] : [])];
    const chooseWay = (chosen: string) => {
        setWay(chosen);
        setSchools(chosen === 'usual' ? {} : (begin.ways[chosen] ?? schools));
    };
    const [key] = useState(newUuid);
    const start = () =>
        act(async () => {
            const { id } = await ask<{ id: number }>('/jobs', {
                method: 'POST',
                body: {
                    ...asked,
                    ...agreedBody(agreed),
                    key,
                    bench,
                    way,
                    from_drawer: from === 'drawer',
                    spares: from === 'drawer' ? Number(spares) : 0,
                },
            });
            await go(`/jobs/${id}`);
        });
    return (
        <form
            className="mt-5 grid gap-x-12 gap-y-8 lg:grid-cols-[minmax(0,22rem)_minmax(0,1fr)]"
            onSubmit={(event) => {
                event.preventDefault();
                start();
            }}
        >
            <div className="grid min-w-0 content-start gap-4">
                {begin.open.map((job) => (
                    <p key={job.id} role="note" className="border-l-4 border-l-caution pl-3">
                        A job is open on it already: {job.name}.{' '}
                        <Link href={`/jobs/${job.id}`} className="text-accent underline underline-offset-2">
                            Go on with that one
                        </Link>
                    </p>
                ))}
                <Field label="On it now" hint="What comes off, and what it pulls.">
                    <Select value={present} choices={begin.presents} onChange={setPresent} />
                </Field>
                <WhichStrings strings={begin.preview.strings} some={some} onChange={setSome} />
                <AgreedFields agreed={agreed} onChange={setAgreed} />
                <Field label="Bench">
                    <input
                        className={fieldClass}
                        value={bench}
                        maxLength={60}
                        list="benches"
                        autoComplete="off"
                        onChange={(event) => setBench(event.target.value)}
                    />
                </Field>
                <datalist id="benches">
                    {benches.map((each) => (
                        <option key={each} value={each} />
                    ))}
                </datalist>
                <Field label="Whose way">
                    <Select
                        value={way}
                        choices={ways.map((value) => ({ value, label: WAYS[value] ?? value }))}
                        onChange={chooseWay}
                    />
                </Field>
                <label className="flex items-center gap-2">
                    <input type="checkbox" checked={leftHanded} onChange={(event) => setLeftHanded(event.target.checked)} />
                    Left-handed: everything mirrored
                </label>
                <div className="border-t border-ink pt-3" aria-live="polite">
                    <p className="text-lg">
                        <strong>{preview.steps} steps</strong>; it pulls {formatForce(preview.before_n, units)} now and{' '}
                        <strong>{formatForce(preview.after_n, units)}</strong> in the end.
                    </p>
                    {preview.assumed.length > 0 && (
                        <p className="mt-1 text-sm text-ink-soft">
                            Assumed, as nobody measured it on this instrument: {preview.assumed.join('; ')}.{' '}
                            <Link
                                href={`/instruments/${begin.instrument.id}`}
                                className="text-accent underline underline-offset-3"
                            >
                                Say how it is
                            </Link>
                        </p>
                    )}
                    {missing.length > 0 && (
                        <p className="mt-1 text-caution">
                            {capital(stringsWords(missing))} {missing.length === 1 ? 'is' : 'are'} not in the drawer. The job can
                            begin; the others go on first.
                        </p>
                    )}
                    {preview.show !== null && <ShowSoonNote show={preview.show} />}
                    {(problem ?? error?.message) !== undefined && (
                        <p role="alert" className="mt-1 text-stop">
                            {problem ?? error?.message}
                        </p>
                    )}
                    <div className="mt-3 flex gap-2">
                        <button type="submit" className={buttonClass.strong} disabled={busy}>
                            Begin
                        </button>
                        <Link href="/jobs" className={buttonClass.quiet}>
                            Cancel
                        </Link>
                    </div>
                </div>
            </div>
            <div className="grid min-w-0 content-start gap-8">
                <section aria-label="Strings">
                    <div className="flex flex-wrap items-end justify-between gap-3 border-b border-ink pb-1.5">
                        <h2 className="text-lg font-bold">Strings</h2>
                        <div className="flex flex-wrap items-center gap-4">
                            <label className="flex items-center gap-2">
                                <input type="radio" name="from" checked={from === 'drawer'} onChange={() => setFrom('drawer')} />
                                from the drawer
                            </label>
                            <label className="flex items-center gap-2">
                                <input
                                    type="radio"
                                    name="from"
                                    checked={from === 'packets'}
                                    onChange={() => setFrom('packets')}
                                />
                                from packets that are here
                            </label>
                            {from === 'drawer' && (
                                <label className="flex items-center gap-2 text-sm whitespace-nowrap text-ink-soft">
                                    spares of each
                                    <input
                                        type="number"
                                        min={0}
                                        max={3}
                                        className={`${fieldClass} h-8! w-16!`}
                                        value={spares}
                                        onChange={(event) => setSpares(event.target.value)}
                                    />
                                </label>
                            )}
                        </div>
                    </div>
                    <StringRows strings={preview.strings} drawer={from === 'drawer'} />
                </section>
                <section aria-label="How it is done">
                    <h2 className="border-b border-ink pb-1.5 text-lg font-bold">
                        <Explained word="school">How it is done</Explained>
                    </h2>
                    <SchoolFields
                        schools={preview.schools}
                        onChoose={(aspect, chosen) => {
                            setSchools({ ...schools, [aspect]: chosen });
                            setWay('own');
                        }}
                    />
                    <KeepWay owner={agreed.owner} schools={schools} />
                </section>
            </div>
        </form>
    );
}

function StringRows({ strings, drawer }: { strings: PlannedString[]; drawer: boolean }) {
    const units = useUnits();
    return (
        <table className="w-full max-w-2xl">
            <tbody>
                {strings.map((string) => (
                    <tr key={string.position} className="border-b border-rule">
                        <th scope="row" className="w-10 py-1.5 text-left text-lg font-bold">
                            {string.position}
                        </th>
                        <td className="w-16 font-semibold">{pitchLabel(string.pitch)}</td>
                        <td className="w-16">{formatGauge(gaugeInches(string), units)}</td>
                        <td className="text-ink-soft">{familyWords(string)}</td>
                        {drawer && (
                            <td className={string.free === 0 ? 'text-right text-caution' : 'text-right text-ink-soft'}>
                                {string.free === 0 ? 'none there' : `${string.free} there`}
                            </td>
                        )}
                    </tr>
                ))}
            </tbody>
        </table>
    );
}

/** All strings, or one that broke, or any few: what else is on stays, and gives the pitch. */
function WhichStrings({
    strings,
    some,
    onChange,
}: {
    strings: PlannedString[];
    /** Their positions; none for all. */
    some: number[];
    onChange: (some: number[]) => void;
}) {
    const turned = (position: number) =>
        some.includes(position) ? some.filter((each) => each !== position) : [...some, position].sort((a, b) => a - b);
    const chip = (on: boolean) =>
        `min-h-11 min-w-11 rounded-mark border px-2.5 font-semibold ${on ? 'border-accent bg-accent-wash text-accent' : 'border-rule-strong bg-sheet hover:border-ink'}`;
    return (
        <fieldset className="min-w-0">
            <legend className="text-sm font-semibold">Which strings</legend>
            <div className="mt-1 flex flex-wrap gap-1.5">
                <button
                    type="button"
                    aria-pressed={some.length === 0}
                    className={chip(some.length === 0)}
                    onClick={() => onChange([])}
                >
                    all
                </button>
                {strings.map(({ position, pitch }) => (
                    <button
                        key={position}
                        type="button"
                        aria-label={`String ${position}, ${pitchLabel(pitch)}`}
                        aria-pressed={some.includes(position)}
                        className={chip(some.includes(position))}
                        onClick={() => {
                            const next = turned(position);
                            onChange(next.length === strings.length ? [] : next);
                        }}
                    >
                        {position}
                    </button>
                ))}
            </div>
            {some.length > 0 && <p className="mt-1 text-sm text-ink-soft">The others stay on, pull, and give the pitch.</p>}
        </fieldset>
    );
}
