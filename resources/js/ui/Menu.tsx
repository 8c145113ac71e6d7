import { cloneElement, useState } from 'react';
import type { CheckProps, ChoiceProps, ItemProps, LinkProps, MenuProps } from './menuProps';
import { toast } from './toasts';

/** What menus are drawn with, fetched once somebody is about to open one. */
let parts: typeof import('./MenuParts') | null = null;

/** Fetches what menus are drawn with, before one is wanted. */
export async function menusAhead(): Promise<void> {
    parts ??= await import('./MenuParts');
}

/** A menu of commands under a button. */
export function Menu({ trigger, children, align = 'end' }: MenuProps) {
    const [pressed, setPressed] = useState<'no' | 'pointer' | 'keys'>('no');
    if (pressed !== 'no' && parts !== null) {
        return (
            <parts.OpenMenu trigger={trigger} align={align} byKeys={pressed === 'keys'}>
                {children}
            </parts.OpenMenu>
        );
    }
    const open = (by: 'pointer' | 'keys') =>
        menusAhead().then(
            () => setPressed(by),
            () => toast('The menu could not be fetched. Try again.', { tone: 'failed' }),
        );
    return cloneElement(trigger, {
        'aria-haspopup': 'menu',
        'aria-expanded': false,
        onPointerEnter: () => void menusAhead().catch(() => undefined),
        // A click without a pointer is a key's, or speech.
        onClick: (event) => void open(event.detail === 0 ? 'keys' : 'pointer'),
        onKeyDown: (event) => {
            if (event.key === 'ArrowDown') {
                event.preventDefault();
                void open('keys');
            }
        },
    });
}

export function MenuItem(props: ItemProps) {
    return parts && <parts.MenuItem {...props} />;
}

/** Something that is so or not, in a menu that stays open. */
export function MenuCheck(props: CheckProps) {
    return parts && <parts.MenuCheck {...props} />;
}

/** A link in a menu: a download, or another place. */
export function MenuLink(props: LinkProps) {
    return parts && <parts.MenuLink {...props} />;
}

export function MenuLine() {
    return parts && <parts.MenuLine />;
}

/** One of several, in a menu. */
export function MenuChoice(props: ChoiceProps) {
    return parts && <parts.MenuChoice {...props} />;
}
