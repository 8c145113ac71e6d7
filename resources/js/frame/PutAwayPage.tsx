import { Head, Link, router } from '@inertiajs/react';
import { ask } from '../server/api';
import { useAct } from '../server/useAct';
import { Button } from '../ui/Button';
import { buttonClass } from '../ui/classes';
import { PageTitle } from '../ui/PageTitle';
import type { PutAwayPage as Props } from '../generated/pages';

/** In place of something that was put away: what it was, and the way back. */
export default function PutAwayPage({ what, name, unarchive, address, list }: Props) {
    const { act, busy, problem } = useAct();
    const bringBack = () =>
        act(async () => {
            await ask(unarchive, { method: 'POST' });
            router.visit(address);
        });
    return (
        <div className="mx-auto w-full max-w-xl flex-1 px-6 pt-20">
            <Head title={`${name}, put away`} />
            <PageTitle>{name}</PageTitle>
            <p className="mt-2 text-ink-soft">This {what} was put away. It is kept as it was; bring it back to go on with it.</p>
            {problem !== undefined && (
                <p role="alert" className="mt-3 text-stop">
                    {problem}
                </p>
            )}
            <p className="mt-6 flex flex-wrap gap-2">
                <Button look="strong" disabled={busy} onClick={bringBack}>
                    Bring it back
                </Button>
                <Link href={list} className={buttonClass.plain}>
                    To the {what}s
                </Link>
            </p>
        </div>
    );
}
