import { useRef, type PointerEvent, type RefObject } from 'react';

/** So near to the mark a finger takes hold of it; further away it may be scrolling the page. */
const REACH = 30;
/** So far a finger may slip and it was still a tap. */
const SLIP = 8;

export interface DragHandlers {
    drawing: RefObject<SVGSVGElement | null>;
    markerX: number;
    /** Above this height lie the gauges of other families, which are tapped and not dragged. */
    upperEdge: number;
    onLower: (x: number) => void;
    onUpper: (x: number) => void;
    onTake: () => void;
    onStart: () => void;
    onEnd: () => void;
    onDrop: () => void;
}

type Hold = { is: 'free' } | { is: 'dragging' } | { is: 'tap'; x: number; y: number };

/**
 * Dragging the mark from gauge to gauge. A mouse takes hold of it from anywhere on its line; a finger only near it, so
 * that the page can be scrolled over the lanes, and elsewhere a tap counts. What the browser breaks off is taken back.
 */
export function useDrag({ drawing, markerX, upperEdge, ...act }: DragHandlers) {
    const hold = useRef<Hold>({ is: 'free' });
    const at = (event: PointerEvent) => {
        const box = drawing.current?.getBoundingClientRect();
        return { x: event.clientX - (box?.left ?? 0), y: event.clientY - (box?.top ?? 0) };
    };
    const choose = ({ x, y }: { x: number; y: number }) => (y < upperEdge ? act.onUpper(x) : act.onLower(x));
    return {
        onPointerDown: (event: PointerEvent<SVGSVGElement>) => {
            if (event.button !== 0 || !event.isPrimary) {
                return;
            }
            const place = at(event);
            const finger = event.pointerType === 'touch';
            if (finger && Math.abs(place.x - markerX) > REACH) {
                hold.current = { is: 'tap', ...place };
                return;
            }
            event.preventDefault();
            act.onTake();
            if (place.y < upperEdge && !finger) {
                act.onUpper(place.x);
                return;
            }
            event.currentTarget.setPointerCapture(event.pointerId);
            hold.current = { is: 'dragging' };
            act.onStart();
            if (!finger) {
                act.onLower(place.x);
            }
        },
        onPointerMove: (event: PointerEvent<SVGSVGElement>) => {
            if (hold.current.is === 'dragging') {
                act.onLower(at(event).x);
            }
        },
        onPointerUp: (event: PointerEvent<SVGSVGElement>) => {
            const held = hold.current;
            hold.current = { is: 'free' };
            if (held.is === 'dragging') {
                act.onEnd();
            } else if (held.is === 'tap') {
                const place = at(event);
                if (Math.hypot(place.x - held.x, place.y - held.y) <= SLIP) {
                    act.onTake();
                    choose(place);
                }
            }
        },
        onPointerCancel: () => {
            if (hold.current.is === 'dragging') {
                act.onDrop();
            }
            hold.current = { is: 'free' };
        },
    };
}
