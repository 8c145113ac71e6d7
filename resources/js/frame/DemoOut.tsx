import { useEffect, useState } from 'react';
import { ask, failureWords } from '../server/api';
import { go } from '../server/go';
import { useAct } from '../server/useAct';
import { Dialog } from '../ui/Dialog';
import { FormEnd } from '../ui/FormEnd';
import { toast } from '../ui/toasts';
import { demoDestroy, demoShow, startCreate } from '../generated/addresses/places';

interface Leaving {
    goes: { what: string; count: number; names: string[] }[];
    stays: { what: string; names: string[] }[];
}

/** What goes when the demo is taken out, and what stays of it; said before it is done. */
export function DemoOut({ onClose }: { onClose: () => void }) {
    const [leaving, setLeaving] = useState<Leaving | null>(null);
    const [unknown, setUnknown] = useState<string | undefined>();
    const { act, busy, problem } = useAct();
    useEffect(() => {
        const asked = new AbortController();
        ask<Leaving>(demoShow, { signal: asked.signal }).then(setLeaving, (failure: unknown) => {
            if (!asked.signal.aborted) {
                setUnknown(failureWords(failure));
            }
        });
        return () => asked.abort();
    }, []);
    const takeOut = () =>
        act(async () => {
            const { kept, copy } = await ask<{ kept: string[]; copy: string | null }>(demoDestroy, { method: 'DELETE' });
            onClose();
            await go(startCreate);
            toast(
                `The demo is gone.${kept.length === 0 ? '' : ' What you touched or need stays.'}${copy === null ? '' : ` A copy with it is kept in ${copy}.`}`,
            );
        });
    return (
        <Dialog
            open
            onOpenChange={onClose}
            title="Take the demo out"
            description="What you made or changed stays, and of the demo what that needs. A copy of everything as it is now is kept first."
            width="wide"
        >
            <form
                className="grid min-h-0 gap-4"
                onSubmit={(event) => {
                    event.preventDefault();
                    takeOut();
                }}
            >
                {leaving === null && unknown === undefined && <p>Looking at what goes…</p>}
                {leaving !== null && (
                    <div tabIndex={0} className="grid min-h-0 gap-x-8 gap-y-4 overflow-y-auto sm:grid-cols-2">
                        <section aria-labelledby="goes">
                            <h3 id="goes" className="border-b border-ink font-semibold">
                                Goes
                            </h3>
                            <dl>
                                {leaving.goes.map(({ what, count, names }) => (
                                    <div key={what} className="border-b border-rule py-1.5">
                                        <dt className="flex justify-between font-semibold">
                                            {what} <span className="font-normal">{count}</span>
                                        </dt>
                                        {names.length > 0 && <dd className="text-sm text-ink-soft">{some(names)}</dd>}
                                    </div>
                                ))}
                            </dl>
                        </section>
                        <section aria-labelledby="stays">
                            <h3 id="stays" className="border-b border-ink font-semibold">
                                Stays, of the demo
                            </h3>
                            {leaving.stays.length === 0 && (
                                <p className="py-1.5 text-ink-soft">Nothing: you changed none of it.</p>
                            )}
                            <dl>
                                {leaving.stays.map(({ what, names }) => (
                                    <div key={what} className="border-b border-rule py-1.5">
                                        <dt className="font-semibold">{what}</dt>
                                        <dd className="text-sm text-ink-soft">{some(names)}</dd>
                                    </div>
                                ))}
                            </dl>
                        </section>
                    </div>
                )}
                <FormEnd act="Take it out" busy={busy || leaving === null} problem={problem ?? unknown} onCancel={onClose} />
            </form>
        </Dialog>
    );
}

const MOST_NAMED = 8;

/** Each name once; names have commas of their own. */
function some(names: string[]): string {
    const each = [...new Set(names)];
    const more = each.length - MOST_NAMED;
    return more > 1 ? `${each.slice(0, MOST_NAMED).join('; ')} and ${more} more` : each.join('; ');
}
