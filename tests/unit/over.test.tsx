// @vitest-environment happy-dom
import { cleanup, render, renderHook } from '@testing-library/react';
import { afterEach, beforeAll, beforeEach, describe, expect, test, vi } from 'vitest';
import { letBackClose, useBackCloses } from '../../resources/js/ui/backCloses';
import { useWidth } from '../../resources/js/ui/useWidth';

describe('Back while something is open over the page', () => {
    const back = vi.spyOn(window.history, 'back').mockImplementation(() => undefined);
    const follows = vi.fn();
    /** As a browser says that one went back, to an entry that stood for something or to a page's own. */
    const wentBack = (mark: boolean) =>
        window.dispatchEvent(new PopStateEvent('popstate', { state: mark ? { liraOver: true } : {} }));

    beforeAll(() => {
        letBackClose();
        window.addEventListener('popstate', follows);
    });
    beforeEach(() => {
        vi.clearAllMocks();
        window.history.replaceState({}, '', '/sets/1');
        document.dispatchEvent(new Event('inertia:navigate'));
    });
    afterEach(cleanup);

    test('closes it, and the page stays as it is', () => {
        const close = vi.fn();
        renderHook(() => useBackCloses(true, close));
        wentBack(false);
        expect(close).toHaveBeenCalledTimes(1);
        expect([follows, back].map((each) => each.mock.calls.length)).toEqual([0, 0]);
    });

    test('closes the last one first', () => {
        const [first, second] = [vi.fn(), vi.fn()];
        renderHook(() => useBackCloses(true, first));
        renderHook(() => useBackCloses(true, second));
        wentBack(false);
        expect([first, second].map((each) => each.mock.calls.length)).toEqual([0, 1]);
        wentBack(false);
        expect([first, second].map((each) => each.mock.calls.length)).toEqual([1, 1]);
    });

    test('what was closed otherwise is passed over, so that one Back still leaves the page', () => {
        const close = vi.fn();
        const { rerender } = renderHook(({ open }) => useBackCloses(open, close), { initialProps: { open: true } });
        rerender({ open: false });
        wentBack(false);
        expect(close).not.toHaveBeenCalled();
        expect([follows, back].map((each) => each.mock.calls.length)).toEqual([0, 1]);
    });

    test('an entry that stood for something is passed over whichever way one comes to it', () => {
        wentBack(true);
        expect([follows, back].map((each) => each.mock.calls.length)).toEqual([0, 1]);
    });

    test('with nothing open it is the page’s own', () => {
        wentBack(false);
        expect([follows, back].map((each) => each.mock.calls.length)).toEqual([1, 0]);
    });

    test('from what was opened on another page it is the page’s own too', () => {
        const { rerender } = renderHook(({ open }) => useBackCloses(open, () => undefined), { initialProps: { open: true } });
        rerender({ open: false });
        window.history.replaceState({}, '', '/sets/2');
        wentBack(false);
        expect([follows, back].map((each) => each.mock.calls.length)).toEqual([1, 0]);
    });
});

describe('the width of what is drawn to it', () => {
    const told: { width: number }[] = [];
    const Drawn = ({ foretold }: { foretold?: () => number }) => {
        const [ref, width] = useWidth<HTMLDivElement>(foretold);
        told.push({ width });
        return <div ref={ref} />;
    };
    beforeEach(() => {
        told.length = 0;
        vi.spyOn(HTMLElement.prototype, 'getBoundingClientRect').mockReturnValue(new DOMRect(0, 0, 320.7, 10));
    });
    afterEach(() => {
        cleanup();
        vi.restoreAllMocks();
    });

    test('is measured before anything is painted, in whole pixels', () => {
        render(<Drawn />);
        expect(told.map(({ width }) => width)).toEqual([0, 320]);
    });

    test('is not measured where it is foretold', () => {
        render(<Drawn foretold={() => 500} />);
        expect(told.map(({ width }) => width)).toEqual([500]);
    });
});
