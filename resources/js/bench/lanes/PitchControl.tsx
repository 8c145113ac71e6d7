import { Glyph } from '../../ui/Glyph';
import { clsx } from 'clsx';
import type { ReactNode } from 'react';
import { pitchLabel, pitchName } from '../../units/pitch';
import { TypedInput } from '../../ui/TypedInput';

interface Props {
    pitch: string;
    frequencyHz: number | null;
    label: string;
    error: string | undefined;
    onType: (pitch: string) => void;
    onStep: (semitones: number) => void;
    onFocus: () => void;
}

/** A pitch, typed or stepped by semitones. */
export function PitchControl({ pitch, frequencyHz, label, error, onType, onStep, onFocus }: Props) {
    return (
        <div className="flex items-center gap-1">
            <div className="w-[4.6rem]">
                <TypedInput
                    aria-label={label}
                    aria-invalid={error !== undefined || undefined}
                    shown={pitchLabel(pitch)}
                    spellCheck={false}
                    onTake={(typed) => typed !== '' && pitchName(typed) !== pitch && onType(pitchName(typed))}
                    onFocus={(event) => {
                        onFocus();
                        event.target.select();
                    }}
                    onKeyDown={(event) => {
                        if (event.key === 'ArrowUp' || event.key === 'ArrowDown') {
                            event.preventDefault();
                            onStep(event.key === 'ArrowUp' ? 1 : -1);
                        }
                    }}
                    className={clsx(
                        'w-full rounded-mark border-b border-transparent bg-transparent px-1 text-[1.45rem] leading-tight font-bold hover:border-rule-strong focus:border-accent',
                        error !== undefined && 'border-stop text-stop',
                    )}
                />
                <div className="px-1 text-xs whitespace-nowrap text-ink-faint">
                    {frequencyHz === null ? '\u00a0' : `${frequencyHz.toFixed(1)} Hz`}
                </div>
            </div>
            <div className="flex flex-col">
                <StepButton label={`${label}: a semitone higher`} onClick={() => onStep(1)}>
                    <Glyph sign="up" />
                </StepButton>
                <StepButton label={`${label}: a semitone lower`} onClick={() => onStep(-1)}>
                    <Glyph sign="down" />
                </StepButton>
            </div>
        </div>
    );
}

export function StepButton({
    label,
    onClick,
    disabled,
    children,
}: {
    label: string;
    onClick: () => void;
    disabled?: boolean;
    children: ReactNode;
}) {
    return (
        <button
            type="button"
            aria-label={label}
            title={label.replace(/^.*: /, '')}
            disabled={disabled}
            onClick={onClick}
            className="flex h-[24px] w-[26px] items-center justify-center rounded-mark text-ink-faint hover:bg-rule/60 hover:text-ink disabled:opacity-30"
        >
            {children}
        </button>
    );
}
