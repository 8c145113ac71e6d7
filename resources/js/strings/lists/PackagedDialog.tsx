import type { Supplier } from '../../generated/views';
import { useQuery } from '@tanstack/react-query';
import { useState, type Dispatch, type SetStateAction } from 'react';
import { ask, asRefused, Refused } from '../../server/api';
import { Button } from '../../ui/Button';
import { Dialog } from '../../ui/Dialog';
import { Field } from '../../ui/Field';
import { KeepBoth } from '../../ui/KeepBoth';
import { toast } from '../../ui/toasts';
import { packagedShow } from '../../generated/addresses/packaged';

interface Packaged {
    text: string;
    revision: number;
}

/** The order code that a line begins with. */
const codeOf = (line: string) => (line.split(/[,;]/)[0] ?? '').trim();

interface Props {
    supplier: Supplier;
    onClose: () => void;
}

/** What a supplier sells as whole sets, a line each, to be typed or pasted. */
export function PackagedDialog({ supplier, onClose }: Props) {
    const address = packagedShow(supplier.id);
    const { data, error, refetch } = useQuery({
        queryKey: ['packaged', supplier.id],
        queryFn: ({ signal }) => ask<Packaged>(address, { signal }),
        staleTime: 0,
        gcTime: 0,
    });
    const [typed, setTyped] = useState<string | null>(null);
    const [problems, setProblems] = useState<string[]>([]);
    const [conflict, setConflict] = useState<string | null>(null);
    const save = async () => {
        setConflict(null);
        setProblems([]);
        try {
            const { sets } = await ask<{ sets: number }>(address, {
                method: 'PUT',
                body: { text: typed ?? data?.text ?? '', revision: data?.revision },
            });
            toast(`${sets} packaged sets of ${supplier.name} are listed.`);
            onClose();
        } catch (failed) {
            if (failed instanceof Refused && failed.status === 409) {
                setConflict(failed.message);
                return;
            }
            setProblems(asRefused(failed).problems.map((each) => each.message));
        }
    };
    // Both: what was typed here, and below it what the other has of codes that are not among these.
    const both = async () => {
        const mine = (typed ?? '').trimEnd();
        const { data: theirs } = await refetch();
        const codes = new Set(mine.split('\n').map(codeOf));
        const more = (theirs?.text ?? '').split('\n').filter((line) => line.trim() !== '' && !codes.has(codeOf(line)));
        setTyped([mine, ...more].filter((part) => part !== '').join('\n'));
        setConflict(null);
    };
    const see = async () => {
        await refetch();
        setTyped(null);
        setConflict(null);
    };
    return (
        <Dialog
            open
            onOpenChange={onClose}
            title={`Packaged sets of ${supplier.name}`}
            description="A line for each: its order code, its name, its price, then the order codes of its strings from string 1."
            width="wider"
        >
            {data === undefined ? (
                <p className="text-ink-soft">{error === null ? 'Looking…' : error.message}</p>
            ) : (
                <PackagedForm
                    problems={problems}
                    typed={typed}
                    data={data}
                    setTyped={setTyped}
                    conflict={conflict}
                    both={both}
                    see={see}
                    save={save}
                    onClose={onClose}
                />
            )}
        </Dialog>
    );
}

/** Packaged sets, one a line. */
function PackagedForm({
    problems,
    typed,
    data,
    setTyped,
    conflict,
    both,
    see,
    save,
    onClose,
}: {
    problems: string[];
    typed: string | null;
    data: Packaged;
    setTyped: Dispatch<SetStateAction<string | null>>;
    conflict: string | null;
    both: () => Promise<void>;
    see: () => Promise<void>;
    save: () => Promise<void>;
    onClose: Props['onClose'];
}) {
    return (
        <>
            <Field label="Packaged sets" error={problems.length === 0 ? undefined : problems.slice(0, 6).join(' ')}>
                <textarea
                    rows={12}
                    spellCheck={false}
                    className="w-full rounded-field border border-rule-strong bg-sheet px-2.5 py-2 text-sm whitespace-pre hover:border-ink aria-invalid:border-stop"
                    placeholder="SB-M,Slack medium,9.80,SB-10,SB-13,SB-17,SB-26,SB-36,SB-46"
                    value={typed ?? data.text}
                    onChange={(event) => setTyped(event.target.value)}
                />
            </Field>
            {conflict !== null && (
                <KeepBoth message={conflict} keep="Put theirs below mine" onKeep={() => void both()} onSee={() => void see()} />
            )}
            <div className="mt-3 flex gap-2">
                <Button look="strong" onClick={() => void save()}>
                    Save
                </Button>
                <Button look="quiet" onClick={onClose}>
                    Leave it
                </Button>
            </div>
        </>
    );
}
