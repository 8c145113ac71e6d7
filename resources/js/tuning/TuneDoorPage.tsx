import { Head, Link } from '@inertiajs/react';
import { useMemo } from 'react';
import type { Tunable } from '../generated/views';
import { buttonClass } from '../ui/classes';
import { FindField } from '../ui/FindField';
import { matches } from '../ui/matches';
import { PageTitle } from '../ui/PageTitle';
import { useAddress } from '../ui/useAddress';
import { intonateShow } from '../generated/addresses/intonate';
import { startCreate } from '../generated/addresses/places';
import { tuneShow } from '../generated/addresses/tune';
import { withAsked } from '../server/asked';
import type { TuneDoorPage as Props } from '../generated/pages';

const SHOWN = 20;

/** Which instrument is tuned: what is on it is known, the microphone comes first. */
export default function TuneDoorPage({ instruments }: Props) {
    const [{ for: words }, look] = useAddress({ for: '' });
    const found = useMemo(
        () => instruments.filter(({ name, owner, set_name: set }) => matches(`${name} ${owner} ${set}`, words.trim())),
        [instruments, words],
    );
    return (
        <div className="mx-auto w-full max-w-4xl flex-1 px-4 pt-5 pb-8 sm:px-7">
            <Head title="Tune" />
            <div className="flex flex-wrap items-center gap-3">
                <PageTitle className="mr-auto">Tune</PageTitle>
                <FindField label="Find an instrument" words={words} onWords={(next) => look({ for: next }, true)} />
            </div>
            <p className="mt-1 max-w-prose text-ink-soft">
                Which one? All strings land together, in one pass: each is left where the others will pull it to its pitch.
            </p>
            {found.length === 0 && (
                <p className="mt-6 text-ink-soft">
                    {instruments.length === 0 ? (
                        <>
                            Nothing can be tuned yet: a set has to be designed first.{' '}
                            <Link href={startCreate} className="text-accent underline">
                                Begin with what you have
                            </Link>
                            .
                        </>
                    ) : (
                        `None has “${words.trim()}” in its name, its owner’s or its set’s.`
                    )}
                </p>
            )}
            <ul aria-label="Instruments to tune" className="mt-4">
                {found.slice(0, SHOWN).map((each, index) => (
                    <Row key={each.id} instrument={each} first={index === 0} />
                ))}
            </ul>
            {found.length > SHOWN && (
                <p className="mt-3 text-ink-soft">
                    {found.length - SHOWN} more: type a part of the name, the owner’s or the set’s.
                </p>
            )}
        </div>
    );
}

/** @param first whether it is the likeliest, which one press begins */
function Row({ instrument: { name, owner, set, set_name: setName, known }, first }: { instrument: Tunable; first: boolean }) {
    return (
        <li className="flex flex-wrap items-center gap-x-3 gap-y-1.5 border-b border-rule py-2 first:border-t">
            <span className="mr-auto min-w-0 basis-64">
                <strong className="font-semibold">{name}</strong>
                {owner !== '' && <span className="text-ink-soft">, {owner}</span>}
                <span className="block text-ink-soft">
                    {known ? 'on it: ' : 'last designed for it: '}
                    {setName}
                </span>
            </span>
            <Link
                href={withAsked(tuneShow(set), { by: 'microphone' })}
                aria-label={`Listen and tune ${name}`}
                className={first ? buttonClass.strong : buttonClass.plain}
            >
                Listen and tune
            </Link>
            <Link
                href={withAsked(tuneShow(set), { by: 'typed' })}
                aria-label={`By another tuner: tune ${name}`}
                className={buttonClass.plain}
            >
                By another tuner
            </Link>
            <Link
                href={withAsked(intonateShow(set), { by: 'microphone' })}
                aria-label={`Intonate ${name}`}
                className={buttonClass.plain}
            >
                Intonate
            </Link>
            <Link
                href={withAsked(tuneShow(set), { practice: 1 })}
                aria-label={`Practise on ${name}`}
                className={buttonClass.quiet}
            >
                Practise
            </Link>
        </li>
    );
}
