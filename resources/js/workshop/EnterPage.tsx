import { Head, router } from '@inertiajs/react';
import { useEffect, useRef, useState, type ReactNode } from 'react';
import { ask, failureWords, Refused } from '../server/api';
import { Button } from '../ui/Button';
import { Print } from './devices/CertificatePart';
import { enterAsk, enterAuthority, enterStanding, home } from '../generated/addresses/places';
import type { EnterPage as Props } from '../generated/pages';

const LOOK_MS = 1000;

/** What the square held, taken out of the address so that no history keeps it; empty where there was nothing. */
function takenFromAddress(): string {
    const secret = window.location.hash.slice(1);
    if (secret !== '') {
        router.replace({ url: window.location.pathname, preserveState: true });
    }
    return secret;
}

type At = { is: 'asking' } | { is: 'waiting'; words: string } | { is: 'in' } | { is: 'nothing' } | { is: 'refused'; why: string };

/** Where a device comes that read a square: three words to compare, and then the workshop. */
export default function EnterPage({ known, authority }: Props) {
    const [at, setAt] = useState<At>({ is: known ? 'in' : 'asking' });
    const asked = useRef(false);
    useEffect(() => {
        // Once, however often it is drawn: a square opens for the first who comes with it.
        if (asked.current || known) {
            return;
        }
        asked.current = true;
        const secret = takenFromAddress();
        const came = secret === '' ? stood() : ask<{ words: string }>(enterAsk, { method: 'POST', body: { secret } });
        came.then(
            ({ words }) => setAt({ is: 'waiting', words }),
            (failure: unknown) =>
                setAt(
                    secret === '' && failure instanceof Refused
                        ? { is: 'nothing' }
                        : { is: 'refused', why: failureWords(failure) },
                ),
        );
    }, [known]);
    const waits = at.is === 'waiting';
    useEffect(() => {
        if (!waits) {
            return undefined;
        }
        let over = false;
        const look = async () => {
            try {
                const { in: isIn } = await ask<{ in: boolean }>(enterStanding, { method: 'POST' });
                if (isIn) {
                    setAt({ is: 'in' });
                    window.location.replace(home);
                    return;
                }
            } catch (failure) {
                if (failure instanceof Refused && failure.status === 410) {
                    setAt({ is: 'refused', why: 'It was not let in. Show a new square, and try again.' });
                    return;
                }
            }
            if (!over) {
                timer = setTimeout(() => void look(), LOOK_MS);
            }
        };
        let timer = setTimeout(() => void look(), LOOK_MS);
        return () => {
            over = true;
            clearTimeout(timer);
        };
    }, [waits]);
    return <AtTheDoor at={at} authority={authority} />;
}

EnterPage.layout = (page: ReactNode) => page;

/** A device that is loaded anew while it waits goes on waiting. */
const stood = async (): Promise<{ words: string }> => {
    const standing = await ask<{ in: true } | { in: false; words: string }>(enterStanding, { method: 'POST' });
    if (standing.in) {
        window.location.replace(home);
        return { words: '' };
    }
    return standing;
};

/** What is said at the door. */
function AtTheDoor({ at, authority }: { at: At; authority: Props['authority'] }) {
    return (
        <main id="main" className="mx-auto grid min-h-dvh w-full max-w-2xl content-center gap-5 px-6 py-10 text-xl">
            <Head title="Come in" />
            <h1 className="text-4xl font-extrabold tracking-tight">Lira</h1>
            {at.is === 'asking' && <p role="status">It asks to be let in…</p>}
            {at.is === 'waiting' && (
                <div role="status" className="grid gap-3">
                    <p>Does the screen at the machine show the same three words? Then let it in there.</p>
                    <p data-figure="words" className="text-5xl leading-tight font-extrabold max-sm:text-4xl">
                        {at.words}
                    </p>
                </div>
            )}
            {at.is === 'in' && (
                <>
                    <p role="status">This device is in.</p>
                    <p>
                        <Button look="strong" large onClick={() => window.location.assign(home)}>
                            To the workshop
                        </Button>
                    </p>
                </>
            )}
            {at.is === 'nothing' && (
                <p>
                    This device is not let in yet. At the machine that runs Lira, open <strong>Workshop</strong>,{' '}
                    <strong>Devices</strong>, choose “Let a device in…”, and let this device’s camera read the square.
                </p>
            )}
            {at.is === 'refused' && (
                <p role="alert" className="text-stop">
                    {at.why}
                </p>
            )}
            {authority !== null && (
                <div className="border-t border-rule pt-4 text-base text-ink-soft">
                    <p className="mb-2">
                        To be asked about the certificate no more,{' '}
                        <a className="text-accent underline" href={enterAuthority}>
                            take the workshop’s own authority
                        </a>{' '}
                        and trust it, if its figures are those on the machine’s screen.
                    </p>
                    <Print name="The authority, SHA-256">{authority}</Print>
                </div>
            )}
        </main>
    );
}
