// @vitest-environment happy-dom
import { act, cleanup, fireEvent, render, screen, waitFor } from '@testing-library/react';
import { afterEach, beforeEach, describe, expect, test, vi } from 'vitest';
import { LeaveGuard } from '../../resources/js/ui/LeaveGuard';

type Before = (event: { detail: { visit: { url: URL; method: string; only: string[] } } }) => boolean | undefined;

const router = vi.hoisted(() => ({ before: new Set<unknown>(), visits: [] as string[] }));
vi.mock('@inertiajs/react', () => ({
    router: {
        on: (_event: string, listener: unknown) => {
            router.before.add(listener);
            return () => router.before.delete(listener);
        },
        visit: (address: string) => router.visits.push(address),
    },
}));

/** Somebody goes elsewhere; whether they may. */
function goes(method = 'get', only: string[] = []): boolean {
    const visit = { url: new URL('http://lira.test/sets'), method, only };
    let may = true;
    act(() => {
        may = [...router.before].every((listener) => (listener as Before)({ detail: { visit } }) !== false);
    });
    return may;
}

function closes(): boolean {
    const event = new Event('beforeunload', { cancelable: true });
    window.dispatchEvent(event);
    return !event.defaultPrevented;
}

const guard = (unsaved: boolean, onSave = () => Promise.resolve(true)) => (
    <LeaveGuard unsaved={unsaved} what="Harbour" onSave={onSave} />
);

beforeEach(() => {
    router.visits.length = 0;
});
afterEach(() => {
    cleanup();
    router.before.clear();
});

describe('leaving a page', () => {
    test('with nothing unsaved on it is nobody’s concern', () => {
        render(guard(false));
        expect([goes(), closes()]).toEqual([true, true]);
    });

    test('with something unsaved asks first, however one goes', () => {
        render(guard(true));
        expect(closes()).toBe(false);
        expect(goes()).toBe(false);
        expect(screen.getByRole('dialog', { name: 'Harbour is not saved' })).toBeTruthy();
        expect(router.visits).toEqual([]);
    });

    test('is not what sending something or fetching a part of the page is', () => {
        render(guard(true));
        expect([goes('post'), goes('get', ['pools'])]).toEqual([true, true]);
        expect(screen.queryByRole('dialog')).toBeNull();
    });

    test('goes on to where one wanted once it is kept', async () => {
        const save = vi.fn(() => Promise.resolve(true));
        render(guard(true, save));
        goes();
        fireEvent.click(screen.getByRole('button', { name: 'Save and go' }));
        await waitFor(() => expect(router.visits).toEqual(['http://lira.test/sets']));
        expect(save).toHaveBeenCalledOnce();
        // On the way it does not ask again.
        expect([goes(), closes()]).toEqual([true, true]);
    });

    test('stays where it could not be kept', async () => {
        render(guard(true, () => Promise.resolve(false)));
        goes();
        fireEvent.click(screen.getByRole('button', { name: 'Save and go' }));
        await waitFor(() => expect(screen.queryByRole('dialog')).toBeNull());
        expect(router.visits).toEqual([]);
        expect(closes()).toBe(false);
    });

    test('without saving, or staying, is as easy', () => {
        render(guard(true));
        goes();
        fireEvent.click(screen.getByRole('button', { name: 'Stay here' }));
        expect(router.visits).toEqual([]);
        goes();
        fireEvent.click(screen.getByRole('button', { name: 'Leave without saving' }));
        expect(router.visits).toEqual(['http://lira.test/sets']);
    });

    test('is free again once everything is saved', () => {
        const { rerender } = render(guard(true));
        rerender(guard(false));
        expect([goes(), closes(), router.before.size]).toEqual([true, true, 0]);
    });
});
