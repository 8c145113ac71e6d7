import { useState, type DragEvent } from 'react';
import { ask, asRefused, Refused } from '../server/api';

const LARGEST = 2_000_000;

interface Options {
    address: string;
    /** What is brought in, such as "a set document". */
    what: string;
    onDone: (answer: { id: number }, file: File) => void;
}

/** Brings in a document, chosen or dropped. What is wrong with it is told, and nothing is changed. */
export function useImport({ address, what, onDone }: Options) {
    const [problem, setProblem] = useState<Refused | null>(null);
    const [over, setOver] = useState(false);
    const bringIn = async (file: File | undefined) => {
        if (file === undefined) {
            return;
        }
        setProblem(null);
        try {
            if (file.size > LARGEST) {
                const message = `“${file.name}” is larger than 2 MB; ${what} is a few kilobytes. Check that it is the right file.`;
                throw new Refused(422, [{ path: '', message }]);
            }
            onDone(await ask<{ id: number }>(address, { method: 'POST', body: await file.text() }), file);
        } catch (error) {
            setProblem(asRefused(error));
        }
    };
    return {
        problem,
        dismiss: () => setProblem(null),
        bringIn: (file: File | undefined) => void bringIn(file),
        over,
        /** For what takes a file that is dropped on it. */
        dropping: {
            onDragOver: (event: DragEvent) => {
                event.preventDefault();
                setOver(true);
            },
            onDragLeave: () => setOver(false),
            onDrop: (event: DragEvent) => {
                event.preventDefault();
                setOver(false);
                void bringIn(event.dataTransfer.files[0]);
            },
        },
    };
}
