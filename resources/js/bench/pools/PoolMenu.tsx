import { router } from '@inertiajs/react';
import { ask } from '../../server/api';
import { Button } from '../../ui/Button';
import { Glyph } from '../../ui/Glyph';
import { Menu, MenuItem, MenuLine } from '../../ui/Menu';
import { tellFailure } from '../../ui/toasts';
import { benchShow } from '../../generated/addresses/bench';
import { poolsIndex } from '../../generated/addresses/places';
import { setsPool } from '../../generated/addresses/sets';

interface Props {
    set: number;
    pools: { id: number; name: string }[];
    pool: number | null;
}

/** Which gauges the lanes show and the set is chosen from: what is usually sold, or a named pool. */
export function PoolMenu({ set, pools, pool }: Props) {
    const choose = async (id: number | null) => {
        try {
            await ask(setsPool(set), { method: 'PUT', body: { pool: id, seen: pool } });
            // The set is opened anew, on the other gauges; what was changed is saved on the way.
            router.visit(benchShow(set), { replace: true });
        } catch (error) {
            tellFailure(error);
        }
    };
    const name = pools.find(({ id }) => id === pool)?.name ?? 'what is usually sold';
    const sign = (chosen: boolean) => <span className="inline-flex w-5">{chosen && <Glyph sign="check" />}</span>;
    return (
        <Menu
            align="start"
            trigger={
                <Button look="quiet" className="h-7 px-2 text-xs">
                    Gauges: {name} <Glyph sign="down" size={11} />
                </Button>
            }
        >
            <MenuItem onSelect={() => void choose(null)}>{sign(pool === null)}What is usually sold</MenuItem>
            {pools.map(({ id, name: label }) => (
                <MenuItem key={id} onSelect={() => void choose(id)}>
                    {sign(pool === id)}
                    {label}
                </MenuItem>
            ))}
            <MenuLine />
            <MenuItem onSelect={() => router.visit(poolsIndex)}>
                {sign(false)}
                {pools.length === 0 ? 'Make a pool of your own…' : 'Pools…'}
            </MenuItem>
        </Menu>
    );
}
