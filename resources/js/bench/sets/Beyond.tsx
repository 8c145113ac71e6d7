import { Link } from '@inertiajs/react';
import { setsIndex } from '../../generated/addresses/places';
import { withAsked } from '../../server/asked';
import type { SetsPage as Props } from '../../generated/pages';

/** To all of them, to those that were put away, and back. */
export function Beyond({
    words,
    instrument,
    look,
    of,
    count,
    away,
    putAway,
}: {
    words: string;
    instrument: string;
    look: (changed: Partial<{ for: string; instrument: string; order: string; page: string }>, typing?: boolean) => void;
    of: string | undefined;
    count: Props['count'];
    away: Props['away'];
    putAway: Props['putAway'];
}) {
    return (
        <p className="mt-4 flex flex-wrap gap-x-5">
            {(words !== '' || instrument !== '') && (
                <button
                    type="button"
                    className="min-h-target text-accent underline"
                    onClick={() => look({ for: '', instrument: '', page: '1' })}
                >
                    {of === undefined ? `Show all ${count}` : `Only those on ${of}; show all ${count}`}
                </button>
            )}
            {away ? (
                <Link href={setsIndex} className="inline-block min-h-target text-accent underline">
                    Back to the sets in use
                </Link>
            ) : (
                putAway > 0 && (
                    <Link href={withAsked(setsIndex, { away: 1 })} className="inline-block min-h-target text-accent underline">
                        {putAway} put away
                    </Link>
                )
            )}
        </p>
    );
}
