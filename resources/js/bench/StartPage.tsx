import { Head, Link } from '@inertiajs/react';
import { useId, useRef, useState, type KeyboardEvent } from 'react';
import { ask, Refused } from '../server/api';
import { go } from '../server/go';
import { useAct } from '../server/useAct';
import { useAsked } from '../server/useAsked';
import { Button } from '../ui/Button';
import { largeButtonClass } from '../ui/classes';
import { PageTitle } from '../ui/PageTitle';
import { onDemand } from '../ui/onDemand';
import { StartMark } from './start/StartMark';

const DemoOut = onDemand<{ onClose: () => void }>(
    () => import('../frame/DemoOut').then((module) => module.DemoOut),
    ({ onClose }) => onClose(),
);

interface Named {
    id: number;
    name: string;
}

interface Props {
    /** Those of the workshop, the last changed first. */
    instruments: Named[];
    /** The one that is to be designed for. */
    chosen: Named | null;
    /** Whether there is nothing at all yet. */
    empty: boolean;
    /** Whether the demo workshop is in it. */
    demo: boolean;
}

const ANSWERS = ['instrument', 'present', 'wish'];

type Answer = 'instrument' | 'present' | 'wish';

interface ReadAnswers extends Record<Answer, string> {
    problems: Partial<Record<Answer, string>>;
    /** What to take instead of an answer that cannot be read. */
    instead: Partial<Record<Answer, string[]>>;
    /** Instruments of the workshop that may be meant. */
    kept: Named[];
    /** What people say who have such an instrument. */
    offers: { present: string[]; wish: string[] } | null;
}

