// @vitest-environment happy-dom
import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { cleanup, fireEvent, render, renderHook, screen } from '@testing-library/react';
import type { ComponentProps, ReactNode } from 'react';
import { afterEach, describe, expect, test, vi } from 'vitest';
import { SideDrawing } from '../../resources/js/instruments/drawings/SideDrawing';
import type {
    ConvertedSet,
    DrawnFit,
    Evaluation,
    Finding,
    Reach,
    SetDocument,
    StringIntonation,
} from '../../resources/js/generated/formats';
import type { Broke, FamilyLife, JobRow, Lives, SetSummary } from '../../resources/js/generated/views';
import { Filter } from '../../resources/js/instruments/list/Filter';
import { wholeWords } from '../../resources/js/instruments/reach/ReachView';
import { FoundList } from '../../resources/js/instruments/trying/FoundList';
import { useTried } from '../../resources/js/instruments/trying/useTried';
import { ConversionPreview } from '../../resources/js/bench/convert/ConversionPreview';
import { PriceWords } from '../../resources/js/bench/answer/TakeAlong';
import { useWithRest } from '../../resources/js/bench/sets/useWithRest';
import { Row } from '../../resources/js/jobs/list/JobRow';
import { BreakMap } from '../../resources/js/log/BreakMap';
import { Family } from '../../resources/js/log/life/Family';
import { Family as FamilyLifeDrawn } from '../../resources/js/log/StringsLife';
import { RoundStart } from '../../resources/js/tuning/RoundStart';
import { SaddleAnswer } from '../../resources/js/tuning/SaddleAnswer';
import { knobWords } from '../../resources/js/devices/tuner/heard';
import { Part } from '../../resources/js/workshop/WorkshopFrame';
import { ask } from '../../resources/js/server/api';

vi.mock('../../resources/js/units/useUnits', () => ({ useUnits: () => ({ length: 'mm', gauge: 'thou', tension: 'N' }) }));
vi.mock('../../resources/js/server/api', async (original) => ({
    ...(await original<typeof import('../../resources/js/server/api')>()),
    ask: vi.fn(),
}));
vi.mock('@inertiajs/react', async (original) => ({
    ...(await original<typeof import('@inertiajs/react')>()),
    Link: ({ href, children }: { href: string; children: ReactNode }) => <a href={href}>{children}</a>,
}));

afterEach(() => {
    cleanup();
    vi.clearAllMocks();
});

type Some<T> = T extends object ? { [Key in keyof T]?: Some<T[Key]> | undefined } : T;

/** Only what is read of it is given. */
function made<T>(part: Some<T>): T {
    return part as T;
}

describe('before a round of tuning', () => {
    const start = (changed: Partial<ComponentProps<typeof RoundStart>>) =>
        render(
            <RoundStart
                source="practice"
                learning={null}
                known={false}
                landed={false}
                someLeft={false}
                worst={0}
                passes=""
                live={null}
                offCents={0}
                busy={false}
                ready
                onStrum={() => undefined}
                onLearn={null}
                onKeep={null}
                onBegin={() => undefined}
                {...changed}
            />,
        );

    test('only in practice is there something to strum', () => {
        start({});
        expect(screen.getByText('Strum: hear all')).toBeTruthy();
        cleanup();
        start({ source: 'microphone' });
        expect(screen.queryByText('Strum: hear all')).toBeNull();
        expect(screen.getByText(/Pluck one string after the other/)).toBeTruthy();
    });

    test('where all stand it says so, and not of those left alone', () => {
        start({ landed: true });
        expect(screen.getByText(/^All stand within/)).toBeTruthy();
        cleanup();
        start({ landed: true, someLeft: true });
        expect(screen.getByText(/^All that are not left alone stand within/)).toBeTruthy();
        cleanup();
        start({ known: true, worst: 23.4, passes: 'Two rounds.' });
        expect(screen.getByText('The furthest is 23 cents away. Two rounds.')).toBeTruthy();
    });

    test('a knob goes up, or down', () => {
        expect(knobWords(1)).toMatch(/ up$/);
        expect(knobWords(-1)).toMatch(/ down$/);
    });
});

