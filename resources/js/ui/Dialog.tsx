import { clsx } from 'clsx';
import { Dialog as Primitive } from 'radix-ui';
import type { ReactNode } from 'react';
import { useBackCloses } from './backCloses';
import { floatClass } from './classes';
import { giveFocusBack } from './focus';
import { Glyph } from './Glyph';

const WIDTHS = { narrow: 'max-w-md', wide: 'max-w-2xl', wider: 'max-w-5xl', widest: 'max-w-6xl' };

interface Props {
    open: boolean;
    onOpenChange: (open: boolean) => void;
    title: string;
    description?: string;
    children: ReactNode;
    width?: keyof typeof WIDTHS;
}

/** A dialog that says what it is for; it closes by its ×, with Escape and by Back, and gives the focus back to where it was. */
export function Dialog({ open, onOpenChange, title, description, children, width = 'narrow' }: Props) {
    useBackCloses(open, () => onOpenChange(false));
    return (
        <Primitive.Root open={open} onOpenChange={onOpenChange}>
            <Primitive.Portal>
                <Primitive.Overlay className="fixed inset-0 z-40 bg-black/35" />
                <Primitive.Content
                    onCloseAutoFocus={(event) => {
                        event.preventDefault();
                        giveFocusBack();
                    }}
                    {...(description === undefined ? { 'aria-describedby': undefined } : {})}
                    className={clsx(
                        floatClass,
                        'fixed top-1/2 left-1/2 flex max-h-[calc(100dvh-2rem)] w-[calc(100vw-2rem)] -translate-x-1/2 -translate-y-1/2 flex-col p-5',
                        WIDTHS[width],
                    )}
                >
                    <Primitive.Title className="pr-9 text-xl font-bold">{title}</Primitive.Title>
                    {description !== undefined && (
                        <Primitive.Description className="mt-1 text-ink-soft">{description}</Primitive.Description>
                    )}
                    {/* Scrolls where the window is low, with room for the ring round what has the focus. */}
                    <div className="-mx-2 mt-2.5 -mb-2 flex min-h-0 flex-col overflow-auto px-2 pt-1.5 pb-2">{children}</div>
                    {/* Last in the order of the keys: what the dialog is for comes first. */}
                    <Primitive.Close
                        aria-label="Close"
                        className="absolute top-3.5 right-3.5 flex size-9 items-center justify-center rounded-field text-ink-soft hover:bg-rule/50 hover:text-ink"
                    >
                        <Glyph sign="close" />
                    </Primitive.Close>
                </Primitive.Content>
            </Primitive.Portal>
        </Primitive.Root>
    );
}
