import { Glyph } from '../ui/Glyph';
import { ask } from '../lib/api';
import type { SetDocument } from '../lib/formats';
import { Menu, MenuItem, MenuLine } from '../ui/Menu';
import { toast } from '../ui/toasts';
import { useBench } from './benchStore';
import * as edits from './edits';
import type { Saver } from './saver';

/** What the set is measured against: another saved set, this one as it stands, or nothing. */
export function BaselineMenu({ sets, saver }: { sets: { id: number; name: string }[]; saver: Saver }) {
    const document = useBench((state) => state.document);
    const edit = useBench((state) => state.edit);
    const baseline = document.baseline;

    const take = async (id: number) => {
        try {
            await saver.flush();
            const other = await ask<SetDocument>(`/sets/${id}/export`);
            edit(edits.baseline(other));
        } catch (error) {
            toast(error instanceof Error ? error.message : 'That set could not be fetched.', { tone: 'failed' });
        }
    };

    return (
        <Menu
            align="start"
            trigger={
                <button
                    type="button"
                    className="min-h-[24px] rounded-[2px] text-left underline decoration-rule-strong underline-offset-3 hover:text-ink hover:decoration-accent"
                >
                    {baseline ? `measured from ${baseline.name ?? baseline.instrument.name}` : 'not measured from any set yet'}{' '}
                    <Glyph sign="down" />
                </button>
            }
        >
            <div className="px-2.5 pt-1.5 pb-1 text-xs text-ink-faint">The set that feels right</div>
            <div className="max-h-72 overflow-auto">
                {sets.map((set) => (
                    <MenuItem key={set.id} onSelect={() => void take(set.id)}>
                        {set.name}
                    </MenuItem>
                ))}
            </div>
            <MenuLine />
            <MenuItem onSelect={() => edit(edits.baseline(document))}>This set as it stands now</MenuItem>
            <MenuItem disabled={!baseline} onSelect={() => edit(edits.baseline(null))}>
                Nothing
            </MenuItem>
        </Menu>
    );
}
