import { useEffect } from 'react';
import { useBenchActions } from '../design/benchStore';
import type { SavedSet } from '../../generated/views';

/** Offers what was left unsaved of the set on the bench, once the page stands. */
export function useUnsavedOffer(set: SavedSet): void {
    const { edit } = useBenchActions();
    useEffect(() => {
        let leave: (() => void) | null = null;
        let here = true;
        import('./unsavedOffer').then(
            ({ offerUnsaved }) => {
                if (here) {
                    leave = offerUnsaved(set, edit);
                }
            },
            () => undefined,
        );
        return () => {
            here = false;
            leave?.();
        };
    }, [set, edit]);
}
