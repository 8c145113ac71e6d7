import { clsx } from 'clsx';
import { memo } from 'react';
import type { StringOfSet } from '../../generated/formats';
import { Glyph } from '../../ui/Glyph';
import { Menu, MenuCheck, MenuChoice, MenuItem, MenuLine } from '../../ui/Menu';
import { useBenchActions } from '../design/benchStore';
import * as edits from '../design/edits';
import type { Hear } from '../sound/useHearing';

interface Props {
    position: number;
    hold: StringOfSet['hold'];
    only: StringOfSet['only'];
    onStepPitch: (semitones: number) => void;
    onHear: Hear;
}

const ONLY = [
    { value: 'either', label: 'Plain or wound' },
    { value: 'plain', label: 'Plain only' },
    { value: 'wound', label: 'Wound only' },
];

/** The string's number: what choosing may do with the string, and what else can be done with it. */
export const LaneMenu = memo(function LaneMenu({ position, hold, only, onStepPitch, onHear }: Props) {
    const { edit } = useBenchActions();
    const words = [
        ...(hold === 'locked' ? ['locked'] : hold === 'muted' ? ['left out of choosing'] : []),
        ...(only === undefined ? [] : [`${only} only`]),
    ];
    return (
        <Menu
            align="start"
            trigger={
                <button
                    type="button"
                    aria-label={`String ${position}${words.map((word) => `, ${word}`).join('')}: more`}
                    title={words.length === 0 ? 'Lock it, leave it out of choosing, raise it …' : words.join(', ')}
                    className="-ml-1.5 flex min-h-[44px] w-[1.9rem] flex-col items-center justify-center rounded-mark text-ink-faint hover:bg-rule/60 hover:text-ink"
                >
                    <span
                        className={clsx('text-[1.7rem] leading-none font-light', hold === 'muted' && 'line-through opacity-60')}
                    >
                        {position}
                    </span>
                    {hold === 'locked' && <Glyph sign="lock" size={12} />}
                    {only !== undefined && <span className="text-xs leading-none">{only}</span>}
                </button>
            }
        >
            <MenuCheck checked={hold === 'locked'} onChange={(on) => edit(edits.hold(position, on ? 'locked' : null))}>
                Locked: stays as it is
            </MenuCheck>
            <MenuCheck checked={hold === 'muted'} onChange={(on) => edit(edits.hold(position, on ? 'muted' : null))}>
                Left out of choosing
            </MenuCheck>
            <MenuChoice
                label="What it may be"
                value={only ?? 'either'}
                choices={ONLY}
                onChoose={(value) => edit(edits.only(position, value === 'either' ? null : (value as StringOfSet['only'])))}
            />
            <MenuLine />
            <MenuItem keys="Page Up" onSelect={() => onStepPitch(1)}>
                Raise by a semitone
            </MenuItem>
            <MenuItem keys="Page Down" onSelect={() => onStepPitch(-1)}>
                Lower by a semitone
            </MenuItem>
            <MenuItem keys="P" onSelect={() => onHear([position])}>
                Hear it
            </MenuItem>
        </Menu>
    );
});
