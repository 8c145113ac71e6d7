import { useLayoutEffect, useRef, useState, type RefObject } from 'react';

/**
 * The width of an element as it is now, in pixels; 0 until it is laid out, which is before anything is painted. What is drawn in it
 * to that width never keeps it from becoming narrower.
 *
 * @param foretold its width, where that is known before it is laid out; else it is laid out once more than it need be
 */
export function useWidth<T extends HTMLElement>(foretold: () => number = () => 0): [RefObject<T | null>, number] {
    const ref = useRef<T>(null);
    const [width, setWidth] = useState(foretold);
    const known = useRef(width > 0);
    useLayoutEffect(() => {
        const element = ref.current;
        if (element === null) {
            return undefined;
        }
        element.style.contain = 'inline-size';
        if (!known.current) {
            setWidth(Math.floor(element.getBoundingClientRect().width));
        }
        const observer = new ResizeObserver(([entry]) => entry && setWidth(Math.floor(entry.contentRect.width)));
        observer.observe(element);
        return () => observer.disconnect();
    }, []);
    return [ref, width];
}
