import type { ReactNode } from 'react';
import type { SetDocument, TargetBand, Strings } from '../../generated/formats';
import { tuningLabel } from '../../units/pitch';
import { formatShare, type Units } from '../../units/units';
import { useUnits } from '../../units/useUnits';
import { fieldClass } from '../../ui/classes';
import { Field } from '../../ui/Field';
import { Select } from '../../ui/Select';
import { styleShares, woundChoices, type Aim } from './solve';

interface Props {
    aim: Aim;
    document: SetDocument;
    /** What the aim comes to, string by string, as last answered. */
    targets: TargetBand[];
    onAim: (aim: Aim) => void;
}

const STYLE: { [Aspect in keyof Aim['style']]: { label: string; answers: Aim['style'][Aspect][] } } = {
    attack: { label: 'Attack', answers: ['soft', 'medium', 'hard'] },
    pick: { label: 'Pick', answers: ['fingers', 'thin', 'medium', 'stiff'] },
    angle: { label: 'Pick held', answers: ['flat', 'angled'] },
    place: { label: 'Played', answers: ['studio', 'stage'] },
    bending: { label: 'Bending', answers: ['none', 'some', 'much'] },
};

/** What the set should feel like, and what choosing must leave alone. */
export function AimFields({ aim, document, targets, onAim }: Props) {
    const units = useUnits();
    const { tunings, strings } = document;
    const change = (changed: Partial<Aim>) => onAim({ ...aim, ...changed });
    const tension = (label: string, key: 'tension' | 'first' | 'last' | 'total') => (
        <Field label={`${label}, ${units.tension}`}>
            <input
                className={fieldClass}
                inputMode="decimal"
                value={aim[key]}
                onChange={(event) => change({ [key]: event.target.value })}
            />
        </Field>
    );
    return (
        <div className="grid content-start gap-3 sm:max-lg:grid-cols-2">
            <Field label="Aim at">
                <Select
                    value={aim.profile}
                    onChange={(profile) => change({ profile: profile as Aim['profile'] })}
                    choices={[
                        ...(document.baseline ? [{ value: 'baseline', label: 'what I am used to' }] : []),
                        { value: 'equal', label: 'one tension for all' },
                        { value: 'progressive', label: 'rising or falling evenly' },
                        { value: 'total', label: 'a total' },
                        { value: 'per-string', label: 'a tension for each string' },
                    ]}
                />
            </Field>
            <AimedPulls aim={aim} change={change} tension={tension} units={units} document={document} />
            {tunings.length > 1 && (
                <Field label="Where it serves several tunings">
                    <Select
                        value={aim.tunings}
                        onChange={(chosen) => change({ tunings: chosen })}
                        choices={[
                            { value: 'worst', label: 'the worst of them counts' },
                            { value: 'mean', label: 'their mean counts' },
                            ...tunings.map((each, index) => ({ value: String(index), label: `only ${tuningLabel(each)}` })),
                        ]}
                    />
                </Field>
            )}
            <Field label="Wound">
                <Select
                    value={aim.woundFrom}
                    onChange={(chosen) => change({ woundFrom: chosen })}
                    choices={woundChoices(document)}
                />
            </Field>
            <div className="grid grid-cols-2 gap-3">
                {(Object.keys(STYLE) as (keyof Aim['style'])[]).map((aspect) => (
                    <Field key={aspect} label={STYLE[aspect].label}>
                        <Select
                            value={aim.style[aspect]}
                            onChange={(answer) => change({ style: { ...aim.style, [aspect]: answer } })}
                            choices={STYLE[aspect].answers.map((answer) => ({ value: answer, label: answer }))}
                        />
                    </Field>
                ))}
            </div>
            <StyleWords targets={targets} />
            <KeptStrings strings={strings} aim={aim} change={change} />
        </div>
    );
}

