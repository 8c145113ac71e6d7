import { Glyph } from './Glyph';
import { clsx } from 'clsx';
import { Select as Primitive } from 'radix-ui';
import { fieldClass, floatClass } from './classes';
import { nonce } from './nonce';

interface Props {
    value: string;
    onChange: (value: string) => void;
    choices: { value: string; label: string }[];
    id?: string;
    label?: string;
    disabled?: boolean;
    'aria-describedby'?: string | undefined;
    'aria-invalid'?: boolean | undefined;
}

export function Select({ value, onChange, choices, label, disabled = false, ...rest }: Props) {
    return (
        <Primitive.Root value={value} onValueChange={onChange} disabled={disabled}>
            <Primitive.Trigger
                {...rest}
                aria-label={label}
                className={clsx(fieldClass, 'flex items-center justify-between gap-2 text-left disabled:opacity-60')}
            >
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
