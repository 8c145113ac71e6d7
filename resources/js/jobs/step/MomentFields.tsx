import { useRef, useState } from 'react';
import type { Height, JobPhotograph } from '../../generated/views';
import { upload } from '../../server/api';
import { useAct } from '../../server/useAct';
import { fineLength, formatForce, lengthFigure, type Units } from '../../units/units';
import { useUnits } from '../../units/useUnits';
import { readLength } from '../../units/typed';
import { Button } from '../../ui/Button';
import { fieldClass } from '../../ui/classes';
import { Field } from '../../ui/Field';
import { TypedInput } from '../../ui/TypedInput';
import type { Measured } from '../../events/progress';
import type { JobNow } from '../useJob';
import { photographsShow, photographsStore } from '../../generated/addresses/photographs';
import { withAsked } from '../../server/asked';

type Moment = 'before' | 'after';

const FIGURES = [
    { name: 'action_12_mm', label: 'Action at the 12th, last string', most: 20 },
    { name: 'relief_mm', label: 'Relief', most: 10 },
    { name: 'bridge_mm', label: 'Bridge, from the nut', most: 2000 },
] as const;

/** What is measured and photographed before and after, each kept as it is typed. */
export function MomentFields({ now, moment }: { now: JobNow; moment: Moment }) {
    const { job, record } = now;
    const units = useUnits();
    const known = moment === 'before' ? job.measured_before : job.measured_after;
    const value = (name: (typeof FIGURES)[number]['name']): number | null => {
        return known?.[name] ?? null;
    };
    const [wrong, setWrong] = useState<Record<string, string>>({});
    const take = (name: string, most: number, typed: string) => {
        const mm = typed === '' ? null : /^[0.,]+$/.test(typed) ? 0 : readLength(typed, units);
        if (typed !== '' && (mm === null || mm > most)) {
            setWrong({ ...wrong, [name]: `“${typed}” is no figure for it: type a length, up to ${fineLength(most, units, 0)}.` });
            return;
        }
        setWrong(Object.fromEntries(Object.entries(wrong).filter(([key]) => key !== name)));
        keep({ [name]: mm });
    };
    const keep = (changed: Partial<Measured>) => {
        const { action_12_mm = null, relief_mm = null, bridge_mm = null } = known ?? {};
        record('measured', { when: moment, action_12_mm, relief_mm, bridge_mm, adjusted, ...changed });
    };
    const adjusted = known?.adjusted === true;
    return (
        <div className="mt-4 grid max-w-3xl gap-x-5 gap-y-3 sm:grid-cols-3">
            {FIGURES.map(({ name, label, most }) => {
                const figure = value(name);
                return (
                    <Field key={name} label={`${label}, ${units.length}`} error={wrong[name]}>
                        <TypedInput
                            inputMode="decimal"
                            className={`${fieldClass} h-12 text-xl`}
                            shown={figure === null ? '' : lengthFigure(figure, units)}
                            onTake={(typed) => take(name, most, typed)}
                        />
                    </Field>
                );
            })}
            <p className="self-end pb-2 text-lg sm:col-span-3">
                All strings together pull {formatForce(moment === 'before' ? job.before_n : job.after_n, units)}
                {moment === 'before' ? ' as it is now' : `; before it was ${formatForce(job.before_n, units)}`}.
                <span className="block text-ink-soft">
                    {heightWords('Relief', 'more', 'less', job.relief, units)}{' '}
                    {heightWords('The action at the 12th', 'higher', 'lower', job.action, units)} A rod that resists is for a
                    qualified repairer.
                </span>
            </p>
            {moment === 'after' && (
                <label className="flex min-h-target items-center gap-2 text-lg sm:col-span-3">
                    <input type="checkbox" checked={adjusted} onChange={(event) => keep({ adjusted: event.target.checked })} />
                    The rod or the bridge’s height was turned since: nothing is learned from these
                </label>
            )}
            <div className="sm:col-span-3">
                <JobPhotographs now={now} moment={moment} />
            </div>
        </div>
    );
}

/** Less than this nobody measures. */
const HARDLY_MM = 0.01;

/** What a height will do, said with its range and what that rests on. */
function heightWords(name: string, up: string, down: string, height: Height, units: Units): string {
    const { low, estimate, high, learned_from: learned } = height;
    const side = (mm: number) => `${fineLength(Math.abs(mm), units, 2)} ${mm >= 0 ? up : down}`;
    const goes = Math.abs(estimate) < HARDLY_MM ? 'should hardly change' : `should become about ${side(estimate)}`;
    return `${name} ${goes} (${side(low)} to ${side(high)}), ${
        learned === 0 ? 'as on any instrument' : `learned from ${learned} ${learned === 1 ? 'job' : 'jobs'} on it`
    }.`;
}

/** Photographs of one moment, taken with the tablet's camera or chosen. */
export function JobPhotographs({ now, moment }: { now: JobNow; moment: Moment }) {
    const { job } = now;
    const file = useRef<HTMLInputElement>(null);
    const { act, busy, problem } = useAct();
    const [added, setAdded] = useState<JobPhotograph[]>([]);
    const shown = [...job.photographs.filter((each) => each.moment === moment), ...added].filter(
        (each, index, all) => all.findIndex(({ id }) => id === each.id) === index,
    );
    const add = (chosen: File) =>
        act(async () => {
            const kept = await upload<{ id: number; caption: string }>(photographsStore(job.instrument), {
                photograph: chosen,
                caption: `${moment === 'before' ? 'Before' : 'After'} ${job.name}`.slice(0, 200),
                job: String(job.id),
                moment,
            });
            setAdded([...added, { id: kept.id, caption: kept.caption, moment }]);
        });
    return (
        <div className="flex flex-wrap items-center gap-3">
            {shown.map((each) => (
                <img
                    key={each.id}
                    src={withAsked(photographsShow(job.instrument, each.id), { small: 1 })}
                    alt={each.caption}
                    className="h-20 rounded-mark border border-rule"
                />
            ))}
            <input
                ref={file}
                type="file"
                accept="image/*"
                capture="environment"
                hidden
                aria-label={`Photograph from ${moment}`}
                onChange={(event) => {
                    const chosen = event.target.files?.[0];
                    event.target.value = '';
                    if (chosen !== undefined) {
                        add(chosen);
                    }
                }}
            />
            <Button large disabled={busy} onClick={() => file.current?.click()}>
                {busy ? 'Keeping…' : 'Take a photograph'}
            </Button>
            {problem !== undefined && (
                <p role="alert" className="text-stop">
                    {problem}
                </p>
            )}
        </div>
    );
}
