import { clsx } from 'clsx';
import { Fragment, useCallback, useMemo, useState, type ReactNode } from 'react';
import type { Evaluation, PoolGauge } from '../../generated/formats';
import type { Refused } from '../../server/api';
import { useWidth } from '../../ui/useWidth';
import type { PitchLadder } from '../../units/pitch';
import { useUnits } from '../../units/useUnits';
import { useBench } from '../design/benchStore';
import type { Hear } from '../sound/useHearing';
import { StringUnder } from '../string/StringDetails';
import { focusLane } from './focusLane';
import { Lane } from './Lane';
import { LANE_COLUMNS } from './laneColumns';
import { Legend } from './Legend';
import { TensionRule } from './TensionRule';
import { useTensionAxis } from './useTensionAxis';
import { showsMayBreak, shownZones, ZoneHatchings } from './zones';

/** How thick the thickest string is drawn. */
const THICKEST = 13;

/** What stood there before the scripts came is as wide as the lanes will be. */
const widthOfFrame = () => document.querySelector('[data-frame="lanes"]')?.clientWidth ?? 0;

interface Props {
    evaluation: Evaluation;
    /** Whether that answers the design as it stands. */
    current: boolean;
    refused: Refused | null;
    ladder: PitchLadder;
    gauges: PoolGauge[];
    onHear: Hear;
    /** Where a string's own figures stand under its lane. */
    oneColumn: boolean;
    /** Where the gauges come from. */
    children: ReactNode;
}

/** The strings, each on its lane below one axis, and what the marks on them mean. */
export function Lanes({ evaluation, current, refused, ladder, gauges, onHear, oneColumn, children }: Props) {
    const units = useUnits();
    const count = useBench((state) => state.document.strings.length);
    const tunings = useBench((state) => state.document.tunings.length);
    const select = useBench((state) => state.select);
    const [details, setDetails] = useState(false);
    const [lanes, width] = useWidth<HTMLDivElement>(widthOfFrame);
    const axis = useTensionAxis(evaluation, width);
    const thicknessScale = THICKEST / Math.max(...evaluation.strings.map((string) => string.outer_diameter_mm));
    const zones = useMemo(() => shownZones(evaluation, axis), [evaluation, axis]);
    const ground = useMemo(
        () => ({ axis, zones: evaluation.zones, thicknessScale, pool: gauges, ladder }),
        [axis, evaluation.zones, thicknessScale, gauges, ladder],
    );
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
        <>
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
                            onHear={onHear}
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
                        tunings={tunings}
                        zones={zones}
                        mayBreak={showsMayBreak(evaluation, axis)}
                    />
                    {children}
                </div>
            </div>
        </>
    );
}
