import { Glyph } from '../ui/Glyph';
import { Link, router } from '@inertiajs/react';
import { memo } from 'react';
import type { SetDocument } from '../generated/formats';
import { tuningLabel } from '../units/pitch';
import { dateWords } from '../units/times';
import { formatLength, useUnits, type Units } from '../units/units';
import { Button } from '../ui/Button';
import { TypedInput } from '../ui/TypedInput';
import { Menu, MenuCheck, MenuItem, MenuLine, MenuLink } from '../ui/Menu';
import { BaselineMenu } from './baseline/BaselineMenu';
import type { OnItNow } from './baseline/onIt';
import { useBench, useBenchActions } from './design/benchStore';
import * as edits from './design/edits';
import { openCommands } from '../frame/commands/Commands';
import type { SetActions } from './commands/useSetActions';
import type { ShowPanel } from './panels';
import type { SavedSet, SaveState } from './saving/saver';
import { useHearingOn } from '../frame/reading/heard';
import type { Hear } from './sound/useHearing';

interface Props {
    set: SavedSet;
    saveState: SaveState;
    versions: number;
    actions: SetActions;
    show: ShowPanel;
    onHear: Hear;
    onIt: OnItNow | null;
}

function scaleWords({ scale }: SetDocument['instrument'], units: Units): string {
    switch (scale.type) {
        case 'single':
            return formatLength(scale.length_mm, units);
        case 'half':
            return formatLength(2 * scale.nut_to_twelfth_mm, units);
        case 'multiscale':
            return `${formatLength(scale.treble_mm, units)} to ${formatLength(scale.bass_mm, units)}`;
        case 'each':
            return `${formatLength(scale.lengths_mm[0] ?? 0, units)} to ${formatLength(scale.lengths_mm.at(-1) ?? 0, units)}`;
    }
}

