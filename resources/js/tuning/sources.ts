import { SOURCES, useOwnTools, type Source } from '../devices/own';

/** By what strings are heard at first: as one came, be it to practise; else by what this device is said to have. */
export function firstSource(): Source {
    const asked = new URLSearchParams(window.location.search);
    const by = SOURCES.find(({ value }) => value === asked.get('by'))?.value;
    return asked.has('practice') ? 'practice' : (by ?? useOwnTools.getState().source);
}