describe('what to do with a saddle', () => {
    const answer = (changed: Partial<StringIntonation>) =>
        made<StringIntonation>({ error_cents: 4, move_mm: 0.6, within_mm: 0.1, turns: null, worth_it: true, ...changed });
    const show = (given: StringIntonation, left: number | null = null) =>
        render(<SaddleAnswer pitch="E2" fret={12} answer={given} alone left={left} busy={false} onMoved={() => undefined} />);

    test('sharp goes back, flat comes forward', () => {
        show(answer({}));
        expect(screen.getByText(/4\.0 cents sharp.*back, away from the nut/)).toBeTruthy();
        cleanup();
        show(answer({ error_cents: -4, move_mm: -0.6 }));
        expect(screen.getByText(/4\.0 cents flat.*forward, towards the nut/)).toBeTruthy();
    });

    test('it warns only where the saddle cannot go back so far', () => {
        show(answer({}), 0.6);
        expect(screen.queryByText(/It can go back by/)).toBeNull();
        cleanup();
        show(answer({}), 0.5);
        expect(screen.getByText(/It can go back by 0\.5 mm only/)).toBeTruthy();
    });
});

describe('what was found of a set on an instrument', () => {
    const finding = made<Finding>({
        remedy: 'string',
        severity: 'stop',
        position: 2,
        message: 'Too thick.',
        value: null,
        limit: null,
    });
    const second = { ...finding, position: 3, message: 'Too short.' };

    test('what is wrong of the string that is drawn stands out', () => {
        const { container } = render(
            <FoundList fit={made<DrawnFit>({ findings: [finding, second] })} position={2} onPosition={() => undefined} />,
        );
        const marked = [...container.querySelectorAll('li')].map((item) => item.className.includes('bg-accent-wash'));
        expect(marked).toEqual([true, false]);
    });

    test('a string’s place in the list is its way to the drawing', () => {
        const shown = vi.fn();
        render(<FoundList fit={made<DrawnFit>({ findings: [finding, second] })} position={2} onPosition={shown} />);
        fireEvent.click(screen.getByText('Show string 3'));
        expect(shown).toHaveBeenCalledExactlyOnceWith(3);
    });

    test('an end that was not measured asks to be', () => {
        const side = { post_mm: null, tree_mm: null, anchor_mm: null, nut_angle_deg: null, saddle_angle_deg: null };
        render(<SideDrawing fit={made<DrawnFit>({ findings: [], marks: [], strings: [{ position: 1, side }] })} position={1} />);
        expect(screen.getByText(/Measure post, hole, nut and distance/)).toBeTruthy();
        expect(screen.getByText(/Measure how far down and back the anchor is/)).toBeTruthy();
    });
});

describe('how far a whole tuning can go', () => {
    const reach = (down: object | null, up: object | null) => made<Reach>({ tuning: 'E standard', whole: { down, up } });

    test('by how much, how far beyond, or that no gauge is good', () => {
        const stops = { position: 6, bound: 'flaps' };
        expect(wholeWords(reach({ ...stops, semitones: 1 }, null), 'down')).toMatch(/^The whole tuning can go 1 semitone down;/);
        expect(wholeWords(reach(null, { ...stops, semitones: 3 }), 'up')).toMatch(/^The whole tuning can go 3 semitones up;/);
        expect(wholeWords(reach({ ...stops, semitones: 0 }, null), 'down')).toMatch(/^It can go no further down;/);
        expect(wholeWords(reach({ ...stops, semitones: -2 }, null), 'down')).toMatch(/^“E standard” is 2 semitones beyond/);
        expect(wholeWords(reach(null, null), 'down')).toBe('Some string has no gauge that is good at any pitch.');
        expect(wholeWords(reach(null, null), 'up')).toBe('');
    });
});

