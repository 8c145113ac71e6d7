import { Glyph } from '../ui/Glyph';
import { Link, router } from '@inertiajs/react';
import { useState } from 'react';
import type { SetDocument } from '../lib/formats';
import { tuningLabel } from '../lib/pitch';
import { formatLength, useUnits, type Units } from '../lib/units';
import { ask, Refused } from '../lib/api';
import { Button } from '../ui/Button';
import { Menu, MenuItem, MenuLine, MenuLink } from '../ui/Menu';
import { toast } from '../ui/toasts';
import { BaselineMenu } from './BaselineMenu';
import type { Version } from './BenchPage';
import { useBench, useBenchActions } from './benchStore';
import * as edits from './edits';
import type { SavedSet, Saver, SaveState } from './saver';
import { VersionsMenu } from './VersionsMenu';

interface Props {
    set: SavedSet;
    saver: Saver;
    saveState: SaveState;
    versions: Version[];
    sets: { id: number; name: string }[];
    onKeys: () => void;
}

function scaleWords({ scale }: SetDocument['instrument'], units: Units): string {
    switch (scale.type) {
        case 'single':
            return formatLength(scale.length_mm, units);
        case 'half':
            return formatLength(2 * scale.nut_to_twelfth_mm, units);
        case 'multiscale':
            return `${formatLength(scale.treble_mm, units)} to ${formatLength(scale.bass_mm, units)}`;
        case 'each':
            return `${formatLength(scale.lengths_mm[0] ?? 0, units)} to ${formatLength(scale.lengths_mm.at(-1) ?? 0, units)}`;
    }
}