/** What the answers about the style do to the aim, and why. */
function StyleWords({ targets }: { targets: TargetBand[] }) {
    const shares = styleShares(targets);
    if (shares.length === 0) {
        return <p className="text-sm text-ink-faint">This style leaves the aim as it is.</p>;
    }
    return (
        <ul aria-label="What the style does" className="text-sm text-ink-soft">
            {shares.map(({ aspect, reason, least, most }) => (
                <li key={aspect} className="flex gap-2 border-t border-rule py-1">
                    <span className="w-20 shrink-0 font-semibold text-ink">
                        {formatShare(least)}
                        {Math.round(least * 100) === Math.round(most * 100) ? '' : ` to ${formatShare(most)}`}
                    </span>
                    <span>{reason}</span>
                </li>
            ))}
        </ul>
    );
}

/** What the profile is reckoned from. */
function AimedPulls({
    aim,
    change,
    tension,
    units,
    document,
}: {
    aim: Props['aim'];
    change: (changed: Partial<Aim>) => void;
    tension: (label: string, key: 'tension' | 'first' | 'last' | 'total') => ReactNode;
    units: Units;
    document: Props['document'];
}) {
    return (
        <div className="grid grid-cols-2 gap-3">
            {aim.profile === 'baseline' && (
                <Field label="Of that, %">
                    <input
                        className={fieldClass}
                        inputMode="decimal"
                        value={aim.percent}
                        onChange={(event) => change({ percent: event.target.value })}
                    />
                </Field>
            )}
            {aim.profile === 'equal' && tension('Tension', 'tension')}
            {aim.profile === 'total' && tension('Total', 'total')}
            {aim.profile === 'progressive' && (
                <>
                    {tension('First', 'first')}
                    {tension('Last', 'last')}
                </>
            )}
            {aim.profile === 'per-string' &&
                aim.each.map((typed, index) => (
                    <Field key={index} label={`String ${index + 1}, ${units.tension}`}>
                        <input
                            className={fieldClass}
                            inputMode="decimal"
                            value={typed}
                            onChange={(event) =>
                                change({ each: aim.each.map((old, at) => (at === index ? event.target.value : old)) })
                            }
                        />
                    </Field>
                ))}
            <Field label="Near enough, ± %">
                <input
                    className={fieldClass}
                    inputMode="decimal"
                    placeholder={document.baseline?.trials === undefined ? '4' : 'as tried'}
                    value={aim.band}
                    onChange={(event) => change({ band: event.target.value })}
                />
            </Field>
            <Field label="Break limit, %">
                <input
                    className={fieldClass}
                    inputMode="decimal"
                    placeholder="75"
                    title="Of its breaking load, at most; by the thickest core a string may have"
                    value={aim.breakShare}
                    onChange={(event) => change({ breakShare: event.target.value })}
                />
            </Field>
        </div>
    );
}

/** Which strings stay as they are. */
function KeptStrings({ strings, aim, change }: { strings: Strings; aim: Props['aim']; change: (changed: Partial<Aim>) => void }) {
    return (
        <fieldset>
            <legend className="mb-1 text-sm font-medium text-ink-soft">Strings to keep as they are</legend>
            <div className="flex flex-wrap gap-x-3 gap-y-1">
                {strings.map(({ position, hold }) => (
                    <label
                        key={position}
                        className="inline-flex min-h-target items-center gap-1"
                        title={hold === undefined ? undefined : 'Locked or left out of choosing on its lane'}
                    >
                        <input
                            type="checkbox"
                            className="h-4 w-4 accent-(--accent)"
                            disabled={hold !== undefined}
                            checked={hold !== undefined || aim.keep.includes(position)}
                            onChange={(event) =>
                                change({
                                    keep: event.target.checked
                                        ? [...aim.keep, position].sort((a, b) => a - b)
                                        : aim.keep.filter((kept) => kept !== position),
                                })
                            }
                        />
                        {position}
                    </label>
                ))}
            </div>
        </fieldset>
    );
}
