/**
 * Types into the field that has the focus as a device does that plugs in as a keyboard: one key after the other, and Enter at
 * the end. Whatever listens to keys and input sees the same as from a real one.
 */
export function typeLikeKeyboard(text: string): void {
    for (const key of text) {
        press(key, () => insert(key));
    }
    press('Enter', () => undefined);
}

function press(key: string, otherwise: () => void): void {
    const field = document.activeElement ?? document.body;
    if (field.dispatchEvent(new KeyboardEvent('keydown', { key, bubbles: true, cancelable: true }))) {
        otherwise();
    }
    field.dispatchEvent(new KeyboardEvent('keyup', { key, bubbles: true }));
}

function insert(key: string): void {
    const field = document.activeElement;
    if (!(field instanceof HTMLInputElement)) {
        return;
    }
    const [start, end] = [field.selectionStart ?? field.value.length, field.selectionEnd ?? field.value.length];
    const value = field.value.slice(0, start) + key + field.value.slice(end);
    // React listens to the setter of the prototype; a value set on the field itself it would not notice.
    Object.getOwnPropertyDescriptor(HTMLInputElement.prototype, 'value')?.set?.call(field, value);
    field.setSelectionRange(start + 1, start + 1);
    field.dispatchEvent(new InputEvent('input', { bubbles: true, data: key, inputType: 'insertText' }));
}
