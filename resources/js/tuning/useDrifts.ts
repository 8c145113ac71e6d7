import { useState } from 'react';
import { recordIn } from '../events/recordIn';
import { tellFailure, toast } from '../ui/toasts';
import type { Standing } from './round';
import type { TunePage as TuningKnown } from '../generated/pages';

/**
 * What new strings had drifted by before they are tuned again tells when they hold: kept with the job whose strings these are.
 *
 * @param isReal whether it is an instrument in the hand: nothing is kept of a simulated one
 * @param act does it, and says what went wrong
 */
export function useDrifts(job: TuningKnown['job'], isReal: boolean, present: Standing, act: (what: () => Promise<void>) => void) {
    const [kept, setKept] = useState<Standing | null>(null);
    const [rounds, setRounds] = useState(job?.round ?? 1);
    const [rested, setRested] = useState(job?.seated ?? false);
    const of = isReal && job?.tuned === true ? job : null;
    const keep = () => {
        if (of === null) {
            return;
        }
        const cents = [...present];
        act(async () => {
            const { id, sent } = await recordIn(of.id, 'drifted', { cents, rested });
            const where = sent ? 'Kept with the job' : 'Kept on this device for the job, until Lira answers';
            toast(rested ? `${where}: what it drifted by.` : `${where} as round ${rounds}.`, {
                action: { label: 'Undo', run: () => void recordIn(of.id, 'undone', { event: id }).catch(tellFailure) },
            });
            setKept(present);
            setRounds(rested ? rounds : rounds + 1);
        });
    };
    return { keeps: of !== null, keep, kept: kept === present, rested, setRested };
}