const DESCRIBED = ['electric guitar 25.5 in', 'acoustic guitar', 'five-string bass 34 in', 'baritone', '12-string'];
/** From what one has to what one wants: three answers in one's own words, and the set stands on the Bench. */
export default function StartPage({ instruments, chosen, empty, demo }: Props) {
    const [instrument, setInstrument] = useState(chosen?.name ?? '');
    const [present, setPresent] = useState('');
    const [wish, setWish] = useState(() => new URLSearchParams(window.location.search).get('wish') ?? '');
    const form = useRef<HTMLFormElement>(null);
    // One of the workshop's is meant once it was tapped; words alone are read.
    const [own, setOwn] = useState<Named | null>(chosen);
    const answers = { instrument: own === null ? instrument : '', instrument_id: own?.id ?? null, present, wish };
    const { data } = useAsked<ReadAnswers>('/start/read', JSON.stringify(answers));
    const { act, busy, problem } = useAct();
    const [refused, setRefused] = useState<Partial<Record<Answer, string>>>({});

    const begin = () =>
        act(async () => {
            try {
                const { id } = await ask<{ id: number }>('/start', { method: 'POST', body: answers });
                await go(`/bench/${id}`);
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
            await ask('/demo', { method: 'POST' });
            await go('/bench');
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
    // Enter goes on to the next question, and from the last one to the Bench.
    const onEnter = (event: KeyboardEvent<HTMLFormElement>) => {
        const inputs = [...event.currentTarget.querySelectorAll('input')];
        const next = inputs[inputs.indexOf(event.target as HTMLInputElement) + 1];
        if (event.key === 'Enter' && event.target instanceof HTMLInputElement && next !== undefined) {
            event.preventDefault();
            next.focus();
        }
    };

    return (
        <div className="flex-1 px-4 py-6 sm:px-7">
            <Head title="Start" />
            {takingOut && <DemoOut onClose={() => setTakingOut(false)} />}
            <form
                ref={form}
                onKeyDown={onEnter}
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
                {problem !== undefined && (
                    <p role="alert" className="mt-4 text-stop">
                        {problem}
                    </p>
                )}
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
                {empty && (
                    <p className="mt-2 text-sm text-ink-faint">
                        The demo is a made-up workshop with instruments, sets and jobs. It can be taken out again whole.
                    </p>
                )}
                {!empty && (
                    <p className="mt-6 border-t border-rule pt-3 text-sm text-ink-soft">
                        Rather measure an instrument first, or bring in a document?{' '}
                        <Link href="/instruments/new" className="text-accent underline underline-offset-3">
                            Add an instrument
                        </Link>{' '}
                        or{' '}
                        <Link href="/sets" className="text-accent underline underline-offset-3">
                            go to the sets
                        </Link>
                        .
                    </p>
                )}
            </form>
        </div>
    );
}

interface AskedProps {
    name: Answer;
    label: string;
    placeholder: string;
    /** Things people say here, to take instead of typing them. */
    offers: string[];
    value: string;
    /** What it is read as. */
    read: string;
    problem: string | undefined;
    /** What to take instead, where it cannot be read. */
    instead: string[];
    /** The workshop's, to take instead of describing one. */
    own?: Named[];
    /** Of these, those that may be meant. */
    kept?: Named[];
    onKept?: (named: Named) => void;
    autoFocus?: boolean;
    onChange: (value: string) => void;
}

const OFFER =
    'min-h-target rounded-mark border border-rule bg-sheet px-2 py-0.5 text-sm text-ink-soft hover:border-ink hover:text-ink';
const TAKE = 'min-h-target rounded-mark border border-accent bg-sheet px-2 py-0.5 text-accent hover:bg-accent-wash';

/** One question: its field, what the answer is read as, and what others say. */
function Asked({
    name,
    label,
    placeholder,
    offers,
    value,
    read,
    problem,
    instead,
    own = [],
    kept = [],
    onKept,
    autoFocus = false,
    onChange,
}: AskedProps) {
    const id = useId();
    const field = useRef<HTMLInputElement>(null);
    const take = (words: string) => {
        onChange(words);
        field.current?.focus();
    };
    return (
        <div className="grid grid-cols-[4.5rem_1fr] gap-x-4 border-t border-rule py-4 max-sm:grid-cols-1">
            <StartMark of={name} />
            <div className="min-w-0">
                <label htmlFor={id} className="font-bold">
                    {label}
                </label>
                <input
                    ref={field}
                    id={id}
                    name={name}
                    value={value}
                    placeholder={placeholder}
                    autoFocus={autoFocus}
                    autoComplete="off"
                    autoCapitalize="off"
                    spellCheck={false}
                    maxLength={200}
                    aria-describedby={`${id}-read`}
                    aria-invalid={problem !== undefined || undefined}
                    onChange={(event) => onChange(event.target.value)}
                    className="mt-1 w-full border-b-2 border-rule-strong bg-transparent py-1 text-[1.45rem] leading-tight hover:border-ink focus:border-accent aria-invalid:border-stop"
                />
                <p id={`${id}-read`} role="status" className="mt-1.5 min-h-[1.4em]">
                    {problem !== undefined ? (
                        <span className="text-stop">{problem}</span>
                    ) : (
                        read !== '' && <span className="text-ink-soft">{value.trim() === '' ? `As usual: ${read}` : read}</span>
                    )}
                </p>
                {(instead.length > 0 || kept.length > 0) && (
                    <p className="mt-1 flex flex-wrap items-center gap-1.5 text-sm">
                        {problem === undefined && <span className="text-ink-soft">Or is it yours?</span>}
                        {kept.map((named) => (
                            <button key={named.id} type="button" onClick={() => onKept?.(named)} className={TAKE}>
                                {named.name}
                            </button>
                        ))}
                        {problem !== undefined &&
                            instead.map((correction) => (
                                <button key={correction} type="button" onClick={() => take(correction)} className={TAKE}>
                                    {correction}
                                </button>
                            ))}
                    </p>
                )}
                <ul aria-label={`${label}: said by others`} className="mt-1.5 flex flex-wrap gap-1.5">
                    {own.map((named) => (
                        <li key={named.id}>
                            <button
                                type="button"
                                onClick={() => {
                                    onKept?.(named);
                                    field.current?.focus();
                                }}
                                className={OFFER}
                            >
                                {named.name}
                            </button>
                        </li>
                    ))}
                    {offers.map((offer) => (
                        <li key={offer}>
                            <button type="button" onClick={() => take(offer)} className={OFFER}>
                                {offer}
                            </button>
                        </li>
                    ))}
                </ul>
            </div>
        </div>
    );
}
