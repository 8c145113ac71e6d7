import { Head, router } from '@inertiajs/react';
import { clsx } from 'clsx';
import { lazy, useCallback, useEffect, useMemo, useState } from 'react';
import { useStore } from 'zustand';
import type { Evaluation } from '../lib/formats';
import type { PitchLadder } from '../lib/pitch';
import { useUnits } from '../lib/units';
import { Lazily } from '../ui/Lazily';
import { axisDomain, createAxis, shownTensions } from './axis';
import { BenchContext, createBenchStore, useBench } from './benchStore';
import { BenchHead } from './BenchHead';
import { Legend } from './Legend';
import { Lane } from './Lane';
import { LANE_COLUMNS } from './laneColumns';
import { Ledger } from './Ledger';
import { createSaver, knownRevision, type SavedSet, type Saver } from './saver';
import { StringPanel } from './StringPanel';
import { TensionRule } from './TensionRule';
import { TuningTabs } from './TuningTabs';
import { useBenchKeys } from './useBenchKeys';
import { useEvaluation } from './useEvaluation';
import { useLeaveSaved } from './useLeaveSaved';
import { useWidth } from './useWidth';

// What opens on demand is fetched on demand: the figures come first.
const SolveDialog = lazy(() => import('./SolveDialog').then((module) => ({ default: module.SolveDialog })));
const KeysDialog = lazy(() => import('./KeysDialog').then((module) => ({ default: module.KeysDialog })));

export interface Version {
    id: number;
    name: string;
    keptAt: string;
}

export interface BenchProps {
    set: SavedSet;
    evaluation: Evaluation;
    versions: Version[];
    pitches: PitchLadder;
    sets: { id: number; name: string }[];
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
        const made = createBenchStore(props.set.document);
        return { store: made, saver: createSaver(props.set, made) };
    });
    useEffect(() => saver.watch(), [saver]);
    useLeaveSaved(saver);
    return (
        <BenchContext value={store}>
            <Head title={props.set.document.name} />
            <Bench {...props} saver={saver} />
        </BenchContext>
    );
}

function Bench({ set, evaluation: first, versions, pitches, sets, saver }: BenchProps & { saver: Saver }) {
    const units = useUnits();
    const document = useBench((state) => state.document);
    const gesture = useBench((state) => state.gesture);
    const select = useBench((state) => state.select);
    const { evaluation, current, refused } = useEvaluation(document, first);
    const saveState = useStore(saver.state);
    const [keysShown, setKeysShown] = useState(false);
    const [solving, setSolving] = useState(false);
    const [lanes, width] = useWidth<HTMLDivElement>();
    const actions = useMemo(() => ({ showKeys: () => setKeysShown(true), solve: () => setSolving(true) }), []);
    useBenchKeys(saver, actions);

    // While a mark is dragged the axis stands still.
    const fitting = useMemo(() => axisDomain(shownTensions(evaluation), units), [evaluation, units]);
    const [held, setHeld] = useState(fitting);
    const settled = gesture === null && (held[0] !== fitting[0] || held[1] !== fitting[1]);
    if (settled) {
        setHeld(fitting);
    }
    const axis = useMemo(() => (width === 0 ? null : createAxis(held, Math.max(120, width), units)), [held, width, units]);
    const thicknessScale = 13 / Math.max(...evaluation.strings.map((string) => string.outer_diameter_mm));

    const count = document.strings.length;
    const move = useCallback(
        (from: number, direction: -1 | 1) => {
            const next = from + direction;
            if (next >= 1 && next <= count) {
                select(next);
                globalThis.document.querySelector<SVGGElement>(`[data-lane="${next}"] [role="slider"]`)?.focus();
            }
        },
        [count, select],
    );

    return (
        <div className="flex flex-1 max-lg:flex-col">
            <div className="flex min-w-0 flex-1 flex-col px-4 pb-3 sm:px-7">
                <BenchHead
                    set={set}
                    saver={saver}
                    saveState={saveState}
                    versions={versions}
                    sets={sets}
                    onKeys={() => setKeysShown(true)}
                />
                <TuningTabs refused={refused} onSolve={actions.solve} />
                <div className="relative mt-1 flex-1">
                    <div className={clsx(LANE_COLUMNS, 'max-sm:block')}>
                        <div className="col-start-3" ref={lanes}>
                            {axis !== null && <TensionRule axis={axis} unit={units.tension} />}
                        </div>
                        <div className="max-md:w-[8.5rem] max-sm:hidden" />
                    </div>
                    {evaluation.strings.map((string) => (
                        <Lane
                            key={string.position}
                            position={string.position}
                            evaluation={evaluation}
                            current={current}
                            refused={refused}
                            axis={axis}
                            thicknessScale={thicknessScale}
                            ladder={pitches}
                            onMove={move}
                        />
                    ))}
                    <Legend baseline={evaluation.baseline !== undefined} tunings={document.tunings.length} />
                </div>
                <Ledger evaluation={evaluation} refused={refused} />
            </div>
            <StringPanel evaluation={evaluation} current={current} />
            <Lazily when={solving}>
                <SolveDialog open={solving} onOpenChange={setSolving} evaluation={evaluation} />
            </Lazily>
            <Lazily when={keysShown}>
                <KeysDialog open={keysShown} onOpenChange={setKeysShown} />
            </Lazily>
        </div>
    );
}
