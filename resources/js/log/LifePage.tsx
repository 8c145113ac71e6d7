import { router } from '@inertiajs/react';
import { Select } from '../ui/Select';
import { LogFrame } from './LogFrame';
import { Family, Folded } from './life/Family';
import { logLife } from '../generated/addresses/places';
import type { LifePage as Props } from '../generated/pages';
import { WhereTheyBroke } from './life/WhereTheyBroke';
import { HowSoonTheyHold } from './life/HowSoonTheyHold';

const ALL = '*';
const NONE = '–';

/** What is learned of strings: how long they last, what an hour costs, where they break, how soon a make holds. */
export default function LifePage({ lives, broke, holds, owner, place, part, parts, owners, places }: Props) {
    const go = (changed: { owner?: string | null; place?: string | null; part?: string | null }) => {
        const asked = { owner, place, part, ...changed };
        router.get(
            logLife,
            Object.fromEntries(Object.entries(asked).filter(([, value]) => value !== null)) as Record<string, string>,
            {
                preserveState: true,
                preserveScroll: true,
            },
        );
    };
    const chosen = (value: string | null) => (value === null ? ALL : value === '' ? NONE : value);
    const read = (value: string) => (value === ALL ? null : value === NONE ? '' : value);
    return (
        <LogFrame
            at={logLife}
            tools={
                <Narrowed
                    chosen={chosen}
                    owner={owner}
                    owners={owners}
                    go={go}
                    read={read}
                    place={place}
                    places={places}
                    part={part}
                    parts={parts}
                />
            }
        >
            {lives.length === 0 ? (
                <p className="mt-8 max-w-prose text-ink-soft">
                    Once jobs have put strings on and hours are logged, it is drawn here how many of them last how long, those
                    that are still on counted as they should, with what an hour of them costs.
                </p>
            ) : (
                <div className="mt-3 max-w-[90ch] text-ink-soft">
                    <p>Steps: what was seen. Dashed: how many are likely to last so long, and the band that may well hold it.</p>
                    <Folded title="How that is reckoned">
                        The band holds it in 8 of 10 cases. Hours count as they wear: more in heat, salt air, with wet hands. A
                        forecast rests on the owner’s own strings. Each family begins with what is usual; were that twice too
                        long, a figure would still be about 8 % too long after ten changes and 4 % after twenty; were it half, 5 %
                        and 2 % too short.
                    </Folded>
                </div>
            )}
            <div className="mt-4 grid gap-x-12 gap-y-8 lg:grid-cols-2">
                {lives.map((life) => (
                    <Family
                        key={`${life.label} ${life.coated} ${life.part}`}
                        life={life}
                        parts={part === null ? parts : []}
                        onPart={(by) => go({ part: by })}
                    />
                ))}
            </div>
            <div className="mt-8 grid gap-x-12 gap-y-8 lg:grid-cols-2">
                <WhereTheyBroke broke={broke} />
                <HowSoonTheyHold holds={holds} />
            </div>
        </LogFrame>
    );
}

/** Whose strings are looked at, where, and by what they are parted. */
function Narrowed({
    chosen,
    owner,
    owners,
    go,
    read,
    place,
    places,
    part,
    parts,
}: {
    chosen: (value: string | null) => string;
    owner: Props['owner'];
    owners: Props['owners'];
    go: (changed: { owner?: string | null; place?: string | null; part?: string | null }) => void;
    read: (value: string) => string | null;
    place: Props['place'];
    places: Props['places'];
    part: Props['part'];
    parts: Props['parts'];
}) {
    return (
        <>
            <div className="w-44">
                <Select
                    label="Whose"
                    value={chosen(owner)}
                    choices={[
                        { value: ALL, label: 'Every owner' },
                        ...owners.map((each) => ({
                            value: each === '' ? NONE : each,
                            label: each === '' ? 'No owner named' : each,
                        })),
                    ]}
                    onChange={(value) => go({ owner: read(value) })}
                />
            </div>
            <div className="w-44">
                <Select
                    label="Where they live"
                    value={chosen(place)}
                    choices={[
                        { value: ALL, label: 'Every place' },
                        ...places.map(({ value, label }) => ({
                            value: value === '' ? NONE : value,
                            label: value === '' ? 'No place named' : label,
                        })),
                    ]}
                    onChange={(value) => go({ place: read(value) })}
                />
            </div>
            <div className="w-44">
                <Select
                    label="Parted"
                    value={part ?? ALL}
                    choices={[{ value: ALL, label: 'Not parted' }, ...parts]}
                    onChange={(value) => go({ part: read(value) })}
                />
            </div>
        </>
    );
}
