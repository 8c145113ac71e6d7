// @vitest-environment happy-dom
import { cleanup, fireEvent, render, screen } from '@testing-library/react';
import { useRef } from 'react';
import { afterEach, beforeEach, describe, expect, test, vi } from 'vitest';
import { useStepKeys } from '../../resources/js/jobs/step/useStepKeys';

const onGo = vi.fn();
const onBack = vi.fn();
const onOther = vi.fn();

function Step({ active = true }: { active?: boolean }) {
    const main = useRef<HTMLButtonElement>(null);
    useStepKeys(active, main, onBack);
    return (
        <>
            <button ref={main} onClick={onGo}>
                Done
            </button>
            <button onClick={onOther}>Print</button>
            <a href="#plan">The plan</a>
            <input aria-label="Cents" />
            <div role="dialog">
                <p>Said</p>
            </div>
        </>
    );
}

beforeEach(() => {
    vi.clearAllMocks();
    render(<Step />);
});
afterEach(cleanup);

describe('a foot switch or a key at a step', () => {
    test.each([' ', 'Enter', 'PageDown', 'ArrowRight'])('%j goes on, wherever nothing else takes it', (key) => {
        fireEvent.keyDown(document.body, { key });
        expect(onGo).toHaveBeenCalledTimes(1);
        expect(onBack).not.toHaveBeenCalled();
    });

    test.each(['Backspace', 'PageUp', 'ArrowLeft'])('%s goes back', (key) => {
        fireEvent.keyDown(document.body, { key });
        expect(onBack).toHaveBeenCalledTimes(1);
        expect(onGo).not.toHaveBeenCalled();
    });

    test.each([' ', 'Enter'])('%j is taken by the button or the link that has the focus', (key) => {
        expect(fireEvent.keyDown(screen.getByText('Print'), { key })).toBe(true);
        expect(fireEvent.keyDown(screen.getByText('The plan'), { key })).toBe(true);
        expect(onGo).not.toHaveBeenCalled();
    });

    test('a foot switch goes on from a button too', () => {
        expect(fireEvent.keyDown(screen.getByText('Print'), { key: 'PageDown' })).toBe(false);
        expect(onGo).toHaveBeenCalledTimes(1);
    });

    test('what is typed in, a dialog, a key held down and one with others are left alone', () => {
        fireEvent.keyDown(screen.getByLabelText('Cents'), { key: 'Backspace' });
        fireEvent.keyDown(screen.getByText('Said'), { key: 'Enter' });
        fireEvent.keyDown(document.body, { key: 'Enter', repeat: true });
        for (const with_ of [{ ctrlKey: true }, { metaKey: true }, { altKey: true }]) {
            fireEvent.keyDown(document.body, { key: 'ArrowLeft', ...with_ });
        }
        fireEvent.keyDown(document.body, { key: 'x' });
        expect(onGo).not.toHaveBeenCalled();
        expect(onBack).not.toHaveBeenCalled();
    });

    test('while a dialog is open or all is done no key does anything', () => {
        cleanup();
        render(<Step active={false} />);
        fireEvent.keyDown(document.body, { key: 'Enter' });
        fireEvent.keyDown(document.body, { key: 'Backspace' });
        expect(onGo).not.toHaveBeenCalled();
        expect(onBack).not.toHaveBeenCalled();
    });
});
