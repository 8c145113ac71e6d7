import { Head, router } from '@inertiajs/react';
import { clsx } from 'clsx';
import { Fragment, useCallback, useEffect, useLayoutEffect, useMemo, useState } from 'react';
import { useStore } from 'zustand';
import type { Evaluation, PoolGauge } from '../generated/formats';
import type { PitchLadder } from '../units/pitch';
import { useUnits } from '../units/useUnits';
import { Lazily } from '../ui/Lazily';
import { useMatches } from '../ui/useMatches';
import { fetchAhead, onDemand } from '../ui/onDemand';
import { axisDomain, createAxis, shownTensions, staysFitting } from '../units/axis';
import { BenchContext, createBenchStore, useBench } from './design/benchStore';
import { withNames, type TuningNames } from './design/names';
import type { OnItNow } from './baseline/onIt';
import { TakeAlong } from './answer/TakeAlong';
import { BenchHead } from './BenchHead';
import * as edits from './design/edits';
import { takeFirstKeys } from './lanes/firstKeys';
import { focusLane } from './lanes/focusLane';
import { Legend } from './lanes/Legend';
import { Lane } from './lanes/Lane';
import { LANE_COLUMNS } from './lanes/laneColumns';
import { Ledger } from './ledger/Ledger';
import { TotalBar } from './ledger/TotalBar';
import { FirstVisit } from './FirstVisit';
import { PoolMenu } from './pools/PoolMenu';
import type { Version } from './versions/version';
import { createSaver, knownRevision, type SavedSet, type Saver } from './saving/saver';
import { StringBeside, StringUnder } from './string/StringDetails';
import { TensionRule } from './lanes/TensionRule';
import { TuningTabs } from './tunings/TuningTabs';
import { useProvided } from '../frame/commands/provided';
import { useCommands } from './commands/useCommands';
import { useFind } from './commands/useFind';
import { useSetActions } from './commands/useSetActions';
import { showsMayBreak, shownZones, ZoneHatchings } from './lanes/zones';
import { askedPanel, type Panel } from './panels';
import { useHearing } from './sound/useHearing';
import { useRetune } from './tunings/useRetune';
import { useAhead } from './design/useAhead';
import { useEvaluation } from './design/useEvaluation';
import { useLeaveSaved } from './saving/useLeaveSaved';
import { useSavingNotice } from './saving/useSavingNotice';
import { useUnsavedOffer } from './saving/useUnsavedOffer';
import { useWidth } from '../ui/useWidth';

// What opens on demand is fetched on demand: the figures come first.
const closed = ({ onOpenChange }: { onOpenChange: (open: boolean) => void }) => onOpenChange(false);
const SolveDialog = onDemand(() => import('./choosing/SolveDialog').then((module) => module.SolveDialog), closed);
const ConvertDialog = onDemand(() => import('./convert/ConvertDialog').then((module) => module.ConvertDialog), closed);
const BaselineDialog = onDemand(() => import('./baseline/BaselineDialog').then((module) => module.BaselineDialog), closed);
const EarlierDialog = onDemand(() => import('./baseline/EarlierDialog').then((module) => module.EarlierDialog), closed);
const TuningPicker = onDemand(() => import('./tunings/TuningPicker').then((module) => module.TuningPicker), closed);
const VersionsDialog = onDemand(() => import('./versions/VersionsDialog').then((module) => module.VersionsDialog), closed);
const LabelsDialog = onDemand(() => import('./labels/LabelsDialog').then((module) => module.LabelsDialog), closed);
const ShareOnBench = onDemand(() => import('./answer/ShareOnBench').then((module) => module.ShareOnBench), closed);
/** What stood there before the scripts came is as wide as the lanes will be. */
const widthOfFrame = () => document.querySelector('[data-frame="lanes"]')?.clientWidth ?? 0;

const ON_DEMAND = [
    SolveDialog,
    TuningPicker,
    VersionsDialog,
    BaselineDialog,
    ConvertDialog,
    LabelsDialog,
    EarlierDialog,
    ShareOnBench,
];

/** Where a string's own figures stand under its lane. */
const ONE_COLUMN = '(max-width: 767px)';

const NO_POOL: PoolGauge[] = [];

