import { useRef, useState } from 'react';
import { Button } from '../ui/Button';
import { floatClass } from '../ui/classes';
import { clsx } from 'clsx';
import { Field } from '../ui/Field';
import { Glyph } from '../ui/Glyph';
import { Select } from '../ui/Select';
import { typeLikeKeyboard } from './keyboard';
import { DEVICES, readingMm, readingText, seeded, type Device, type DeviceName } from './reading';
import { useMeasuredField } from './useMeasuredField';
import { readNumber } from '../units/typed';

interface Props {
    onClose: () => void;
    /** Where it stands, if not in the lower right corner. */
    className?: string;
}

/** A calliper and a ruler to try with, for whoever has none plugged in: they type what they read into the field with the focus. */
export function CalliperPanel({ onClose, className = 'right-4' }: Props) {
    const [name, setName] = useState<DeviceName>('calliper');
    const [opened, setOpened] = useState('0.40');
    const [last, setLast] = useState<string | null>(null);
    const target = useMeasuredField();
    const random = useRef(seeded(20260214));
    const device: Device = DEVICES[name];
    const openedMm = Math.min(device.mostMm, Math.max(0, readNumber(opened) ?? 0));

    const read = () => {
        const text = readingText(device, readingMm(device, openedMm, random.current));
        setLast(text);
        if (target?.isConnected === true) {
            target.focus();
            target.setSelectionRange(target.value.length, target.value.length);
            typeLikeKeyboard(text);
        }
    };
    return (
        <aside
            aria-label="Calliper and ruler"
            className={clsx(floatClass, 'fixed bottom-20 w-[21rem] max-w-[calc(100vw-2rem)] p-3', className)}
        >
            <div className="flex items-center justify-between">
                <h2 className="font-bold">Calliper and ruler, simulated</h2>
                <Button look="quiet" className="h-8 w-8 px-0" aria-label="Put calliper and ruler away" onClick={onClose}>
                    <Glyph sign="close" />
                </Button>
            </div>
            <p className="mt-0.5 text-sm text-ink-soft">
                A real one that types like a keyboard works the same way: put the cursor in a field and read.
            </p>
            <CalliperDrawing device={device} openedMm={openedMm} shown={last ?? readingText(device, 0)} />
            <div className="mt-2 grid grid-cols-[11.5rem_1fr] gap-3">
                <Field label="Device">
                    <Select
                        value={name}
                        choices={Object.entries(DEVICES).map(([value, each]) => ({ value, label: each.name }))}
                        onChange={(value) => setName(value as DeviceName)}
                    />
                </Field>
                <Field label="Held, mm">
                    <input
                        className="h-9 w-full rounded-field border border-rule-strong bg-sheet px-2.5"
                        inputMode="decimal"
                        autoComplete="off"
                        value={opened}
                        onChange={(event) => setOpened(event.target.value)}
                        onKeyDown={(event) => {
                            if (event.key === 'Enter') {
                                event.preventDefault();
                                read();
                            }
                        }}
                    />
                </Field>
            </div>
            <Button look="strong" className="mt-3 w-full" disabled={target === null} onClick={read}>
                Read
            </Button>
            <p role="status" className="mt-1.5 min-h-[1.4em] text-sm text-ink-soft">
                {target === null
                    ? 'Put the cursor in a field to measure for.'
                    : `${last === null ? 'Types' : `Typed ${last}`} into “${labelOf(target)}”. Readings spread by about ${device.spreadMm} mm.`}
            </p>
        </aside>
    );
}

function labelOf(field: HTMLInputElement): string {
    const label = field.labels?.[0];
    const letter = label?.querySelector('span')?.textContent ?? '';
    return (label?.textContent ?? '').slice(letter.length).replace(/, (mm|in)$/, '');
}

/** The jaws as far apart as what they hold, with the figure shown. */
function CalliperDrawing({ device, openedMm, shown }: { device: Device; openedMm: number; shown: string }) {
    const gap = 4 + 150 * Math.sqrt(openedMm / device.mostMm);
    const jaw = 34 + gap;
    return (
        <svg viewBox="0 0 300 84" className="mt-2 w-full" aria-hidden fill="var(--paper)" stroke="var(--ink)" strokeWidth={1.3}>
            <path d="M8 20 H292 V36 H34 V76 L26 60 V20" />
            {Array.from({ length: 24 }, (_, index) => (
                <line
                    key={index}
                    x1={44 + index * 10}
                    x2={44 + index * 10}
                    y1={20}
                    y2={index % 5 === 0 ? 30 : 26}
                    stroke="var(--rule-strong)"
                />
            ))}
            <path d={`M${jaw} 76 L${jaw + 8} 60 V46 H${jaw + 96} V14 H${jaw} Z`} fill="var(--sheet)" />
            <text x={jaw + 50} y={36} textAnchor="middle" fontSize="1.214rem" fontWeight={700} fill="var(--ink)" stroke="none">
                {shown}
            </text>
            <rect x={34} y={62} width={gap} height={10} fill="var(--steel)" stroke="none" />
        </svg>
    );
}
