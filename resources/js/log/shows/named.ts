export interface Named {
    id: number;
    name: string;
    owner: string;
}

export const here = (): string => Intl.DateTimeFormat().resolvedOptions().timeZone;