/** What is on the bench, whether it is saved, and what can be done with it as a whole. */
export function BenchHead({ set, saver, saveState, versions, sets, onKeys }: Props) {
    const units = useUnits();
    const document = useBench((state) => state.document);
    const canUndo = useBench((state) => state.past.length > 0);
    const canRedo = useBench((state) => state.future.length > 0);
    const { edit, undo, redo } = useBenchActions();
    const [name, setName] = useState<string | null>(null);
    const { instrument } = document;

    const takeName = () => {
        if (name !== null && name.trim() !== '') {
            edit(edits.rename(name.trim()));
        }
        setName(null);
    };
    const printSheet = async () => {
        // Opened before anything is awaited, or the browser takes it for a pop-up.
        const sheet = window.open('', '_blank');
        await saver.flush();
        const address = `/sets/${set.id}/sheet`;
        if (sheet === null) {
            window.location.assign(address);
        } else {
            sheet.location.replace(address);
        }
    };
    const duplicate = async () => {
        if (await saver.flush()) {
            const { id } = await ask<{ id: number }>(`/sets/${set.id}/duplicate`, { method: 'POST' });
            router.visit(`/bench/${id}`);
        }
    };
    const keepMine = async () => {
        const { id } = await ask<{ id: number }>('/sets/import', {
            method: 'POST',
            body: { ...document, name: `${document.name}, kept` },
        });
        saver.letBe();
        router.visit(`/bench/${id}`);
    };
    const archive = async () => {
        await saver.flush();
        await ask(`/sets/${set.id}`, { method: 'DELETE' });
        router.visit('/sets');
        toast(`“${document.name}” was put away.`, {
            action: {
                label: 'Undo',
                run: () => void ask(`/sets/${set.id}/unarchive`, { method: 'POST' }).then(() => router.visit(`/bench/${set.id}`)),
            },
        });
    };
    const tell = (error: unknown) =>
        toast(error instanceof Refused || error instanceof Error ? error.message : 'That did not work.', { tone: 'failed' });

    return (
        <div className="pt-4">
            <div className="flex flex-wrap items-center gap-x-4 gap-y-2">
                <h1 className="min-w-0 flex-1 basis-64">
                    <input
                        aria-label="Name of the set"
                        value={name ?? document.name}
                        maxLength={200}
                        onChange={(event) => setName(event.target.value)}
                        onBlur={takeName}
                        onKeyDown={(event) => {
                            if (event.key === 'Enter') {
                                event.currentTarget.blur();
                            } else if (event.key === 'Escape') {
                                setName(null);
                            }
                        }}
                        className="-mx-1 w-full truncate rounded-[2px] border-b border-transparent bg-transparent px-1 text-[1.75rem] leading-tight font-bold tracking-tight [font-stretch:105%] hover:border-rule-strong focus:border-accent"
                    />
                </h1>
                <div className="flex items-center gap-1">
                    <SaveWords
                        state={saveState}
                        onRetry={() => void saver.flush()}
                        onKeepMine={() => void keepMine().catch(tell)}
                    />
                    <Button
                        look="quiet"
                        className="w-9 px-0 text-lg"
                        aria-label="Undo"
                        title="Undo (Ctrl Z)"
                        disabled={!canUndo}
                        onClick={undo}
                    >
                        <Glyph sign="undo" size={17} />
                    </Button>
                    <Button
                        look="quiet"
                        className="w-9 px-0 text-lg"
                        aria-label="Redo"
                        title="Redo (Ctrl Shift Z)"
                        disabled={!canRedo}
                        onClick={redo}
                    >
                        <Glyph sign="redo" size={17} />
                    </Button>
                    <VersionsMenu set={set} saver={saver} first={versions} />
                    <Button onClick={() => void printSheet().catch(tell)} title="A page to print: what goes where">
                        Sheet
                    </Button>
                    <Menu
                        trigger={
                            <Button look="plain" className="w-9 px-0" aria-label="More for this set">
                                <Glyph sign="more" />
                            </Button>
                        }
                    >
                        <MenuItem keys="Ctrl S" onSelect={() => void saver.flush()}>
                            Save now
                        </MenuItem>
                        <MenuItem onSelect={() => router.visit('/sets')}>Open another set…</MenuItem>
                        <MenuItem onSelect={() => void duplicate().catch(tell)}>Duplicate</MenuItem>
                        <MenuLine />
                        <MenuLink href={`/sets/${set.id}/export`}>Export set document</MenuLink>
                        <MenuLine />
                        <MenuItem onSelect={() => void archive().catch(tell)}>Put away</MenuItem>
                        <MenuItem keys="?" onSelect={onKeys}>
                            Keys that work here
                        </MenuItem>
                    </Menu>
                </div>
            </div>
            <p className="mt-0.5 flex flex-wrap items-center gap-x-1.5 text-ink-soft">
                <Link
                    href={`/instruments/${set.instrumentId}`}
                    className="inline-block min-h-[24px] font-semibold text-ink underline decoration-rule-strong underline-offset-3 hover:decoration-accent"
                >
                    {instrument.name}
                </Link>
                <span>
                    {instrument.kind.replaceAll('-', ' ')}, {document.strings.length} strings, {scaleWords(instrument, units)}
                </span>
                <span aria-hidden>·</span>
                <BaselineMenu sets={sets} saver={saver} />
                {document.baseline && (
                    <span>
                        {document.baseline.tunings[0]
                            ? `(${tuningLabel(document.baseline.tunings[0])}, ${scaleWords(document.baseline.instrument, units)})`
                            : ''}
                    </span>
                )}
            </p>
        </div>
    );
}

function SaveWords({ state, onRetry, onKeepMine }: { state: SaveState; onRetry: () => void; onKeepMine: () => void }) {
    // Hours and minutes of the local clock; a locale's own formatter takes longer to load than the rest of the page.
    const time = (at: Date) => at.toTimeString().slice(0, 5);
    return (
        <div role="status" className="mr-2 flex items-center gap-2 text-sm text-ink-soft">
            {state.is === 'saved' && <span>Saved {time(state.at)}</span>}
            {(state.is === 'waiting' || state.is === 'saving') && <span>Saving…</span>}
            {state.is === 'offline' && (
                <>
                    <span className="text-caution">No answer; your changes are kept here and tried again</span>
                    <Button look="quiet" onClick={onRetry}>
                        Try now
                    </Button>
                </>
            )}
            {state.is === 'refused' && <span className="max-w-80 text-stop">Not saved: {state.message}</span>}
            {state.is === 'conflict' && (
                <>
                    <span className="max-w-96 text-stop">{state.message}</span>
                    <Button look="quiet" onClick={onKeepMine}>
                        Keep mine as new
                    </Button>
                    <Button look="quiet" onClick={() => window.location.reload()}>
                        Reload
                    </Button>
                </>
            )}
        </div>
    );
}
