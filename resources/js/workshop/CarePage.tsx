import { router } from '@inertiajs/react';
import { useState } from 'react';
import { ask } from '../server/api';
import { useAct } from '../server/useAct';
import { trimmed } from '../units/figures';
import { Button } from '../ui/Button';
import { buttonClass, fieldClass } from '../ui/classes';
import { Dialog } from '../ui/Dialog';
import { Field } from '../ui/Field';
import { FormEnd } from '../ui/FormEnd';
import { Select } from '../ui/Select';
import { tellFailure, toast } from '../ui/toasts';
import { EXPOSED } from '../units/hours';
import { WorkshopFrame } from './WorkshopFrame';
import { readNumber } from '../units/typed';

interface Rule {
    key: string;
    name: string;
    reason: string;
    caution: string;
    rhythm: string;
}

interface OwnRule extends Rule {
    id: number;
    kinds: string[];
    owner: string;
    fingerboard: string;
    place: string;
}

interface Choice {
    value: string;
    label: string;
}

interface Props {
    shipped: Rule[];
    own: OwnRule[];
    kinds: Choice[];
    fingerboards: Choice[];
    places: Choice[];
    exposure: { heat: number; salt: number; sweat: number };
    /** Before a show strings are due when one in so many of such strings has gone. */
    beforeShow: number;
    zone: string;
}

const ANY = '*';

/** What instruments want and why, what this workshop adds, and what an hour of playing counts as. */
export default function CarePage({ shipped, own, kinds, fingerboards, places, exposure, beforeShow, zone }: Props) {
    const [adding, setAdding] = useState(false);
    const reload = () => router.reload();
    const drop = async (rule: OwnRule) => {
        try {
            await ask(`/workshop/care/rules/${rule.id}`, { method: 'DELETE' });
            toast(`“${rule.name}” is wanted no more.`, {
                action: {
                    label: 'Undo',
                    run: () =>
                        void ask(`/workshop/care/rules/${rule.id}/unarchive`, { method: 'POST' }).then(reload, tellFailure),
                },
            });
            reload();
        } catch (failure) {
            tellFailure(failure);
        }
    };
    return (
        <WorkshopFrame
            at="/workshop/care"
            tools={
                <Button look="strong" onClick={() => setAdding(true)}>
                    Add a rule
                </Button>
            }
        >
            <div className="mt-4 grid gap-x-12 gap-y-8 lg:grid-cols-[minmax(0,1fr)_20rem]">
                <div>
                    <section aria-labelledby="own">
                        <h2 id="own" className="border-b border-ink pb-1 text-lg font-bold">
                            Your own rules
                        </h2>
                        {own.length === 0 ? (
                            <p className="mt-2 max-w-prose text-ink-soft">
                                None yet. What else instruments want here, every so many weeks or on days of the year, can be
                                added; it is due on each instrument that it suits.
                            </p>
                        ) : (
                            <ul>
                                {own.map((rule) => (
                                    <RuleRow key={rule.key} rule={rule} suits={suitsWords(rule)}>
                                        <Button look="quiet" aria-label={`Remove ${rule.name}`} onClick={() => void drop(rule)}>
                                            Remove
                                        </Button>
                                    </RuleRow>
                                ))}
                            </ul>
                        )}
                    </section>
                    <section aria-labelledby="shipped" className="mt-8">
                        <h2 id="shipped" className="border-b border-ink pb-1 text-lg font-bold">
                            What Lira knows
                        </h2>
                        <p className="mt-2 max-w-prose text-ink-soft">
                            Each is due where it suits, by the instrument’s kind, wood, hardware, and the place that is said on
                            its Log.
                        </p>
                        <ul>
                            {shipped.map((rule) => (
                                <RuleRow key={rule.key} rule={rule} />
                            ))}
                        </ul>
                    </section>
                </div>
                <Settings exposure={exposure} beforeShow={beforeShow} zone={zone} />
            </div>
            {adding && (
                <RuleDialog
                    kinds={kinds}
                    fingerboards={fingerboards}
                    places={places}
                    onClose={() => setAdding(false)}
                    onDone={() => {
                        setAdding(false);
                        reload();
                    }}
                />
            )}
        </WorkshopFrame>
    );
}

function RuleRow({ rule, suits = '', children }: { rule: Rule; suits?: string; children?: React.ReactNode }) {
    return (
        <li className="flex gap-4 border-b border-rule py-2">
            <div className="min-w-0 flex-1">
                <p>
                    <strong>{rule.name}</strong>, {rule.rhythm}
                    {suits}
                </p>
                <p className="max-w-prose text-sm text-ink-soft">{rule.reason}</p>
                {rule.caution !== '' && <p className="max-w-prose text-sm">{rule.caution}</p>}
            </div>
            {children}
        </li>
    );
}

function suitsWords({ kinds, owner, fingerboard, place }: OwnRule): string {
    const words = [kinds.join(' or '), fingerboard, place, owner].filter((each) => each !== '');
    return words.length === 0 ? '; every instrument' : `; ${words.join(', ')}`;
}

