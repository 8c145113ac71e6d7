import { router } from '@inertiajs/react';
import { ask } from '../../server/api';
import { Button } from '../../ui/Button';
import { Glyph } from '../../ui/Glyph';
import { Menu, MenuItem, MenuLine, MenuLink } from '../../ui/Menu';
import { tellFailure, toast } from '../../ui/toasts';
import type { InstrumentSummary as Summary } from '../../generated/views';
import {
    instrumentsDestroy,
    instrumentsDuplicate,
    instrumentsEdit,
    instrumentsExport,
    instrumentsUnarchive,
} from '../../generated/addresses/instruments';
import { setsIndex, startCreate } from '../../generated/addresses/places';
import { withAsked } from '../../server/asked';

export const reload = () => router.reload();

export function More({ instrument: { id, name } }: { instrument: Summary }) {
    const duplicate = async () => {
        const copy = await ask<{ id: number }>(instrumentsDuplicate(id), { method: 'POST' });
        router.visit(instrumentsEdit(copy.id));
    };
    const putAway = async () => {
        await ask(instrumentsDestroy(id), { method: 'DELETE' });
        reload();
        toast(`“${name}” was put away. Its sets stay.`, {
            action: {
                label: 'Undo',
                run: () => void ask(instrumentsUnarchive(id), { method: 'POST' }).then(reload, tellFailure),
            },
        });
    };
    return (
        <Menu
            trigger={
                <Button look="quiet" className="w-9 px-0" aria-label={`More for ${name}`}>
                    <Glyph sign="more" />
                </Button>
            }
        >
            <MenuItem onSelect={() => router.visit(withAsked(startCreate, { instrument: id }))}>Design a set for it…</MenuItem>
            <MenuItem onSelect={() => router.visit(withAsked(setsIndex, { instrument: id }))}>Its sets</MenuItem>
            <MenuItem onSelect={() => router.visit(withAsked(instrumentsEdit(id), { view: 'try' }))}>Try a set on</MenuItem>
            <MenuItem onSelect={() => router.visit(withAsked(instrumentsEdit(id), { view: 'reach' }))}>
                How low, how high
            </MenuItem>
            <MenuItem onSelect={() => void duplicate().catch(tellFailure)}>Duplicate</MenuItem>
            <MenuLink href={instrumentsExport(id)}>Export</MenuLink>
            <MenuLine />
            <MenuItem onSelect={() => void putAway().catch(tellFailure)}>Put away</MenuItem>
        </Menu>
    );
}

export function BringBack({ instrument: { id, name } }: { instrument: Summary }) {
    const bringBack = async () => {
        await ask(instrumentsUnarchive(id), { method: 'POST' });
        reload();
        toast(`“${name}” is in use again.`);
    };
    return (
        <Button look="quiet" aria-label={`Bring back ${name}`} onClick={() => void bringBack().catch(tellFailure)}>
            Bring back
        </Button>
    );
}
