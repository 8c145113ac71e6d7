import { useRef } from 'react';
import { Button } from '../ui/Button';

interface Props {
    /** What the file is, for those who cannot see the button's place. */
    label: string;
    onFile: (file: File | undefined) => void;
}

/** Chooses a document to bring in. */
export function ImportButton({ label, onFile }: Props) {
    const file = useRef<HTMLInputElement>(null);
    return (
        <>
            <Button onClick={() => file.current?.click()}>Import…</Button>
            <input
                ref={file}
                type="file"
                accept=".json,application/json"
                aria-label={label}
                className="hidden"
                onChange={(event) => {
                    onFile(event.target.files?.[0]);
                    event.target.value = '';
                }}
            />
        </>
    );
}
