import { useMemo, useState } from 'react';
import type { Evaluation } from '../../generated/formats';
import { axisDomain, createAxis, shownTensions, staysFitting } from '../../units/axis';
import { useUnits } from '../../units/useUnits';
import { useBench } from '../design/benchStore';

const NARROWEST = 120;

/** The axis of all lanes: it holds still while a mark is dragged, and as long as everything stands well on it. Null without a width. */
export function useTensionAxis(evaluation: Evaluation, width: number) {
    const units = useUnits();
    const gesture = useBench((state) => state.gesture);
    const shown = useMemo(() => shownTensions(evaluation), [evaluation]);
    const fitting = useMemo(() => axisDomain(shown, units), [shown, units]);
    const [held, setHeld] = useState({ domain: fitting, units });
    const fits = held.units === units && staysFitting(held.domain, fitting, shown, units);
    if (gesture === null && !fits && (held.units !== units || held.domain !== fitting)) {
        setHeld({ domain: fitting, units });
    }
    return useMemo(() => (width === 0 ? null : createAxis(held.domain, Math.max(NARROWEST, width), units)), [held, width, units]);
}
