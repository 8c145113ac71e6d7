import { failureWords } from '../server/api';
import { create } from 'zustand';

export interface Toast {
    id: number;
    message: string;
    tone: 'done' | 'failed';
    action?: { label: string; run: () => void };
}

interface Toasts {
    list: Toast[];
    dismiss: (id: number) => void;
}

export const useToasts = create<Toasts>()((set) => ({
    list: [],
    dismiss: (id) => set(({ list }) => ({ list: list.filter((toast) => toast.id !== id) })),
}));

let next = 1;

/** Says what was done or why it was not, with one thing to do about it. */
export function toast(message: string, { tone = 'done', action }: { tone?: Toast['tone']; action?: Toast['action'] } = {}): void {
    const id = next++;
    useToasts.setState(({ list }) => ({ list: [...list.slice(-3), { id, message, tone, ...(action ? { action } : {}) }] }));
}

/** Says why something did not work. */
export function tellFailure(error: unknown): void {
    toast(failureWords(error), { tone: 'failed' });
}
