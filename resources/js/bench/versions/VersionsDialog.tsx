import { useAct } from '../../server/useAct';
import { useState, type Dispatch, type SetStateAction } from 'react';
import { ask } from '../../server/api';
import type { SetDocument } from '../../generated/formats';
import { Button } from '../../ui/Button';
import { buttonClass } from '../../ui/classes';
import { Dialog } from '../../ui/Dialog';
import { TextField } from '../../ui/TextField';
import { toast } from '../../ui/toasts';
import type { Version, SavedSet } from '../../generated/views';
import { useBench } from '../design/benchStore';
import type { Saver } from '../saving/saver';
import { timeWords } from '../../units/times';
import { versionsDestroy, versionsDifference, versionsShow, versionsStore } from '../../generated/addresses/versions';

interface ChangedThing {
    what: string;
    before: string;
    after: string;
}

interface Props {
    open: boolean;
    onOpenChange: (open: boolean) => void;
    set: SavedSet;
    saver: Saver;
    versions: Version[];
    onVersions: (versions: Version[]) => void;
}

/** Named versions: keep the design as it stands, see what changed since, go back. Going back is an edit that can be undone. */
export function VersionsDialog({ open, onOpenChange, ...rest }: Props) {
    return (
        <Dialog
            open={open}
            onOpenChange={onOpenChange}
            title="Versions"
            description="States of this set to come back to."
            width="wide"
        >
            <Versions {...rest} onDone={() => onOpenChange(false)} />
        </Dialog>
    );
}

type VersionsProps = Omit<Props, 'open' | 'onOpenChange'> & { onDone: () => void };

function Versions({ set, saver, versions, onVersions: setVersions, onDone }: VersionsProps) {
    const edit = useBench((state) => state.edit);
    const [compared, setCompared] = useState<{ id: number; changes: ChangedThing[] } | null>(null);
    const [name, setName] = useState('');
    const { act, busy, problem } = useAct();

    const keep = () =>
        act(async () => {
            if (!(await saver.flush())) {
                throw new Error('The set could not be saved, so there is no version of it yet. See what is wrong with it first.');
            }
            const answer = await ask<{ versions: Version[] }>(versionsStore(set.id), { method: 'POST', body: { name } });
            setVersions(answer.versions);
            setName('');
        });
    const goBack = (version: Version) =>
        act(async () => {
            const { document } = await ask<{ document: SetDocument }>(versionsShow(set.id, version.id));
            edit(() => document);
            onDone();
            toast(`Back to “${version.name}”. Undo brings the other back.`);
        });
    const compare = (version: Version) =>
        act(async () => {
            if (compared?.id === version.id) {
                setCompared(null);
                return;
            }
            await saver.flush();
            const { changes } = await ask<{ changes: ChangedThing[] }>(versionsDifference(set.id, version.id));
            setCompared({ id: version.id, changes });
        });
    const remove = (version: Version) =>
        act(async () => {
            const answer = await ask<{ versions: Version[] }>(versionsDestroy(set.id, version.id), { method: 'DELETE' });
            setVersions(answer.versions);
        });

    return (
        <>
            <KeepForm keep={keep} problem={problem} name={name} setName={setName} busy={busy} />
            {versions.length === 0 ? (
                <p className="mt-4 text-ink-soft">None kept yet.</p>
            ) : (
                <ul className="mt-4 max-h-96 overflow-auto border-t border-rule">
                    {versions.map((version) => (
                        <VersionRow
                            key={version.id}
                            version={version}
                            busy={busy}
                            compared={compared}
                            compare={compare}
                            goBack={goBack}
                            remove={remove}
                        />
                    ))}
                </ul>
            )}
        </>
    );
}

/** What is different now, line by line. */
function Changes({ changes }: { changes: ChangedThing[] }) {
    if (changes.length === 0) {
        return <p className="pb-1 text-ink-soft">Nothing changed since.</p>;
    }
    return (
        <table className="mt-1 mb-2 w-full text-left text-sm">
            <thead>
                <tr className="text-ink-faint">
                    <th className="w-32 py-0.5 font-normal">What</th>
                    <th className="font-normal">Then</th>
                    <th className="font-normal">Now</th>
                </tr>
            </thead>
            <tbody>
                {changes.map(({ what, before, after }) => (
                    <tr key={what} className="border-t border-rule/70 align-top">
                        <th scope="row" className="py-1 pr-3 font-semibold">
                            {what}
                        </th>
                        <td className="py-1 pr-3 text-ink-soft">{before}</td>
                        <td className="py-1">{after}</td>
                    </tr>
                ))}
            </tbody>
        </table>
    );
}

/** Keeps the set as it is under a name. */
function KeepForm({
    keep,
    problem,
    name,
    setName,
    busy,
}: {
    keep: () => void;
    problem: string | undefined;
    name: string;
    setName: Dispatch<SetStateAction<string>>;
    busy: boolean;
}) {
    return (
        <form
            className="flex items-end gap-2"
            onSubmit={(event) => {
                event.preventDefault();
                keep();
            }}
        >
            <div className="flex-1">
                <TextField
                    label="Keep it as it stands, as"
                    error={problem}
                    value={name}
                    maxLength={120}
                    placeholder="Before the heavier bass side"
                    onChange={setName}
                />
            </div>
            <button type="submit" className={buttonClass.strong} disabled={busy}>
                Keep
            </button>
        </form>
    );
}

/** One version, and what can be done with it. */
function VersionRow({
    version,
    busy,
    compared,
    compare,
    goBack,
    remove,
}: {
    version: Version;
    busy: boolean;
    compared: { id: number; changes: ChangedThing[] } | null;
    compare: (version: Version) => void;
    goBack: (version: Version) => void;
    remove: (version: Version) => void;
}) {
    return (
        <li className="border-b border-rule py-1.5">
            <div className="flex flex-wrap items-center gap-2">
                <div className="min-w-0 flex-1">
                    <div className="truncate font-semibold">{version.name}</div>
                    <div className="text-sm text-ink-faint">{timeWords(version.keptAt)}</div>
                </div>
                <Button
                    look="quiet"
                    disabled={busy}
                    aria-expanded={compared?.id === version.id}
                    onClick={() => {
                        compare(version);
                    }}
                    aria-label={`What changed since ${version.name}`}
                >
                    What changed since
                </Button>
                <Button
                    look="quiet"
                    disabled={busy}
                    onClick={() => {
                        goBack(version);
                    }}
                    aria-label={`Go back to ${version.name}`}
                >
                    Go back to it
                </Button>
                <Button
                    look="quiet"
                    disabled={busy}
                    onClick={() => {
                        remove(version);
                    }}
                    aria-label={`Remove ${version.name}`}
                >
                    Remove
                </Button>
            </div>
            {compared?.id === version.id && <Changes changes={compared.changes} />}
        </li>
    );
}
