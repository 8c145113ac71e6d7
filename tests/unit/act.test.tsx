// @vitest-environment happy-dom
import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { act, cleanup, renderHook, waitFor } from '@testing-library/react';
import type { ReactNode } from 'react';
import { afterEach, expect, test } from 'vitest';
import { Refused, Unreachable } from '../../resources/js/server/api';
import { useAct } from '../../resources/js/server/useAct';

const wrapper = ({ children }: { children: ReactNode }) => (
    <QueryClientProvider client={new QueryClient()}>{children}</QueryClientProvider>
);

afterEach(cleanup);

test('what is done is under way until it is over, and why it failed stands until the next try', async () => {
    const { result } = renderHook(() => useAct(), { wrapper });
    let over: () => void = () => undefined;
    act(() => result.current.act(() => new Promise<void>((done) => (over = done))));
    await waitFor(() => expect(result.current.busy).toBe(true));
    act(() => over());
    await waitFor(() => expect(result.current.busy).toBe(false));
    expect(result.current.problem).toBeUndefined();

    act(() => result.current.act(() => Promise.reject(new Refused(422, [{ path: '/name', message: 'Give it a name.' }]))));
    await waitFor(() => expect(result.current.problem).toBe('Give it a name.'));
    act(() => result.current.act(() => Promise.reject(new Unreachable())));
    await waitFor(() => expect(result.current.problem).toContain('does not answer'));
    act(() => result.current.act(() => Promise.resolve()));
    await waitFor(() => expect(result.current.problem).toBeUndefined());
});

test('what went wrong can be forgotten', async () => {
    const { result } = renderHook(() => useAct(), { wrapper });
    act(() => result.current.act(() => Promise.reject(new Error('No room.'))));
    await waitFor(() => expect(result.current.problem).toBe('No room.'));
    act(() => result.current.forget());
    await waitFor(() => expect(result.current.problem).toBeUndefined());
});
