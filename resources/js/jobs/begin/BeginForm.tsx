import { Link } from '@inertiajs/react';
import { useState, type Dispatch, type SetStateAction } from 'react';
import type { Preview, Begin } from '../../generated/views';
import { ask } from '../../server/api';
import { newUuid } from '../../server/keeper';
import { go } from '../../server/go';
import { useAct } from '../../server/useAct';
import { useAsked } from '../../server/useAsked';
import { formatForce, type Units } from '../../units/units';
import { useUnits } from '../../units/useUnits';
import { buttonClass, fieldClass } from '../../ui/classes';
import { Field } from '../../ui/Field';
import { TextField } from '../../ui/TextField';
import { Select } from '../../ui/Select';
import { agreedBody, AgreedFields, type Agreed } from './AgreedFields';
import { KeepWay } from './KeepWay';
import { SchoolFields } from './SchoolFields';
import { ShowSoonNote } from '../ShowSoonNote';
import { capital, stringsWords } from '../../units/words';
import { Explained } from '../../ui/Explained';
import { type Schools, WAYS } from './begin';
import { WhichStrings } from './WhichStrings';
import { StringRows } from './StringRows';
import { instrumentsEdit } from '../../generated/addresses/instruments';
import { jobsShow } from '../../generated/addresses/jobs';
import { jobsIndex, jobsPlan, jobsStore } from '../../generated/addresses/places';

export function BeginForm({ begin, benches }: { begin: Begin; benches: string[] }) {
    const units = useUnits();
    const at = useBeginning(begin);
    return (
        <form
            className="mt-5 grid gap-x-12 gap-y-8 lg:grid-cols-[minmax(0,22rem)_minmax(0,1fr)]"
            onSubmit={(event) => {
                event.preventDefault();
                at.start();
            }}
        >
            <div className="grid min-w-0 content-start gap-4">
                <OpenAlready begin={begin} />
                <Field label="On it now" hint="What comes off, and what it pulls.">
                    <Select value={at.present} choices={begin.presents} onChange={at.setPresent} />
                </Field>
                <WhichStrings strings={begin.preview.strings} some={at.some} onChange={at.setSome} />
                <AgreedFields agreed={at.agreed} onChange={at.setAgreed} />
                <BenchField bench={at.bench} setBench={at.setBench} benches={benches} />
                <WhoseWay
                    way={at.way}
                    ways={at.ways}
                    chooseWay={at.chooseWay}
                    leftHanded={at.leftHanded}
                    setLeftHanded={at.setLeftHanded}
                />
                <PlanAhead
                    preview={at.preview}
                    units={units}
                    begin={begin}
                    missing={at.missing}
                    problem={at.problem}
                    error={at.error}
                    busy={at.busy}
                />
            </div>
            <div className="grid min-w-0 content-start gap-8">
                <section aria-label="Strings">
                    <WhereFrom from={at.from} setFrom={at.setFrom} spares={at.spares} setSpares={at.setSpares} />
                    <StringRows strings={at.preview.strings} drawer={at.from === 'drawer'} />
                </section>
                <section aria-label="How it is done">
                    <h2 className="border-b border-ink pb-1.5 text-lg font-bold">
                        <Explained word="school">How it is done</Explained>
                    </h2>
                    <SchoolFields schools={at.preview.schools} onChoose={at.chooseSchool} />
                    <KeepWay owner={at.agreed.owner} schools={at.schools} />
                </section>
            </div>
        </form>
    );
}

/** Where most of them lie in the drawer they come from there; where few do, somebody has brought packets. */
function mostInDrawer({ strings }: Preview): boolean {
    return strings.filter(({ free }) => free > 0).length > strings.length / 2;
}

/** Whether nothing was chosen otherwise: then what came with the page is the answer. */
function isAsOffered(
    begin: Begin,
    {
        present,
        schools,
        left_handed: leftHanded,
        strings,
    }: { present: string; schools: Schools; left_handed: boolean; strings?: number[] },
): boolean {
    return (
        present === begin.presents[0]?.value &&
        schools === begin.schools &&
        leftHanded === begin.left_handed &&
        strings === undefined
    );
}

