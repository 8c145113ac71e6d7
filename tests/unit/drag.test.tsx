// @vitest-environment happy-dom
import { fireEvent, render, screen } from '@testing-library/react';
import { useRef } from 'react';
import { afterEach, describe, expect, test, vi } from 'vitest';
import { useDrag } from '../../resources/js/bench/lanes/useDrag';

const did: string[] = [];
const note =
    (what: string) =>
    (x?: number): void => {
        did.push(x === undefined ? what : `${what} ${x}`);
    };

/** A mark at 100, with gauges of other families above 20. */
function Lane({ upperEdge = 20 }: { upperEdge?: number }) {
    const drawing = useRef<SVGSVGElement>(null);
    const drag = useDrag({
        drawing,
        markerX: 100,
        upperEdge,
        onLower: note('lower'),
        onUpper: note('upper'),
        onTake: note('take'),
        onStart: note('start'),
        onEnd: note('end'),
        onDrop: note('drop'),
    });
    return <svg ref={drawing} data-testid="lane" {...drag} />;
}

function lane(upperEdge?: number): HTMLElement {
    render(<Lane {...(upperEdge === undefined ? {} : { upperEdge })} />);
    const drawn = screen.getByTestId('lane');
    Object.assign(drawn, { setPointerCapture: vi.fn() });
    return drawn;
}

const at = (x: number, y: number, pointerType = 'mouse', more = {}) => ({
    clientX: x,
    clientY: y,
    pointerType,
    button: 0,
    isPrimary: true,
    pointerId: 1,
    ...more,
});

afterEach(() => {
    did.length = 0;
    document.body.replaceChildren();
});

describe('the mark of a lane', () => {
    test('is taken by a mouse from anywhere on its line, and follows until it is let go', () => {
        const drawn = lane();
        fireEvent.pointerDown(drawn, at(240, 40));
        fireEvent.pointerMove(drawn, at(180, 44));
        fireEvent.pointerUp(drawn, at(180, 44));
        fireEvent.pointerMove(drawn, at(10, 44));
        expect(did).toEqual(['take', 'start', 'lower 240', 'lower 180', 'end']);
    });

    test('stays where it is while a gauge above it is clicked', () => {
        const drawn = lane();
        fireEvent.pointerDown(drawn, at(240, 12));
        fireEvent.pointerMove(drawn, at(180, 12));
        fireEvent.pointerUp(drawn, at(180, 12));
        expect(did).toEqual(['take', 'upper 240']);
    });

    test('is taken by a finger only near it; elsewhere a tap counts, and a slip scrolls', () => {
        const drawn = lane();
        fireEvent.pointerDown(drawn, at(120, 40, 'touch'));
        fireEvent.pointerMove(drawn, at(150, 40, 'touch'));
        fireEvent.pointerUp(drawn, at(150, 40, 'touch'));
        expect(did).toEqual(['take', 'start', 'lower 150', 'end']);
        did.length = 0;
        fireEvent.pointerDown(drawn, at(200, 40, 'touch'));
        fireEvent.pointerUp(drawn, at(204, 43, 'touch'));
        expect(did).toEqual(['take', 'lower 204']);
        did.length = 0;
        fireEvent.pointerDown(drawn, at(200, 10, 'touch'));
        fireEvent.pointerUp(drawn, at(200, 10, 'touch'));
        expect(did).toEqual(['take', 'upper 200']);
        did.length = 0;
        fireEvent.pointerDown(drawn, at(200, 40, 'touch'));
        fireEvent.pointerUp(drawn, at(200, 70, 'touch'));
        expect(did).toEqual([]);
    });

    test('taken by a finger near it is dragged, also from above the edge where a mouse would click a gauge', () => {
        const drawn = lane();
        fireEvent.pointerDown(drawn, at(120, 12, 'touch'));
        fireEvent.pointerMove(drawn, at(140, 12, 'touch'));
        fireEvent.pointerUp(drawn, at(140, 12, 'touch'));
        expect(did).toEqual(['take', 'start', 'lower 140', 'end']);
        did.length = 0;
        // A touch that began below and ends as a tap above it counts where it ends; on the edge itself it is the lane's.
        fireEvent.pointerDown(drawn, at(200, 22, 'touch'));
        fireEvent.pointerUp(drawn, at(200, 18, 'touch'));
        fireEvent.pointerDown(drawn, at(240, 20));
        fireEvent.pointerUp(drawn, at(240, 20));
        expect(did).toEqual(['take', 'upper 200', 'take', 'start', 'lower 240', 'end']);
    });

    test('goes back when the browser breaks it off, and only then', () => {
        const drawn = lane();
        fireEvent.pointerDown(drawn, at(100, 40));
        fireEvent.pointerCancel(drawn);
        fireEvent.pointerCancel(drawn);
        expect(did).toEqual(['take', 'start', 'lower 100', 'drop']);
    });

    test('does not listen to other buttons or a second finger', () => {
        const drawn = lane();
        fireEvent.pointerDown(drawn, at(100, 40, 'mouse', { button: 2 }));
        fireEvent.pointerDown(drawn, at(100, 40, 'touch', { isPrimary: false }));
        expect(did).toEqual([]);
    });

    test('has no gauges above it where there are none', () => {
        const drawn = lane(0);
        fireEvent.pointerDown(drawn, at(240, 5));
        expect(did).toEqual(['take', 'start', 'lower 240']);
    });
});
