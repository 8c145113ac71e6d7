import type { Listed, Supplier } from '../../generated/views';
import { useVirtualizer, type VirtualItem } from '@tanstack/react-virtual';
import { clsx } from 'clsx';
import { useEffect, useRef, useState, type KeyboardEvent, type Dispatch, type SetStateAction } from 'react';
import { CONSTRUCTIONS, MATERIALS } from '../../generated/words';
import { gaugeInches } from '../../units/stringType';
import { formatGauge, type Units } from '../../units/units';
import { useUnits } from '../../units/useUnits';
import { price } from '../supply';
import { useListed } from './useListed';

const ROW = 36;
const COLUMNS =
    'grid grid-cols-[4.2rem_minmax(8rem,1.3fr)_5rem_minmax(8rem,1fr)_minmax(7rem,1fr)_6rem_4.5rem] items-center gap-x-3';

interface Props {
    query: string;
    suppliers: Supplier[];
    chosen: number | null;
    onChoose: (string: Listed) => void;
}

/** However many there are, only the rows in sight are drawn and asked for. */
export function StringTable({ query, suppliers, chosen, onChoose }: Props) {
    const units = useUnits();
    const frame = useRef<HTMLDivElement>(null);
    const virtual = useVirtualizer({
        count: useTotal(query),
        getScrollElement: () => frame.current,
        estimateSize: () => ROW,
        overscan: 12,
    });
    const items = virtual.getVirtualItems();
    const { total, row, error } = useListed(query, items[0]?.index ?? 0, items.at(-1)?.index ?? 0);
    const supplierOf = (id: number) => suppliers.find((supplier) => supplier.id === id);
    // One row of all is reached by Tab; the arrow keys lead to the others.
    const [at, setAt] = useState(0);
    const focusing = useRef(false);
    const [lookedFor, setLookedFor] = useState(query);
    if (lookedFor !== query) {
        setLookedFor(query);
        setAt(0);
    }
    useEffect(() => {
        frame.current?.scrollTo({ top: 0 });
    }, [query]);
    const drawn = items.some(({ index }) => index === at) && row(at) !== undefined;
    useEffect(() => {
        if (focusing.current && drawn) {
            focusing.current = false;
            frame.current?.querySelector<HTMLElement>(`[data-index="${at}"] button`)?.focus();
        }
    }, [at, drawn]);
    // Where it was scrolled out of sight, the first that is in sight is.
    const stop = drawn
        ? at
        : (items.find(({ index, start }) => start >= (virtual.scrollOffset ?? 0) && row(index) !== undefined)?.index ?? at);

    const move = (event: KeyboardEvent, index: number) => {
        const step = { ArrowDown: 1, ArrowUp: -1, PageDown: 12, PageUp: -12, Home: -Infinity, End: Infinity }[event.key];
        if (step === undefined || total === undefined) {
            return;
        }
        event.preventDefault();
        const to = Math.min(total - 1, Math.max(0, index + step));
        virtual.scrollToIndex(to);
        setAt(to);
        focusing.current = true;
    };
    return (
        <div className="min-w-0">
            <p role="status" className="pb-1 text-sm text-ink-soft">
                {error !== null ? error.message : total === undefined ? 'Looking…' : `${total.toLocaleString('en')} strings`}
            </p>
            <div
                ref={frame}
                className="h-[calc(100dvh-17.5rem)] min-h-72 overflow-auto border-y border-rule"
                role="table"
                aria-label="Strings"
                aria-rowcount={(total ?? 0) + 1}
            >
                <Heads />
                <div role="rowgroup" className="relative min-w-[46rem]" style={{ height: virtual.getTotalSize() }}>
                    {items.map((item) => (
                        <Row
                            key={item.key}
                            row={row}
                            chosen={chosen}
                            onChoose={onChoose}
                            units={units}
                            stop={stop}
                            setAt={setAt}
                            move={move}
                            supplierOf={supplierOf}
                            item={item}
                        />
                    ))}
                </div>
            </div>
        </div>
    );
}

