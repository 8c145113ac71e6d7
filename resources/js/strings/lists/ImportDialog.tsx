import { useAct } from '../../server/useAct';
import type { ImportPreview, ImportProgress, Mapping, Supplier } from '../../generated/views';
import { useEffect, useRef, useState, type RefObject, type Dispatch, type SetStateAction } from 'react';
import { ask, upload } from '../../server/api';
import { Button } from '../../ui/Button';
import { Dialog } from '../../ui/Dialog';
import { toast } from '../../ui/toasts';
import { CheckedList } from './CheckedList';
import { fileWords } from './importing';
import { MappingFields } from './MappingFields';
import { importsCheck, importsDestroy, importsMap, importsStore, importsWrite } from '../../generated/addresses/imports';

interface Props {
    supplier: Supplier;
    onClose: (changed: boolean) => void;
}

/** A list comes in: the file, what its columns say, a check of every row, and only then the whole of it. */
export function ImportDialog({ supplier, onClose }: Props) {
    const { progress, preview, mapping, ...bringing } = useBringingIn({ supplier, onClose });

    const step = progress !== null ? 'check' : preview !== null && mapping !== null ? 'map' : 'file';
    return (
        <Dialog
            open
            onOpenChange={bringing.leave}
            title={`Bring in a list of ${supplier.name}`}
            description="Nothing changes until every row was checked and you say so."
            width={step === 'file' ? 'narrow' : 'wider'}
        >
            <div className="-mx-2 min-h-0 overflow-auto px-2 pb-1">
                {step === 'file' && <FromFile file={bringing.file} bringIn={bringing.bringIn} busy={bringing.busy} />}
                {step === 'map' && preview !== null && mapping !== null && (
                    <Mapped
                        preview={preview}
                        mapping={mapping}
                        setMapping={bringing.setMapping}
                        whole={bringing.whole}
                        setWhole={bringing.setWhole}
                    />
                )}
                {step === 'check' && progress !== null && <CheckedList progress={progress} />}
            </div>
            {bringing.problem !== undefined && (
                <p role="alert" className="mt-3 text-stop">
                    {bringing.problem}
                </p>
            )}
            {step !== 'file' && preview !== null && mapping !== null && (
                <WhatNext
                    step={step}
                    busy={bringing.busy}
                    check={bringing.check}
                    preview={preview}
                    mapping={mapping}
                    progress={progress}
                    write={bringing.write}
                    setProgress={bringing.setProgress}
                    leave={bringing.leave}
                />
            )}
        </Dialog>
    );
}

/** A list on its way in: read, mapped, checked, written, or left. */
function useBringingIn({ supplier, onClose }: { supplier: Props['supplier']; onClose: Props['onClose'] }) {
    const [preview, setPreview] = useState<ImportPreview | null>(null);
    const [mapping, setMapping] = useState<Mapping | null>(null);
    const [whole, setWhole] = useState(false);
    const [progress, setProgress] = useState<ImportProgress | null>(null);
    const { act: attempt, busy, problem } = useAct();
    const file = useRef<HTMLInputElement>(null);
    const going = useRef(true);
    useEffect(() => {
        going.current = true;
        return () => {
            going.current = false;
        };
    }, []);

    const isOpen = () => going.current;

    const bringIn = (chosen: File | undefined) =>
        chosen !== undefined &&
        attempt(async () => {
            const given = await upload<ImportPreview>(importsStore(supplier.id), { file: chosen });
            setPreview(given);
            setMapping(given.mapping);
        });
    const check = (id: number, by: Mapping) =>
        attempt(async () => {
            let now = await ask<ImportProgress>(importsMap(id), { method: 'PUT', body: { ...by, whole } });
            setProgress(now);
            // Some thousand rows at a time, so that it can be left in between.
            while (now.status === 'checking' && isOpen()) {
                now = await ask<ImportProgress>(importsCheck(id), { method: 'POST' });
                if (isOpen()) {
                    setProgress(now);
                }
            }
        });
    const write = (id: number) =>
        attempt(async () => {
            const { written } = await ask<{ written: number }>(importsWrite(id), { method: 'POST' });
            toast(`${written.toLocaleString('en')} strings of ${supplier.name} are listed.`);
            onClose(true);
        });
    const leave = () => {
        going.current = false;
        if (preview !== null) {
            ask(importsDestroy(preview.id), { method: 'DELETE' }).catch(() => undefined);
        }
        onClose(false);
    };
    return {
        progress,
        preview,
        mapping,
        leave,
        file,
        bringIn,
        busy,
        setMapping,
        whole,
        setWhole,
        problem,
        check,
        write,
        setProgress,
    };
}

