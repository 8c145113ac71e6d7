import { ToolHead } from './ToolHead';
import { Tuning } from './Tuning';
import type { TunePage as TuningKnown } from '../generated/pages';

/** Tuning for who comes without a job, or wants the whole page; in a job it stands in its step. */
export default function TunePage(known: TuningKnown) {
    return (
        <div className="mx-auto w-full max-w-[86rem] px-4 pt-5 pb-10 sm:px-7">
            <ToolHead what="Tune" set={known.set} job={known.job?.id ?? null} />
            <Tuning {...known} />
        </div>
    );
}
