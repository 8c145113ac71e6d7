import { useState } from 'react';
import { ask } from '../../server/api';
import { useAct } from '../../server/useAct';
import { Button } from '../../ui/Button';
import { jobsSchools } from '../../generated/addresses/places';

/** Keeps what was chosen as the way of the workshop, or of whoever owns the instrument. */
export function KeepWay({ owner, schools }: { owner: string; schools: Record<string, string> }) {
    const { act, busy, problem } = useAct();
    const [kept, setKept] = useState<string | null>(null);
    const keep = (of: string, words: string) =>
        act(async () => {
            await ask(jobsSchools, { method: 'PUT', body: { owner: of, schools } });
            setKept(words);
        });
    return (
        <div className="mt-3 flex flex-wrap items-center gap-2">
            <Button disabled={busy} onClick={() => keep('', 'Kept as the workshop’s way.')}>
                Keep as the workshop’s way
            </Button>
            {owner.trim() !== '' && (
                <Button disabled={busy} onClick={() => keep(owner.trim(), `Kept as ${owner.trim()}’s way.`)}>
                    Keep as {owner.trim()}’s way
                </Button>
            )}
            <span role="status" className="text-sm text-ink-soft">
                {problem ?? kept}
            </span>
        </div>
    );
}
