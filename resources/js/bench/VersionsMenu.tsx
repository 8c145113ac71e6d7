import { useState } from 'react';
import { ask } from '../lib/api';
import type { SetDocument } from '../lib/formats';
import { Button } from '../ui/Button';
import { buttonClass, fieldClass } from '../ui/classes';
import { Dialog } from '../ui/Dialog';
import { Field } from '../ui/Field';
import { toast } from '../ui/toasts';
import type { Version } from './BenchPage';
import { useBench } from './benchStore';
import type { SavedSet, Saver } from './saver';

function whenKept(at: string): string {
    return new Date(at).toLocaleString([], { day: 'numeric', month: 'short', hour: '2-digit', minute: '2-digit' });
}

/** Named versions: keep the design as it stands, go back to one. Going back is an edit that can be undone. */
export function VersionsMenu({ set, saver, first }: { set: SavedSet; saver: Saver; first: Version[] }) {
    const edit = useBench((state) => state.edit);
    const [open, setOpen] = useState(false);
    const [versions, setVersions] = useState(first);
    const [name, setName] = useState('');
    const [error, setError] = useState<string | undefined>();
    const [busy, setBusy] = useState(false);

    const act = async (what: () => Promise<void>) => {
        setBusy(true);
        setError(undefined);
        try {
            await what();
        } catch (problem) {
            setError(problem instanceof Error ? problem.message : 'That did not work. Try again.');
        } finally {
            setBusy(false);
        }
    };
    const keep = () =>
        act(async () => {
            if (!(await saver.flush())) {
                throw new Error('The set could not be saved, so there is no version of it yet. See what is wrong with it first.');
            }
            const answer = await ask<{ versions: Version[] }>(`/sets/${set.id}/versions`, { method: 'POST', body: { name } });
            setVersions(answer.versions);
            setName('');
        });
    const goBack = (version: Version) =>
        act(async () => {
            const { document } = await ask<{ document: SetDocument }>(`/sets/${set.id}/versions/${version.id}`);
            edit(() => document);
            setOpen(false);
            toast(`Back to “${version.name}”. Undo brings the other back.`);
        });
    const remove = (version: Version) =>
        act(async () => {
            const answer = await ask<{ versions: Version[] }>(`/sets/${set.id}/versions/${version.id}`, { method: 'DELETE' });
            setVersions(answer.versions);
        });

    return (
        <>
            <Button onClick={() => setOpen(true)}>Versions ({versions.length})</Button>
            <Dialog open={open} onOpenChange={setOpen} title="Versions" description="States of this set to come back to.">
                <form
                    className="flex items-end gap-2"
                    onSubmit={(event) => {
                        event.preventDefault();
                        void keep();
                    }}
                >
                    <div className="flex-1">
                        <Field label="Keep it as it stands, as" error={error}>
                            <input
                                className={fieldClass}
                                value={name}
                                maxLength={120}
                                placeholder="Before the heavier bass side"
                                onChange={(event) => setName(event.target.value)}
                            />
                        </Field>
                    </div>
                    <button type="submit" className={buttonClass.strong} disabled={busy}>
                        Keep
                    </button>
                </form>
                {versions.length === 0 ? (
                    <p className="mt-4 text-ink-soft">None kept yet.</p>
                ) : (
                    <ul className="mt-4 max-h-80 overflow-auto border-t border-rule">
                        {versions.map((version) => (
                            <li key={version.id} className="flex items-center gap-2 border-b border-rule py-1.5">
                                <div className="min-w-0 flex-1">
                                    <div className="truncate font-semibold">{version.name}</div>
                                    <div className="text-sm text-ink-faint">{whenKept(version.keptAt)}</div>
                                </div>
                                <Button
                                    look="quiet"
                                    disabled={busy}
                                    onClick={() => void goBack(version)}
                                    aria-label={`Go back to ${version.name}`}
                                >
                                    Go back to it
                                </Button>
                                <Button
                                    look="quiet"
                                    disabled={busy}
                                    onClick={() => void remove(version)}
                                    aria-label={`Remove ${version.name}`}
                                >
                                    Remove
                                </Button>
                            </li>
                        ))}
                    </ul>
                )}
            </Dialog>
        </>
    );
}
