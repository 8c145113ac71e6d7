/** Something one can do, for the palette, the keys and the list of them. */
export interface Command {
    group: string;
    name: string;
    /** As it is pressed: `mod+shift+z`, `s`, `shift+pageup`. `mod` is Ctrl, or ⌘ on a Mac. */
    keys?: string;
    /** Other words by which it is asked for. */
    also?: string;
    /** Works while a field has the focus too. */
    always?: boolean;
    disabled?: boolean;
    /** Listed only once something is typed. */
    sought?: boolean;
    run: () => void;
}

/** Keys that are but one sign, which speech and chance press too: they can be switched off. */
export function isLetter(keys: string): boolean {
    return /^(shift\+)?[a-z0-9]$/.test(keys);
}

const NAMES: Record<string, string> = { mod: 'Ctrl', shift: 'Shift', pageup: 'Page Up', pagedown: 'Page Down' };

/** Keys as people read them: `mod+shift+z` is Ctrl Shift Z. */
export function keysLabel(keys: string): string {
    return keys
        .split('+')
        .map((key) => NAMES[key] ?? (key.length === 1 ? key.toUpperCase() : key))
        .join(' ');
}

/** What was pressed, written as commands write their keys. Signs that need Shift on some keyboards go without it. */
export function pressedKeys(event: Pick<KeyboardEvent, 'key' | 'ctrlKey' | 'metaKey' | 'shiftKey' | 'altKey'>): string {
    const key = event.key.toLowerCase();
    const sign = key.length === 1 && key === key.toUpperCase();
    return [
        ...(event.ctrlKey || event.metaKey ? ['mod'] : []),
        ...(event.altKey ? ['alt'] : []),
        ...(event.shiftKey && !sign ? ['shift'] : []),
        key,
    ].join('+');
}