/** What is on the bench, whether it is saved, and what can be done with it as a whole. */
export const BenchHead = memo(function BenchHead({ set, saveState, versions, actions, show, onHear, onIt }: Props) {
    const units = useUnits();
    const called = useBench((state) => state.document.name);
    const instrument = useBench((state) => state.document.instrument);
    const count = useBench((state) => state.document.strings.length);
    const baseline = useBench((state) => state.document.baseline);
    const canUndo = useBench((state) => state.past.length > 0);
    const canRedo = useBench((state) => state.future.length > 0);
    const { edit, undo, redo } = useBenchActions();
    const { on: hearing, turn } = useHearingOn();

    return (
        <div className="pt-4">
            <div className="flex flex-wrap items-center gap-x-4 gap-y-2">
                <h1 className="min-w-0 flex-1 basis-64">
                    <TypedInput
                        aria-label="Name of the set"
                        shown={called}
                        maxLength={200}
                        onTake={(typed) => typed !== '' && edit(edits.rename(typed))}
                        onKeyDown={(event) => event.key === 'Enter' && event.currentTarget.blur()}
                        className="-mx-1 w-full truncate rounded-mark border-b border-transparent bg-transparent px-1 text-[1.75rem] leading-tight font-bold tracking-tight [font-stretch:105%] hover:border-rule-strong focus:border-accent"
                    />
                </h1>
                <div className="flex flex-wrap items-center gap-1">
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
                        className="w-9 px-0 text-lg"
                        aria-label="Redo"
                        title="Redo (Ctrl Shift Z)"
                        disabled={!canRedo}
                        onClick={redo}
                    >
                        <Glyph sign="redo" size={17} />
                    </Button>
                    <Button className="max-sm:px-2" title="Where its strings are cheapest" onClick={actions.buy}>
                        Buy
                    </Button>
                    <Button className="max-sm:px-2" title="Put it on: begin a job" onClick={actions.beginJob}>
                        Fit
                    </Button>
                    <Button className="max-sm:px-2" title="Bring it to its tuning" onClick={actions.tune}>
                        Tune
                    </Button>
                    <Button className="max-sm:px-2" onClick={() => show('versions')}>
                        Versions ({versions})
                    </Button>
                    <Button className="max-sm:px-2" onClick={actions.print} title="A page to print: what goes where">
                        <span>
                            Print<span className="max-sm:sr-only"> the sheet</span>
                        </span>
                    </Button>
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
                        <MenuItem onSelect={() => router.visit('/sets')}>Open another set…</MenuItem>
                        <MenuItem keys="F" onSelect={actions.printFit}>
                            Print whether it fits
                        </MenuItem>
                        <MenuItem onSelect={() => show('share')}>Share it…</MenuItem>
                        <MenuItem keys="J" onSelect={actions.beginJob}>
                            Put it on: begin a job…
                        </MenuItem>
                        <MenuItem onSelect={actions.tune}>Tune it…</MenuItem>
                        <MenuItem onSelect={actions.intonate}>Intonate it…</MenuItem>
                        <MenuItem onSelect={actions.practiseTuning}>Practise tuning it…</MenuItem>
                        <MenuItem onSelect={actions.practiseIntonation}>Practise intonating it…</MenuItem>
                        <MenuItem onSelect={actions.printPlan}>Print how to put it on</MenuItem>
                        <MenuItem
                            onSelect={() => {
                                actions.save();
                                show('labels');
                            }}
                        >
                            Labels for its packets…
                        </MenuItem>
                        <MenuItem onSelect={actions.buy}>Order its strings…</MenuItem>
                        <MenuItem onSelect={actions.duplicate}>Duplicate</MenuItem>
                        <MenuLine />
                        <MenuLink href={`/sets/${set.id}/export`}>Export set document</MenuLink>
                        <MenuLine />
                        <MenuItem onSelect={actions.putAway}>Put away</MenuItem>
                        <MenuLine />
                        <MenuItem keys="Shift P" disabled={!hearing} onSelect={() => onHear()}>
                            Hear all strings
                        </MenuItem>
                        <MenuCheck checked={hearing} onChange={turn}>
                            Strings can be heard
                        </MenuCheck>
                        <MenuLine />
                        <MenuItem keys="Ctrl K" onSelect={() => openCommands('palette')}>
                            Do or open something…
                        </MenuItem>
                        <MenuItem keys="?" onSelect={() => openCommands('keys')}>
                            Keys that work here
                        </MenuItem>
                    </Menu>
                </div>
            </div>
            <p className="mt-0.5 flex flex-wrap items-center gap-x-1.5 text-ink-soft">
                <Link
                    href={`/instruments/${set.instrumentId}`}
                    className="inline-block min-h-target font-semibold text-ink underline decoration-rule-strong underline-offset-3 hover:decoration-accent"
                >
                    {instrument.name}
                </Link>
                <span>
                    {instrument.kind.replaceAll('-', ' ')}, {count} strings, {scaleWords(instrument, units)}
                </span>
                {onIt !== null && (
                    <span>
                        {onIt.set === set.id ? 'this set is on it' : `on it now: ${onIt.name}`}, since {dateWords(onIt.since)}
                    </span>
                )}
                {onIt !== null && (
                    <button
                        type="button"
                        className="min-h-target rounded-mark px-1 text-accent hover:bg-accent-wash"
                        onClick={() => show('earlier')}
                    >
                        the last sets on it
                    </button>
                )}
                <span aria-hidden>·</span>
                <BaselineMenu onOpen={() => show('baseline')} onIt={onIt} />
                {baseline && (
                    <span>
                        {baseline.tunings[0]
                            ? `(${tuningLabel(baseline.tunings[0])}, ${scaleWords(baseline.instrument, units)})`
                            : ''}
                    </span>
                )}
            </p>
        </div>
    );
});

/** Whether it is saved; why not is told under the head of the page. */
function SaveWords({ state }: { state: SaveState }) {
    // Hours and minutes of the local clock; a locale's own formatter takes longer to load than the rest of the page.
    const time = (at: Date) => at.toTimeString().slice(0, 5);
    return (
        <div role="status" className="mr-2 text-sm text-ink-soft">
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
