import { useEffect, useState, type ComponentType } from 'react';
import { FailedPart } from './FailedPart';

interface OnDemand<P> {
    (props: P): React.ReactNode;
    /** Fetches it before it is wanted. */
    ahead: () => Promise<void>;
}

/**
 * A dialog whose script is fetched when it is first wanted. Where it cannot be fetched (no answer, or gone after an update),
 * that is said in its place with a way to try again; the rest of the page goes on.
 *
 * @param close how the dialog is closed
 */
export function onDemand<P extends object>(load: () => Promise<ComponentType<P>>, close: (props: P) => void): OnDemand<P> {
    let known: ComponentType<P> | null = null;
    const ahead = async () => {
        known ??= await load();
    };
    const Part = (props: P) => {
        const [, setState] = useState<'coming' | 'there'>(known === null ? 'coming' : 'there');
        const [failed, setFailed] = useState(false);
        const [attempt, setAttempt] = useState(0);
        const open = !('open' in props) || props.open === true;
        const [wasOpen, setWasOpen] = useState(open);
        const again = () => {
            setFailed(false);
            setAttempt(attempt + 1);
        };
        if (open !== wasOpen) {
            setWasOpen(open);
            if (open && failed) {
                again();
            }
        }
        useEffect(() => {
            let wanted = true;
            ahead().then(
                () => wanted && setState('there'),
                () => wanted && setFailed(true),
            );
            return () => {
                wanted = false;
            };
        }, [attempt]);
        const Known = known;
        if (Known !== null) {
            return <Known {...props} />;
        }
        if (!failed || !open) {
            return null;
        }
        return <FailedPart onAgain={again} onClose={() => close(props)} />;
    };
    return Object.assign(Part, { ahead });
}

const AGAIN_MS = 2000;

/**
 * A part of a page whose script comes after it. Where it cannot be fetched just now it is tried again, quietly, until it is there; the
 * page goes on without it.
 *
 * @param place what stands there meanwhile
 */
export function later<P extends object>(
    load: () => Promise<ComponentType<P>>,
    place: (props: P) => React.ReactNode = () => null,
): ComponentType<P> {
    let known: ComponentType<P> | null = null;
    return function Later(props: P) {
        const [, setThere] = useState(known !== null);
        useEffect(() => {
            let timer: ReturnType<typeof setTimeout> | undefined;
            let wanted = true;
            const come = () =>
                void load().then(
                    (part) => {
                        known = part;
                        if (wanted) {
                            setThere(true);
                        }
                    },
                    () => {
                        if (wanted) {
                            timer = setTimeout(come, AGAIN_MS);
                        }
                    },
                );
            if (known === null) {
                come();
            }
            return () => {
                wanted = false;
                clearTimeout(timer);
            };
        }, []);
        const Known = known;
        return Known === null ? place(props) : <Known {...props} />;
    };
}

/** Fetches parts one after the other once the page has come to rest. Gives the way to leave it. */
export function fetchAhead(parts: { ahead: () => Promise<void> }[]): () => void {
    let going = true;
    const timer = setTimeout(() => {
        void (async () => {
            for (const part of parts) {
                if (going) {
                    // One that cannot be fetched now is tried again when it is wanted.
                    await part.ahead().catch(() => undefined);
                }
            }
        })();
    }, 1500);
    return () => {
        going = false;
        clearTimeout(timer);
    };
}
