import { router } from '@inertiajs/react';
import { useState, type Dispatch, type SetStateAction } from 'react';
import { ask, asRefused, type Refused } from '../server/api';
import { useAct } from '../server/useAct';
import { trimmed } from '../units/figures';
import { readLength, readNumber } from '../units/typed';
import { useUnits } from '../units/useUnits';
import { lengthFigure, type Units } from '../units/units';
import { buttonClass, fieldClass } from '../ui/classes';
import { Field } from '../ui/Field';
import { toast } from '../ui/toasts';
import { Part } from './WorkshopFrame';
import { workshopUpdate } from '../generated/addresses/places';
import type { WorkshopPage } from '../generated/pages';

export type Settings = WorkshopPage['settings'];

/** The workshop's name and address, and what it takes as usual where nothing else is said. */
export function HerePart({ settings, learned }: { settings: Settings; learned: { mm: number; strings: number } | null }) {
    const units = useUnits();
    const [said, setSaid] = useState({
        name: settings.name,
        address: settings.address,
        currency: settings.currency,
        days: String(settings.lead_days),
    });
    // As it is shown; what was not typed anew keeps all of its digits.
    const shown = settings.finger_mm === null ? '' : lengthFigure(settings.finger_mm, units);
    const [finger, setFinger] = useState<string | null>(null);
    const [refused, setRefused] = useState<Refused | null>(null);
    const { act, busy } = useAct();
    const typed = (name: keyof typeof said) => ({
        value: said[name],
        onChange: (event: { target: { value: string } }) => setSaid({ ...said, [name]: event.target.value }),
    });
    const wrong = (path: string) => refused?.at(path)?.message;
    const keep = () =>
        act(async () => {
            setRefused(null);
            try {
                await ask(workshopUpdate, {
                    method: 'PUT',
                    body: {
                        name: said.name,
                        address: said.address,
                        currency: said.currency.trim().toUpperCase(),
                        lead_days: readNumber(said.days) ?? said.days,
                        finger_mm:
                            finger === null
                                ? settings.finger_mm
                                : finger.trim() === ''
                                  ? null
                                  : (readLength(finger, units) ?? finger),
                        revision: settings.revision,
                    },
                });
                setFinger(null);
                toast('Kept.');
                router.reload();
            } catch (failure) {
                setRefused(asRefused(failure));
            }
        });
    return (
        <form
            className="grid content-start gap-9"
            noValidate
            onSubmit={(event) => {
                event.preventDefault();
                keep();
            }}
        >
            <OnPapers wrong={wrong} typed={typed} />
            <UsualHere
                wrong={wrong}
                typed={typed}
                units={units}
                learned={learned}
                finger={finger}
                shown={shown}
                setFinger={setFinger}
            />
            {refused !== null && refused.problems[0]?.path === '' && (
                <p role="alert" className="text-stop">
                    {refused.message}
                </p>
            )}
            <p>
                <button type="submit" className={buttonClass.strong} disabled={busy}>
                    Keep it
                </button>
            </p>
        </form>
    );
}

/** What stands at the head of papers. */
function OnPapers({
    wrong,
    typed,
}: {
    wrong: (path: string) => string | undefined;
    typed: (name: 'name' | 'address' | 'currency' | 'days') => {
        value: string;
        onChange: (event: { target: { value: string } }) => void;
    };
}) {
    return (
        <Part title="On your papers" about="Stands at the head of sheets, slips, orders and weeks. Left empty, they have none.">
            <div className="grid gap-3">
                <Field label="Name of the workshop" error={wrong('/name')}>
                    <input className={fieldClass} maxLength={120} autoComplete="organization" {...typed('name')} />
                </Field>
                <Field label="Address" error={wrong('/address')}>
                    <textarea
                        className={`${fieldClass} h-24 py-1.5`}
                        maxLength={400}
                        rows={3}
                        autoComplete="street-address"
                        {...typed('address')}
                    />
                </Field>
            </div>
        </Part>
    );
}

/** What is usual here. */
function UsualHere({
    wrong,
    typed,
    units,
    learned,
    finger,
    shown,
    setFinger,
}: {
    wrong: (path: string) => string | undefined;
    typed: (name: 'name' | 'address' | 'currency' | 'days') => {
        value: string;
        onChange: (event: { target: { value: string } }) => void;
    };
    units: Units;
    learned: { mm: number; strings: number } | null;
    finger: string | null;
    shown: string;
    setFinger: Dispatch<SetStateAction<string | null>>;
}) {
    return (
        <Part title="Usual here" about="Taken where nothing else is said; what is there already stays as it is.">
            <div className="grid gap-3 sm:grid-cols-2">
                <Field label="Currency of a new supplier" error={wrong('/currency')}>
                    <input className={fieldClass} maxLength={3} {...typed('currency')} />
                </Field>
                <Field label="A parcel comes in, days" error={wrong('/lead_days')}>
                    <input className={fieldClass} inputMode="numeric" {...typed('days')} />
                </Field>
                <Field
                    label={`A finger’s thickness, ${units.length}`}
                    hint={
                        learned === null
                            ? 'Left empty it is learned once three strings told their turns; until then 20 mm is assumed.'
                            : `Left empty it is ${trimmed(learned.mm, 1)} mm, learned from ${learned.strings} strings.`
                    }
                    error={wrong('/finger_mm')}
                >
                    <input
                        className={fieldClass}
                        inputMode="decimal"
                        value={finger ?? shown}
                        onChange={(event) => setFinger(event.target.value)}
                    />
                </Field>
            </div>
        </Part>
    );
}
