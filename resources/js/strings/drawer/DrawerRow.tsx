import type { DrawerString, Lot } from '../../generated/views';
import { clsx } from 'clsx';
import { type Dispatch, type SetStateAction } from 'react';
import { familyWords } from '../../units/strings';
import { gaugeInches } from '../../units/stringType';
import { formatGauge, type Units } from '../../units/units';
import { Button } from '../../ui/Button';
import { fieldClass } from '../../ui/classes';
import { TypedInput } from '../../ui/TypedInput';
import { isLow } from './lots';
import { type LotAct } from './LotDialog';
import { dateWords } from '../../units/times';

/** All of one kind, and where they lie. */
export function DrawerRow({
    nameOf,
    units,
    keep,
    setAct,
    kind,
}: {
    nameOf: (kind: DrawerString) => string;
    units: Units;
    keep: (kind: DrawerString, typed: string) => Promise<void>;
    setAct: Dispatch<SetStateAction<{ lot: Lot; act: LotAct } | null>>;
    kind: DrawerString;
}) {
    return (
        <tr className="border-b border-rule align-top">
            <th scope="row" className="py-2 pr-4 text-left font-normal">
                <strong>{formatGauge(gaugeInches(kind), units)}</strong> {familyWords(kind)}
                {isLow(kind) && <span className="block text-sm font-semibold text-caution">runs low</span>}
            </th>
            <td className="py-2 pr-4 text-right text-lg font-bold">
                {kind.quantity}
                {kind.kept > 0 && (
                    <span className="block text-sm font-normal whitespace-nowrap text-ink-soft">{kind.kept} kept</span>
                )}
            </td>
            <td className="py-1 pr-4">
                <TypedInput
                    className={clsx(fieldClass, 'w-16!')}
                    inputMode="numeric"
                    aria-label={`How many of ${nameOf(kind)} should be there`}
                    placeholder="–"
                    shown={kind.least === null ? '' : String(kind.least)}
                    onTake={(typed) => void keep(kind, typed)}
                />
            </td>
            <td className="py-1">
                <ul>
                    {kind.lots.map((lot) => (
                        <LotLine key={lot.id} lot={lot} onAct={(chosen) => setAct({ lot, act: chosen })} />
                    ))}
                </ul>
            </td>
        </tr>
    );
}

export function LotLine({ lot, onAct }: { lot: Lot; onAct: (act: LotAct) => void }) {
    return (
        <li className="flex flex-wrap items-center gap-x-3">
            <span className="min-w-0 flex-1 basis-52">
                {lot.quantity} × {lot.name}
                <span className="text-sm text-ink-soft">
                    {' '}
                    {lot.kept > 0 && `(${lot.kept} kept for orders and jobs) `}since {dateWords(lot.since)}
                    {lot.ball_colour !== '' && `, ${lot.ball_colour} ball ends`}
                    {lot.note !== '' && `, ${lot.note}`}
                </span>
            </span>
            <span className="flex flex-wrap">
                <Button
                    look="quiet"
                    className="h-8"
                    disabled={lot.quantity - lot.kept <= 0}
                    aria-label={`Take from ${lot.name}`}
                    onClick={() => onAct('take')}
                >
                    Take
                </Button>
                <Button look="quiet" className="h-8" aria-label={`Count ${lot.name}`} onClick={() => onAct('count')}>
                    Count
                </Button>
                <Button look="quiet" className="h-8" aria-label={`Ball colour of ${lot.name}`} onClick={() => onAct('ball')}>
                    Ball
                </Button>
                <Button look="quiet" className="h-8" aria-label={`History of ${lot.name}`} onClick={() => onAct('history')}>
                    History
                </Button>
            </span>
        </li>
    );
}
