import { clsx } from 'clsx';
import { useRef, useState } from 'react';
import { Button } from '../ui/Button';
import { floatClass } from '../ui/classes';
import { Field } from '../ui/Field';
import { TextField } from '../ui/TextField';
import { Glyph } from '../ui/Glyph';
import { Select } from '../ui/Select';
import { typeLikeKeyboard } from './keyboard';
import { INSTRUMENTS, instrumentName, type Instrument, type InstrumentName } from './instruments';
import { useOwnTools } from './own';
import { seeded, stepped } from './reading';
import { useMeasuredField } from './useMeasuredField';
import { readNumber } from '../units/typed';

/** Scale, weight and tuner to try with, for whoever has none plugged in: they type what they read into the field with the focus. */
export function ScalePanel({ onClose }: { onClose: () => void }) {
    const [name, setName] = useState<InstrumentName>(() => instrumentName(useOwnTools.getState().scale));
    const [held, setHeld] = useState('6.80');
    const [last, setLast] = useState<string | null>(null);
    const target = useMeasuredField();
    const random = useRef(seeded(20260214));
    const instrument: Instrument = INSTRUMENTS[name];
    const read = () => {
        const value = stepped(readNumber(held) ?? 0, instrument.step, instrument.spread, random.current);
        const text = `${value.toFixed(instrument.decimals)} ${instrument.unit}`;
        setLast(text);
        if (target?.isConnected === true) {
            target.focus();
            target.select();
            typeLikeKeyboard(text);
        }
    };
    return (
        <aside
            aria-label="Scale and weights"
            className={clsx(floatClass, 'fixed right-4 bottom-4 w-[21rem] max-w-[calc(100vw-2rem)] p-3')}
        >
            <div className="flex items-center justify-between">
                <h2 className="font-bold">Scale, weights and tuner, simulated</h2>
                <Button look="quiet" className="h-8 w-8 px-0" aria-label="Put scale and weights away" onClick={onClose}>
                    <Glyph sign="close" />
                </Button>
            </div>
            <svg
                viewBox="0 0 300 74"
                className="mt-2 w-full"
                aria-hidden
                fill="var(--paper)"
                stroke="var(--ink)"
                strokeWidth={1.3}
            >
                <path d="M60 34 H240 L232 22 H68 Z" fill="var(--rule)" />
                <path d="M48 34 H252 V66 H48 Z" fill="var(--sheet)" />
                <path d="M110 22 a40 12 0 0 1 80 0" fill="none" stroke="var(--steel-dark)" strokeWidth={2} />
                <text x={150} y={57} textAnchor="middle" fontSize="1.357rem" fontWeight={700} fill="var(--ink)" stroke="none">
                    {last ?? `0 ${instrument.unit}`}
                </text>
            </svg>
            <div className="mt-2 grid grid-cols-[11.5rem_1fr] gap-3">
                <Field label="Device">
                    <Select
                        value={name}
                        choices={Object.entries(INSTRUMENTS).map(([value, each]) => ({ value, label: each.name }))}
                        onChange={(value) => setName(value as InstrumentName)}
                    />
                </Field>
                <TextField label={instrument.held} inputMode="decimal" autoComplete="off" value={held} onChange={setHeld} />
            </div>
            <Button look="strong" className="mt-3 w-full" disabled={target === null} onClick={read}>
                Read
            </Button>
            <p role="status" className="mt-1.5 min-h-[1.4em] text-sm text-ink-soft">
                {target === null ? 'Put the cursor in a field to read into.' : last === null ? '' : `Typed ${last}.`}
            </p>
        </aside>
    );
}
