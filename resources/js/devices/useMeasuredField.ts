import { useSyncExternalStore } from 'react';

const measuredBy = (target: EventTarget | null) =>
    target instanceof HTMLInputElement && target.dataset['measure'] !== undefined ? target : null;

/** The field that was gone to last to be measured for; one may have gone there before this was fetched. */
let last: HTMLInputElement | null = measuredBy(document.activeElement);

document.addEventListener('focusin', ({ target }) => {
    last = measuredBy(target) ?? last;
});

function subscribe(changed: () => void): () => void {
    // After the one above, which was there first.
    document.addEventListener('focusin', changed);
    return () => document.removeEventListener('focusin', changed);
}

/** The field that was measured for last: it keeps being read into while a device's panel is used. None before the first. */
export function useMeasuredField(): HTMLInputElement | null {
    const field = useSyncExternalStore(subscribe, () => last);
    return field?.isConnected === true ? field : null;
}
