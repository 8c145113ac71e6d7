import { router } from '@inertiajs/react';
import { useRef, useState } from 'react';
import type { Show } from '../generated/views';
import { ask, upload } from '../server/api';
import { useAct } from '../server/useAct';
import { Button } from '../ui/Button';
import { fieldClass } from '../ui/classes';
import { Dialog } from '../ui/Dialog';
import { Field } from '../ui/Field';
import { FormEnd } from '../ui/FormEnd';
import { tellFailure, toast } from '../ui/toasts';
import { dayWords, dateWords } from '../units/times';
import { today } from './days';
import { ExposedBoxes } from './ExposedBoxes';
import { exposedOf, exposedWords, hoursWords, type Exposed } from '../units/hours';
import { LogFrame } from './LogFrame';
import { readNumber } from '../units/typed';

interface Named {
    id: number;
    name: string;
    owner: string;
}

interface Props {
    coming: Show[];
    past: Show[];
    instruments: Named[];
    /** Null until somebody said it. */
    zone: string | null;
}

const here = (): string => Intl.DateTimeFormat().resolvedOptions().timeZone;

/** When who plays what: the hours of a show count on the strings, and new ones are due two days before. */
export default function ShowsPage({ coming, past, instruments, zone }: Props) {
    const [typing, setTyping] = useState<Show | 'new' | null>(null);
    const [bringing, setBringing] = useState(false);
    const reload = () => router.reload({ only: ['coming', 'past', 'zone'] });
    return (
        <LogFrame
            at="/log/shows"
            tools={
                <>
                    <Button onClick={() => setBringing(true)}>Bring in…</Button>
                    <Button look="strong" onClick={() => setTyping('new')}>
                        Add a show
                    </Button>
                </>
            }
        >
            <p className="mt-3 max-w-prose text-ink-soft">
                The hours of a show count on the strings of what is played there once it is over; before it Lira says in time
                which strings would not last. {zone !== null && `Times are those of ${zone.replace('_', ' ')}.`}
            </p>
            {coming.length + past.length === 0 && (
                <p className="mt-6 max-w-prose text-ink-soft">No show is known yet. Add one, or bring in a calendar or a list.</p>
            )}
            <Shows title="To come" shows={coming} instruments={instruments} onEdit={setTyping} onDone={reload} />
            <Shows title="Over" shows={past} instruments={instruments} onEdit={setTyping} onDone={reload} />
            {typing !== null && (
                <ShowDialog
                    show={typing === 'new' ? null : typing}
                    instruments={instruments}
                    onClose={() => setTyping(null)}
                    onDone={() => {
                        setTyping(null);
                        reload();
                    }}
                />
            )}
            {bringing && (
                <BringDialog
                    instruments={instruments}
                    onClose={() => setBringing(false)}
                    onDone={() => {
                        setBringing(false);
                        reload();
                    }}
                />
            )}
        </LogFrame>
    );
}

