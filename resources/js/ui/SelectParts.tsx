import { clsx } from 'clsx';
import { Select as Primitive } from 'radix-ui';
import { useLayoutEffect, useRef } from 'react';
import { floatClass } from './classes';
import { Glyph } from './Glyph';
import { nonce } from './nonce';
import { chooserClass, type ChooserProps } from './selectProps';

/** How it was come to: as it stands, pressed open, or by a key that it has yet to hear of. */
export type Pressed = 'not' | 'open' | { key: string };

/** A choice of one of several, with the list that opens under it. */
export function Chooser({
    value,
    onChange,
    choices,
    label,
    disabled = false,
    pressed,
    ...rest
}: ChooserProps & { pressed: Pressed }) {
    const trigger = useRef<HTMLButtonElement>(null);
    const heard = useRef(false);
    useLayoutEffect(() => {
        if (typeof pressed !== 'string' && !heard.current) {
            heard.current = true;
            trigger.current?.focus();
            // A letter looks among what the list has: that stands from the next frame on.
            requestAnimationFrame(() =>
                trigger.current?.dispatchEvent(
                    new KeyboardEvent('keydown', { key: pressed.key, bubbles: true, cancelable: true }),
                ),
            );
        }
    }, [pressed]);
    return (
        <Primitive.Root value={value} onValueChange={onChange} disabled={disabled} defaultOpen={pressed === 'open'}>
            <Primitive.Trigger ref={trigger} {...rest} aria-label={label} className={chooserClass}>
                <span className="truncate">
                    <Primitive.Value />
                </span>
                <Primitive.Icon className="text-ink-soft">
                    <Glyph sign="down" />
                </Primitive.Icon>
            </Primitive.Trigger>
            <Primitive.Portal>
                <Primitive.Content
                    position="popper"
                    sideOffset={2}
                    className={clsx(
                        floatClass,
                        'max-h-80 max-w-(--radix-select-content-available-width) min-w-(--radix-select-trigger-width) overflow-auto p-1',
                    )}
                >
                    <Primitive.Viewport nonce={nonce}>
                        {choices.map((choice) => (
                            <Primitive.Item
                                key={choice.value}
                                value={choice.value}
                                className="rounded-mark px-2 py-1.5 outline-none data-highlighted:bg-accent-wash data-[state=checked]:font-semibold"
                            >
                                <Primitive.ItemText>{choice.label}</Primitive.ItemText>
                            </Primitive.Item>
                        ))}
                    </Primitive.Viewport>
                </Primitive.Content>
            </Primitive.Portal>
        </Primitive.Root>
    );
}
