import { capital } from '../units/words';
import { clsx } from 'clsx';
import { useState } from 'react';
import type { FamilyLife, InstrumentLife, Play } from '../generated/views';
import { ask } from '../server/api';
import { useAct } from '../server/useAct';
import { trimmed } from '../units/figures';
import { dateWords, dayWords } from '../units/times';
import { today } from './days';
import { ExposedBoxes } from './ExposedBoxes';
import { exposedOf, exposedWords, hoursWords, type Exposed } from '../units/hours';
import { Button } from '../ui/Button';
import { fieldClass } from '../ui/classes';
import { Field } from '../ui/Field';
import { Glyph } from '../ui/Glyph';
import { Select } from '../ui/Select';
import { tellFailure, toast } from '../ui/toasts';
import { TypedInput } from '../ui/TypedInput';
import { readNumber } from '../units/typed';
import { Explained } from '../ui/Explained';
import { instrumentsCoated, instrumentsHours, instrumentsPlace } from '../generated/addresses/instruments';
import { playsDestroy, playsStore } from '../generated/addresses/plays';

const TAPS = [0.5, 1, 2];
const LIVES_IN = [
    { value: 'unsaid', label: 'not said' },
    { value: 'room', label: 'a heated room' },
    { value: 'sea', label: 'by the sea' },
    { value: 'stage', label: 'on the road' },
];

/** How long its strings have been played, how long such strings last, when they are due; and a tap after playing. */
export function StringsLife({
    instrument,
    life: given,
    onChange,
}: {
    instrument: number;
    life: InstrumentLife;
    /** Something was logged or taken away. */
    onChange: () => void;
}) {
    const { life, coat, busy, play, exposed, setExposed, problem, usual, place, live, act, remove } = useLife({
        given,
        instrument,
        onChange,
    });
    return (
        <section aria-labelledby="hours" className="grid gap-x-12 gap-y-4 lg:grid-cols-[minmax(0,1fr)_auto]">
            <Families life={life} coat={coat} />
            <div className="grid content-start gap-2.5">
                <div className="flex flex-wrap items-center gap-2" role="group" aria-label="Played today">
                    <span className="mr-1 text-ink-soft">Played today</span>
                    {TAPS.map((hours) => (
                        <Button key={hours} disabled={busy} onClick={() => play(hours)}>
                            {hoursWords(hours)}
                        </Button>
                    ))}
                </div>
                <ExposedBoxes exposed={exposed} onChange={setExposed} />
                <Usually life={life} problem={problem} usual={usual} place={place} live={live} />
                {life.last.length > 0 && <LastPlayed life={life} act={act} remove={remove} />}
            </div>
        </section>
    );
}

/** How far the strings of one family are through the life that such strings have. */
export function Family({ family, onCoated }: { family: FamilyLife; onCoated: (coated: boolean) => void }) {
    const {
        which,
        label,
        played_h: played,
        p10_h: few,
        p50_h: half,
        p90_h: most,
        learned_from: learned,
        changes,
        share,
    } = family;
    const whole = Math.max(half, played, most);
    const at = (hours: number) => `${(100 * hours) / whole}%`;
    return (
        <div className="border-b border-rule py-2.5">
            <p>
                <strong>{capital(which)}</strong>, {label}
                {family.coated ? ', coated' : ''}: {hoursWords(played)}. Half of such strings are gone by about {hoursWords(half)}
                , one in ten by {hoursWords(few)}, nine in ten by {hoursWords(most)}.
            </p>
            <svg width="100%" height="14" className="mt-1 block" aria-hidden>
                <rect width="100%" y="4" height="6" fill="var(--rule)" />
                <rect x={at(few)} width={`${(100 * (most - few)) / whole}%`} height="14" fill="var(--accent-wash)" />
                <rect width={at(played)} y="4" height="6" fill={share > 1 ? 'var(--caution)' : 'var(--accent)'} />
                <rect x={at(half)} width="2" height="14" fill="var(--ink)" />
            </svg>
            <p className={clsx('mt-1', share > 1 ? 'font-semibold text-caution' : 'text-ink-soft')}>
                {dueWords(family)}{' '}
                {learned === 0
                    ? 'As long as such strings usually last.'
                    : learned === 1
                      ? 'Learned from 1 string that ended, so hardly at all.'
                      : `Learned from ${learned} strings that ended in ${changes} ${changes === 1 ? 'change, so hardly at all' : 'changes'}.`}
            </p>
            <label className="flex min-h-target items-center gap-1.5 text-sm text-ink-soft">
                <input type="checkbox" checked={family.coated} onChange={(event) => onCoated(event.target.checked)} />
                coated, so that they last longer
            </label>
        </div>
    );
}

/** When they are due: when half of such strings are gone; between one in ten and nine in ten. */
function dueWords({ due_on: on, due_from: from, due_to: to, not_before: notBefore, share }: FamilyLife): string {
    if (notBefore !== null) {
        return `Not due before ${notBefore}.`;
    }
    if (on === null) {
        return 'Say how many hours a week it is played, and the day they are due stands here.';
    }
    return share > 1
        ? 'Due now.'
        : `Due about ${dateWords(on)} (one in ten from ${dateWords(from ?? on)} on${to === null ? '' : `, nine in ten by ${dateWords(to)}`}).`;
}

