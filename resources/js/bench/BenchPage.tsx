import { Head, router } from '@inertiajs/react';
import { useEffect, useLayoutEffect, useState } from 'react';
import { useStore } from 'zustand';
import type { PoolGauge } from '../generated/formats';
import { useMatches } from '../ui/useMatches';
import { BenchContext, createBenchStore, useBench } from './design/benchStore';
import { withNames } from './design/names';
import { TakeAlong } from './answer/TakeAlong';
import { BenchHead } from './BenchHead';
import * as edits from './design/edits';
import { takeFirstKeys } from './lanes/firstKeys';
import { focusLane } from './lanes/focusLane';
import { Lanes } from './lanes/Lanes';
import { BenchDialogs } from './BenchDialogs';
import { Ledger } from './ledger/Ledger';
import { TotalBar } from './ledger/TotalBar';
import { FirstVisit } from './FirstVisit';
import { PoolMenu } from './pools/PoolMenu';
import { createSaver, knownRevision, type Saver } from './saving/saver';
import { StringBeside } from './string/StringDetails';
import { TuningTabs } from './tunings/TuningTabs';
import { useProvided } from '../frame/commands/provided';
import { useCommands } from './commands/useCommands';
import { useFind } from './commands/useFind';
import { useSetActions } from './commands/useSetActions';
import { askedPanel, type Panel } from './panels';
import { useHearing } from './sound/useHearing';
import { useRetune } from './tunings/useRetune';
import { useAhead } from './design/useAhead';
import { useEvaluation } from './design/useEvaluation';
import { useLeaveSaved } from './saving/useLeaveSaved';
import { useSavingNotice } from './saving/useSavingNotice';
import { useUnsavedOffer } from './saving/useUnsavedOffer';
import type { BenchPage as BenchProps } from '../generated/pages';

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
    const document = useBench((state) => state.document);
    const { evaluation, current, refused } = useEvaluation(document, first);
    useAhead(evaluation, current);
    const saveState = useStore(saver.state);
    const [panel, setPanel] = useState<Panel | null>(askedPanel);
    const [versions, setVersions] = useState(firstVersions);
    const oneColumn = useMatches(ONE_COLUMN);
    const gauges = evaluation.pool ?? NO_POOL;
    const hear = useHearing();
    const retune = useRetune(pitches);
    const actions = useSetActions(set, saver);
    const commands = useCommands({ setId: set.id, actions, retune, show: setPanel, hear });
    useProvided({ commands, busy: panel !== null, keys: ON_A_STRING, find: useFind() });
    useSavingNotice(saveState, actions);
    useUnsavedOffer(set);

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
                <Lanes
                    evaluation={evaluation}
                    current={current}
                    refused={refused}
                    ladder={pitches}
                    gauges={gauges}
                    onHear={hear}
                    oneColumn={oneColumn}
                >
                    <PoolMenu set={set.id} pools={pools} pool={pool} />
                </Lanes>
                <TotalBar evaluation={evaluation} current={current} refused={refused} />
                <Ledger set={set} evaluation={evaluation} refused={refused} onIt={onIt} show={setPanel} />
            </div>
            {!oneColumn && <StringBeside evaluation={evaluation} current={current} />}
            <BenchDialogs
                panel={panel}
                show={setPanel}
                set={set}
                saver={saver}
                evaluation={evaluation}
                ladder={pitches}
                gauges={gauges}
                onIt={onIt}
                versions={versions}
                onVersions={setVersions}
            />
        </div>
    );
}
