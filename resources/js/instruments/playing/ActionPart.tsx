import type { Playing } from '../../generated/views';
import { Button } from '../../ui/Button';
import { Explained } from '../../ui/Explained';
import { fineLength } from '../../units/units';
import { useUnits } from '../../units/useUnits';
import { HANDS, type Hand, type Looked } from './asked';

interface Props {
    plays: Playing;
    /** The string that is drawn from the side. */
    position: number;
    onPosition: (position: number) => void;
    hand: Hand;
    onHand: (hand: Hand) => void;
    looked: Looked;
    onLook: (change: Partial<Looked>) => void;
}

const MOST_RELIEF_MM = 0.6;

interface Need {
    position: number;
    mm: number;
    /** The fret that it would touch first. */
    over: number;
}

/** What each string needs for a hand, millimetres at the 12th fret. */
export function needsOf(plays: Playing, hand: Hand): Need[] {
    return plays.neck.strings.flatMap((string) => {
        const one = string.clean_action_12_mm?.[hand];
        return one === undefined ? [] : [{ position: string.position, mm: one.mm, over: one.over_fret }];
    });
}

/** How low the strings may lie for a hand, string by string, and what relief does to it. */
export function ActionPart({ plays, position, onPosition, hand, onHand, looked, onLook }: Props) {
    const units = useUnits();
    const needs = needsOf(plays, hand);
    if (needs.length === 0) {
        return null;
    }
    return (
        <section aria-label="Action">
            <h2 className="border-b border-ink pb-1 text-lg font-bold">
                <Explained word="action">How low it may lie</Explained>
            </h2>
            <div role="group" aria-label="How hard it is picked" className="my-2 flex gap-1">
                {(Object.keys(HANDS) as Hand[]).map((each) => (
                    <Button
                        key={each}
                        look={each === hand ? 'strong' : 'plain'}
                        aria-pressed={each === hand}
                        onClick={() => onHand(each)}
                    >
                        {HANDS[each]}
                    </Button>
                ))}
            </div>
            <div aria-live="polite" className="grid gap-1">
                {plays.action[hand].map((line) => (
                    <p key={line}>{line}</p>
                ))}
            </div>
            <Needs needs={needs} has={plays.mm.action} chosen={position} onChoose={onPosition} />
            <label className="mt-2 block">
                <span className="flex justify-between gap-4 text-sm font-medium text-ink-soft">
                    <span>Relief</span>
                    <span>{fineLength(looked.relief ?? plays.mm.relief, units)}</span>
                </span>
                <input
                    type="range"
                    className="w-full accent-accent"
                    min={0}
                    max={MOST_RELIEF_MM}
                    step={0.02}
                    value={looked.relief ?? plays.mm.relief}
                    aria-valuetext={fineLength(looked.relief ?? plays.mm.relief, units)}
                    onChange={(event) => onLook({ relief: Number(event.target.value) })}
                />
            </label>
            {looked.relief !== null && (
                <Button look="quiet" onClick={() => onLook({ relief: null })}>
                    Relief as it is
                </Button>
            )}
        </section>
    );
}

/** What each string needs, beside what they all have. */
function Needs({
    needs,
    has,
    chosen,
    onChoose,
}: {
    needs: Need[];
    has: number;
    chosen: number;
    onChoose: (position: number) => void;
}) {
    const units = useUnits();
    return (
        <table className="mt-2 w-full">
            <caption className="sr-only">The lowest clean action of each string at the 12th fret</caption>
            <thead>
                <tr className="border-b border-ink text-left text-sm text-ink-soft">
                    <th scope="col" className="py-1 font-normal">
                        String
                    </th>
                    <th scope="col" className="py-1 text-right font-normal">
                        needs
                    </th>
                    <th scope="col" className="py-1 text-right font-normal">
                        at fret
                    </th>
                    <th scope="col" className="py-1 text-right font-normal">
                        to spare
                    </th>
                </tr>
            </thead>
            <tbody>
                {needs.map(({ position, mm, over }) => (
                    <tr key={position} className="border-b border-rule">
                        <td>
                            <Button
                                look="quiet"
                                className="h-6 px-2"
                                aria-pressed={position === chosen}
                                onClick={() => onChoose(position)}
                            >
                                {position === chosen ? <strong>{position}, drawn</strong> : position}
                            </Button>
                        </td>
                        <td className="text-right tabular-nums">{fineLength(mm, units)}</td>
                        <td className="text-right tabular-nums">{over}</td>
                        <td className="text-right tabular-nums">
                            {has >= mm ? fineLength(has - mm, units) : `−${fineLength(mm - has, units)}`}
                        </td>
                    </tr>
                ))}
            </tbody>
        </table>
    );
}
