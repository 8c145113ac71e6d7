import type { Playing } from '../../generated/views';
import { Field } from '../../ui/Field';
import { Select } from '../../ui/Select';
import { centsWords } from './cents';
import type { Looked } from './asked';

const DEGREES = [-15, -10, -5, 5, 10, 15, 20];

/** What a hot stage, or a cold one, does to its strings. */
export function WarmthPart({
    plays,
    looked,
    onLook,
}: {
    plays: Playing;
    looked: Looked;
    onLook: (change: Partial<Looked>) => void;
}) {
    const known = plays.neck.strings.filter((string) => string.cents_per_kelvin !== null);
    return (
        <section aria-label="Weather">
            <h2 className="border-b border-ink pb-1 text-lg font-bold">From bench to stage</h2>
            <div className="my-2 w-48">
                <Field label="The stage is">
                    <Select
                        value={String(looked.warmer)}
                        choices={DEGREES.map((degrees) => ({
                            value: String(degrees),
                            label: `${Math.abs(degrees)} °C ${degrees < 0 ? 'colder' : 'warmer'}`,
                        }))}
                        onChange={(value) => onLook({ warmer: Number(value) })}
                    />
                </Field>
            </div>
            <div aria-live="polite" className="grid gap-1">
                {plays.warmth.map((line, index) => (
                    <p key={line} className={index === plays.warmth.length - 1 ? 'text-sm text-ink-soft' : undefined}>
                        {line}
                    </p>
                ))}
            </div>
            {known.length > 0 && (
                <div className="mt-2 flex flex-wrap gap-x-5 gap-y-1">
                    <dl className="contents">
                        {known.map(({ position, cents_per_kelvin: cents }) => (
                            <div key={position} className="flex gap-1.5">
                                <dt className="text-ink-soft">{position}</dt>
                                <dd className="tabular-nums">{centsWords(cents ?? 0)}</dd>
                            </div>
                        ))}
                    </dl>
                    <span className="text-ink-soft">cents a degree</span>
                </div>
            )}
        </section>
    );
}