/** What is chosen of a job before it is begun, and what that comes to. */
function useBeginning(begin: Begin) {
    const { act, busy, problem } = useAct();
    const [present, setPresent] = useState(begin.presents[0]?.value ?? 'nothing');
    const [way, setWay] = useState(begin.way);
    const [schools, setSchools] = useState<Schools>(begin.schools);
    const [leftHanded, setLeftHanded] = useState(begin.left_handed);
    const [agreed, setAgreed] = useState<Agreed>({ owner: begin.owner, reason: 'dull', promised: '' });
    const [bench, setBench] = useState('');
    const [spares, setSpares] = useState('0');
    const [from, setFrom] = useState(() => (mostInDrawer(begin.preview) ? 'drawer' : 'packets'));
    const [some, setSome] = useState<number[]>(begin.some);
    // Of strings none said: all of them.
    const asked = {
        set: begin.set.id,
        present,
        schools,
        left_handed: leftHanded,
        ...(some.length === 0 ? {} : { strings: some }),
    };
    const same = isAsOffered(begin, asked);
    const { data, error } = useAsked<Preview>(jobsPlan, same ? null : JSON.stringify(asked));
    const preview = same ? begin.preview : (data ?? begin.preview);
    const missing = from === 'drawer' ? preview.strings.filter(({ free }) => free === 0).map(({ position }) => position) : [];
    const ways = ['usual', ...Object.keys(begin.ways), ...(way === 'own' ? ['own'] : [])];
    const chooseWay = (chosen: string) => {
        setWay(chosen);
        setSchools(chosen === 'usual' ? {} : (begin.ways[chosen] ?? schools));
    };
    const chooseSchool = (aspect: string, chosen: string) => {
        setSchools({ ...schools, [aspect]: chosen });
        setWay('own');
    };
    const [key] = useState(newUuid);
    const start = () =>
        act(async () => {
            const { id } = await ask<{ id: number }>(jobsStore, {
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
            await go(jobsShow(id));
        });
    return {
        start,
        present,
        setPresent,
        some,
        setSome,
        agreed,
        setAgreed,
        bench,
        setBench,
        way,
        ways,
        chooseWay,
        leftHanded,
        setLeftHanded,
        preview,
        missing,
        problem,
        error,
        busy,
        from,
        setFrom,
        spares,
        setSpares,
        schools,
        chooseSchool,
    };
}

/** Jobs on the instrument that are not finished. */
function OpenAlready({ begin }: { begin: Begin }) {
    return (
        <>
            {begin.open.map((job) => (
                <p key={job.id} role="note" className="border-l-4 border-l-caution pl-3">
                    A job is open on it already: {job.name}.{' '}
                    <Link href={jobsShow(job.id)} className="text-accent underline underline-offset-2">
                        Go on with that one
                    </Link>
                </p>
            ))}
        </>
    );
}

/** At which bench it is done. */
function BenchField({
    bench,
    setBench,
    benches,
}: {
    bench: string;
    setBench: Dispatch<SetStateAction<string>>;
    benches: string[];
}) {
    return (
        <>
            <TextField label="Bench" value={bench} maxLength={60} list="benches" autoComplete="off" onChange={setBench} />
            <datalist id="benches">
                {benches.map((each) => (
                    <option key={each} value={each} />
                ))}
            </datalist>
        </>
    );
}

/** By whose way it is done, and for which hand. */
function WhoseWay({
    way,
    ways,
    chooseWay,
    leftHanded,
    setLeftHanded,
}: {
    way: string;
    ways: string[];
    chooseWay: (chosen: string) => void;
    leftHanded: boolean;
    setLeftHanded: Dispatch<SetStateAction<boolean>>;
}) {
    return (
        <>
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
        </>
    );
}

/** What the plan comes to, and the press that begins it. */
function PlanAhead({
    preview,
    units,
    begin,
    missing,
    problem,
    error,
    busy,
}: {
    preview: Preview;
    units: Units;
    begin: Begin;
    missing: number[];
    problem: string | undefined;
    error: Error | null;
    busy: boolean;
}) {
    return (
        <div className="border-t border-ink pt-3" aria-live="polite">
            <p className="text-lg">
                <strong>{preview.steps} steps</strong>; it pulls {formatForce(preview.before_n, units)} now and{' '}
                <strong>{formatForce(preview.after_n, units)}</strong> in the end.
            </p>
            {preview.assumed.length > 0 && (
                <p className="mt-1 text-sm text-ink-soft">
                    Assumed, as nobody measured it on this instrument: {preview.assumed.join('; ')}.{' '}
                    <Link href={instrumentsEdit(begin.instrument.id)} className="text-accent underline underline-offset-3">
                        Say how it is
                    </Link>
                </p>
            )}
            {missing.length > 0 && (
                <p className="mt-1 text-caution">
                    {capital(stringsWords(missing))} {missing.length === 1 ? 'is' : 'are'} not in the drawer. The job can begin;
                    the others go on first.
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
                <Link href={jobsIndex} className={buttonClass.quiet}>
                    Cancel
                </Link>
            </div>
        </div>
    );
}

/** Where its strings come from. */
function WhereFrom({
    from,
    setFrom,
    spares,
    setSpares,
}: {
    from: string;
    setFrom: Dispatch<SetStateAction<string>>;
    spares: string;
    setSpares: Dispatch<SetStateAction<string>>;
}) {
    return (
        <div className="flex flex-wrap items-end justify-between gap-3 border-b border-ink pb-1.5">
            <h2 className="text-lg font-bold">Strings</h2>
            <div className="flex flex-wrap items-center gap-4">
                <label className="flex items-center gap-2">
                    <input type="radio" name="from" checked={from === 'drawer'} onChange={() => setFrom('drawer')} />
                    from the drawer
                </label>
                <label className="flex items-center gap-2">
                    <input type="radio" name="from" checked={from === 'packets'} onChange={() => setFrom('packets')} />
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
    );
}
