import { useEffect, useRef, useState } from 'react';
import { failureWords } from '../server/api';
import { Button } from '../ui/Button';
import { Dialog } from '../ui/Dialog';
import { dateWords, timeWords } from '../units/times';
import { bringBack, look, send, type Found } from './copies';
import { home } from '../generated/addresses/places';

type State =
    | { at: 'sending'; share: number }
    | { at: 'looking' }
    | { at: 'found'; found: Found }
    | { at: 'coming'; found: Found }
    | { at: 'done'; aside: string }
    | { at: 'refused'; why: string };

const COUNTED: [string, string][] = [
    ['instruments', 'Instruments'],
    ['sets', 'Sets'],
    ['jobs', 'Jobs'],
    ['fittings', 'Strings put on'],
    ['plays', 'Hours logged'],
    ['lots', 'Lots in the drawer'],
    ['list_strings', 'Strings on suppliers’ lists'],
];

/** Brings a copy back: it is looked at first, said what is in it, and only then put in the place of what is here. */
export function BringBackDialog({ copy, onClose }: { copy: File | string; onClose: () => void }) {
    const [state, setState] = useState<State>(copy instanceof File ? { at: 'sending', share: 0 } : { at: 'looking' });
    const going = useRef<AbortController | null>(null);
    useEffect(() => {
        const asked = new AbortController();
        going.current = asked;
        void (async () => {
            try {
                const name = copy instanceof File ? copy.name : copy;
                const upload =
                    copy instanceof File
                        ? await send(copy, asked.signal, (share) => !asked.signal.aborted && setState({ at: 'sending', share }))
                        : undefined;
                setState({ at: 'looking' });
                const found = await look(upload === undefined ? { name } : { name, upload }, asked.signal);
                setState({ at: 'found', found });
            } catch (failure) {
                if (!asked.signal.aborted) {
                    setState({ at: 'refused', why: failureWords(failure) });
                }
            }
        })();
        return () => asked.abort();
    }, [copy]);
    const comes = (found: Found) => {
        setState({ at: 'coming', found });
        void bringBack(found.key, going.current?.signal ?? new AbortController().signal).then(
            (standing) =>
                setState(
                    standing.state === 'done'
                        ? { at: 'done', aside: standing.aside }
                        : { at: 'refused', why: standing.why === '' ? 'It was not brought back.' : standing.why },
                ),
            (failure: unknown) => setState({ at: 'refused', why: failureWords(failure) }),
        );
    };
    const name = copy instanceof File ? copy.name : copy;
    const close = () => {
        // While it is put in place nothing is left to break off; once it is there every page is another.
        if (state.at === 'done') {
            window.location.assign(home);
        } else if (state.at !== 'coming') {
            onClose();
        }
    };
    return (
        <Dialog open onOpenChange={close} title="Bring a copy back" description={name}>
            <HowFar state={state} />
            <div className="mt-4 flex flex-wrap gap-2">
                {state.at === 'found' && (
                    <Button look="strong" onClick={() => comes(state.found)}>
                        Bring it back
                    </Button>
                )}
                {state.at === 'done' ? (
                    <Button look="strong" onClick={close}>
                        Go on with it
                    </Button>
                ) : (
                    <Button look="quiet" disabled={state.at === 'coming'} onClick={close}>
                        {state.at === 'refused' ? 'Leave it' : 'Cancel'}
                    </Button>
                )}
            </div>
        </Dialog>
    );
}

/** How far it has come, and what is in it. */
function HowFar({ state }: { state: State }) {
    return (
        <div role="status" className="grid gap-3">
            {state.at === 'sending' && (
                <>
                    <p>It is sent to Lira…</p>
                    <progress className="h-2 w-full accent-accent" value={state.share} aria-label="How much of it is there" />
                </>
            )}
            {state.at === 'looking' && <p>All of it is looked at. Nothing is changed yet, and everybody can go on.</p>}
            {state.at === 'found' && (
                <>
                    <p>
                        It is whole: the workshop as it was on <strong>{timeWords(state.found.made_at)}</strong>.
                    </p>
                    <dl>
                        {COUNTED.filter(([table]) => (state.found.rows[table] ?? 0) > 0).map(([table, label]) => (
                            <div key={table} className="flex justify-between border-b border-rule py-1">
                                <dt>{label}</dt>
                                <dd className="font-semibold">{state.found.rows[table]}</dd>
                            </div>
                        ))}
                        <div className="flex justify-between border-b border-rule py-1">
                            <dt>Photographs and other files</dt>
                            <dd className="font-semibold">{state.found.files}</dd>
                        </div>
                    </dl>
                    <p>
                        What is here now is moved aside whole, and nothing of it is deleted; but everything done since{' '}
                        {dateWords(state.found.made_at)} is not in the workshop any more. For some seconds nobody is answered.
                    </p>
                </>
            )}
            {state.at === 'coming' && <p>It is put in place. Nobody is answered for some seconds…</p>}
            {state.at === 'done' && (
                <p>
                    The workshop is as it was then.
                    {state.aside !== '' && (
                        <>
                            {' '}
                            What was here is kept in <span className="break-all">{state.aside}</span>.
                        </>
                    )}
                </p>
            )}
            {state.at === 'refused' && <p className="text-stop">{state.why}</p>}
        </div>
    );
}
