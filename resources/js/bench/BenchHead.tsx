import { Glyph } from '../ui/Glyph';
import { Link, router } from '@inertiajs/react';
import { memo } from 'react';
import { useUnits } from '../units/useUnits';
import { Button } from '../ui/Button';
import { TypedInput } from '../ui/TypedInput';
import { Menu, MenuCheck, MenuItem, MenuLine, MenuLink } from '../ui/Menu';
import { useBench, useBenchActions } from './design/benchStore';
import * as edits from './design/edits';
import { openCommands } from '../frame/commands/Commands';
import { Doors } from './Doors';
import { scaleWords } from '../units/scaleWords';
import type { SetActions } from './commands/useSetActions';
import type { ShowPanel } from './panels';
import type { SaveState } from './saving/saver';
import type { SavedSet } from '../generated/views';
import { useHearingOn } from '../frame/reading/heard';
import type { Hear } from './sound/useHearing';
import { instrumentsEdit } from '../generated/addresses/instruments';
import { setsIndex, wordsIndex } from '../generated/addresses/places';
import { setsExport } from '../generated/addresses/sets';

interface Props {
    set: SavedSet;
    saveState: SaveState;
    versions: number;
    actions: SetActions;
    show: ShowPanel;
    onHear: Hear;
}

/** What is on the bench, whether it is saved, and what can be done with it as a whole: one line. */
export const BenchHead = memo(function BenchHead({ set, saveState, versions, actions, show, onHear }: Props) {
    const units = useUnits();
    const called = useBench((state) => state.document.name);
    const instrument = useBench((state) => state.document.instrument);
    const canUndo = useBench((state) => state.past.length > 0);
    const canRedo = useBench((state) => state.future.length > 0);
    const { edit, undo, redo } = useBenchActions();

    return (
        <div className="flex flex-wrap items-center gap-x-3 gap-y-1 pt-2.5 max-sm:flex-nowrap">
            <h1 className="min-w-0 flex-1 basis-44">
                <TypedInput
                    aria-label="Name of the set"
                    shown={called}
                    maxLength={200}
                    onTake={(typed) => typed !== '' && edit(edits.rename(typed))}
                    onKeyDown={(event) => event.key === 'Enter' && event.currentTarget.blur()}
                    className="-mx-1 w-full truncate rounded-mark border-b border-transparent bg-transparent px-1 text-[1.55rem] leading-tight font-bold tracking-tight [font-stretch:105%] hover:border-rule-strong focus:border-accent max-sm:text-[1.25rem]"
                />
            </h1>
            <p className="max-w-64 min-w-0 truncate text-ink-soft max-lg:hidden">
                <Link
                    href={instrumentsEdit(set.instrumentId)}
                    className="inline-block min-h-target font-semibold text-ink underline decoration-rule-strong underline-offset-3 hover:decoration-accent"
                >
                    {instrument.name}
                </Link>{' '}
                {scaleWords(instrument, units)}
            </p>
            <div className="flex items-center gap-1">
                <SaveWords state={saveState} />
                <Button
                    look="quiet"
                    className="w-9 px-0 text-lg"
                    aria-label="Undo"
                    title="Undo (Ctrl Z)"
                    disabled={!canUndo}
                    onClick={undo}
                >
                    <Glyph sign="undo" size={17} />
                </Button>
                <Button
                    look="quiet"
                    className="w-9 px-0 text-lg max-sm:hidden"
                    aria-label="Redo"
                    title="Redo (Ctrl Shift Z)"
                    disabled={!canRedo}
                    onClick={redo}
                >
                    <Glyph sign="redo" size={17} />
                </Button>
                <Doors actions={actions} show={show} className="max-sm:hidden" />
                <MoreForSet actions={actions} show={show} versions={versions} set={set} onHear={onHear} />
            </div>
        </div>
    );
});

/** Whether it is saved; why not is told under the head of the page. */
function SaveWords({ state }: { state: SaveState }) {
    // Hours and minutes of the local clock; a locale's own formatter takes longer to load than the rest of the page.
    const time = (at: Date) => at.toTimeString().slice(0, 5);
    return (
        <div role="status" className="mr-1 text-sm whitespace-nowrap text-ink-soft">
            {state.is === 'saved' ? (
                `Saved ${time(state.at)}`
            ) : state.is === 'waiting' || state.is === 'saving' ? (
                'Saving…'
            ) : (
                <span className={state.is === 'offline' || state.is === 'failed' ? 'text-caution' : 'text-stop'}>
                    {state.is === 'offline' || state.is === 'failed' ? 'Not saved yet' : 'Not saved'}
                </span>
            )}
        </div>
    );
}

/** All that can be done with the set as a whole. */
function MoreForSet({ actions, show, versions, set, onHear }: Omit<Props, 'saveState'>) {
    const canRedo = useBench((state) => state.future.length > 0);
    const { redo } = useBenchActions();
    const { on: hearing, turn } = useHearingOn();
    return (
        <Menu
            trigger={
                <Button look="plain" className="w-9 px-0" aria-label="More for this set">
                    <Glyph sign="more" />
                </Button>
            }
        >
            <MenuItem keys="Ctrl S" onSelect={actions.save}>
                Save now
            </MenuItem>
            <MenuItem keys="Ctrl Shift Z" disabled={!canRedo} onSelect={redo}>
                Redo
            </MenuItem>
            <MenuItem keys="V" onSelect={() => show('versions')}>
                Versions ({versions})…
            </MenuItem>
            <MenuItem onSelect={actions.duplicate}>Duplicate</MenuItem>
            <MenuItem onSelect={() => router.visit(setsIndex)}>Open another set…</MenuItem>
            <MenuLine />
            <MenuItem onSelect={actions.print}>Print the sheet</MenuItem>
            <MenuItem keys="F" onSelect={actions.printFit}>
                Print whether it fits
            </MenuItem>
            <MenuItem onSelect={actions.printPlan}>Print how to put it on</MenuItem>
            <MenuItem
                onSelect={() => {
                    actions.save();
                    show('labels');
                }}
            >
                Labels for its packets…
            </MenuItem>
            <MenuLink href={setsExport(set.id)}>Export set document</MenuLink>
            <MenuLine />
            <MenuItem keys="J" onSelect={actions.beginJob}>
                Put it on: begin a job…
            </MenuItem>
            <MenuItem onSelect={actions.buy}>Order its strings…</MenuItem>
            <MenuItem onSelect={actions.tune}>Tune it…</MenuItem>
            <MenuItem onSelect={actions.intonate}>Intonate it…</MenuItem>
            <MenuItem onSelect={actions.practiseTuning}>Practise tuning it…</MenuItem>
            <MenuItem onSelect={actions.practiseIntonation}>Practise intonating it…</MenuItem>
            <MenuLine />
            <MenuItem keys="Shift P" disabled={!hearing} onSelect={() => onHear()}>
                Hear all strings
            </MenuItem>
            <MenuCheck checked={hearing} onChange={turn}>
                Strings can be heard
            </MenuCheck>
            <MenuLine />
            <MenuLink href={wordsIndex}>What the words mean</MenuLink>
            <MenuItem keys="?" onSelect={() => openCommands('keys')}>
                Keys that work here
            </MenuItem>
            <MenuLine />
            <MenuItem onSelect={actions.putAway}>Put away</MenuItem>
        </Menu>
    );
}
