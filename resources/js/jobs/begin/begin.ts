export type Schools = Record<string, string>;

export const WAYS: Record<string, string> = {
    usual: 'As is usual on such an instrument',
    workshop: 'The workshop’s way',
    owner: 'The owner’s way',
    last: 'As the last time on this instrument',
    own: 'As chosen here',
};