/** The keys of a string's own controls, which are no commands. */
const ON_A_STRING = {
    title: 'On a string',
    keys: [
        ['↑ ↓', 'to the string above or below, from a string’s mark'],
        ['← →', 'next lighter or heavier gauge'],
        ['Page Up, Page Down', 'its pitch a semitone up or down'],
        ['Tab', 'from its number to its pitch, mark, gauge and tension'],
    ] as [string, string][],
};

interface BenchProps {
    set: SavedSet;
    evaluation: Evaluation;
    versions: Version[];
    pitches: PitchLadder;
    /** What tunings of so many strings are called. */
    tuningNames: TuningNames;
    pools: { id: number; name: string }[];
    /** The pool it is chosen from; none for what is usually sold. */
    pool: number | null;
    /** What is on its instrument now, as far as jobs tell. */
    onIt: OnItNow | null;
}

export default function BenchPage(props: BenchProps) {
    // Going back in the browser's history shows the set as it was when it was opened; then it is fetched again.
    const [atLeast] = useState(() => knownRevision(props.set.id));
    const outdated = props.set.revision < atLeast;
    useEffect(() => {
        if (outdated) {
            router.reload();
        }
    }, [outdated]);
    return outdated ? null : <BenchOf {...props} />;
}

function BenchOf(props: BenchProps) {
    const [{ store, saver }] = useState(() => {
        const made = createBenchStore(
            props.set.document,
            { instrumentId: props.set.instrumentId, poolId: props.pool },
            withNames(props.pitches, props.tuningNames),
        );
        return { store: made, saver: createSaver(props.set, made) };
    });
    useLayoutEffect(() => {
        const unwatch = saver.watch();
        const { chosen, focused } = takeFirstKeys();
        chosen.forEach(({ position, choice }) => store.getState().edit(edits.chosenGauge(position, choice)));
        if (focused !== null) {
            focusLane(focused);
        }
        return unwatch;
    }, [saver, store]);
    useLeaveSaved(saver);
    return (
        <BenchContext value={store}>
            <Head title={props.set.document.name} />
            <Bench {...props} saver={saver} />
        </BenchContext>
    );
}

