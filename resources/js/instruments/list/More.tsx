import { router } from '@inertiajs/react';
import { ask } from '../../server/api';
import { Button } from '../../ui/Button';
import { Glyph } from '../../ui/Glyph';
import { Menu, MenuItem, MenuLine, MenuLink } from '../../ui/Menu';
import { tellFailure, toast } from '../../ui/toasts';
import { type Summary } from '../matching';

export const reload = () => router.reload();

export function More({ instrument: { id, name } }: { instrument: Summary }) {
    const duplicate = async () => {
        const copy = await ask<{ id: number }>(`/instruments/${id}/duplicate`, { method: 'POST' });
        router.visit(`/instruments/${copy.id}`);
    };
    const putAway = async () => {
        await ask(`/instruments/${id}`, { method: 'DELETE' });
        reload();
        toast(`“${name}” was put away. Its sets stay.`, {
            action: {
                label: 'Undo',
                run: () => void ask(`/instruments/${id}/unarchive`, { method: 'POST' }).then(reload, tellFailure),
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
            <MenuItem onSelect={() => router.visit(`/start?instrument=${id}`)}>Design a set for it…</MenuItem>
            <MenuItem onSelect={() => router.visit(`/sets?instrument=${id}`)}>Its sets</MenuItem>
            <MenuItem onSelect={() => router.visit(`/instruments/${id}?view=try`)}>Try a set on</MenuItem>
            <MenuItem onSelect={() => router.visit(`/instruments/${id}?view=reach`)}>How low, how high</MenuItem>
            <MenuItem onSelect={() => void duplicate().catch(tellFailure)}>Duplicate</MenuItem>
            <MenuLink href={`/instruments/${id}/export`}>Export</MenuLink>
            <MenuLine />
            <MenuItem onSelect={() => void putAway().catch(tellFailure)}>Put away</MenuItem>
        </Menu>
    );
}

export function BringBack({ instrument: { id, name } }: { instrument: Summary }) {
    const bringBack = async () => {
        await ask(`/instruments/${id}/unarchive`, { method: 'POST' });
        reload();
        toast(`“${name}” is in use again.`);
    };
    return (
        <Button look="quiet" aria-label={`Bring back ${name}`} onClick={() => void bringBack().catch(tellFailure)}>
            Bring back
        </Button>
    );
}
