import { clsx } from 'clsx';
import { lazy, useState } from 'react';
import type { Refused } from '../lib/api';
import { tuningLabel } from '../lib/pitch';
import { Button } from '../ui/Button';
import { Lazily } from '../ui/Lazily';
import { useBench, useBenchActions } from './benchStore';
import * as edits from './edits';

const TuningPicker = lazy(() => import('./TuningPicker').then((module) => ({ default: module.TuningPicker })));

/** The tunings the set must serve: which one is shown, another one, another choice. */
export function TuningTabs({ refused, onSolve }: { refused: Refused | null; onSolve: () => void }) {
    const tunings = useBench((state) => state.document.tunings);
    const shown = useBench((state) => state.tuning);
    const { edit, showTuning } = useBenchActions();
    const [picking, setPicking] = useState(false);
    const present = tunings[shown];
    const a4Error = refused?.at(`/tunings/${shown}/a4_hz`)?.message;

    const add = () => {
        edit(edits.addTuning(shown));
        showTuning(tunings.length);
        setPicking(true);
    };

    return (
        <div className="mt-2.5 flex flex-wrap items-center gap-2">
            <div role="group" aria-label="Tunings this set serves" className="flex flex-wrap gap-2">
                {tunings.map((tuning, index) => (
                    <button
                        key={index}
                        type="button"
                        aria-pressed={index === shown}
                        onClick={() => (index === shown ? setPicking(true) : showTuning(index))}
                        className={clsx(
                            'h-8 rounded-[3px] border px-3.5 whitespace-nowrap',
                            index === shown
                                ? 'border-accent bg-accent font-semibold text-accent-ink'
                                : 'border-rule-strong bg-sheet hover:border-ink',
                        )}
                    >
                        {tuningLabel(tuning)}
                    </button>
                ))}
            </div>
            <Button look="quiet" className="h-8" onClick={() => setPicking(true)}>
                Choose tuning…
            </Button>
            {tunings.length < 12 && (
                <Button look="quiet" className="h-8" onClick={add}>
                    + tuning
                </Button>
            )}
            {tunings.length > 1 && (
                <Button
                    look="quiet"
                    className="h-8"
                    onClick={() => edit(edits.removeTuning(shown))}
                    aria-label={`Remove ${present ? tuningLabel(present) : 'this tuning'}`}
                >
                    − tuning
                </Button>
            )}
            <ReferenceInput
                key={`${shown}-${present?.a4_hz ?? 440}`}
                hertz={present?.a4_hz ?? 440}
                error={a4Error}
                onTake={(hertz) => edit(edits.a4(shown, hertz))}
            />
            <Button look="strong" className="h-8" onClick={onSolve} title="Choose the gauges (S)">
                Solve
            </Button>
            <Lazily when={picking}>
                <TuningPicker open={picking} onOpenChange={setPicking} />
            </Lazily>
        </div>
    );
}

function ReferenceInput({ hertz, error, onTake }: { hertz: number; error: string | undefined; onTake: (hertz: number) => void }) {
    const [typed, setTyped] = useState(String(hertz));
    const take = () => {
        const value = Number(typed.replace(',', '.').replace(/\s*hz\s*$/i, ''));
        if (Number.isFinite(value) && value !== hertz && typed.trim() !== '') {
            onTake(value);
        } else {
            setTyped(String(hertz));
        }
    };
    return (
        <label className="ml-auto flex items-center gap-1.5 text-ink-soft max-sm:ml-0">
            A4
            <input
                value={typed}
                inputMode="decimal"
                aria-invalid={error !== undefined || undefined}
                onChange={(event) => setTyped(event.target.value)}
                onBlur={take}
                onKeyDown={(event) => event.key === 'Enter' && take()}
                className="w-14 rounded-[2px] border-b border-rule-strong bg-transparent px-1 text-right text-ink hover:border-ink aria-invalid:text-stop"
            />
            Hz
            {error !== undefined && (
                <span role="alert" className="text-sm text-stop">
                    {error}
                </span>
            )}
        </label>
    );
}
