import { router } from '@inertiajs/react';
import { keepPreviousData, useQuery } from '@tanstack/react-query';
import { Command as List } from 'cmdk';
import { useEffect, useLayoutEffect, useRef, useState, type KeyboardEvent } from 'react';
import { search, type Found as SearchFound } from '../../server/search';
import { fieldClass } from '../../ui/classes';
import { Dialog } from '../../ui/Dialog';
import { matches } from '../../ui/matches';
import { keysLabel, type Command } from './commands';
import { stopKeeping, typedMeanwhile } from './meanwhile';
import type { Provided } from './provided';
import { nearness, rank } from './rank';
import { benchShow } from '../../generated/addresses/bench';
import { instrumentsEdit } from '../../generated/addresses/instruments';

interface Props {
    open: boolean;
    onOpenChange: (open: boolean) => void;
    provided: Provided[];
}

const headings =
    '[&_[cmdk-group-heading]]:px-2 [&_[cmdk-group-heading]]:pt-2 [&_[cmdk-group-heading]]:pb-0.5 [&_[cmdk-group-heading]]:text-xs [&_[cmdk-group-heading]]:text-ink-faint';

const itemClass =
    'flex cursor-pointer items-center justify-between gap-6 rounded-mark px-2 py-1.5 data-[selected=true]:bg-accent-wash data-[disabled=true]:opacity-45';

/** Every command of the page by its name, what follows from what is typed, and everything that has a name. */
export function Palette({ open, onOpenChange, provided }: Props) {
    return (
        <Dialog open={open} onOpenChange={onOpenChange} title="Do or open something" width="wide">
            <Choose
                provided={provided}
                onDone={(run) => {
                    onOpenChange(false);
                    // Once the dialog is gone, so that what opens next keeps the focus.
                    requestAnimationFrame(run);
                }}
            />
        </Dialog>
    );
}

/** What belongs to one thing of many is long and comes in numbers: it has to have the words that are typed, not only their letters. */
const isSought = (name: string, typed: string) => typed.trim() !== '' && matches(name, typed.trim());

function Choose({ provided, onDone }: { provided: Provided[]; onDone: (run: () => void) => void }) {
    const [commands] = useState(() => provided.flatMap((each) => each.commands));
    const [meanwhile] = useState(typedMeanwhile);
    const input = useRef<HTMLInputElement>(null);
    useLayoutEffect(() => {
        // Before the dialog chooses what to focus: it would select what is there, and the next key would write over it.
        input.current?.focus();
        input.current?.setSelectionRange(meanwhile.text.length, meanwhile.text.length);
        stopKeeping();
    }, [meanwhile]);
    const [typed, setTyped] = useState(meanwhile.text);
    const { data, coming } = useNamed(provided, typed);
    const { list, chosen, setChosen, press, changed } = useBestFirst(data, coming, meanwhile.entered);
    const others = [...(data?.meant ?? []), ...(data?.sets ?? []), ...(data?.instruments ?? []), ...(data?.others ?? [])];
    const nothing =
        typed.trim() !== '' &&
        !coming &&
        others.length === 0 &&
        commands.every((command) => command.sought === true || rank(command.name, typed, besides(command)) === 0);
    const near = nothing ? nearest(commands, typed) : [];
    return (
        <List
            ref={list}
            label="Commands, and everything that has a name"
            loop
            filter={rank}
            value={chosen}
            onValueChange={setChosen}
            onKeyDown={press}
            className="flex min-h-0 flex-col"
        >
            <List.Input
                ref={input}
                className={fieldClass}
                placeholder="What to do, a name, a gauge, a tuning"
                value={typed}
                onValueChange={(text) => {
                    changed();
                    setTyped(text);
                }}
            />
            {nothing && (
                <p role="status" className="p-3 text-ink-soft">
                    Nothing is called “{typed.trim()}” here, and nothing that has a name has it in it.
                    {near.length > 0 && ' Near it:'}
                </p>
            )}
            <AllFound near={near} typed={typed} onDone={onDone} data={data} commands={commands} />
        </List>
    );
}

const MOST_NEAR = 4;
const NEAR_ENOUGH = 0.4;

/** What comes nearest to a word that nothing has. */
function nearest(commands: Command[], typed: string): Command[] {
    return commands
        .map((command) => ({ command, near: nearness(command.name, typed, besides(command)) }))
        .filter(({ near }) => near >= NEAR_ENOUGH)
        .sort((one, other) => other.near - one.near)
        .slice(0, MOST_NEAR)
        .map(({ command }) => command);
}

/** What is said of a command besides its name. */
const besides = ({ also, group }: Pick<Command, 'also' | 'group'>) => [also ?? '', group];

