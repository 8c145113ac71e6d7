import { useState } from 'react';
import { Field } from '../../ui/Field';
import { SearchField } from '../../ui/SearchField';
import { Select } from '../../ui/Select';
import { Button } from '../../ui/Button';
import { buttonClass } from '../../ui/classes';
import { USUAL, type Named, type Tried } from './useTried';
import { benchShow } from '../../generated/addresses/bench';
import { setsFit } from '../../generated/addresses/sets';
import { withAsked } from '../../server/asked';

const OTHER = 'other';

interface Props {
    tried: Tried;
    sets: Named[];
    strings: number;
    kind: string;
}

/** Which set is tried on: one designed for this instrument, any other by name, or what is usual on its kind. */
export function TriedSet({ tried, sets, strings, kind }: Props) {
    const [seeking, setSeeking] = useState(false);
    const { chosen, choose } = tried;
    const own = chosen !== USUAL && sets.some(({ id }) => id === chosen.id);
    const choices = [
        ...sets.map(({ id, name }) => ({ value: String(id), label: name })),
        ...(chosen !== USUAL && !own ? [{ value: String(chosen.id), label: chosen.name }] : []),
        { value: USUAL, label: `What is usual on ${/^[aeiou]/.test(kind) ? 'an' : 'a'} ${kind}` },
        { value: OTHER, label: 'Another set, by name…' },
    ];
    const take = (value: string) => {
        setSeeking(value === OTHER);
        if (value === USUAL) {
            choose(USUAL);
        } else if (value !== OTHER) {
            const found = sets.find(({ id }) => String(id) === value);
            if (found !== undefined) {
                choose(found);
            }
        }
    };
    return (
        <div className="flex flex-wrap items-end gap-x-3 gap-y-2">
            <div className="w-80 max-w-full">
                <Field label="Set tried on" error={tried.problem ?? undefined}>
                    <Select value={chosen === USUAL ? USUAL : String(chosen.id)} choices={choices} onChange={take} />
                </Field>
            </div>
            {seeking && (
                <div className="w-72 max-w-full">
                    <SearchField
                        label={`Sets of ${strings} strings`}
                        pick={(found) => found.sets.filter((set) => set.strings === strings)}
                        onTake={({ id, name }) => {
                            choose({ id, name });
                            setSeeking(false);
                        }}
                    />
                </div>
            )}
            {seeking && (
                <Button look="quiet" onClick={() => setSeeking(false)}>
                    Leave it
                </Button>
            )}
            {chosen !== USUAL && !seeking && (
                <>
                    <a className={buttonClass.plain} href={benchShow(chosen.id)}>
                        Open on the Bench
                    </a>
                    {own && (
                        <a className={buttonClass.quiet} href={setsFit(chosen.id)} target="_blank" rel="noreferrer">
                            Fit report (to print)
                        </a>
                    )}
                    {own && (
                        <a className={buttonClass.quiet} href={withAsked(setsFit(chosen.id), { paper: 'page' })}>
                            Send it as a page
                        </a>
                    )}
                </>
            )}
        </div>
    );
}
