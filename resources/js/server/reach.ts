import { create } from 'zustand';

/** Whether the server answers, as far as it was asked last. */
export const useReach = create<{ answers: boolean }>()(() => ({ answers: true }));

export function reached(): void {
    if (!useReach.getState().answers) {
        useReach.setState({ answers: true });
    }
}

export function unreached(): void {
    if (useReach.getState().answers) {
        useReach.setState({ answers: false });
    }
}