describe('a conversion before it is taken', () => {
    const string = (position: number, changes: { share: number; words: string }[]) => ({
        position,
        gauge_in: 0.012,
        construction: 'plain' as const,
        tunings: (changes.length === 0 ? [undefined] : changes).map((change) => ({
            pitch: 'E4',
            tension_n: 80,
            tension_low_n: 80,
            tension_high_n: 80,
            change,
        })),
    });
    const evaluation = (changes: { share: number; words: string }[]) =>
        made<Evaluation>({ strings: [string(1, changes)], totals: [{ tension_n: 88, low_n: 88, high_n: 88 }] });
    const show = (changes: { share: number; words: string }[]) =>
        render(
            <ConversionPreview
                converted={made<ConvertedSet>({
                    evaluation: evaluation(changes),
                    reasons: [],
                    doubts: [],
                    poor_candidate: false,
                })}
                before={made<Evaluation>({ strings: [], totals: [{ tension_n: 80, low_n: 80, high_n: 80 }] })}
            />,
        );

    test('beside what one is used to: the tuning that is farthest from it', () => {
        show([
            { share: 0.02, words: 'about the same' },
            { share: -0.2, words: 'much looser' },
        ]);
        expect(screen.getByText(/much looser$/)).toBeTruthy();
        expect(screen.queryByText(/about the same/)).toBeNull();
        expect(screen.getByText('new')).toBeTruthy();
        expect(screen.getByText(/10.* on now/)).toBeTruthy();
    });

    test('where one is used to nothing it says nothing of it', () => {
        const { container } = show([]);
        expect(container.querySelector('tbody td:last-child')?.textContent).toBe('');
    });
});

describe('what a set costs', () => {
    const price = { cents: 1250, currency: 'EUR', from_drawer: 0, suppliers: ['Saltmarsh Strings'], missing: [] };

    test('only what there is to say of it', () => {
        const { container } = render(<PriceWords price={price} />);
        expect(container.textContent).toBe('12.50 EUR from Saltmarsh Strings, with postage');
        cleanup();
        const all = render(<PriceWords price={{ ...price, from_drawer: 2, missing: ['0.013', '0.056'] }} />);
        expect(all.container.textContent).toBe(
            '12.50 EUR from Saltmarsh Strings, with postage; 2 lie in the drawer; nobody lists 0.013, 0.056',
        );
        cleanup();
        const drawer = render(<PriceWords price={{ ...price, cents: 0, suppliers: [], from_drawer: 1 }} />);
        expect(drawer.container.textContent).toBe('1 lies in the drawer');
    });
});

describe('a job in the list', () => {
    const NOW = Date.parse('2026-06-10T09:00:00Z');
    const row = made<JobRow>({
        id: 4,
        name: 'Drop D',
        instrument: 'Heron',
        owner: 'Ines',
        bench: '',
        reason: 'dull',
        status: 'open',
        done: 2,
        total: 9,
        next: 'fit string 3',
        until: null,
        missing: [],
        blocked: false,
        ordered: false,
        due: null,
        promised: '2026-06-01',
        finished: null,
    });

    test('what it wants, and that its promise is over', () => {
        render(<Row row={row} now={NOW} />);
        expect(screen.getByText('Fit string 3')).toBeTruthy();
        expect(screen.getByText(/^was promised/)).toBeTruthy();
        cleanup();
        render(<Row row={{ ...row, promised: '2026-06-12' }} now={NOW} />);
        expect(screen.getByText(/^promised/)).toBeTruthy();
    });

    test('one that is finished promises nothing any more', () => {
        render(<Row row={{ ...row, status: 'finished', finished: '2026-06-09T10:00:00Z' }} now={NOW} />);
        expect(screen.getByText(/^Finished 9/)).toBeTruthy();
        expect(screen.queryByText(/promised/)).toBeNull();
    });

    test('what it waits for, and whether that is ordered', () => {
        render(<Row row={{ ...row, blocked: true, missing: [6] }} now={NOW} />);
        expect(screen.getByText(/^Waits for .*, not ordered yet$/)).toBeTruthy();
        cleanup();
        render(<Row row={{ ...row, blocked: true, missing: [6], ordered: true }} now={NOW} />);
        expect(screen.getByText(/^Waits for .*, ordered$/)).toBeTruthy();
    });
});

