import { useOwnTools, type Source } from '../devices/own';

/** By what strings are heard at first: a simulated instrument where one came to practise, else what this device is said to have. */
export function firstSource(): Source {
    return new URLSearchParams(window.location.search).has('practice') ? 'practice' : useOwnTools.getState().source;
}
