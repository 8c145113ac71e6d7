import { type Dispatch, type SetStateAction, type RefObject } from 'react';
import { Button } from '../../ui/Button';
import { buttonClass } from '../../ui/classes';
import { Part } from '../WorkshopFrame';
import { copiesNow } from '../../generated/addresses/places';
import type { CopiesPage as Props } from '../../generated/pages';

/** A copy to take along, or one to go on with. */
export function OneFile({
    served,
    chosen,
    setComing,
}: {
    served: Props['served'];
    chosen: RefObject<HTMLInputElement | null>;
    setComing: Dispatch<SetStateAction<string | File | null>>;
}) {
    return (
        <Part
            title="Everything in one file"
            about="To keep elsewhere, or to go on with on another machine. It goes while others work."
        >
            <p className="flex flex-wrap gap-2">
                <a className={buttonClass.strong} href={copiesNow}>
                    Take a copy away
                </a>
                {served && <Button onClick={() => chosen.current?.click()}>Bring one back from a file…</Button>}
            </p>
            <input
                ref={chosen}
                type="file"
                accept=".zip,application/zip"
                className="hidden"
                aria-label="A copy to bring back"
                tabIndex={-1}
                onChange={(event) => {
                    const file = event.target.files?.[0];
                    event.target.value = '';
                    if (file !== undefined) {
                        setComing(file);
                    }
                }}
            />
            {!served && (
                <p className="mt-2 max-w-prose text-ink-soft">
                    Lira is served by another server here, which only somebody at this machine can stop. To bring a copy back,
                    stop it and run <code>php artisan lira:restore FILE</code>.
                </p>
            )}
        </Part>
    );
}