/** How many there are; the table is as long. */
function useTotal(query: string): number {
    return useListed(query, 0, 0).total ?? 0;
}

/** What the columns are. */
function Heads() {
    return (
        <div role="rowgroup" className="sticky top-0 z-10 min-w-[46rem] border-b border-ink bg-paper">
            <div role="row" className={clsx(COLUMNS, 'h-8 px-2 text-left text-sm text-ink-soft')}>
                <span role="columnheader" className="text-right">
                    Gauge
                </span>
                <span role="columnheader">Name</span>
                <span role="columnheader">Build</span>
                <span role="columnheader">Material</span>
                <span role="columnheader">Supplier</span>
                <span role="columnheader" className="text-right">
                    One
                </span>
                <span role="columnheader" className="text-right">
                    Drawer
                </span>
            </div>
        </div>
    );
}

/** One row of all, as far as it is in sight. */
function Row({
    row,
    chosen,
    onChoose,
    units,
    stop,
    setAt,
    move,
    supplierOf,
    item,
}: {
    row: (index: number) => Listed | undefined;
    chosen: Props['chosen'];
    onChoose: Props['onChoose'];
    units: Units;
    stop: number;
    setAt: Dispatch<SetStateAction<number>>;
    move: (event: KeyboardEvent, index: number) => void;
    supplierOf: (id: number) => Supplier | undefined;
    item: VirtualItem;
}) {
    const listed = row(item.index);
    return (
        <div
            role="row"
            aria-rowindex={item.index + 2}
            data-index={item.index}
            style={{ transform: `translateY(${item.start}px)`, height: ROW }}
            className={clsx(
                COLUMNS,
                'absolute inset-x-0 cursor-pointer border-b border-rule px-2 hover:bg-sheet',
                listed !== undefined && listed.id === chosen && 'bg-accent-wash',
            )}
            onClick={() => listed !== undefined && onChoose(listed)}
        >
            {listed === undefined ? (
                <span role="cell" className="col-span-7 text-ink-faint">
                    …
                </span>
            ) : (
                <Cells
                    listed={listed}
                    units={units}
                    chosen={chosen}
                    item={item}
                    stop={stop}
                    setAt={setAt}
                    move={move}
                    supplierOf={supplierOf}
                />
            )}
        </div>
    );
}

/** What is said of a string. */
function Cells({
    listed,
    units,
    chosen,
    item,
    stop,
    setAt,
    move,
    supplierOf,
}: {
    listed: Listed;
    units: Units;
    chosen: Props['chosen'];
    item: VirtualItem;
    stop: number;
    setAt: Dispatch<SetStateAction<number>>;
    move: (event: KeyboardEvent, index: number) => void;
    supplierOf: (id: number) => Supplier | undefined;
}) {
    return (
        <>
            <span role="cell" className="text-right font-semibold">
                {formatGauge(gaugeInches(listed), units)}
            </span>
            <span role="cell" className="min-w-0">
                <button
                    type="button"
                    className="block w-full truncate text-left"
                    aria-pressed={listed.id === chosen}
                    tabIndex={item.index === stop ? 0 : -1}
                    onFocus={() => setAt(item.index)}
                    onKeyDown={(event) => move(event, item.index)}
                >
                    {listed.name === '' ? listed.code : listed.name}
                </button>
            </span>
            <span role="cell">{CONSTRUCTIONS[listed.construction]}</span>
            <span role="cell" className="truncate">
                {MATERIALS[listed.material]}
            </span>
            <span role="cell" className="truncate text-ink-soft">
                {supplierOf(listed.supplier_id)?.name}
            </span>
            <span role="cell" className="text-right">
                {price(listed.cents, supplierOf(listed.supplier_id)?.currency ?? '')}
            </span>
            <span role="cell" className="text-right">
                {listed.drawer > 0 ? listed.drawer : ''}
            </span>
        </>
    );
}
