import { useEffect } from 'react';
import type { Evaluation, PoolGauge } from '../generated/formats';
import { fetchAhead, onDemand } from '../ui/onDemand';
import { Lazily } from '../ui/Lazily';
import type { PitchLadder } from '../units/pitch';
import type { OnItNow, SavedSet, Version } from '../generated/views';
import type { Panel } from './panels';
import type { Saver } from './saving/saver';

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

interface Props {
    panel: Panel | null;
    show: (change: (present: Panel | null) => Panel | null) => void;
    set: SavedSet;
    saver: Saver;
    evaluation: Evaluation;
    ladder: PitchLadder;
    gauges: PoolGauge[];
    onIt: OnItNow | null;
    versions: Version[];
    onVersions: (versions: Version[]) => void;
}

/** What can be opened from the Bench, one at a time; fetched once the page has come to rest. */
export function BenchDialogs({ panel, show, set, saver, evaluation, ladder, gauges, onIt, versions, onVersions }: Props) {
    useEffect(() => fetchAhead(ON_DEMAND), []);
    const dialog = (which: Panel) => ({
        open: panel === which,
        onOpenChange: (open: boolean) => show((present) => (open ? which : present === which ? null : present)),
    });
    return (
        <>
            <Lazily when={panel === 'solve'}>
                <SolveDialog {...dialog('solve')} evaluation={evaluation} />
            </Lazily>
            <Lazily when={panel === 'convert'}>
                <ConvertDialog {...dialog('convert')} saver={saver} evaluation={evaluation} ladder={ladder} />
            </Lazily>
            <Lazily when={panel === 'baseline'}>
                <BaselineDialog {...dialog('baseline')} ladder={ladder} onIt={onIt} pool={gauges} />
            </Lazily>
            <Lazily when={panel === 'earlier'}>
                <EarlierDialog {...dialog('earlier')} instrument={set.instrumentId} evaluation={evaluation} />
            </Lazily>
            <Lazily when={panel === 'tuning'}>
                <TuningPicker {...dialog('tuning')} />
            </Lazily>
            <Lazily when={panel === 'versions'}>
                <VersionsDialog {...dialog('versions')} set={set} saver={saver} versions={versions} onVersions={onVersions} />
            </Lazily>
            <Lazily when={panel === 'share'}>
                <ShareOnBench {...dialog('share')} set={set} saver={saver} />
            </Lazily>
            <Lazily when={panel === 'labels'}>
                <LabelsDialog {...dialog('labels')} set={set.id} />
            </Lazily>
        </>
    );
}
