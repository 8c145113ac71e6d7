// @vitest-environment happy-dom
import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { cleanup, fireEvent, render, screen, waitFor } from '@testing-library/react';
import { afterEach, beforeEach, describe, expect, test, vi } from 'vitest';
import type { Command } from '../../resources/js/frame/commands/commands';
import { keepTyped, stopKeeping, typedMeanwhile } from '../../resources/js/frame/commands/meanwhile';
import { Palette } from '../../resources/js/frame/commands/Palette';
import type { Found } from '../../resources/js/server/search';

const ran: string[] = [];
const command = (name: string, more: Partial<Command> = {}): Command => ({
    name,
    group: 'On this page',
    run: () => void ran.push(name),
    ...more,
});

/** What is asked of the server, each answered when the test says so. */
let asked: { words: string; answer: (found: Partial<Found>) => void }[];

function open(commands: Command[]) {
    const closed = vi.fn();
    render(
        <QueryClientProvider client={new QueryClient({ defaultOptions: { queries: { retry: false } } })}>
            <Palette open onOpenChange={closed} provided={[{ commands, busy: false }]} />
        </QueryClientProvider>,
    );
    return { closed, input: screen.getByRole('combobox') };
}
const options = () => screen.queryAllByRole('option').map((option) => option.textContent);
const answerLast = (found: Partial<Found>) => asked.at(-1)?.answer(found);

beforeEach(() => {
    asked = [];
    ran.length = 0;
    vi.stubGlobal(
        'ResizeObserver',
        class {
            observe() {}
            unobserve() {}
            disconnect() {}
        },
    );
    Element.prototype.scrollIntoView = () => undefined;
    vi.stubGlobal(
        'fetch',
        (address: string) =>
            new Promise<Response>((done) => {
                const words = new URL(address, 'http://here').searchParams.get('for') ?? '';
                asked.push({
                    words,
                    answer: (found) =>
                        done(new Response(JSON.stringify({ sets: [], instruments: [], others: [], ...found }), { status: 200 })),
                });
            }),
    );
});
afterEach(() => {
    cleanup();
    stopKeeping();
    vi.unstubAllGlobals();
});

describe('the palette', () => {
    test('finds a command by its words and runs it once the dialog is gone', async () => {
        const { closed, input } = open([command('Print the sheet'), command('Export set document')]);
        answerLast({});
        fireEvent.change(input, { target: { value: 'print' } });
        answerLast({});
        await waitFor(() => expect(options()).toEqual(['Print the sheet']));
        fireEvent.click(screen.getByRole('option', { name: 'Print the sheet' }));
        expect(closed).toHaveBeenCalledWith(false);
        await waitFor(() => expect(ran).toEqual(['Print the sheet']));
    });

    test('what belongs to one thing of many comes up by its words only, what cannot be done does nothing', async () => {
        const { input } = open([command('Leave string 3 alone', { sought: true }), command('Undo', { disabled: true })]);
        answerLast({});
        await waitFor(() => expect(options()).toEqual(['Undo']));
        fireEvent.click(screen.getByRole('option', { name: 'Undo' }));
        fireEvent.change(input, { target: { value: 'lsa' } });
        answerLast({});
        await waitFor(() => expect(options()).toEqual([]));
        fireEvent.change(input, { target: { value: 'alone 3' } });
        answerLast({});
        await waitFor(() => expect(options()).toEqual(['Leave string 3 alone']));
        expect(ran).toEqual([]);
    });

    test('Enter waits for what was asked for with the words that stand there', async () => {
        const { input } = open([command('Sets')]);
        answerLast({});
        fireEvent.change(input, { target: { value: 'set' } });
        await waitFor(() => expect(asked.at(-1)?.words).toBe('set'));
        fireEvent.keyDown(input, { key: 'Enter' });
        expect(ran).toEqual([]);
        answerLast({});
        await waitFor(() => expect(ran).toEqual(['Sets']));
    });

    test('what is changed after Enter takes it back', async () => {
        const { input } = open([command('Sets'), command('Print')]);
        answerLast({});
        fireEvent.change(input, { target: { value: 'set' } });
        await waitFor(() => expect(asked.at(-1)?.words).toBe('set'));
        fireEvent.keyDown(input, { key: 'Enter' });
        fireEvent.change(input, { target: { value: 'prin' } });
        await waitFor(() => expect(asked.at(-1)?.words).toBe('prin'));
        answerLast({});
        await waitFor(() => expect(options()).toEqual(['Print']));
        expect(ran).toEqual([]);
    });
});

describe('what is typed while it is on its way', () => {
    const type = (key: string, more = {}) => fireEvent.keyDown(document.body, { key, ...more });

    test('is kept, Backspace and Enter included; what is no letter goes where it belongs', () => {
        const elsewhere = vi.fn();
        document.body.addEventListener('keydown', elsewhere);
        keepTyped();
        ['d', 'x', 'Backspace', 'r'].forEach((key) => type(key));
        expect(elsewhere).not.toHaveBeenCalled();
        type('k', { ctrlKey: true });
        type('Escape');
        expect(elsewhere).toHaveBeenCalledTimes(2);
        expect(typedMeanwhile()).toEqual({ text: 'dr', entered: false });
        type('Enter');
        type('z');
        expect(typedMeanwhile()).toEqual({ text: 'dr', entered: true });
        stopKeeping();
        type('q');
        expect([typedMeanwhile(), elsewhere.mock.calls.length]).toEqual([{ text: '', entered: false }, 3]);
        document.body.removeEventListener('keydown', elsewhere);
    });

    test('stands in it, Enter is pressed once all is found, and typing goes on behind it', async () => {
        keepTyped();
        ['s', 'e', 't', 's', 'Enter'].forEach((key) => type(key));
        const { input } = open([command('Sets')]);
        expect(input).toHaveProperty('value', 'sets');
        expect(document.activeElement).toBe(input);
        expect(input).toHaveProperty('selectionStart', 4);
        await waitFor(() => expect(asked.at(-1)?.words).toBe('sets'));
        expect(ran).toEqual([]);
        answerLast({});
        await waitFor(() => expect(ran).toEqual(['Sets']));
    });
});