function Shows({
    title,
    shows,
    instruments,
    onEdit,
    onDone,
}: {
    title: string;
    shows: Show[];
    instruments: Named[];
    onEdit: (show: Show) => void;
    onDone: () => void;
}) {
    if (shows.length === 0) {
        return null;
    }
    const named = (show: Show) => instruments.filter(({ id }) => show.instruments.includes(id)).map(({ name }) => name);
    const drop = async (show: Show) => {
        try {
            await ask(`/log/shows/${show.id}`, { method: 'DELETE' });
            toast(`“${show.name}” does not take place.`, {
                action: {
                    label: 'Undo',
                    run: () => void ask(`/log/shows/${show.id}/unarchive`, { method: 'POST' }).then(onDone, tellFailure),
                },
            });
            onDone();
        } catch (failure) {
            tellFailure(failure);
        }
    };
    return (
        <section className="mt-5" aria-label={title}>
            <h2 className="border-b border-ink pb-1 text-lg font-bold">{title}</h2>
            <table className="w-full">
                <thead className="sr-only">
                    <tr>
                        <th>When</th>
                        <th>Show</th>
                        <th>Instruments</th>
                        <th>Hours</th>
                        <th>What to do</th>
                    </tr>
                </thead>
                <tbody>
                    {shows.map((show) => (
                        <tr
                            key={show.id}
                            id={`show-${show.id}`}
                            className="border-b border-rule align-top max-sm:grid max-sm:py-1.5"
                        >
                            <td className="w-52 py-2 pr-4 whitespace-nowrap max-sm:w-auto max-sm:py-0">
                                {show.on.slice(0, 4) === today().slice(0, 4) ? dayWords(show.on) : dateWords(show.on)}, {show.at}
                            </td>
                            <th scope="row" className="py-2 pr-4 text-left font-normal max-sm:py-0">
                                <strong>{show.name}</strong>
                                {show.place !== '' && <span className="text-ink-soft">, {show.place}</span>}
                            </th>
                            <td className="w-72 py-2 pr-4 max-sm:w-auto max-sm:py-0">
                                {named(show).join(', ') || <span className="text-caution">nothing is played yet</span>}
                            </td>
                            <td className="w-64 py-2 pr-4 max-sm:w-auto max-sm:py-0">
                                {hoursWords(show.hours)}
                                {exposedWords(exposedOf(show))}
                            </td>
                            <td className="w-52 py-1 text-right whitespace-nowrap max-sm:-ml-3 max-sm:w-auto max-sm:text-left">
                                <Button look="quiet" aria-label={`Change ${show.name}`} onClick={() => onEdit(show)}>
                                    Change…
                                </Button>
                                <Button look="quiet" aria-label={`Drop ${show.name}`} onClick={() => void drop(show)}>
                                    Drop
                                </Button>
                            </td>
                        </tr>
                    ))}
                </tbody>
            </table>
        </section>
    );
}

function ShowDialog({
    show,
    instruments,
    onClose,
    onDone,
}: {
    show: Show | null;
    instruments: Named[];
    onClose: () => void;
    onDone: () => void;
}) {
    const [name, setName] = useState(show?.name ?? '');
    const [place, setPlace] = useState(show?.place ?? '');
    const [on, setOn] = useState(show?.on ?? today());
    const [at, setAt] = useState(show?.at ?? '20:00');
    const [hours, setHours] = useState(String(show?.hours ?? 2));
    const [exposed, setExposed] = useState<Exposed[]>(show === null ? [] : exposedOf(show));
    const [played, setPlayed] = useState<number[]>(show?.instruments ?? []);
    const { act, busy, problem } = useAct();
    return (
        <Dialog open onOpenChange={onClose} title={show === null ? 'Add a show' : 'Change the show'} width="wide">
            <form
                className="grid gap-4"
                onSubmit={(event) => {
                    event.preventDefault();
                    act(async () => {
                        await ask(show === null ? '/log/shows' : `/log/shows/${show.id}`, {
                            method: show === null ? 'POST' : 'PUT',
                            body: {
                                name,
                                place,
                                on,
                                at,
                                hours: readNumber(hours) ?? hours,
                                instruments: played,
                                zone: here(),
                                ...Object.fromEntries(exposed.map((each) => [each, true])),
                            },
                        });
                        onDone();
                    });
                }}
            >
                <div className="grid gap-4 sm:grid-cols-2">
                    <Field label="Name">
                        <input
                            required
                            className={fieldClass}
                            maxLength={200}
                            value={name}
                            onChange={(event) => setName(event.target.value)}
                        />
                    </Field>
                    <Field label="Place">
                        <input
                            className={fieldClass}
                            maxLength={200}
                            value={place}
                            onChange={(event) => setPlace(event.target.value)}
                        />
                    </Field>
                </div>
                <div className="grid grid-cols-3 gap-4">
                    <Field label="Day">
                        <input
                            type="date"
                            required
                            className={fieldClass}
                            value={on}
                            onChange={(event) => setOn(event.target.value)}
                        />
                    </Field>
                    <Field label="Begins">
                        <input
                            type="time"
                            required
                            className={fieldClass}
                            value={at}
                            onChange={(event) => setAt(event.target.value)}
                        />
                    </Field>
                    <Field label="Hours played">
                        <input
                            inputMode="decimal"
                            required
                            className={fieldClass}
                            value={hours}
                            onChange={(event) => setHours(event.target.value)}
                        />
                    </Field>
                </div>
                <ExposedBoxes exposed={exposed} onChange={setExposed} />
                <Played instruments={instruments} played={played} onChange={setPlayed} />
                <FormEnd act={show === null ? 'Add it' : 'Save'} busy={busy} problem={problem} onCancel={onClose} />
            </form>
        </Dialog>
    );
}

