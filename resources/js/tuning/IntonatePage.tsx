import { Intonation } from './Intonation';
import { ToolHead } from './ToolHead';
import type { IntonatePage as IntonationKnown } from '../generated/pages';

/** Intonation for who comes without a job; in a job it stands in its step. */
export default function IntonatePage(known: IntonationKnown) {
    return (
        <div className="mx-auto w-full max-w-[86rem] px-4 pt-5 pb-10 sm:px-7">
            <ToolHead what="Intonate" set={known.set} job={known.job?.id ?? null} />
            <Intonation {...known} />
        </div>
    );
}
