import { clsx } from 'clsx';
import type { Finding } from '../generated/formats';

const LOOKS: Record<Finding['severity'], { word: string; className: string; path: string; filled: boolean }> = {
    stop: { word: 'Stop', className: 'text-stop', path: 'M5 1.5 H11 L14.5 5 V11 L11 14.5 H5 L1.5 11 V5 Z', filled: true },
    caution: { word: 'Caution', className: 'text-caution', path: 'M8 2 L14.5 13.5 H1.5 Z', filled: false },
    note: { word: 'Note', className: 'text-ink-soft', path: 'M8 3 A5 5 0 1 1 8 13 A5 5 0 1 1 8 3 Z', filled: false },
};

/** How much a finding matters, by its shape and its word. */
export function SeverityMark({ severity }: { severity: Finding['severity'] }) {
    const look = LOOKS[severity];
    return (
        <span className={clsx('inline-flex', look.className)}>
            <svg width={14} height={14} viewBox="0 0 16 16" aria-hidden>
                <path
                    d={look.path}
                    fill={look.filled ? 'currentColor' : 'none'}
                    stroke="currentColor"
                    strokeWidth={1.6}
                    strokeLinejoin="round"
                />
            </svg>
            <span className="sr-only">{look.word}: </span>
        </span>
    );
}