/** Which file it is. */
function FromFile({
    file,
    bringIn,
    busy,
}: {
    file: RefObject<HTMLInputElement | null>;
    bringIn: (chosen: File | undefined) => unknown;
    busy: boolean;
}) {
    return (
        <>
            <p className="text-ink-soft">
                A CSV file: a row of titles, then a row for each string. Order codes and gauges are enough; prices, boxes and
                masses make it better.
            </p>
            <input
                ref={file}
                type="file"
                accept=".csv,.txt,text/csv,text/plain"
                aria-label="List to bring in"
                className="hidden"
                onChange={(event) => {
                    bringIn(event.target.files?.[0]);
                    event.target.value = '';
                }}
            />
            <Button look="strong" className="mt-3" disabled={busy} onClick={() => file.current?.click()}>
                {busy ? 'Reading…' : 'Choose the file…'}
            </Button>
        </>
    );
}

/** Which column is what. */
function Mapped({
    preview,
    mapping,
    setMapping,
    whole,
    setWhole,
}: {
    preview: ImportPreview;
    mapping: Mapping;
    setMapping: Dispatch<SetStateAction<Mapping | null>>;
    whole: boolean;
    setWhole: Dispatch<SetStateAction<boolean>>;
}) {
    return (
        <>
            <p className="mb-3 text-ink-soft">
                “{preview.original}” has {fileWords(preview)}.{' '}
                {preview.remembered
                    ? 'Its columns are taken as they were the last time.'
                    : 'Its columns were guessed by their titles: look them over.'}
            </p>
            <MappingFields preview={preview} mapping={mapping} onMapping={setMapping} />
            <label className="mt-4 flex items-start gap-2">
                <input type="checkbox" className="mt-1" checked={whole} onChange={(event) => setWhole(event.target.checked)} />
                <span>
                    This is all they sell: what is missing from it is no longer listed
                    <span className="block text-sm text-ink-soft">Sets and the drawer keep what they have.</span>
                </span>
            </label>
        </>
    );
}

/** What comes next, or leaving it. */
function WhatNext({
    step,
    busy,
    check,
    preview,
    mapping,
    progress,
    write,
    setProgress,
    leave,
}: {
    step: 'map' | 'check';
    busy: boolean;
    check: (id: number, by: Mapping) => void;
    preview: ImportPreview;
    mapping: Mapping;
    progress: ImportProgress | null;
    write: (id: number) => void;
    setProgress: Dispatch<SetStateAction<ImportProgress | null>>;
    leave: () => void;
}) {
    return (
        <div className="mt-4 flex gap-2 border-t border-rule pt-3">
            {step === 'map' && (
                <Button look="strong" disabled={busy} onClick={() => check(preview.id, mapping)}>
                    Check every row
                </Button>
            )}
            {step === 'check' && (
                <>
                    <Button
                        look="strong"
                        disabled={busy || progress?.status !== 'checked' || progress.good === 0}
                        onClick={() => write(preview.id)}
                    >
                        Take {progress?.good.toLocaleString('en')} strings
                        {(progress?.difference?.gone ?? 0) > 0 &&
                            ` and put ${progress?.difference?.gone.toLocaleString('en')} away`}
                    </Button>
                    <Button disabled={busy} onClick={() => setProgress(null)}>
                        Back to the columns
                    </Button>
                </>
            )}
            <Button look="quiet" onClick={leave}>
                Leave it
            </Button>
        </div>
    );
}
