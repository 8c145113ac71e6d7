import { clsx } from 'clsx';
import { Dialog as Primitive } from 'radix-ui';
import type { ReactNode } from 'react';
import { floatClass } from './classes';

const WIDTHS = { narrow: 'max-w-md', wide: 'max-w-2xl', wider: 'max-w-5xl', widest: 'max-w-6xl' };

interface Props {
    open: boolean;
    onOpenChange: (open: boolean) => void;
    title: string;
    description?: string;
    children: ReactNode;
    width?: keyof typeof WIDTHS;
}

/** A dialog that says what it is for, and closes with Escape. */
export function Dialog({ open, onOpenChange, title, description, children, width = 'narrow' }: Props) {
    return (
        <Primitive.Root open={open} onOpenChange={onOpenChange}>
            <Primitive.Portal>
                <Primitive.Overlay className="fixed inset-0 z-40 bg-black/35" />
                <Primitive.Content
                    {...(description === undefined ? { 'aria-describedby': undefined } : {})}
                    className={clsx(
                        floatClass,
                        'fixed top-1/2 left-1/2 flex max-h-[calc(100dvh-2rem)] w-[calc(100vw-2rem)] -translate-x-1/2 -translate-y-1/2 flex-col p-5',
                        WIDTHS[width],
                    )}
                >
                    <Primitive.Title className="text-xl font-bold">{title}</Primitive.Title>
                    {description !== undefined && (
                        <Primitive.Description className="mt-1 text-ink-soft">{description}</Primitive.Description>
                    )}
                    <div className="mt-4 flex min-h-0 flex-col">{children}</div>
                </Primitive.Content>
            </Primitive.Portal>
        </Primitive.Root>
    );
}
