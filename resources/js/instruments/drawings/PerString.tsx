import type { ReactNode } from 'react';
import type { DrawnFit } from '../../generated/formats';
import { useWidth } from '../../ui/useWidth';

const NARROWEST = 84;
const WIDEST = 168;

interface Props {
    fit: DrawnFit;
    /** Draws one string in so many pixels of width. */
    children: (string: DrawnFit['strings'][number], width: number) => ReactNode;
}

/** One small drawing for each string beside the others, string 1 first, as wide as there is room for. */
export function PerString({ fit, children }: Props) {
    const [frame, width] = useWidth<HTMLUListElement>();
    const each = Math.min(WIDEST, Math.max(NARROWEST, Math.floor(width / fit.strings.length) - 4));
    return (
        <ul ref={frame} className="flex flex-wrap gap-x-1 gap-y-3">
            {width > 0 &&
                fit.strings.map((string) => (
                    <li key={string.position} style={{ width: each }}>
                        {children(string, each)}
                    </li>
                ))}
        </ul>
    );
}
