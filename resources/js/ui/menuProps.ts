import type { KeyboardEvent, MouseEvent, ReactElement, ReactNode } from 'react';

export interface MenuProps {
    /** The button that it opens under. */
    trigger: ReactElement<TriggerProps>;
    children: ReactNode;
    align?: 'start' | 'end';
}

interface TriggerProps {
    onClick?: (event: MouseEvent) => void;
    onKeyDown?: (event: KeyboardEvent) => void;
    onPointerEnter?: () => void;
    'aria-haspopup'?: 'menu';
    'aria-expanded'?: boolean;
}

export interface ItemProps {
    children: ReactNode;
    keys?: string;
    disabled?: boolean;
    onSelect: () => void;
}

export interface CheckProps {
    children: ReactNode;
    checked: boolean;
    onChange: (checked: boolean) => void;
}

export interface LinkProps {
    children: ReactNode;
    href: string;
    newTab?: boolean;
}

export interface ChoiceProps {
    label: string;
    value: string;
    choices: { value: string; label: string }[];
    onChoose: (value: string) => void;
}
