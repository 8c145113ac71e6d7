import { clsx } from 'clsx';
import { fieldClass } from './classes';

interface Props {
    label: string;
    /** By what one can find; its label by itself. */
    by?: string;
    words: string;
    onWords: (words: string) => void;
}

/** Narrows a list to what has the words that are typed. */
export function FindField({ label, by = label, words, onWords }: Props) {
    return (
        <input
            type="search"
            aria-label={label}
            placeholder={by}
            className={clsx(fieldClass, 'w-68! max-w-full')}
            value={words}
            onChange={(event) => onWords(event.target.value)}
        />
    );
}
