import { PageTitle } from '../ui/PageTitle';
import { Head } from '@inertiajs/react';
import { Button } from '../ui/Button';

/** In place of a page whose script could not be fetched. */
export default function FetchFailedPage() {
    return (
        <div role="alert" className="mx-auto w-full max-w-xl flex-1 px-6 pt-20">
            <Head title="Not fetched" />
            <PageTitle>This page could not be fetched</PageTitle>
            <p className="mt-2 text-ink-soft">
                Lira’s server did not give it. It may not answer just now, or have been updated since this window was opened.
                Nothing is lost: try again in a moment.
            </p>
            <p className="mt-6">
                <Button look="strong" onClick={() => window.location.reload()}>
                    Try again
                </Button>
            </p>
        </div>
    );
}
