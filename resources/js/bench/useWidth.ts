import { useEffect, useRef, useState, type RefObject } from 'react';

/** The width of an element as it is now, in pixels. */
export function useWidth<T extends HTMLElement>(): [RefObject<T | null>, number] {
    const ref = useRef<T>(null);
    const [width, setWidth] = useState(640);
    useEffect(() => {
        const element = ref.current;
        if (element === null) {
            return undefined;
        }
        const observer = new ResizeObserver(([entry]) => entry && setWidth(Math.floor(entry.contentRect.width)));
        observer.observe(element);
        return () => observer.disconnect();
    }, []);
    return [ref, width];
}
