export type Answer = 'instrument' | 'present' | 'wish';

export interface ReadAnswers extends Record<Answer, string> {
    problems: Partial<Record<Answer, string>>;
    /** What to take instead of an answer that cannot be read. */
    instead: Partial<Record<Answer, string[]>>;
    /** Instruments of the workshop that may be meant. */
    kept: Named[];
    /** What people say who have such an instrument. */
    offers: { present: string[]; wish: string[] } | null;
}

export interface Named {
    id: number;
    name: string;
}
