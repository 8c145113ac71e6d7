import { router } from '@inertiajs/react';
import { clsx } from 'clsx';
import { useState, type Dispatch, type SetStateAction } from 'react';
import { ask } from '../../server/api';
import type { ConvertedSet, Evaluation } from '../../generated/formats';
import type { PitchLadder } from '../../units/pitch';
import { sentenceOf } from '../../units/sentences';
import { type Units } from '../../units/units';
import { useUnits } from '../../units/useUnits';
import { useAsked } from '../../server/useAsked';
import { Button } from '../../ui/Button';
import { Dialog } from '../../ui/Dialog';
import { tellFailure, toast } from '../../ui/toasts';
import { useBench } from '../design/benchStore';
import { question } from '../design/question';
import type { Saver } from '../saving/saver';
import { askedOf, CONVERSIONS, notesOf, usualWish, type Wish } from './conversion';
import { ConversionPreview } from './ConversionPreview';
import { WishFields } from './WishFields';
import { benchShow } from '../../generated/addresses/bench';
import { apiBenchConversions, setsImport } from '../../generated/addresses/places';

interface Props {
    open: boolean;
    onOpenChange: (open: boolean) => void;
    evaluation: Evaluation;
    saver: Saver;
    ladder: PitchLadder;
}

/** Turns the set into a starting point for another tuning, scale or number of strings; the set itself stays as it is. */
export function ConvertDialog({ open, onOpenChange, ...rest }: Props) {
    return (
        <Dialog
            open={open}
            onOpenChange={onOpenChange}
            title="Convert"
            description="A new set from this one, with the feel of what you are used to. This set stays as it is."
            width="wider"
        >
            <Convert {...rest} onDone={() => onOpenChange(false)} />
        </Dialog>
    );
}

function Convert({ evaluation, saver, ladder, onDone }: Omit<Props, 'open' | 'onOpenChange'> & { onDone: () => void }) {
    const units = useUnits();
    const document = useBench((state) => state.document);
    const joined = useBench((state) => state.joined);
    const [wish, setWish] = useState(() =>
        usualWish(document.tunings, evaluation.strings[0]?.speaking_length_mm ?? 0, ladder, units),
    );
    const [busy, setBusy] = useState(false);
    const { asked, missing } = askedOf(wish, units);
    const { data, error, isFetching } = useAsked<ConvertedSet>(
        apiBenchConversions,
        asked === null
            ? null
            : question(document, joined, {
                  conversion: asked,
                  ...(document.target === undefined ? {} : { target: document.target }),
              }),
    );
    const problem = missing ?? error?.message ?? null;
    const chosen = CONVERSIONS.find(({ to }) => to === wish.to);

    const put = async (converted: ConvertedSet) => {
        setBusy(true);
        try {
            if (await saver.flush()) {
                const body = { ...converted.document, notes: notesOf(converted, units) };
                const { id } = await ask<{ id: number }>(setsImport, { method: 'POST', body });
                onDone();
                router.visit(benchShow(id));
                toast(`“${converted.document.name}” is on the bench. The set it came from is among the sets.`);
            }
        } catch (failure) {
            tellFailure(failure);
        } finally {
            setBusy(false);
        }
    };

    return (
        <div className="grid gap-x-7 gap-y-4 md:grid-cols-[16rem_1fr]">
            <div className="grid content-start gap-3">
                <ConvertTo wish={wish} setWish={setWish} />
                <p className="text-ink-soft">{chosen?.what}</p>
                <WishFields wish={wish} document={document} onWish={setWish} />
            </div>
            <div className="flex min-w-0 flex-col" aria-busy={isFetching}>
                <p role="status" className="sr-only">
                    {data === undefined || isFetching || problem !== null ? '' : converted(data, units)}
                </p>
                {problem !== null && (
                    <p role="alert" className="mb-3 text-stop">
                        {problem}
                    </p>
                )}
                {problem === null && data !== undefined && (
                    <>
                        <ConversionPreview converted={data} before={evaluation} />
                        <div className="mt-4 flex justify-end">
                            <Button look="strong" disabled={busy || isFetching} onClick={() => void put(data)}>
                                Put it on the Bench
                            </Button>
                        </div>
                    </>
                )}
            </div>
        </div>
    );
}

/** What it comes to, in one sentence for whoever hears it. */
function converted({ document, reasons }: ConvertedSet, units: Units): string {
    const [last] = reasons.slice(-1);
    return `${document.name}: ${last === undefined ? 'found.' : sentenceOf(last, units)}`;
}

/** What it is to become. */
function ConvertTo({ wish, setWish }: { wish: Wish; setWish: Dispatch<SetStateAction<Wish>> }) {
    return (
        <div role="radiogroup" aria-label="Convert to" className="grid grid-cols-2 gap-1.5">
            {CONVERSIONS.map(({ to, name }) => (
                <label
                    key={to}
                    className={clsx(
                        'flex min-h-9 cursor-pointer items-center rounded-field border px-2 text-[0.9rem] has-focus-visible:outline-2 has-focus-visible:outline-offset-2 has-focus-visible:outline-accent',
                        wish.to === to ? 'border-accent bg-accent text-accent-ink' : 'border-rule-strong hover:border-ink',
                    )}
                >
                    <input
                        type="radio"
                        name="conversion"
                        className="sr-only"
                        checked={wish.to === to}
                        onChange={() => setWish({ ...wish, to })}
                    />
                    {name}
                </label>
            ))}
        </div>
    );
}
