import { useState } from 'react';
import { ask } from '../../server/api';
import { useAct } from '../../server/useAct';
import { useUnits } from '../../units/useUnits';
import { readLength } from '../../units/typed';
import { Button } from '../../ui/Button';
import { fieldClass } from '../../ui/classes';
import { Dialog } from '../../ui/Dialog';
import { Field } from '../../ui/Field';
import type { JobNow } from '../useJob';
import { fromWhere } from './NewStringDialog';
import { StringChoice } from './StringChoice';
import { jobsCutShort } from '../../generated/addresses/jobs';

interface Verdict {
    turns: number;
    holds: boolean;
    message: string;
}

interface Props {
    now: JobNow;
    position: number | null;
    onClose: () => void;
    onNew: () => void;
}

/** A string was cut short: whether what is left holds, and else a new one. */
export function CutShortDialog({ now, position, onClose, onNew }: Props) {
    const units = useUnits();
    const [which, setWhich] = useState(position ?? 1);
    const [left, setLeft] = useState('');
    const [verdict, setVerdict] = useState<Verdict | null>(null);
    const { act, busy, problem, forget } = useAct();
    const mm = readLength(left, units);
    const change = (typed: string) => {
        setLeft(typed);
        setVerdict(null);
        forget();
    };
    const judge = () =>
        act(async () =>
            setVerdict(await ask<Verdict>(jobsCutShort(now.job.id), { method: 'POST', body: { position: which, left_mm: mm } })),
        );
    return (
        <Dialog
            open
            onOpenChange={onClose}
            title="Cut short"
            description="Measure from the middle of its post to its end, pulled straight."
            width="wide"
        >
            <form
                className="grid gap-4"
                onSubmit={(event) => {
                    event.preventDefault();
                    judge();
                }}
            >
                <div className="grid gap-4 sm:grid-cols-2">
                    <StringChoice
                        now={now}
                        position={which}
                        onChange={(chosen) => {
                            setWhich(chosen);
                            setVerdict(null);
                        }}
                    />
                    <Field label={`Left past its post, ${units.length}`}>
                        <input
                            className={`${fieldClass} h-12 text-xl`}
                            inputMode="decimal"
                            autoFocus
                            value={left}
                            onChange={(event) => change(event.target.value)}
                        />
                    </Field>
                </div>
                <div aria-live="polite">
                    {problem !== undefined && <p className="text-stop">{problem}</p>}
                    {verdict !== null && (
                        <p className={`text-xl font-semibold ${verdict.holds ? '' : 'text-stop'}`}>{verdict.message}</p>
                    )}
                    {verdict?.holds === false && <p className="mt-1 text-lg">{fromWhere(now, which)}</p>}
                </div>
                <WhatThen verdict={verdict} busy={busy} mm={mm} now={now} which={which} onClose={onClose} onNew={onNew} />
            </form>
        </Dialog>
    );
}

/** What is done with it, by what was found. */
function WhatThen({
    verdict,
    busy,
    mm,
    now,
    which,
    onClose,
    onNew,
}: {
    verdict: Verdict | null;
    busy: boolean;
    mm: number | null;
    now: Props['now'];
    which: number;
    onClose: Props['onClose'];
    onNew: Props['onNew'];
}) {
    return (
        <div className="flex flex-wrap gap-2.5">
            {verdict === null && (
                <Button type="submit" look="strong" large disabled={busy || mm === null}>
                    Is it enough?
                </Button>
            )}
            {verdict?.holds === true && (
                <Button
                    look="strong"
                    large
                    onClick={() => {
                        if (mm !== null) {
                            now.record('shortened', { position: which, left_mm: mm, turns: verdict.turns });
                        }
                        onClose();
                    }}
                >
                    Go on with it
                </Button>
            )}
            {verdict !== null && (
                <Button
                    look={verdict.holds ? 'plain' : 'strong'}
                    large
                    onClick={() => {
                        now.recordTelling(`A new string ${which} is taken.`, 'again', {
                            position: which,
                            reason: 'cut-short',
                        });
                        onNew();
                    }}
                >
                    Take a new one
                </Button>
            )}
            <Button look="quiet" large onClick={onClose}>
                Cancel
            </Button>
        </div>
    );
}
