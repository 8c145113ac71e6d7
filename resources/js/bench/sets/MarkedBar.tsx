import { Link } from '@inertiajs/react';
import { clsx } from 'clsx';
import { Button } from '../../ui/Button';
import { buttonClass } from '../../ui/classes';
import { idsOf, type useMarked } from './useMarked';
import { ordersIndex } from '../../generated/addresses/places';
import { withAsked } from '../../server/asked';

interface Props {
    /** Whether they are put away. */
    away: boolean;
    marked: Pick<ReturnType<typeof useMarked>, 'ticked' | 'putSomeAway' | 'bringSomeBack' | 'untick'>;
}

/** What can be done with the ticked sets. */
export function MarkedBar({ away, marked: { ticked, putSomeAway, bringSomeBack, untick } }: Props) {
    return (
        <div
            role="toolbar"
            aria-label="With the ticked sets"
            className="mt-4 flex flex-wrap items-center gap-2 border-l-4 border-l-accent bg-sheet px-3 py-1.5"
        >
            <span className="mr-2 font-semibold">{ticked.length} ticked</span>
            {away ? (
                <Button className="h-8" onClick={() => bringSomeBack(ticked)}>
                    Bring back
                </Button>
            ) : (
                <>
                    <Link
                        href={withAsked(ordersIndex, { set: idsOf(ticked).join(',') })}
                        className={clsx(buttonClass.plain, 'h-8')}
                    >
                        Order their strings…
                    </Link>
                    <Button className="h-8" onClick={() => putSomeAway(ticked)}>
                        Put away
                    </Button>
                </>
            )}
            <Button look="quiet" className="h-8" onClick={untick}>
                Untick
            </Button>
        </div>
    );
}
