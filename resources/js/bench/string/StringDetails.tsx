import { lazy, Suspense, useEffect, useState } from 'react';
import type { Evaluation } from '../../generated/formats';
import { useBench } from '../design/benchStore';

/** The lanes come first: what tells of one string follows them. */
const StringPanel = lazy(() => import('./StringPanel').then((module) => ({ default: module.StringPanel })));

interface Props {
    evaluation: Evaluation;
    current: boolean;
}

/** The selected string beside the lanes, or below all of them where there is no room beside. Its place is kept until it comes. */
export function StringBeside({ evaluation, current }: Props) {
    const [comes, setComes] = useState(false);
    useEffect(() => {
        const frame = requestAnimationFrame(() => setComes(true));
        return () => cancelAnimationFrame(frame);
    }, []);
    const place = <div className="w-[19.5rem] shrink-0 border-l border-rule max-lg:hidden" />;
    return comes ? (
        <Suspense fallback={place}>
            <StringPanel evaluation={evaluation} current={current} />
        </Suspense>
    ) : (
        place
    );
}

/** The selected string right under its lane, where everything stands in one column. */
export function StringUnder({ position, ...shown }: Props & { position: number }) {
    const here = useBench((state) => state.selected === position);
    return (
        here && (
            <Suspense>
                <StringPanel {...shown} />
            </Suspense>
        )
    );
}
