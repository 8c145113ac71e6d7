import { Glyph } from '../../ui/Glyph';
import { Menu, MenuItem, MenuLine } from '../../ui/Menu';
import { useBench } from '../design/benchStore';
import * as edits from '../design/edits';
import { dateWords } from '../../units/times';
import type { OnItNow } from '../../generated/views';

/** What the set is measured against: strings that feel right, this set as it stands, or nothing. */
export function BaselineMenu({ onOpen, onIt }: { onOpen: () => void; onIt: OnItNow | null }) {
    const document = useBench((state) => state.document);
    const edit = useBench((state) => state.edit);
    const baseline = document.baseline;
    const tried = (baseline?.trials ?? []).length > 0;

    return (
        <Menu
            align="start"
            trigger={
                <button
                    type="button"
                    className="min-h-target rounded-mark text-left underline decoration-rule-strong underline-offset-3 hover:text-ink hover:decoration-accent"
                >
                    {baseline ? `measured from ${baseline.name ?? baseline.instrument.name}` : 'not measured from any set yet'}
                    {tried ? ', tried by hand' : ''} <Glyph sign="down" />
                </button>
            }
        >
            {onIt !== null && (
                <MenuItem onSelect={() => edit((present) => ({ ...present, baseline: onIt.baseline }))}>
                    {onIt.name}: on it since {dateWords(onIt.since)}
                </MenuItem>
            )}
            <MenuItem keys="B" onSelect={onOpen}>
                Say what feels right now…
            </MenuItem>
            <MenuItem onSelect={() => edit(edits.baseline(document))}>This set as it stands now</MenuItem>
            <MenuLine />
            <MenuItem disabled={!baseline} onSelect={() => edit(edits.baseline(null))}>
                Nothing
            </MenuItem>
        </Menu>
    );
}
