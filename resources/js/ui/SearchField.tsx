import { keepPreviousData, queryOptions, useQuery, useQueryClient } from '@tanstack/react-query';
import { useId, useState, type KeyboardEvent } from 'react';
import { clsx } from 'clsx';
import { search, type Found } from '../server/search';
import { fieldClass } from './classes';

interface Props<T> {
    label: string;
    error?: string | undefined;
    /** Which of what was found can be taken here. */
    pick: (found: Found) => T[];
    onTake: (taken: T) => void;
}

/** Finds a set or an instrument by its name: type, and take one of the list. */
export function SearchField<T extends { id: number; name: string }>({ label, error, pick, onTake }: Props<T>) {
    const id = useId();
    const { setOpen, open, found, chosen, typed, setTyped, setAt, onKeyDown, take, data } = useSearch(pick, onTake);
    return (
        <div className="relative" onBlur={(event) => !event.currentTarget.contains(event.relatedTarget) && setOpen(false)}>
            <label htmlFor={id} className="mb-1 block text-sm font-medium text-ink-soft">
                {label}
            </label>
            <input
                id={id}
                className={fieldClass}
                role="combobox"
                aria-expanded={open}
                aria-controls={`${id}-list`}
                aria-activedescendant={open && found.length > 0 ? `${id}-${chosen}` : undefined}
                aria-invalid={error !== undefined || undefined}
                aria-describedby={error === undefined ? undefined : `${id}-error`}
                placeholder="Name"
                autoComplete="off"
                value={typed}
                onFocus={() => setOpen(true)}
                onChange={(event) => {
                    setTyped(event.target.value);
                    setAt(0);
                    setOpen(true);
                }}
                onKeyDown={onKeyDown}
            />
            {error !== undefined && (
                <p id={`${id}-error`} className="mt-1 text-sm text-stop">
                    {error}
                </p>
            )}
            <ul
                id={`${id}-list`}
                role="listbox"
                aria-label={label}
                hidden={!open}
                className="mt-1 max-h-52 overflow-auto rounded-field border border-rule bg-sheet"
            >
                {found.map((each, index) => (
                    <li
                        key={each.id}
                        id={`${id}-${index}`}
                        role="option"
                        aria-selected={index === chosen}
                        onPointerDown={(event) => event.preventDefault()}
                        onClick={() => take(each)}
                        onPointerMove={() => setAt(index)}
                        className={clsx('cursor-pointer px-2.5 py-1.5', index === chosen && 'bg-accent-wash')}
                    >
                        {each.name}
                    </li>
                ))}
                {found.length === 0 && (
                    <li role="presentation" className="px-2.5 py-1.5 text-ink-soft">
                        {data === undefined ? 'Looking…' : 'None by that name.'}
                    </li>
                )}
            </ul>
        </div>
    );
}

/** What is found of what is typed, and which of it is taken. */
function useSearch<T extends { id: number; name: string }>(pick: Props<T>['pick'], onTake: Props<T>['onTake']) {
    const [typed, setTyped] = useState('');
    const [open, setOpen] = useState(false);
    const [at, setAt] = useState(0);
    const queries = useQueryClient();
    const asked = queryOptions({
        queryKey: ['search', typed],
        queryFn: ({ signal }) => search(typed, signal),
        staleTime: 0,
    });
    const { data, isPlaceholderData } = useQuery({ ...asked, placeholderData: keepPreviousData, enabled: open });
    const found = data === undefined ? [] : pick(data);
    const chosen = Math.min(at, Math.max(0, found.length - 1));
    const take = (taken: T | undefined) => {
        if (taken !== undefined) {
            setTyped('');
            setOpen(false);
            onTake(taken);
        }
    };
    const onKeyDown = (event: KeyboardEvent) => {
        const act: Record<string, () => void> = {
            ArrowDown: () => (open ? setAt(Math.min(chosen + 1, found.length - 1)) : setOpen(true)),
            ArrowUp: () => setAt(Math.max(0, chosen - 1)),
            // Enter right after typing takes from what was typed, not from what is still listed.
            Enter: () =>
                isPlaceholderData
                    ? void queries.query(asked).then(
                          (answer) => take(pick(answer)[0]),
                          () => undefined,
                      )
                    : take(found[chosen]),
            ...(open ? { Escape: () => setOpen(false) } : {}),
        };
        const action = act[event.key];
        if (action !== undefined) {
            event.preventDefault();
            event.stopPropagation();
            action();
        }
    };
    return { setOpen, open, found, chosen, typed, setTyped, setAt, onKeyDown, take, data };
}
