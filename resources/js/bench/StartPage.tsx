import { Head, Link } from '@inertiajs/react';
import { type KeyboardEvent, type Dispatch, type SetStateAction } from 'react';
import { Button } from '../ui/Button';
import { largeButtonClass } from '../ui/classes';
import { PageTitle } from '../ui/PageTitle';
import { onDemand } from '../ui/onDemand';
import { instrumentsCreate, setsIndex } from '../generated/addresses/places';
import type { StartPage as Props } from '../generated/pages';
import { useStarting } from './start/useStarting';
import { Questions } from './start/Questions';

const DemoOut = onDemand<{ onClose: () => void }>(
    () => import('../frame/DemoOut').then((module) => module.DemoOut),
    ({ onClose }) => onClose(),
);
/** From what one has to what one wants: three answers in one's own words, and the set stands on the Bench. */
export default function StartPage({ instruments, chosen, empty, demo }: Props) {
    const starting = useStarting(chosen);
    const { form, begin, problem, busy, look, takingOut, setTakingOut } = starting;
    return (
        <div className="flex-1 px-4 py-6 sm:px-7">
            <Head title="Start" />
            {takingOut && <DemoOut onClose={() => setTakingOut(false)} />}
            <form
                ref={form}
                onKeyDown={toNextQuestion}
                className="mx-auto max-w-3xl"
                noValidate
                onSubmit={(event) => {
                    event.preventDefault();
                    begin();
                }}
            >
                <PageTitle>What do you have, and what should it become?</PageTitle>
                <p className="mt-1 max-w-prose text-ink-soft">
                    Three answers in your own words; what you leave empty is taken as usual. Then the strings that feel the same
                    stand on the Bench, where everything can be changed.
                </p>
                <Questions starting={starting} instruments={instruments} chosen={chosen} />
                {problem !== undefined && (
                    <p role="alert" className="mt-4 text-stop">
                        {problem}
                    </p>
                )}
                <Begin busy={busy} empty={empty} look={look} demo={demo} setTakingOut={setTakingOut} />
                {empty && (
                    <p className="mt-2 text-sm text-ink-faint">
                        The demo is a made-up workshop with instruments, sets and jobs. It can be taken out again whole.
                    </p>
                )}
                {!empty && <Otherwise />}
            </form>
        </div>
    );
}

/** Enter goes on to the next question, and from the last one to the Bench. */
function toNextQuestion(event: KeyboardEvent<HTMLFormElement>) {
    const inputs = [...event.currentTarget.querySelectorAll('input')];
    const next = inputs[inputs.indexOf(event.target as HTMLInputElement) + 1];
    if (event.key === 'Enter' && event.target instanceof HTMLInputElement && next !== undefined) {
        event.preventDefault();
        next.focus();
    }
}

/** To begin, or to look round the demo first. */
function Begin({
    busy,
    empty,
    look,
    demo,
    setTakingOut,
}: {
    busy: boolean;
    empty: Props['empty'];
    look: () => void;
    demo: Props['demo'];
    setTakingOut: Dispatch<SetStateAction<boolean>>;
}) {
    return (
        <div className="mt-6 flex flex-wrap items-center gap-x-4 gap-y-3">
            <button type="submit" disabled={busy} className={largeButtonClass.strong}>
                Choose the strings
            </button>
            {empty && (
                <Button look="quiet" disabled={busy} onClick={look}>
                    Or look round the demo workshop first
                </Button>
            )}
            {demo && (
                <Button look="quiet" disabled={busy} onClick={() => setTakingOut(true)} className="ml-auto">
                    Take the demo out…
                </Button>
            )}
        </div>
    );
}

/** Other ways to begin. */
function Otherwise() {
    return (
        <p className="mt-6 border-t border-rule pt-3 text-sm text-ink-soft">
            Rather measure an instrument first, or bring in a document?{' '}
            <Link href={instrumentsCreate} className="text-accent underline underline-offset-3">
                Add an instrument
            </Link>{' '}
            or{' '}
            <Link href={setsIndex} className="text-accent underline underline-offset-3">
                go to the sets
            </Link>
            .
        </p>
    );
}