function Played({
    instruments,
    played,
    onChange,
}: {
    instruments: Named[];
    played: number[];
    onChange: (ids: number[]) => void;
}) {
    return (
        <fieldset>
            <legend className="mb-1 text-sm font-medium text-ink-soft">What is played</legend>
            <div className="grid max-h-48 gap-x-6 overflow-y-auto rounded-field border border-rule px-3 py-1.5 sm:grid-cols-2">
                {instruments.length === 0 && <span className="text-ink-soft">There is no instrument yet.</span>}
                {instruments.map(({ id, name, owner }) => (
                    <label key={id} className="flex min-h-target items-center gap-2">
                        <input
                            type="checkbox"
                            checked={played.includes(id)}
                            onChange={(event) =>
                                onChange(event.target.checked ? [...played, id] : played.filter((each) => each !== id))
                            }
                        />
                        {name}
                        {owner !== '' && <span className="text-sm text-ink-soft">{owner}</span>}
                    </label>
                ))}
            </div>
        </fieldset>
    );
}

function BringDialog({ instruments, onClose, onDone }: { instruments: Named[]; onClose: () => void; onDone: () => void }) {
    const [played, setPlayed] = useState<number[]>([]);
    const [chosen, setChosen] = useState('');
    const file = useRef<HTMLInputElement>(null);
    const { act, busy, problem } = useAct();
    return (
        <Dialog
            open
            onOpenChange={onClose}
            title="Bring in shows"
            description="A calendar (.ics), or a list (.csv) whose first row names its columns: date, time, name, place, hours, instruments. What came before from the same calendar is changed, not doubled."
            width="wide"
        >
            <form
                className="grid gap-4"
                onSubmit={(event) => {
                    event.preventDefault();
                    const picked = file.current?.files?.[0];
                    if (picked === undefined) {
                        return;
                    }
                    act(async () => {
                        const kept = await upload<{ added: number; changed: number; same: number; off: number }>(
                            '/log/shows/import',
                            {
                                file: picked,
                                ...Object.fromEntries(played.map((id, index) => [`instruments[${index}]`, String(id)])),
                            },
                        );
                        toast(
                            `${kept.added} added, ${kept.changed} changed, ${kept.same} as before${kept.off > 0 ? `, ${kept.off} called off` : ''}.`,
                        );
                        onDone();
                    });
                }}
            >
                <Field label="File" error={problem}>
                    <input
                        ref={file}
                        type="file"
                        required
                        accept=".ics,.csv,text/calendar,text/csv"
                        className="block w-full"
                        onChange={(event) => setChosen(event.target.value)}
                    />
                </Field>
                <Played instruments={instruments} played={played} onChange={setPlayed} />
                <p className="text-sm text-ink-soft">Counts for shows that do not name their instruments.</p>
                <FormEnd act="Bring in" busy={busy || chosen === ''} onCancel={onClose} />
            </form>
        </Dialog>
    );
}
