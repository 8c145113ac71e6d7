import { Link } from '@inertiajs/react';
import { useState } from 'react';
import { SchoolFields } from '../jobs/begin/SchoolFields';
import { ask } from '../server/api';
import { useAct } from '../server/useAct';
import { Button } from '../ui/Button';
import { toast } from '../ui/toasts';
import { Part, WorkshopFrame } from './WorkshopFrame';
import { jobsSchools, ownersIndex, workshopWays } from '../generated/addresses/places';
import { withAsked } from '../server/asked';
import type { WaysPage as Props } from '../generated/pages';

const USUAL = 'by-instrument';

/** The schools by which jobs go here where nothing else is said. */
export default function WaysPage({ schools, owners }: Props) {
    const [chosen, setChosen] = useState(() => Object.fromEntries(schools.map((school) => [school.aspect, school.chosen])));
    const { act, busy, problem } = useAct();
    const keep = (next: Record<string, string>) => {
        setChosen(next);
        act(async () => {
            await ask(jobsSchools, { method: 'PUT', body: { owner: '', schools: next } });
            toast('Kept as the workshop’s way.');
        });
    };
    return (
        <WorkshopFrame at={workshopWays}>
            <div className="mt-4 grid gap-8">
                <Part
                    title="The workshop’s way"
                    about="How strings are taken off, put on, tuned and stretched here. Each job begins with it, and may go another way; what an instrument does not bear, such as all strings off a floating bridge, is never done. As usual, each job says why."
                >
                    <SchoolFields
                        schools={schools.map((school) => ({
                            ...school,
                            chosen: chosen[school.aspect] ?? school.chosen,
                            reason: chosen[school.aspect] === USUAL ? '' : 'The workshop’s way, where the instrument bears it.',
                        }))}
                        onChoose={(aspect, school) => keep({ ...chosen, [aspect]: school })}
                    />
                    <div className="mt-3 flex flex-wrap items-center gap-3">
                        <Button
                            disabled={busy || Object.values(chosen).every((school) => school === USUAL)}
                            onClick={() => keep(Object.fromEntries(schools.map(({ aspect }) => [aspect, USUAL])))}
                        >
                            All as usual
                        </Button>
                        {problem !== undefined && (
                            <span role="alert" className="text-stop">
                                {problem}
                            </span>
                        )}
                    </div>
                </Part>
                <Part title="Owners’ ways" about="Kept from a job, under “Change the way”; they go before the workshop’s.">
                    {owners.length === 0 ? (
                        <p className="text-ink-soft">Nobody has one yet.</p>
                    ) : (
                        <ul>
                            {owners.map((owner) => (
                                <li key={owner} className="border-b border-rule py-1.5">
                                    <Link
                                        href={withAsked(ownersIndex, { owner })}
                                        className="text-accent underline underline-offset-3"
                                    >
                                        {owner}
                                    </Link>
                                </li>
                            ))}
                        </ul>
                    )}
                </Part>
            </div>
        </WorkshopFrame>
    );
}
