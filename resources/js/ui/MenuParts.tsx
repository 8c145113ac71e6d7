import { Glyph } from './Glyph';
import { clsx } from 'clsx';
import { DropdownMenu } from 'radix-ui';
import { useEffect, useRef, useState } from 'react';
import { floatClass } from './classes';
import type { CheckProps, ChoiceProps, ItemProps, LinkProps, MenuProps } from './menuProps';

const FIRST = '[role^="menuitem"]:not([data-disabled])';

/** The menu under its button, open from the first, as it was pressed to come here. */
export function OpenMenu({ trigger, children, align = 'end', byKeys }: MenuProps & { byKeys: boolean }) {
    // Inside the landmark, so that assistive technology finds it there.
    const [home] = useState(() => document.getElementById('main'));
    const list = useRef<HTMLDivElement>(null);
    useEffect(() => {
        if (byKeys) {
            list.current?.querySelector<HTMLElement>(FIRST)?.focus();
        }
    }, [byKeys]);
    return (
        <DropdownMenu.Root modal={false} defaultOpen>
            <DropdownMenu.Trigger asChild>{trigger}</DropdownMenu.Trigger>
            <DropdownMenu.Portal container={home}>
                <DropdownMenu.Content
                    ref={list}
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

export function MenuItem({ children, keys, disabled = false, onSelect }: ItemProps) {
    return (
        <DropdownMenu.Item disabled={disabled} onSelect={onSelect} className={itemClass}>
            <span>{children}</span>
            {keys !== undefined && <kbd className="font-sans text-xs text-ink-faint">{keys}</kbd>}
        </DropdownMenu.Item>
    );
}

/** Something that is so or not, in a menu that stays open. */
export function MenuCheck({ children, checked, onChange }: CheckProps) {
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
export function MenuLink({ children, href, newTab = false }: LinkProps) {
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
