import { router } from '@inertiajs/react';
import { useBench, useBenchActions, type BenchState } from '../design/benchStore';
import * as edits from '../design/edits';
import type { ShowPanel } from '../panels';
import { useHearingOn } from '../../frame/reading/heard';
import type { Hear } from '../sound/useHearing';
import type { Retune } from '../tunings/useRetune';
import type { Command } from '../../frame/commands/commands';
import type { SetActions } from './useSetActions';
import { ordersIndex } from '../../generated/addresses/places';
import { setsExport } from '../../generated/addresses/sets';
import { withAsked } from '../../server/asked';
import type { StringOfSet } from '../../generated/formats';

interface Options {
    setId: number;
    actions: SetActions;
    retune: Retune;
    show: ShowPanel;
    hear: Hear;
}

/** Every command of the Bench: the palette lists them, their keys work, the list of keys shows those. */
export function useCommands(options: Options): Command[] {
    const { hear } = options;
    const { edit, undo, redo, showTuning } = useBenchActions();
    const selected = useBench((state) => Math.min(state.selected, state.document.strings.length));
    const hold = useBench((state) => edits.stringAt(state.document, selected)?.hold);
    const tuning = useBench((state) => state.tuning);
    const tunings = useBench((state) => state.document.tunings.length);
    const canUndo = useBench((state) => state.past.length > 0);
    const canRedo = useBench((state) => state.future.length > 0);
    const { on: hearing, turn } = useHearingOn();

    return [
        ...ofSet(options, { canUndo, canRedo, undo, redo }),
        ...ofPitches(options, tunings < 2 ? null : () => showTuning((tuning + 1) % tunings)),
        ...ofString(options, selected, hold, edit),
        { group: 'Hearing', name: 'Hear all strings', also: 'sound listen play strum', keys: 'shift+p', run: () => hear() },
        { group: 'Hearing', name: hearing ? 'Turn hearing off' : 'Turn hearing on', run: () => turn(!hearing) },
    ];
}

type Steps = Pick<BenchState, 'undo' | 'redo'> & { canUndo: boolean; canRedo: boolean };

function ofSet({ setId, actions, show }: Options, { canUndo, canRedo, undo, redo }: Steps): Command[] {
    const design = 'This set';
    return [
        { group: design, name: 'Choose gauges…', also: 'solve solver best find aim', keys: 's', run: () => show('solve') },
        {
            group: design,
            name: 'Convert to another tuning, scale or number of strings…',
            also: 'baritone retune capo drop',
            keys: 'c',
            run: () => show('convert'),
        },
        {
            group: design,
            name: 'Say what feels right now…',
            also: 'baseline reference compare',
            keys: 'b',
            run: () => show('baseline'),
        },
        { group: design, name: 'Earlier sets on this instrument…', also: 'history before', run: () => show('earlier') },
        { group: design, name: 'Undo', also: 'back revert', keys: 'mod+z', disabled: !canUndo, run: undo },
        { group: design, name: 'Redo', keys: 'mod+shift+z', disabled: !canRedo, run: redo },
        { group: design, name: 'Save now', keys: 'mod+s', always: true, run: actions.save },
        { group: design, name: 'Versions…', also: 'history keep earlier', keys: 'v', run: () => show('versions') },
        { group: design, name: 'Print the sheet', also: 'paper pdf', run: actions.print },
        {
            group: design,
            name: 'Print whether it fits',
            also: 'fit report pdf paper nut post saddle',
            keys: 'f',
            run: actions.printFit,
        },
        {
            group: design,
            name: 'Share it: as text, a picture, a page, an address…',
            also: 'send export html pdf email document',
            run: () => show('share'),
        },
        { group: design, name: 'Put it on: begin a job…', also: 'fit restring strings work', keys: 'j', run: actions.beginJob },
        {
            group: design,
            name: 'How it plays…',
            also: 'neck frets action capo weather',
            run: actions.plays,
        },
        { group: design, name: 'Tune it…', also: 'tuner microphone pitch', run: actions.tune },
        { group: design, name: 'Intonate it…', also: 'intonation saddle microphone', run: actions.intonate },
        { group: design, name: 'Practise tuning it, on a simulated one…', run: actions.practiseTuning },
        { group: design, name: 'Practise intonating it, on a simulated one…', run: actions.practiseIntonation },
        { group: design, name: 'Print how to put it on', also: 'plan paper pdf', run: actions.printPlan },
        {
            group: design,
            name: 'Labels for its packets…',
            also: 'label card print qr square sticker',
            run: () => {
                actions.save();
                show('labels');
            },
        },
        {
            group: design,
            name: 'Order its strings…',
            also: 'buy price cost shop supplier',
            run: () => router.visit(withAsked(ordersIndex, { set: setId })),
        },
        { group: design, name: 'Duplicate', run: actions.duplicate },
        {
            group: design,
            name: 'Export set document',
            also: 'save file json share',
            run: () => window.location.assign(setsExport(setId)),
        },
        { group: design, name: 'Put away', also: 'delete archive remove trash bin', run: actions.putAway },
    ];
}

/** @param next shows the next tuning; null where there is but one */
function ofPitches({ retune, show }: Options, next: (() => void) | null): Command[] {
    const pitches = 'Tuning';
    return [
        { group: pitches, name: 'Choose a tuning…', also: 'open drop standard', keys: 't', run: () => show('tuning') },
        { group: pitches, name: 'All strings a semitone up', keys: 'shift+pageup', run: () => retune.all(1) },
        { group: pitches, name: 'All strings a semitone down', keys: 'shift+pagedown', run: () => retune.all(-1) },
        { group: pitches, name: 'Lowest string a tone down', keys: 'd', run: () => retune.lowest(-2) },
        {
            group: pitches,
            name: 'Show the next tuning',
            keys: 'n',
            disabled: next === null,
            run: () => next?.(),
        },
    ];
}

function ofString({ hear }: Options, selected: number, hold: StringOfSet['hold'], edit: BenchState['edit']): Command[] {
    const strings = `String ${selected}`;
    return [
        {
            group: strings,
            name: hold === 'locked' ? 'Unlock it' : 'Lock it',
            keys: 'l',
            run: () => edit(edits.hold(selected, hold === 'locked' ? null : 'locked')),
        },
        {
            group: strings,
            name: hold === 'muted' ? 'Take it into choosing again' : 'Leave it out of choosing',
            keys: 'm',
            run: () => edit(edits.hold(selected, hold === 'muted' ? null : 'muted')),
        },
        { group: strings, name: 'Hear it', also: 'sound listen play', keys: 'p', run: () => hear([selected]) },
    ];
}
