import { Link } from '@inertiajs/react';
import { useQuery } from '@tanstack/react-query';
import type { Baseline, Evaluation } from '../../generated/formats';
import { hoursWords } from '../../units/hours';
import { ask, failureWords } from '../../server/api';
import { dateWords } from '../../units/times';
import { formatForce, formatShares, type Units } from '../../units/units';
import { useUnits } from '../../units/useUnits';
import { Button } from '../../ui/Button';
import { Dialog } from '../../ui/Dialog';
import { toast } from '../../ui/toasts';
import { useBenchActions } from '../design/benchStore';
import { instrumentsEarlier } from '../../generated/addresses/instruments';
import { jobsShow } from '../../generated/addresses/jobs';

interface Earlier {
    job: number;
    name: string;
    /** Moments, ISO 8601; null while it is on. */
    from: string;
    to: string | null;
    hours: number | null;
    felt: string;
    pull_n: number;
    /** String 1 first. */
    tensions_n: number[];
    baseline: Baseline;
}

interface Props {
    open: boolean;
    onOpenChange: (open: boolean) => void;
    instrument: number;
    evaluation: Evaluation;
}

/** How the last three sets on the instrument felt, and what they pulled, beside the present design. */
export function EarlierDialog({ open, onOpenChange, instrument, evaluation }: Props) {
    return (
        <Dialog
            open={open}
            onOpenChange={onOpenChange}
            title="The last sets on it"
            description="How they felt and what they pulled, beside this design."
            width="wider"
        >
            <Sets instrument={instrument} evaluation={evaluation} onDone={() => onOpenChange(false)} />
        </Dialog>
    );
}

function Sets({ instrument, evaluation, onDone }: { instrument: number; evaluation: Evaluation; onDone: () => void }) {
    const units = useUnits();
    const { edit } = useBenchActions();
    const { data, error } = useQuery({
        queryKey: ['earlier', instrument],
        queryFn: ({ signal }) => ask<Earlier[]>(instrumentsEarlier(instrument), { signal }),
        staleTime: 0,
    });
    if (data === undefined) {
        return <p role={error === null ? undefined : 'alert'}>{error === null ? 'They are being read…' : failureWords(error)}</p>;
    }
    // In every tuning that the design serves.
    const here = evaluation.strings.map((string) => string.tunings.map(({ tension_n }) => tension_n));
    const totals = evaluation.totals.map(({ tension_n }) => tension_n);
    return (
        <div className="min-w-0">
            <table className="w-full">
                <Heads data={data} />
                <tbody>
                    {here.map((tensions, index) => (
                        <tr key={index} className="border-b border-rule">
                            <th scope="row" className="py-1 pr-4 text-left font-normal">
                                {index + 1}
                            </th>
                            <td className="pr-6 text-right font-bold whitespace-nowrap">{forces(tensions, units)}</td>
                            {data.map((each) => (
                                <Pull key={each.job} was={each.tensions_n[index]} now={tensions} units={units} />
                            ))}
                        </tr>
                    ))}
                    <tr className="border-b border-ink">
                        <th scope="row" className="py-1.5 pr-4 text-left">
                            all
                        </th>
                        <td className="pr-6 text-right font-bold whitespace-nowrap">{forces(totals, units)}</td>
                        {data.map((each) => (
                            <Pull key={each.job} was={each.pull_n} now={totals} units={units} />
                        ))}
                    </tr>
                    <tr className="align-top">
                        <th scope="row" className="py-2 pr-4 text-left font-normal text-ink-soft">
                            It felt
                        </th>
                        <td />
                        {data.map((each) => (
                            <td key={each.job} className="max-w-52 py-2 pr-4 text-right text-sm">
                                {each.felt === '' ? <span className="text-ink-soft">not said</span> : each.felt}
                                <Button
                                    className="mt-2 ml-auto flex"
                                    onClick={() => {
                                        edit((present) => ({ ...present, baseline: each.baseline }));
                                        toast(`“${each.name}” is what feels right now.`);
                                        onDone();
                                    }}
                                >
                                    Compare with it
                                </Button>
                            </td>
                        ))}
                    </tr>
                </tbody>
            </table>
            <p className="mt-2 text-sm text-ink-soft">
                In brackets: how much more or less this design pulls than that did in its first tuning; over several tunings the
                most and the least.
            </p>
        </div>
    );
}

/** What a string pulls, from the least to the most where tunings differ. */
function forces(newtons: number[], units: Units): string {
    const [least, most] = [formatForce(Math.min(...newtons), units), formatForce(Math.max(...newtons), units)];
    return least === most ? most : `${least} to ${most}`;
}

function Pull({ was, now, units }: { was: number | undefined; now: number[]; units: Units }) {
    if (was === undefined) {
        return <td className="pr-4 text-right text-ink-soft">–</td>;
    }
    return (
        <td className="pr-4 text-right whitespace-nowrap">
            {formatForce(was, units)}{' '}
            <span className="inline-block min-w-16 text-sm text-ink-soft">
                ({formatShares(now.map((newtons) => newtons / was - 1))})
            </span>
        </td>
    );
}

/** Which set each column is of. */
function Heads({ data }: { data: Earlier[] }) {
    return (
        <thead>
            <tr className="border-b border-ink text-left align-top">
                <th scope="col" className="py-1.5 pr-4 font-normal text-ink-soft">
                    String
                </th>
                <th scope="col" className="py-1.5 pr-6 text-right">
                    This design
                </th>
                {data.map((each) => (
                    <th key={each.job} scope="col" className="max-w-52 py-1.5 pr-4 text-right">
                        <Link href={jobsShow(each.job)} className="hover:text-accent">
                            {each.name}
                        </Link>
                        <span className="block text-sm font-normal text-ink-soft">
                            {dateWords(each.from)} to {each.to === null ? 'now' : dateWords(each.to)}
                            {each.hours !== null && `, ${hoursWords(each.hours)}`}
                        </span>
                    </th>
                ))}
            </tr>
        </thead>
    );
}