interface FoundProps {
    heading: string;
    /** Everything found has it somewhere, if not in its name. */
    typed: string;
    found: { name: string; address: string }[];
    onDone: (run: () => void) => void;
}

function Found({ heading, typed, found, onDone }: FoundProps) {
    return (
        <List.Group heading={heading}>
            {found
                .toSorted((a, b) => rank(b.name, typed) - rank(a.name, typed))
                .map(({ name, address }) => (
                    <List.Item
                        key={address}
                        // With what is typed: the list takes no notice of other words of one that stays what it was.
                        value={`${name} ${address} ${typed}`}
                        keywords={[typed, heading]}
                        onSelect={() => onDone(() => router.visit(address))}
                        className={itemClass}
                    >
                        <span>{name}</span>
                    </List.Item>
                ))}
        </List.Group>
    );
}

/** All that has a name, and what follows from what is typed. */
type Named = SearchFound & { meant: Command[] };

/** What is found of that, and whether it is still on its way. */
function useNamed(provided: Provided[], typed: string): { data: Named | undefined; coming: boolean } {
    const { data, isFetching, isPlaceholderData } = useQuery({
        queryKey: ['search', typed],
        queryFn: async ({ signal }) => {
            const [found, ...meant] = await Promise.all([
                search(typed, signal),
                ...provided.map(({ find }) => find?.(typed, signal) ?? []),
            ]);
            return { ...found, meant: meant.flat() };
        },
        placeholderData: keepPreviousData,
        staleTime: 0,
    });
    return { data, coming: isFetching && (isPlaceholderData || data === undefined) };
}

/** The best of what is found is chosen anew whenever something comes, and Enter waits for it. */
function useBestFirst(data: Named | undefined, coming: boolean, enteredBefore: boolean) {
    const [chosen, setChosen] = useState('');
    const list = useRef<HTMLDivElement>(null);
    const entered = useRef(enteredBefore);
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
    return {
        list,
        chosen,
        setChosen,
        press: (event: KeyboardEvent) => {
            if (event.key === 'Enter' && coming) {
                event.preventDefault();
                entered.current = true;
            }
        },
        /** What was entered counts no more: something else is typed. */
        changed: () => {
            entered.current = false;
        },
    };
}

interface AllProps {
    near: Command[];
    typed: string;
    onDone: (run: () => void) => void;
    data: Named | undefined;
    commands: Command[];
}

/** All that can be done and all that has a name, as far as it fits what is typed. */
function AllFound({ near, typed, onDone, data, commands }: AllProps) {
    const groups = [...new Set(commands.map(({ group }) => group))];
    return (
        <List.List className={`mt-3 h-96 min-h-24 overflow-auto border-y border-rule ${headings}`}>
            {near.map(({ name, run }) => (
                <List.Item
                    key={`near ${name}`}
                    value={`near ${name}`}
                    keywords={[typed]}
                    onSelect={() => onDone(run)}
                    className={itemClass}
                >
                    <span>{name}</span>
                </List.Item>
            ))}
            {(data?.meant ?? []).length > 0 && (
                <List.Group heading="As typed">
                    {data?.meant.map(({ name, run }) => (
                        <List.Item
                            key={name}
                            value={name}
                            keywords={name.toLowerCase().includes(typed.trim().toLowerCase()) ? [] : [typed]}
                            onSelect={() => onDone(run)}
                            className={itemClass}
                        >
                            <span>{name}</span>
                        </List.Item>
                    ))}
                </List.Group>
            )}
            {groups.map((group) => (
                <List.Group key={group} heading={group}>
                    {commands
                        .filter(
                            (command) => command.group === group && (command.sought !== true || isSought(command.name, typed)),
                        )
                        .map(({ name, keys, disabled, run, ...command }) => (
                            <List.Item
                                key={name}
                                value={name}
                                keywords={[...besides(command), ...(isSought(name, typed) ? [typed] : [])]}
                                disabled={disabled === true}
                                onSelect={() => onDone(run)}
                                className={itemClass}
                            >
                                <span>{name}</span>
                                {keys !== undefined && <kbd className="font-sans text-xs text-ink-faint">{keysLabel(keys)}</kbd>}
                            </List.Item>
                        ))}
                </List.Group>
            ))}
            <Found
                heading="Sets"
                typed={typed}
                found={(data?.sets ?? []).map(({ id, name }) => ({ name, address: benchShow(id) }))}
                onDone={onDone}
            />
            <Found
                heading="Instruments"
                typed={typed}
                found={(data?.instruments ?? []).map(({ id, name }) => ({ name, address: instrumentsEdit(id) }))}
                onDone={onDone}
            />
            {data?.others.map(({ heading, found }) => (
                <Found key={heading} heading={heading} typed={typed} found={found} onDone={onDone} />
            ))}
        </List.List>
    );
}
