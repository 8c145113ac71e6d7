import { Link } from '@inertiajs/react';
import { useQuery } from '@tanstack/react-query';
import { clsx } from 'clsx';
import { Popover } from 'radix-ui';
import { useState, type ReactNode } from 'react';
import { ask, failureWords } from '../server/api';
import { explainedClass, floatClass } from './classes';
import { wordsIndex } from '../generated/addresses/places';
import { wordsShow } from '../generated/addresses/words';

interface Props {
    word: string;
    children: ReactNode;
}

/** What a word means, beside it, and where all of them stand; open from the first, as it was pressed to come here. */
export function Explanation({ word, children }: Props) {
    const [open, setOpen] = useState(true);
    const [home] = useState(() => document.getElementById('main'));
    const { data, error } = useQuery({
        queryKey: ['word', word],
        queryFn: ({ signal }) => ask<{ meaning: string }>(wordsShow(word), { signal }),
        enabled: open,
    });
    return (
        <Popover.Root open={open} onOpenChange={setOpen}>
            <Popover.Trigger className={explainedClass}>{children}</Popover.Trigger>
            <Popover.Portal container={home}>
                <Popover.Content
                    aria-label={`What “${word}” means`}
                    side="bottom"
                    align="start"
                    sideOffset={6}
                    collisionPadding={12}
                    className={clsx(floatClass, 'max-w-80 px-3.5 py-2.5 text-left text-[0.95rem] font-normal')}
                >
                    <p role="status">{data?.meaning ?? (error === null ? 'A moment…' : failureWords(error))}</p>
                    <p className="mt-1.5 text-sm">
                        <Link
                            href={`${wordsIndex}#word-${word.replaceAll(' ', '-')}`}
                            className="inline-block min-h-target text-accent underline"
                        >
                            All words
                        </Link>
                    </p>
                </Popover.Content>
            </Popover.Portal>
        </Popover.Root>
    );
}