function Bench({
    set,
    evaluation: first,
    versions: firstVersions,
    pitches,
    pools,
    pool,
    onIt,
    saver,
}: BenchProps & { saver: Saver }) {
    const units = useUnits();
    const document = useBench((state) => state.document);
    const gesture = useBench((state) => state.gesture);
    const select = useBench((state) => state.select);
    const { evaluation, current, refused } = useEvaluation(document, first);
    useAhead(evaluation, current);
    const saveState = useStore(saver.state);
    const [panel, setPanel] = useState<Panel | null>(askedPanel);
    const [versions, setVersions] = useState(firstVersions);
    const oneColumn = useMatches(ONE_COLUMN);
    const [details, setDetails] = useState(false);
    const [lanes, width] = useWidth<HTMLDivElement>(widthOfFrame);
    const hear = useHearing();
    const retune = useRetune(pitches);
    const actions = useSetActions(set, saver);
    const commands = useCommands({ setId: set.id, actions, retune, show: setPanel, hear });
    useProvided({ commands, busy: panel !== null, keys: ON_A_STRING, find: useFind() });
    useEffect(() => fetchAhead(ON_DEMAND), []);
    useSavingNotice(saveState, actions);
    useUnsavedOffer(set);
    const dialog = (which: Panel) => ({
        open: panel === which,
        onOpenChange: (open: boolean) => setPanel((present) => (open ? which : present === which ? null : present)),
    });

    // The axis holds still while a mark is dragged, and as long as everything stands well on it.
    const shown = useMemo(() => shownTensions(evaluation), [evaluation]);
    const fitting = useMemo(() => axisDomain(shown, units), [shown, units]);
    const [held, setHeld] = useState({ domain: fitting, units });
    const fits = held.units === units && staysFitting(held.domain, fitting, shown, units);
    if (gesture === null && !fits && (held.units !== units || held.domain !== fitting)) {
        setHeld({ domain: fitting, units });
    }
    const axis = useMemo(() => (width === 0 ? null : createAxis(held.domain, Math.max(120, width), units)), [held, width, units]);
    const thicknessScale = 13 / Math.max(...evaluation.strings.map((string) => string.outer_diameter_mm));

    const zones = useMemo(() => shownZones(evaluation, axis), [evaluation, axis]);

    const gauges = evaluation.pool ?? NO_POOL;
    const ground = useMemo(
        () => ({ axis, zones: evaluation.zones, thicknessScale, pool: gauges, ladder: pitches }),
        [axis, evaluation.zones, thicknessScale, gauges, pitches],
    );

    const count = document.strings.length;
    const move = useCallback(
        (from: number, direction: -1 | 1) => {
            const next = from + direction;
            if (next >= 1 && next <= count) {
                select(next);
                focusLane(next);
            }
        },
        [count, select],
    );

    return (
        <div className="flex flex-1 max-lg:flex-col">
            <div className="flex min-w-0 flex-1 flex-col px-4 pb-3 sm:px-7">
                <BenchHead
                    set={set}
                    saveState={saveState}
                    versions={versions.length}
                    actions={actions}
                    show={setPanel}
                    onHear={hear}
                />
                <TakeAlong show={setPanel} actions={actions} />
                <TuningTabs refused={refused} retune={retune} show={setPanel} />
                <FirstVisit />
                <ZoneHatchings />
                <div className="relative mt-1 flex-1">
                    <div className={clsx(LANE_COLUMNS, 'max-sm:block')}>
                        <div className="col-start-3" ref={lanes}>
                            {axis !== null && <TensionRule axis={axis} unit={units.tension} zones={evaluation.zones} />}
                        </div>
                        <div className="max-md:w-[8.5rem] max-sm:hidden" />
                    </div>
                    {evaluation.strings.map((string) => (
                        <Fragment key={string.position}>
                            <Lane
                                position={string.position}
                                evaluated={string}
                                target={evaluation.targets?.[string.position - 1]}
                                finding={evaluation.findings.find(
                                    ({ position, severity }) => position === string.position && severity !== 'note',
                                )}
                                refused={refused}
                                ground={ground}
                                onMove={move}
                                onHear={hear}
                                details={oneColumn ? details : null}
                                onDetails={setDetails}
                            />
                            {oneColumn && details && (
                                <StringUnder position={string.position} evaluation={evaluation} current={current} />
                            )}
                        </Fragment>
                    ))}
                    <div className="flex flex-wrap items-start justify-between gap-x-4">
                        <Legend
                            baseline={evaluation.baseline !== undefined}
                            target={evaluation.targets !== undefined}
                            tunings={document.tunings.length}
                            zones={zones}
                            mayBreak={showsMayBreak(evaluation, axis)}
                        />
                        <PoolMenu set={set.id} pools={pools} pool={pool} />
                    </div>
                </div>
                <TotalBar evaluation={evaluation} current={current} refused={refused} />
                <Ledger set={set} evaluation={evaluation} refused={refused} onIt={onIt} show={setPanel} />
            </div>
            {!oneColumn && <StringBeside evaluation={evaluation} current={current} />}
            <Lazily when={panel === 'solve'}>
                <SolveDialog {...dialog('solve')} evaluation={evaluation} />
            </Lazily>
            <Lazily when={panel === 'convert'}>
                <ConvertDialog {...dialog('convert')} saver={saver} evaluation={evaluation} ladder={pitches} />
            </Lazily>
            <Lazily when={panel === 'baseline'}>
                <BaselineDialog {...dialog('baseline')} ladder={pitches} onIt={onIt} pool={gauges} />
            </Lazily>
            <Lazily when={panel === 'earlier'}>
                <EarlierDialog {...dialog('earlier')} instrument={set.instrumentId} evaluation={evaluation} />
            </Lazily>
            <Lazily when={panel === 'tuning'}>
                <TuningPicker {...dialog('tuning')} />
            </Lazily>
            <Lazily when={panel === 'versions'}>
                <VersionsDialog {...dialog('versions')} set={set} saver={saver} versions={versions} onVersions={setVersions} />
            </Lazily>
            <Lazily when={panel === 'share'}>
                <ShareOnBench {...dialog('share')} set={set} saver={saver} />
            </Lazily>
            <Lazily when={panel === 'labels'}>
                <LabelsDialog {...dialog('labels')} set={set.id} />
            </Lazily>
        </div>
    );
}
