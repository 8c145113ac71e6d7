import { create } from 'zustand';

export interface Notice {
    tone: 'caution' | 'stop';
    message: string;
    actions: { label: string; run: () => void }[];
}

/** What stands under the head of every screen until it is over: by what it is about, so that each is said once. */
export const useNotices = create<{ standing: Record<string, Notice> }>()(() => ({ standing: {} }));

/** Says something that goes on being so, in the one place for it. */
export function tell(about: string, notice: Notice): void {
    useNotices.setState(({ standing }) => ({ standing: { ...standing, [about]: notice } }));
}

/** It is no longer so. */
export function untell(about: string): void {
    if (about in useNotices.getState().standing) {
        useNotices.setState(({ standing }) => ({
            standing: Object.fromEntries(Object.entries(standing).filter(([key]) => key !== about)),
        }));
    }
}