function playedWords({ on, hours }: Play): string {
    return `${hoursWords(hours)} on ${dayWords(on)}`;
}

/** What is logged of an instrument’s strings, and what that makes of their life. */
function useLife({ given, instrument, onChange }: { given: InstrumentLife; instrument: number; onChange: () => void }) {
    const [life, setLife] = useState(given);
    const [exposed, setExposed] = useState<Exposed[]>([]);
    const { act, busy, problem } = useAct();
    const [place, setPlace] = useState(given.place === '' ? 'unsaid' : given.place);
    const live = (value: string) =>
        act(async () => {
            await ask(instrumentsPlace(instrument), { method: 'PUT', body: { place: value === 'unsaid' ? '' : value } });
            setPlace(value);
        });
    const coat = (family: FamilyLife, coated: boolean) =>
        act(async () => {
            const answer = await ask<{ life: InstrumentLife }>(instrumentsCoated(instrument), {
                method: 'PUT',
                body: { positions: family.positions, coated },
            });
            setLife(answer.life);
        });
    const remove = async (id: number) => {
        const answer = await ask<{ life: InstrumentLife }>(playsDestroy(instrument, id), { method: 'DELETE' });
        setLife(answer.life);
        onChange();
    };
    const play = (hours: number) =>
        act(async () => {
            const answer = await ask<{ id: number; life: InstrumentLife }>(playsStore(instrument), {
                method: 'POST',
                body: { hours, on: today(), ...Object.fromEntries(exposed.map((each) => [each, true])) },
            });
            setLife(answer.life);
            onChange();
            toast(`Kept: ${hoursWords(hours)} today${exposedWords(exposed)}.`, {
                action: { label: 'Undo', run: () => void remove(answer.id).catch(tellFailure) },
            });
        });
    const usual = (typed: string) => {
        act(async () => {
            const answer = await ask<{ life: InstrumentLife }>(instrumentsHours(instrument), {
                method: 'PUT',
                body: { hours_a_week: typed.trim() === '' ? null : (readNumber(typed) ?? typed) },
            });
            setLife(answer.life);
        });
    };
    return { life, coat, busy, play, exposed, setExposed, problem, usual, place, live, act, remove };
}

/** How much each kind of its strings has been played, and when it is due. */
function Families({ life, coat }: { life: InstrumentLife; coat: (family: FamilyLife, coated: boolean) => void }) {
    return (
        <div>
            <h2 id="hours" className="border-b border-ink pb-1 text-lg font-bold">
                <Explained word="life">Hours on its strings</Explained>
            </h2>
            {life.families.length === 0 && (
                <p className="mt-2 max-w-prose text-ink-soft">
                    Once a job has put strings on it, their hours stand here, how long such strings last, and when they are due.
                </p>
            )}
            {life.families.map((family) => (
                <Family key={family.which} family={family} onCoated={(coated) => coat(family, coated)} />
            ))}
        </div>
    );
}

/** How much it is usually played, and where it lives. */
function Usually({
    life,
    problem,
    usual,
    place,
    live,
}: {
    life: InstrumentLife;
    problem: string | undefined;
    usual: (typed: string) => void;
    place: string;
    live: (value: string) => void;
}) {
    return (
        <div className="grid grid-cols-2 gap-3">
            <Field
                label="Usually, hours a week"
                hint={
                    life.hours_a_week === null && life.logged_a_week !== null
                        ? `${trimmed(life.logged_a_week, 1)} by what was logged`
                        : undefined
                }
                error={problem}
            >
                <TypedInput
                    inputMode="decimal"
                    className={fieldClass}
                    shown={life.hours_a_week === null ? '' : trimmed(life.hours_a_week, 1)}
                    onTake={usual}
                />
            </Field>
            <Field label="It lives" hint="Care goes by it">
                <Select value={place} choices={LIVES_IN} onChange={live} />
            </Field>
        </div>
    );
}

/** What was logged last. */
function LastPlayed({
    life,
    act,
    remove,
}: {
    life: InstrumentLife;
    act: ReturnType<typeof useAct>['act'];
    remove: (id: number) => Promise<void>;
}) {
    return (
        <ul className="text-sm text-ink-soft">
            {life.last.map((each) => (
                <li key={each.id} className="flex items-center gap-2">
                    <span className="w-24">{dayWords(each.on)}</span>
                    {hoursWords(each.hours)}
                    {exposedWords(exposedOf(each))}
                    <Button
                        look="quiet"
                        aria-label={`Take ${playedWords(each)} away`}
                        className="ml-auto"
                        onClick={() => act(() => remove(each.id))}
                    >
                        <Glyph sign="close" />
                    </Button>
                </li>
            ))}
        </ul>
    );
}
