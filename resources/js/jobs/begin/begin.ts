import type { Choice, Preview } from '../../generated/views';

export type Schools = Record<string, string>;

export interface Begin {
    set: { id: number; name: string };
    instrument: { id: number; name: string };
    owner: string;
    presents: Choice[];
    ways: Record<string, Schools>;
    way: string;
    schools: Schools;
    left_handed: boolean;
    /** Jobs on the instrument that are not finished. */
    open: { id: number; name: string }[];
    /** Which strings are asked for; none for all. */
    some: number[];
    preview: Preview;
}

export const WAYS: Record<string, string> = {
    usual: 'As is usual on such an instrument',
    workshop: 'The workshop’s way',
    owner: 'The owner’s way',
    last: 'As the last time on this instrument',
    own: 'As chosen here',
};
