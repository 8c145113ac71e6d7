import { useEffect, useState } from 'react';
import type { Evaluation } from '../../generated/formats';
import { later } from '../../ui/onDemand';
import { useBench } from '../design/benchStore';

interface Props {
    evaluation: Evaluation;
    current: boolean;
}

/** The lanes come first: what tells of one string follows them. */
const load = () => import('./StringPanel').then((module) => module.StringPanel);
const Beside = later<Props>(load, () => PLACE);
const Under = later<Props>(load);

const PLACE = <div className="w-[19.5rem] shrink-0 border-l border-rule max-lg:hidden" />;

/** The selected string beside the lanes, or below all of them where there is no room beside. Its place is kept until it comes. */
export function StringBeside({ evaluation, current }: Props) {
    const [comes, setComes] = useState(false);
    useEffect(() => {
        const frame = requestAnimationFrame(() => setComes(true));
        return () => cancelAnimationFrame(frame);
    }, []);
    return comes ? <Beside evaluation={evaluation} current={current} /> : PLACE;
}

/** The selected string right under its lane, where everything stands in one column. */
export function StringUnder({ position, ...shown }: Props & { position: number }) {
    const here = useBench((state) => state.selected === position);
    return here && <Under {...shown} />;
}