function Settings({ exposure, beforeShow, zone }: Pick<Props, 'exposure' | 'beforeShow' | 'zone'>) {
    const [said, setSaid] = useState({ ...exposure, beforeShow, zone });
    const [typed, setTyped] = useState(() => Object.fromEntries(EXPOSED.map(({ name }) => [name, trimmed(exposure[name], 3)])));
    const { act, busy, problem } = useAct();
    return (
        <section aria-labelledby="counts">
            <h2 id="counts" className="border-b border-ink pb-1 text-lg font-bold">
                What an hour counts as
            </h2>
            <p className="mt-2 text-ink-soft">
                In heat, in salt air, with wet hands strings age faster: an hour counts as so many. It holds for what was and for
                what will be.
            </p>
            <form
                className="mt-3 grid gap-3"
                onSubmit={(event) => {
                    event.preventDefault();
                    act(async () => {
                        await ask('/workshop/hours', {
                            method: 'PUT',
                            body: {
                                ...Object.fromEntries(
                                    EXPOSED.map(({ name }) => {
                                        const text = typed[name] ?? '';
                                        // What was not changed keeps all of its digits.
                                        return [name, text === trimmed(said[name], 3) ? said[name] : (readNumber(text) ?? text)];
                                    }),
                                ),
                                before_show: said.beforeShow,
                                zone: said.zone,
                            },
                        });
                        toast('Kept. Everything is reckoned with it from now on.');
                        router.reload();
                    });
                }}
            >
                {EXPOSED.map(({ name, label }) => (
                    <Field key={name} label={`An hour ${label}`}>
                        <input
                            inputMode="decimal"
                            className={fieldClass}
                            value={typed[name]}
                            onChange={(event) => setTyped({ ...typed, [name]: event.target.value })}
                        />
                    </Field>
                ))}
                <Field label="Before a show" hint="New strings are due when, by its end, so many of such strings have gone.">
                    <Select
                        value={String(said.beforeShow)}
                        choices={[
                            { value: '5', label: 'one in five' },
                            { value: '10', label: 'one in ten' },
                        ]}
                        onChange={(value) => setSaid({ ...said, beforeShow: Number(value) })}
                    />
                </Field>
                <Field label="Time zone" hint="In which shows are typed and lists are read." error={problem}>
                    <input
                        list="zones"
                        className={fieldClass}
                        value={said.zone}
                        onChange={(event) => setSaid({ ...said, zone: event.target.value })}
                    />
                </Field>
                <datalist id="zones">
                    {Intl.supportedValuesOf('timeZone').map((each) => (
                        <option key={each} value={each} />
                    ))}
                </datalist>
                <p>
                    <button type="submit" className={buttonClass.plain} disabled={busy}>
                        Keep
                    </button>
                </p>
            </form>
        </section>
    );
}

function RuleDialog({
    kinds,
    fingerboards,
    places,
    onClose,
    onDone,
}: {
    kinds: Choice[];
    fingerboards: Choice[];
    places: Choice[];
    onClose: () => void;
    onDone: () => void;
}) {
    const [name, setName] = useState('');
    const [reason, setReason] = useState('');
    const [by, setBy] = useState('weeks');
    const [weeks, setWeeks] = useState('13');
    const [days, setDays] = useState('');
    const [kind, setKind] = useState(ANY);
    const [board, setBoard] = useState(ANY);
    const [place, setPlace] = useState(ANY);
    const [owner, setOwner] = useState('');
    const { act, busy, problem } = useAct();
    const any = (label: string, choices: Choice[]) => [{ value: ANY, label }, ...choices.filter(({ value }) => value !== '')];
    const said = (value: string) => (value === ANY ? '' : value);
    return (
        <Dialog open onOpenChange={onClose} title="Add a rule" width="wide">
            <form
                className="grid gap-4"
                onSubmit={(event) => {
                    event.preventDefault();
                    act(async () => {
                        await ask('/workshop/care/rules', {
                            method: 'POST',
                            body: {
                                name,
                                reason,
                                every_weeks: by === 'weeks' ? Number(weeks) : null,
                                days: by === 'days' ? days.split(/[\s,;]+/).filter((day) => day !== '') : [],
                                kinds: kind === ANY ? [] : [kind],
                                fingerboard: said(board) === '' ? null : board,
                                place: said(place) === '' ? null : place,
                                owner,
                            },
                        });
                        onDone();
                    });
                }}
            >
                <Field label="What is to be done">
                    <input
                        required
                        className={fieldClass}
                        maxLength={200}
                        value={name}
                        onChange={(event) => setName(event.target.value)}
                    />
                </Field>
                <Field label="Why">
                    <input
                        className={fieldClass}
                        maxLength={400}
                        value={reason}
                        onChange={(event) => setReason(event.target.value)}
                    />
                </Field>
                <div className="grid gap-4 sm:grid-cols-2">
                    <Field label="When">
                        <Select
                            value={by}
                            choices={[
                                { value: 'weeks', label: 'every so many weeks' },
                                { value: 'days', label: 'on days of the year' },
                            ]}
                            onChange={setBy}
                        />
                    </Field>
                    {by === 'weeks' ? (
                        <Field label="Weeks">
                            <input
                                type="number"
                                min={1}
                                max={260}
                                className={fieldClass}
                                value={weeks}
                                onChange={(event) => setWeeks(event.target.value)}
                            />
                        </Field>
                    ) : (
                        <Field label="Days, month and day" hint="Such as 04-01, 10-01">
                            <input className={fieldClass} value={days} onChange={(event) => setDays(event.target.value)} />
                        </Field>
                    )}
                    <Field label="Kind of instrument">
                        <Select value={kind} choices={any('every kind', kinds)} onChange={setKind} />
                    </Field>
                    <Field label="Fingerboard">
                        <Select value={board} choices={any('every wood', fingerboards)} onChange={setBoard} />
                    </Field>
                    <Field label="Where it lives">
                        <Select value={place} choices={any('everywhere', places)} onChange={setPlace} />
                    </Field>
                    <Field label="Owner" hint="Left empty: everybody’s">
                        <input
                            className={fieldClass}
                            maxLength={200}
                            value={owner}
                            onChange={(event) => setOwner(event.target.value)}
                        />
                    </Field>
                </div>
                <FormEnd act="Add it" busy={busy} problem={problem} onCancel={onClose} />
            </form>
        </Dialog>
    );
}
