import { keptSwitch } from '../../ui/keptSwitch';

/** Whether the strings may be heard on the Bench. */
export const useHearingOn = keptSwitch('lira.hearing', 'on', 'off');

/** Whether the steps of a job are read aloud. */
export const useAloudOn = keptSwitch('lira.job.aloud', 'yes', 'no');
