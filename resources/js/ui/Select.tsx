import { useState } from 'react';
import { Glyph } from './Glyph';
import type { Pressed } from './SelectParts';
import { chooserClass, type ChooserProps } from './selectProps';
import { toast } from './toasts';

/** What lists are drawn with, fetched once somebody comes near one. */
let parts: typeof import('./SelectParts') | null = null;

/** Fetches what lists are drawn with, before one is wanted. */
async function selectsAhead(): Promise<void> {
    parts ??= await import('./SelectParts');
}

const OPENS = ['ArrowDown', 'ArrowUp', 'Enter', ' '];

/** A choice of one of several. It looks and reads the same before its list is fetched as after. */
export function Select(props: ChooserProps) {
    const [pressed, setPressed] = useState<Pressed | null>(parts === null ? null : 'not');
    if (pressed !== null && parts !== null) {
        return <parts.Chooser {...props} pressed={pressed} />;
    }
    const { value, onChange: _, choices, label, ...rest } = props;
    const come = (how: Pressed) =>
        void selectsAhead().then(
            () => setPressed(how),
            () => toast('The list could not be fetched. Try again.', { tone: 'failed' }),
        );
    const near = () => void selectsAhead().catch(() => undefined);
    return (
        <button
            type="button"
            {...rest}
            role="combobox"
            aria-expanded={false}
            aria-autocomplete="none"
            aria-label={label}
            className={chooserClass}
            onPointerEnter={near}
            onFocus={near}
            onClick={() => come('open')}
            onKeyDown={(event) => {
                const { key } = event;
                const letter = key.length === 1 && !event.ctrlKey && !event.altKey && !event.metaKey;
                if (OPENS.includes(key) || letter) {
                    event.preventDefault();
                    come({ key });
                }
            }}
        >
            <span className="truncate">{choices.find((choice) => choice.value === value)?.label}</span>
            <span aria-hidden className="text-ink-soft">
                <Glyph sign="down" />
            </span>
        </button>
    );
}
