import { createContext, useContext, useEffect, type ReactNode, type RefObject } from 'react';
import { createPortal } from 'react-dom';
import { clsx } from 'clsx';

/** Where on the screen the way on stands, whichever step it belongs to. */
export const WayOnPlace = createContext<HTMLElement | null>(null);

interface Props {
    main: RefObject<HTMLButtonElement | null>;
    onGo: () => void;
    children: ReactNode;
    disabled?: boolean;
    /** Another way on beside it. */
    other?: { label: string; run: () => void };
}

/** The way on, a third of the screen. A double press counts once: what comes next was not read yet. */
export function WayOn({ main, onGo, children, disabled = false, other }: Props) {
    const place = useContext(WayOnPlace);
    useEffect(() => {
        if (place !== null && (document.activeElement === document.body || document.activeElement === null)) {
            main.current?.focus({ preventScroll: true });
        }
    }, [place, main]);
    if (place === null) {
        return null;
    }
    return createPortal(
        <div className={clsx('grid gap-2.5', other !== undefined && 'grid-cols-[minmax(0,2fr)_minmax(0,1fr)]')}>
            <button
                ref={main}
                type="button"
                disabled={disabled}
                className="rounded-float bg-ink px-4 text-[2.4rem] leading-tight font-bold text-paper hover:bg-accent hover:text-accent-ink disabled:opacity-45 max-sm:text-[1.8rem]"
                onKeyDown={(event) => event.repeat && event.preventDefault()}
                onClick={(event) => event.detail < 2 && onGo()}
            >
                {children}
            </button>
            {other !== undefined && (
                <button
                    type="button"
                    className="rounded-float border border-rule-strong bg-sheet px-3 text-lg hover:border-ink"
                    onClick={other.run}
                >
                    {other.label}
                </button>
            )}
        </div>,
        place,
    );
}
