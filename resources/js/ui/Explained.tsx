import { useState, type ReactNode } from 'react';
import { explainedClass } from './classes';
import { later } from './onDemand';

interface Props {
    /** As it stands among the words explained. */
    word: string;
    children: ReactNode;
}

const Explanation = later<Props>(
    () => import('./Explanation').then((module) => module.Explanation),
    ({ children }) => <span className={explainedClass}>{children}</span>,
);

/** A word that says what it means when it is pressed, by pointer, key or finger. */
export function Explained({ word, children }: Props) {
    const [wanted, setWanted] = useState(false);
    const plain = (
        <button
            type="button"
            aria-haspopup="dialog"
            aria-expanded={false}
            className={explainedClass}
            onClick={() => setWanted(true)}
        >
            {children}
        </button>
    );
    return wanted ? <Explanation word={word}>{children}</Explanation> : plain;
}
