import { router } from '@inertiajs/react';
import { useEffect, useRef, useState } from 'react';
import { Button } from './Button';
import { Dialog } from './Dialog';

interface Props {
    /** Whether something would be lost by leaving. */
    unsaved: boolean;
    what: string;
    /** Saves; whether it was kept. */
    onSave: () => Promise<boolean>;
}

/** Asks before a page with something unsaved on it is left. */
export function LeaveGuard({ unsaved, what, onSave }: Props) {
    const [wanted, setWanted] = useState<string | null>(null);
    const leaving = useRef(false);
    useEffect(() => {
        if (!unsaved) {
            return undefined;
        }
        const stop = router.on('before', (event) => {
            const { url, method, only } = event.detail.visit;
            if (leaving.current || method !== 'get' || only.length > 0) {
                return undefined;
            }
            setWanted(url.href);
            return false;
        });
        const warn = (event: BeforeUnloadEvent) => {
            if (!leaving.current) {
                event.preventDefault();
            }
        };
        window.addEventListener('beforeunload', warn);
        return () => {
            stop();
            window.removeEventListener('beforeunload', warn);
        };
    }, [unsaved]);
    const leave = () => {
        if (wanted !== null) {
            leaving.current = true;
            router.visit(wanted);
        }
    };
    return (
        <Dialog
            open={wanted !== null}
            onOpenChange={() => setWanted(null)}
            title={`${what} is not saved`}
            description="What was changed on this page would be lost."
        >
            <div className="flex flex-wrap gap-2">
                <Button
                    look="strong"
                    onClick={() => {
                        void onSave().then((kept) => (kept ? leave() : setWanted(null)));
                    }}
                >
                    Save and go
                </Button>
                <Button onClick={leave}>Leave without saving</Button>
                <Button look="quiet" onClick={() => setWanted(null)}>
                    Stay here
                </Button>
            </div>
        </Dialog>
    );
}