describe('what the log says of strings', () => {
    test('a family is named by what it is, coated or not, and whose it is', () => {
        const life = made<Lives>({
            label: 'nickel',
            coated: true,
            part: 'Ines',
            costs: {},
            ended: 0,
            running: 0,
            alike: true,
            steps: [],
            curve: [],
        });
        const named = (changed: Partial<Lives>) => {
            render(<Family life={{ ...life, ...changed }} parts={[]} onPart={() => undefined} />);
            return screen.getByRole('heading').textContent;
        };
        expect(named({})).toBe('nickel, coated: Ines');
        cleanup();
        expect(named({ part: '', coated: false })).toBe('nickel');
    });

    test('how far strings are through their life is drawn from nothing to the longest of it', () => {
        const life = {
            which: 'strings 1 to 3',
            label: 'plain steel',
            coated: false,
            positions: [1],
            played_h: 30,
            p10_h: 20,
            p50_h: 50,
            p90_h: 80,
        };
        const due = { share: 0.6, learned_from: 0, changes: 0, due_on: null, due_from: null, due_to: null, not_before: null };
        const { container } = render(
            <FamilyLifeDrawn family={made<FamilyLife>({ ...life, ...due })} onCoated={() => undefined} />,
        );
        const bars = [...container.querySelectorAll('rect')].map((bar) => [bar.getAttribute('x'), bar.getAttribute('width')]);
        expect(bars).toEqual([
            [null, '100%'],
            ['25%', '75%'],
            [null, '37.5%'],
            ['62.5%', '2'],
        ]);
    });

    test('a place where several broke is marked, and says why it is suspected', () => {
        const broke: Broke[] = [
            { place: 'nut', label: 'at the nut', strings: [[1, 3]], count: 3, suspicion: 'A sharp slot.' },
            { place: 'post', label: 'at the post', strings: [[2, 1]], count: 1, suspicion: '' },
        ];
        const { container } = render(<BreakMap broke={broke} strings={6} />);
        expect([...container.querySelectorAll('circle')].map((dot) => dot.getAttribute('fill'))).toEqual([
            'var(--caution)',
            'var(--ink)',
        ]);
        expect(screen.getByText(/3 broke at the nut\. A sharp slot\./)).toBeTruthy();
        expect(screen.getByText('From three on it means something.')).toBeTruthy();
    });
});

describe('parts of pages', () => {
    test('a part says what it is about, where there is something to say', () => {
        render(
            <Part title="Tools" about="What is at hand.">
                -
            </Part>,
        );
        expect(screen.getByText('What is at hand.')).toBeTruthy();
        cleanup();
        const { container } = render(<Part title="Tools">-</Part>);
        expect(container.querySelector('p')).toBeNull();
    });

    test('a filter is offered where there is something to part', () => {
        const filter = (values: string[]) =>
            render(<Filter label="Owner" all="of all" values={values} value={null} onChange={() => undefined} />).container;
        expect(filter(['Ines', '', 'Ines']).textContent).toBe('');
        cleanup();
        expect(filter(['Ines', 'Tom']).textContent).toContain('of all');
    });
});

describe('what comes after the page', () => {
    const around = ({ children }: { children: ReactNode }) => (
        <QueryClientProvider client={new QueryClient({ defaultOptions: { queries: { retry: false } } })}>
            {children}
        </QueryClientProvider>
    );
    const first = [made<SetSummary>({ id: 1, savedAt: 'then' })];

    test('the other sets are asked for where there are more', async () => {
        vi.mocked(ask).mockResolvedValue([{ id: 2 }]);
        const { result } = renderHook(() => useWithRest(first, 2, false), { wrapper: around });
        await vi.waitFor(() => expect(result.current.map(({ id }) => id)).toEqual([1, 2]));
    });

    test('and nothing is asked where all are there', () => {
        const { result } = renderHook(() => useWithRest(first, 1, false), { wrapper: around });
        expect(result.current).toBe(first);
        expect(ask).not.toHaveBeenCalled();
    });

    test('a set with another number of strings is not tried on an instrument, and that is said', async () => {
        vi.mocked(ask).mockResolvedValue(made<SetDocument>({ name: 'Fives', strings: [{}, {}, {}, {}, {}] }));
        const instrument = made<Parameters<typeof useTried>[1]>({ kind: 'bass', name: '' });
        const tried = (strings: number) =>
            renderHook(() => useTried([{ id: 5, name: 'Fives' }], instrument, strings, true), { wrapper: around }).result;
        const four = tried(4);
        await vi.waitFor(() =>
            expect(four.current.problem).toBe('“Fives” has 5 strings and this instrument 4. Choose another set.'),
        );
        expect(four.current.question).toBeNull();
        const five = tried(5);
        await vi.waitFor(() => expect(five.current.question).toContain('"kind":"bass"'));
        expect(five.current.problem).toBeNull();
    });
});
