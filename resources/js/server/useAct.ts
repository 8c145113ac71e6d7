import { useMutation } from '@tanstack/react-query';
import { failureWords } from './api';

/**
 * Things somebody does that the server may refuse, one at a time: whether one is under way, and why the last did not work.
 * The next try, or `forget`, takes the reason away.
 */
export function useAct() {
    const { mutate, isPending, error, reset } = useMutation({
        mutationFn: (what: () => Promise<unknown>) => what(),
        // Asked for even where the browser takes itself to be offline: Lira may be on this very machine.
        networkMode: 'always',
    });
    return { act: mutate, busy: isPending, problem: error === null ? undefined : failureWords(error), forget: reset };
}
