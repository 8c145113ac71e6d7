import { useRef, useState } from 'react';
import { ask, upload, failureWords } from '../../server/api';
import { useAct } from '../../server/useAct';
import { Button } from '../../ui/Button';
import { toast } from '../../ui/toasts';
import { TypedInput } from '../../ui/TypedInput';
import {
    photographsStore,
    photographsUpdate,
    photographsDestroy,
    photographsUnarchive,
    photographsShow,
} from '../../generated/addresses/photographs';
import type { Photograph } from '../../generated/views';
import { withAsked } from '../../server/asked';

interface Props {
    instrument: number;
    given: Photograph[];
}

/** Photographs of the instrument, kept here and made smaller; each with a line of words. */
export function Photographs({ instrument, given }: Props) {
    const { file, add, photographs, change, remove, problem, sending } = usePhotographs({ given, instrument });
    return (
        <section aria-label="Photographs">
            <h2 className="border-b border-ink pb-1 text-lg font-bold">Photographs</h2>
            <p className="mt-1 text-ink-soft">
                Kept on this machine only, made smaller, and without the place where they were taken. They are not part of
                documents.
            </p>
            <input
                ref={file}
                type="file"
                multiple
                accept="image/jpeg,image/png,image/webp"
                aria-label="Photographs to add"
                className="hidden"
                onChange={(event) => {
                    add([...(event.target.files ?? [])]);
                    // The same one may be chosen again.
                    event.target.value = '';
                }}
            />
            <ul className="mt-3 grid grid-cols-[repeat(auto-fill,minmax(11rem,1fr))] gap-4">
                {photographs.map((photograph) => (
                    <OnePhotograph
                        key={photograph.id}
                        instrument={instrument}
                        photograph={photograph}
                        change={change}
                        remove={remove}
                    />
                ))}
            </ul>
            {problem !== undefined && (
                <p role="alert" className="mt-2 text-stop">
                    {problem}
                </p>
            )}
            <Button className="mt-3" disabled={sending > 0} onClick={() => file.current?.click()}>
                {sending > 0 ? 'Keeping…' : 'Add photographs…'}
            </Button>
        </section>
    );
}

/** Photographs that are added, described, removed and brought back. */
function usePhotographs({ given, instrument }: { given: Props['given']; instrument: Props['instrument'] }) {
    const [photographs, setPhotographs] = useState(given);
    const { act, problem } = useAct();
    const [sending, setSending] = useState(0);
    const file = useRef<HTMLInputElement>(null);

    const add = (files: File[]) =>
        act(async () => {
            // All are tried; the last that cannot be taken is told.
            let failure: Error | undefined;
            for (const each of files) {
                setSending((count) => count + 1);
                try {
                    const added = await upload<Photograph>(photographsStore(instrument), { photograph: each, caption: '' });
                    setPhotographs((present) => [...present, added]);
                } catch (error) {
                    failure = error instanceof Error ? error : new Error(failureWords(error));
                }
                setSending((count) => count - 1);
            }
            if (failure !== undefined) {
                throw failure;
            }
        });
    const put = (changed: Photograph) =>
        setPhotographs((present) => present.map((each) => (each.id === changed.id ? changed : each)));
    const change = (photograph: Photograph, caption: string) =>
        act(async () => {
            put({ ...photograph, caption });
            try {
                const body = { caption, revision: photograph.revision };
                put(await ask<Photograph>(photographsUpdate(instrument, photograph.id), { method: 'PUT', body }));
            } catch (error) {
                put(photograph);
                throw new Error(`“${caption}” was not kept. ${failureWords(error)}`, { cause: error });
            }
        });
    const remove = (photograph: Photograph) =>
        act(async () => {
            await ask(photographsDestroy(instrument, photograph.id), { method: 'DELETE' });
            setPhotographs((present) => present.filter(({ id }) => id !== photograph.id));
            toast('The photograph was removed.', {
                action: {
                    label: 'Undo',
                    run: () =>
                        void ask(photographsUnarchive(instrument, photograph.id), { method: 'POST' }).then(() =>
                            setPhotographs((present) => [...present, photograph].sort((a, b) => a.id - b.id)),
                        ),
                },
            });
        });
    return { file, add, photographs, change, remove, problem, sending };
}

/** One of them, with a line of words. */
function OnePhotograph({
    instrument,
    photograph,
    change,
    remove,
}: {
    instrument: number;
    photograph: Photograph;
    change: (photograph: Photograph, caption: string) => void;
    remove: (photograph: Photograph) => void;
}) {
    return (
        <li>
            <a href={photographsShow(instrument, photograph.id)} target="_blank" rel="noreferrer" className="block">
                <img
                    src={withAsked(photographsShow(instrument, photograph.id), { small: 1 })}
                    alt={photograph.caption === '' ? 'Photograph without words' : photograph.caption}
                    className="aspect-[4/3] w-full rounded-mark border border-rule bg-sheet object-cover"
                    loading="lazy"
                />
            </a>
            <div className="mt-1 flex gap-1">
                <TypedInput
                    className="h-8 min-w-0 flex-1 rounded-mark border border-transparent bg-transparent px-1 hover:border-rule-strong focus:border-rule-strong"
                    aria-label="What the photograph shows"
                    placeholder="What it shows"
                    maxLength={200}
                    shown={photograph.caption}
                    onTake={(caption) => change(photograph, caption.trim())}
                />
                <Button
                    look="quiet"
                    className="h-8 px-2"
                    aria-label={`Remove ${photograph.caption === '' ? 'the photograph' : photograph.caption}`}
                    onClick={() => remove(photograph)}
                >
                    Remove
                </Button>
            </div>
        </li>
    );
}
