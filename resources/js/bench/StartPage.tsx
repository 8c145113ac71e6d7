import { Head, Link } from '@inertiajs/react';
import { useRef, useState, type KeyboardEvent, type Dispatch, type SetStateAction } from 'react';
import { ask, Refused } from '../server/api';
import { go } from '../server/go';
import { useAct } from '../server/useAct';
import { useAsked } from '../server/useAsked';
import { Button } from '../ui/Button';
import { largeButtonClass } from '../ui/classes';
import { PageTitle } from '../ui/PageTitle';
import { onDemand } from '../ui/onDemand';
import { type Answer, type ReadAnswers, type Named } from './start/answers';
import { Asked } from './start/Asked';
import { benchShow } from '../generated/addresses/bench';
import { benchLast, demoStore, instrumentsCreate, setsIndex, startRead, startStore } from '../generated/addresses/places';
import type { StartPage as Props } from '../generated/pages';

const DemoOut = onDemand<{ onClose: () => void }>(
    () => import('../frame/DemoOut').then((module) => module.DemoOut),
    ({ onClose }) => onClose(),
);

const ANSWERS = ['instrument', 'present', 'wish'];

const DESCRIBED = ['electric guitar 25.5 in', 'acoustic guitar', 'five-string bass 34 in', 'baritone', '12-string'];
/** From what one has to what one wants: three answers in one's own words, and the set stands on the Bench. */
export default function StartPage({ instruments, chosen, empty, demo }: Props) {
    const starting = useStarting(chosen);
    const { form, begin, problem, busy, look, takingOut, setTakingOut } = starting;
    return (
        <div className="flex-1 px-4 py-6 sm:px-7">
            <Head title="Start" />
            {takingOut && <DemoOut onClose={() => setTakingOut(false)} />}
            <form
                ref={form}
                onKeyDown={toNextQuestion}
                className="mx-auto max-w-3xl"
                noValidate
                onSubmit={(event) => {
                    event.preventDefault();
                    begin();
                }}
            >
                <PageTitle>What do you have, and what should it become?</PageTitle>
                <p className="mt-1 max-w-prose text-ink-soft">
                    Three answers in your own words; what you leave empty is taken as usual. Then the strings that feel the same
                    stand on the Bench, where everything can be changed.
                </p>
                <Questions starting={starting} instruments={instruments} chosen={chosen} />
                {problem !== undefined && (
                    <p role="alert" className="mt-4 text-stop">
                        {problem}
                    </p>
                )}
                <Begin busy={busy} empty={empty} look={look} demo={demo} setTakingOut={setTakingOut} />
                {empty && (
                    <p className="mt-2 text-sm text-ink-faint">
                        The demo is a made-up workshop with instruments, sets and jobs. It can be taken out again whole.
                    </p>
                )}
                {!empty && <Otherwise />}
            </form>
        </div>
    );
}

/** Enter goes on to the next question, and from the last one to the Bench. */
function toNextQuestion(event: KeyboardEvent<HTMLFormElement>) {
    const inputs = [...event.currentTarget.querySelectorAll('input')];
    const next = inputs[inputs.indexOf(event.target as HTMLInputElement) + 1];
    if (event.key === 'Enter' && event.target instanceof HTMLInputElement && next !== undefined) {
        event.preventDefault();
        next.focus();
    }
}

