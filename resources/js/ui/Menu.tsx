import { Glyph } from './Glyph';
import { clsx } from 'clsx';
import { DropdownMenu } from 'radix-ui';
import { useState, type ReactNode } from 'react';
import { floatClass } from './classes';

interface MenuProps {
    trigger: ReactNode;
    children: ReactNode;
    align?: 'start' | 'end';
}

/** A menu of commands under a button. */
export function Menu({ trigger, children, align = 'end' }: MenuProps) {
    // Inside the landmark, so that assistive technology finds it there; looked for when it opens, as the page is there then.
    const [home, setHome] = useState<HTMLElement | null>(null);
    return (
        <DropdownMenu.Root modal={false} onOpenChange={(open) => open && setHome(document.getElementById('main'))}>
            <DropdownMenu.Trigger asChild>{trigger}</DropdownMenu.Trigger>
            <DropdownMenu.Portal container={home}>
                <DropdownMenu.Content
                    align={align}
                    sideOffset={4}
                    collisionPadding={8}
                    className={clsx(
                        floatClass,
                        'max-h-(--radix-dropdown-menu-content-available-height) min-w-52 overflow-y-auto p-1',
                    )}
                >
                    {children}
                </DropdownMenu.Content>
            </DropdownMenu.Portal>
        </DropdownMenu.Root>
    );
}

const itemClass =
    'flex items-center justify-between gap-6 rounded-mark px-2.5 py-1.5 outline-none data-highlighted:bg-accent-wash data-disabled:opacity-45';

interface ItemProps {
    children: ReactNode;
    keys?: string;
    disabled?: boolean;
    onSelect: () => void;
}

export function MenuItem({ children, keys, disabled = false, onSelect }: ItemProps) {
    return (
        <DropdownMenu.Item disabled={disabled} onSelect={onSelect} className={itemClass}>
            <span>{children}</span>
            {keys !== undefined && <kbd className="font-sans text-xs text-ink-faint">{keys}</kbd>}
        </DropdownMenu.Item>
    );
}

/** Something that is so or not, in a menu that stays open. */
export function MenuCheck({
    children,
    checked,
    onChange,
}: {
    children: ReactNode;
    checked: boolean;
    onChange: (checked: boolean) => void;
}) {
    return (
        <DropdownMenu.CheckboxItem
            checked={checked}
            onCheckedChange={onChange}
            onSelect={(event) => event.preventDefault()}
            className={clsx(itemClass, 'relative justify-start pl-7')}
        >
            <DropdownMenu.ItemIndicator className="absolute left-2">
                <Glyph sign="check" />
            </DropdownMenu.ItemIndicator>
            {children}
        </DropdownMenu.CheckboxItem>
    );
}

/** A link in a menu: a download, or another place. */
export function MenuLink({ children, href, newTab = false }: { children: ReactNode; href: string; newTab?: boolean }) {
    return (
        <DropdownMenu.Item asChild className={itemClass}>
            <a href={href} {...(newTab ? { target: '_blank', rel: 'noreferrer' } : {})}>
                {children}
            </a>
        </DropdownMenu.Item>
    );
}

export function MenuLine() {
    return <DropdownMenu.Separator className="my-1 h-px bg-rule" />;
}

interface ChoiceProps {
    label: string;
    value: string;
    choices: { value: string; label: string }[];
    onChoose: (value: string) => void;
}

/** One of several, in a menu. */
export function MenuChoice({ label, value, choices, onChoose }: ChoiceProps) {
    return (
        <DropdownMenu.Group>
            <DropdownMenu.Label className="px-2.5 pt-2 pb-0.5 text-xs text-ink-faint">{label}</DropdownMenu.Label>
            <DropdownMenu.RadioGroup value={value} onValueChange={onChoose}>
                {choices.map((choice) => (
                    <DropdownMenu.RadioItem
                        key={choice.value}
                        value={choice.value}
                        onSelect={(event) => event.preventDefault()}
                        className={clsx(itemClass, 'relative justify-start pl-7')}
                    >
                        <DropdownMenu.ItemIndicator className="absolute left-2.5 text-accent">
                            <Glyph sign="dot" />
                        </DropdownMenu.ItemIndicator>
                        {choice.label}
                    </DropdownMenu.RadioItem>
                ))}
            </DropdownMenu.RadioGroup>
        </DropdownMenu.Group>
    );
}
