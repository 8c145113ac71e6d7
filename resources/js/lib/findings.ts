import type { Finding } from './formats';

/** What kind of thing cures it, in the order in which one would think of it. */
export const REMEDIES: { remedy: Finding['remedy']; name: string }[] = [
    { remedy: 'string', name: 'Choose another string' },
    { remedy: 'adjust', name: 'Adjust it yourself' },
    { remedy: 'repairer', name: 'To a qualified repairer' },
    { remedy: 'watch', name: 'Keep an eye on' },
];
