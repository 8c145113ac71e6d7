import { useClock } from '../server/useClock';
import type { ShowSoon } from '../generated/views';
import { momentWords } from '../units/times';

const MINUTE_MS = 60_000;

/** That a show comes before new strings have settled. */
export function ShowSoonNote({ show }: { show: ShowSoon }) {
    const now = useClock(MINUTE_MS);
    return (
        <p className="mt-2 max-w-prose border-l-4 border-l-caution pl-3 text-lg text-caution">
            {show.name} begins {momentWords(show.at, now)}: they will hardly have settled. Tune before every piece, or leave the
            old ones on until it is over.
        </p>
    );
}
