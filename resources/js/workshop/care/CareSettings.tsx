import { router } from '@inertiajs/react';
import { useState } from 'react';
import { ask } from '../../server/api';
import { useAct } from '../../server/useAct';
import { trimmed } from '../../units/figures';
import { buttonClass, fieldClass } from '../../ui/classes';
import { Field } from '../../ui/Field';
import { Select } from '../../ui/Select';
import { toast } from '../../ui/toasts';
import { EXPOSED } from '../../units/hours';
import { readNumber } from '../../units/typed';
import { workshopHours } from '../../generated/addresses/places';
import type { CarePage } from '../../generated/pages';

export type Counts = Pick<CarePage, 'exposure' | 'beforeShow' | 'zone'>;

/** What an hour of playing counts as, when strings are due before a show, and where this workshop is. */
export function CareSettings({ exposure, beforeShow, zone }: Counts) {
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
                        await ask(workshopHours, {
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
