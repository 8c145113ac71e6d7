import { router } from '@inertiajs/react';
import { keepPreviousData, useQuery } from '@tanstack/react-query';
import { Command as List } from 'cmdk';
import { useEffect, useRef, useState, type KeyboardEvent } from 'react';
import { search } from '../../server/search';
import { fieldClass } from '../../ui/classes';
import { Dialog } from '../../ui/Dialog';
import { keysLabel, type Command } from './commands';

interface Props {
    open: boolean;
    onOpenChange: (open: boolean) => void;
    commands: Command[];
}

const headings =
    '[&_[cmdk-group-heading]]:px-2 [&_[cmdk-group-heading]]:pt-2 [&_[cmdk-group-heading]]:pb-0.5 [&_[cmdk-group-heading]]:text-xs [&_[cmdk-group-heading]]:text-ink-faint';

const itemClass =
    'flex cursor-pointer items-center justify-between gap-6 rounded-mark px-2 py-1.5 data-[selected=true]:bg-accent-wash data-[disabled=true]:opacity-45';

/** Every command by its name, and every set and instrument by theirs. */
export function Palette({ open, onOpenChange, commands }: Props) {
    return (
        <Dialog open={open} onOpenChange={onOpenChange} title="Do or open something" width="wide">
            <Choose
                commands={commands}
                onDone={(run) => {
                    onOpenChange(false);
                    // Once the dialog is gone, so that what opens next keeps the focus.
                    requestAnimationFrame(run);
                }}
            />
        </Dialog>
    );
}

function Choose({ commands, onDone }: { commands: Command[]; onDone: (run: () => void) => void }) {
    const [typed, setTyped] = useState('');
    const { data, isFetching, isPlaceholderData } = useQuery({
        queryKey: ['search', typed],
        queryFn: ({ signal }) => search(typed, signal),
        placeholderData: keepPreviousData,
        staleTime: 0,
    });
    const groups = [...new Set(commands.map(({ group }) => group))];

    // What is found comes after what was typed: the best is chosen anew, and Enter waits for it.
    const [chosen, setChosen] = useState('');
    const list = useRef<HTMLDivElement>(null);
    const entered = useRef(false);
    const coming = isFetching && isPlaceholderData;
    useEffect(() => {
        // By the next frame the list has put in order what came.
        const frame = requestAnimationFrame(() => {
            const first = list.current?.querySelector<HTMLElement>('[cmdk-item]:not([aria-disabled=true])');
            setChosen(first?.dataset.value ?? '');
            if (entered.current && !coming) {
                entered.current = false;
                first?.click();
            }
        });
        return () => cancelAnimationFrame(frame);
    }, [data, coming]);
    const press = (event: KeyboardEvent) => {
        if (event.key === 'Enter' && coming) {
            event.preventDefault();
            entered.current = true;
        }
    };
    return (
        <List
            ref={list}
            label="Commands, sets and instruments"
            loop
            value={chosen}
            onValueChange={setChosen}
            onKeyDown={press}
            className="flex min-h-0 flex-col"
        >
            <List.Input
                className={fieldClass}
                placeholder="Type what to do, or the name of a set or an instrument"
                value={typed}
                onValueChange={(text) => {
                    entered.current = false;
                    setTyped(text);
                }}
            />
            <List.List className={`mt-3 h-96 min-h-24 overflow-auto border-y border-rule ${headings}`}>
                <List.Empty className="p-3 text-ink-soft">Nothing by that name.</List.Empty>
                {groups.map((group) => (
                    <List.Group key={group} heading={group}>
                        {commands
                            .filter((command) => command.group === group)
                            .map(({ name, keys, disabled, run }) => (
                                <List.Item
                                    key={name}
                                    value={name}
                                    disabled={disabled === true}
                                    onSelect={() => onDone(run)}
                                    className={itemClass}
                                >
                                    <span>{name}</span>
                                    {keys !== undefined && (
                                        <kbd className="font-sans text-xs text-ink-faint">{keysLabel(keys)}</kbd>
                                    )}
                                </List.Item>
                            ))}
                    </List.Group>
                ))}
                <Found heading="Sets" at="/bench" found={data?.sets ?? []} onDone={onDone} />
                <Found heading="Instruments" at="/instruments" found={data?.instruments ?? []} onDone={onDone} />
            </List.List>
        </List>
    );
}

interface FoundProps {
    heading: string;
    at: string;
    found: { id: number; name: string }[];
    onDone: (run: () => void) => void;
}

function Found({ heading, at, found, onDone }: FoundProps) {
    return (
        <List.Group heading={heading}>
            {found.map(({ id, name }) => (
                <List.Item
                    key={id}
                    value={`${name} ${heading.toLowerCase()} ${id}`}
                    onSelect={() => onDone(() => router.visit(`${at}/${id}`))}
                    className={itemClass}
                >
                    <span>{name}</span>
                </List.Item>
            ))}
        </List.Group>
    );
}
