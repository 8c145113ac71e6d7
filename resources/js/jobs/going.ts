import { keptSwitch } from '../ui/keptSwitch';
import type { Going } from './frames';

/** Whether a string is one screen and one press; else one goes step by step. Remembered on this device. */
export const useStringsAtOnce = keptSwitch('lira.job.going', 'strings', 'steps');

export function useGoing(): Going {
    return useStringsAtOnce(({ on }) => on) ? 'strings' : 'steps';
}
