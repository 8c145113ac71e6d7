import { useId, useRef, type RefObject } from 'react';
import { StartMark } from './StartMark';
import { type Answer, type Named } from './answers';

export interface AskedProps {
    name: Answer;
    label: string;
    placeholder: string;
    /** Things people say here, to take instead of typing them. */
    offers: string[];
    value: string;
    /** What it is read as. */
    read: string;
    problem: string | undefined;
    /** What to take instead, where it cannot be read. */
    instead: string[];
    /** The workshop's, to take instead of describing one. */
    own?: Named[];
    /** Of these, those that may be meant. */
    kept?: Named[];
    onKept?: (named: Named) => void;
    autoFocus?: boolean;
    onChange: (value: string) => void;
}

export const OFFER =
    'min-h-target rounded-mark border border-rule bg-sheet px-2 py-0.5 text-sm text-ink-soft hover:border-ink hover:text-ink';

export const TAKE = 'min-h-target rounded-mark border border-accent bg-sheet px-2 py-0.5 text-accent hover:bg-accent-wash';

/** One question: its field, what the answer is read as, and what others say. */
export function Asked({
    name,
    label,
    placeholder,
    offers,
    value,
    read,
    problem,
    instead,
    own = [],
    kept = [],
    onKept,
    autoFocus = false,
    onChange,
}: AskedProps) {
    const id = useId();
    const field = useRef<HTMLInputElement>(null);
    const take = (words: string) => {
        onChange(words);
        field.current?.focus();
    };
    return (
        <div className="grid grid-cols-[4.5rem_1fr] gap-x-4 border-t border-rule py-4 max-sm:grid-cols-1">
            <StartMark of={name} />
            <div className="min-w-0">
                <label htmlFor={id} className="font-bold">
                    {label}
                </label>
                <input
                    ref={field}
                    id={id}
                    name={name}
                    value={value}
                    placeholder={placeholder}
                    autoFocus={autoFocus}
                    autoComplete="off"
                    autoCapitalize="off"
                    spellCheck={false}
                    maxLength={200}
                    aria-describedby={`${id}-read`}
                    aria-invalid={problem !== undefined || undefined}
                    onChange={(event) => onChange(event.target.value)}
                    className="mt-1 w-full border-b-2 border-rule-strong bg-transparent py-1 text-[1.45rem] leading-tight hover:border-ink focus:border-accent aria-invalid:border-stop"
                />
                <p id={`${id}-read`} role="status" className="mt-1.5 min-h-[1.4em]">
                    {problem !== undefined ? (
                        <span className="text-stop">{problem}</span>
                    ) : (
                        read !== '' && <span className="text-ink-soft">{value.trim() === '' ? `As usual: ${read}` : read}</span>
                    )}
                </p>
                {(instead.length > 0 || kept.length > 0) && (
                    <p className="mt-1 flex flex-wrap items-center gap-1.5 text-sm">
                        {problem === undefined && <span className="text-ink-soft">Or is it yours?</span>}
                        {kept.map((named) => (
                            <button key={named.id} type="button" onClick={() => onKept?.(named)} className={TAKE}>
                                {named.name}
                            </button>
                        ))}
                        {problem !== undefined &&
                            instead.map((correction) => (
                                <button key={correction} type="button" onClick={() => take(correction)} className={TAKE}>
                                    {correction}
                                </button>
                            ))}
                    </p>
                )}
                <SaidByOthers label={label} own={own} onKept={onKept} field={field} offers={offers} take={take} />
            </div>
        </div>
    );
}

/** What others say here, to take with one press. */
function SaidByOthers({
    label,
    own,
    onKept,
    field,
    offers,
    take,
}: {
    label: AskedProps['label'];
    own: NonNullable<AskedProps['own']>;
    onKept: AskedProps['onKept'];
    field: RefObject<HTMLInputElement | null>;
    offers: AskedProps['offers'];
    take: (words: string) => void;
}) {
    return (
        <ul aria-label={`${label}: said by others`} className="mt-1.5 flex flex-wrap gap-1.5">
            {own.map((named) => (
                <li key={named.id}>
                    <button
                        type="button"
                        onClick={() => {
                            onKept?.(named);
                            field.current?.focus();
                        }}
                        className={OFFER}
                    >
                        {named.name}
                    </button>
                </li>
            ))}
            {offers.map((offer) => (
                <li key={offer}>
                    <button type="button" onClick={() => take(offer)} className={OFFER}>
                        {offer}
                    </button>
                </li>
            ))}
        </ul>
    );
}