/** What somebody answers, what it is read as, and the beginning from it. */
function useStarting(chosen: Props['chosen']) {
    const [instrument, setInstrument] = useState(chosen?.name ?? '');
    const [present, setPresent] = useState('');
    const [wish, setWish] = useState(() => new URLSearchParams(window.location.search).get('wish') ?? '');
    const form = useRef<HTMLFormElement>(null);
    // One of the workshop's is meant once it was tapped; words alone are read.
    const [own, setOwn] = useState<Named | null>(chosen);
    const answers = { instrument: own === null ? instrument : '', instrument_id: own?.id ?? null, present, wish };
    const { data } = useAsked<ReadAnswers>(startRead, JSON.stringify(answers));
    const { act, busy, problem } = useAct();
    const [refused, setRefused] = useState<Partial<Record<Answer, string>>>({});

    const begin = () =>
        act(async () => {
            try {
                const { id } = await ask<{ id: number }>(startStore, { method: 'POST', body: answers });
                await go(benchShow(id));
            } catch (failure) {
                if (!(failure instanceof Refused) || failure.problems.every(({ path }) => !ANSWERS.includes(path.slice(1)))) {
                    throw failure;
                }
                setRefused(Object.fromEntries(failure.problems.map(({ path, message }) => [path.slice(1), message])));
                form.current?.querySelector<HTMLInputElement>(`input[name=${failure.problems[0]?.path.slice(1) ?? ''}]`)?.focus();
            }
        });
    const look = () =>
        act(async () => {
            await ask(demoStore, { method: 'POST' });
            await go(benchLast);
        });
    const [takingOut, setTakingOut] = useState(false);
    const asked = (name: Answer, value: string, onChange: (value: string) => void) => ({
        name,
        value,
        read: data?.[name] ?? '',
        // What the server refused counts until it is typed anew.
        problem: refused[name] ?? (value.trim() === '' ? undefined : data?.problems[name]),
        instead: data?.instead[name] ?? [],
        onChange: (typed: string) => {
            setRefused({});
            onChange(typed);
        },
    });
    return {
        takingOut,
        setTakingOut,
        form,
        begin,
        own,
        data,
        setRefused,
        setInstrument,
        setOwn,
        asked,
        instrument,
        present,
        setPresent,
        wish,
        setWish,
        problem,
        busy,
        look,
    };
}

/** The three questions. */
function Questions({
    starting,
    instruments,
    chosen,
}: Pick<Props, 'instruments' | 'chosen'> & { starting: ReturnType<typeof useStarting> }) {
    const { own, data, asked, instrument, setInstrument, setOwn, setRefused, present, setPresent, wish, setWish } = starting;
    return (
        <div className="mt-6">
            <Asked
                label="The instrument"
                placeholder="what it is and its scale, such as electric guitar 25.5 in"
                own={instruments}
                offers={instruments.length === 0 ? DESCRIBED : DESCRIBED.slice(0, 3)}
                kept={own === null ? (data?.kept ?? []) : []}
                onKept={(named) => {
                    setRefused({});
                    setInstrument(named.name);
                    setOwn(named);
                }}
                autoFocus={chosen === null}
                {...asked('instrument', instrument, (typed) => {
                    setInstrument(typed);
                    setOwn(null);
                })}
            />
            <Asked
                label="What is on it, and how it is tuned"
                placeholder={own === null ? 'a set and a tuning, such as 10-46 in E standard' : 'as it is now'}
                offers={data?.offers?.present ?? []}
                autoFocus={chosen !== null}
                {...asked('present', present, setPresent)}
            />
            <Asked
                label="What it should become"
                placeholder="a tuning, a set, a scale, a feel: C standard, 9-42, a little looser"
                offers={data?.offers?.wish ?? []}
                {...asked('wish', wish, setWish)}
            />
        </div>
    );
}

/** To begin, or to look round the demo first. */
function Begin({
    busy,
    empty,
    look,
    demo,
    setTakingOut,
}: {
    busy: boolean;
    empty: Props['empty'];
    look: () => void;
    demo: Props['demo'];
    setTakingOut: Dispatch<SetStateAction<boolean>>;
}) {
    return (
        <div className="mt-6 flex flex-wrap items-center gap-x-4 gap-y-3">
            <button type="submit" disabled={busy} className={largeButtonClass.strong}>
                Choose the strings
            </button>
            {empty && (
                <Button look="quiet" disabled={busy} onClick={look}>
                    Or look round the demo workshop first
                </Button>
            )}
            {demo && (
                <Button look="quiet" disabled={busy} onClick={() => setTakingOut(true)} className="ml-auto">
                    Take the demo out…
                </Button>
            )}
        </div>
    );
}

/** Other ways to begin. */
function Otherwise() {
    return (
        <p className="mt-6 border-t border-rule pt-3 text-sm text-ink-soft">
            Rather measure an instrument first, or bring in a document?{' '}
            <Link href={instrumentsCreate} className="text-accent underline underline-offset-3">
                Add an instrument
            </Link>{' '}
            or{' '}
            <Link href={setsIndex} className="text-accent underline underline-offset-3">
                go to the sets
            </Link>
            .
        </p>
    );
}
