import { PageTitle } from '../ui/PageTitle';
import { Head, Link, router } from '@inertiajs/react';
import { Button } from '../ui/Button';
import { buttonClass } from '../ui/classes';
import { openCommands } from './commands/Commands';
import { benchLast, setsIndex } from '../generated/addresses/places';
import type { ErrorPage as Props } from '../generated/pages';

/** Where nothing is, or something failed: what it means and where to go. */
export default function ErrorPage({ status, message }: Props) {
    const title = status === 404 ? 'No such page' : 'That did not work';
    return (
        <div className="mx-auto w-full max-w-xl flex-1 px-6 pt-20">
            <Head title={title} />
            <PageTitle>{title}</PageTitle>
            <p className="mt-2 text-ink-soft">{message}</p>
            <p className="mt-6 flex flex-wrap gap-2">
                {status >= 500 && (
                    <Button look="strong" onClick={() => router.visit(window.location.href)}>
                        Try again
                    </Button>
                )}
                <Link href={setsIndex} className={status >= 500 ? buttonClass.plain : buttonClass.strong}>
                    To the sets
                </Link>
                <Link href={benchLast} className={buttonClass.plain}>
                    To the Bench
                </Link>
                <Button look="quiet" onClick={() => openCommands('palette')}>
                    Find something…
                </Button>
            </p>
        </div>
    );
}
