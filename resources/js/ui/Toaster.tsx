import { Glyph } from './Glyph';
import { clsx } from 'clsx';
import { Toast as Primitive } from 'radix-ui';
import { floatClass } from './classes';
import { useToasts } from './toasts';

const SHOWN_MS = 8000;

/**
 * Where toasts appear; a screen reader hears them, and pointing at one keeps it.
 *
 * @param above where the bottom is full of buttons: they stand below the head then
 */
export function Toaster({ above = false }: { above?: boolean }) {
    const { list, dismiss } = useToasts();
    return (
        <Primitive.Provider duration={SHOWN_MS} label="What happened">
            {list.map((toast) => (
                <Primitive.Root
                    key={toast.id}
                    {...(toast.tone === 'failed' ? { duration: 2 * SHOWN_MS } : {})}
                    onOpenChange={(open) => !open && dismiss(toast.id)}
                    className={clsx(
                        floatClass,
                        'flex items-center gap-3 border-l-4 py-2.5 pr-2.5 pl-3.5',
                        toast.tone === 'failed' ? 'border-l-stop' : 'border-l-accent',
                    )}
                >
                    <Primitive.Description className="flex-1">{toast.message}</Primitive.Description>
                    {toast.action && (
                        <Primitive.Action
                            altText={toast.action.label}
                            onClick={toast.action.run}
                            className="rounded-field px-2 py-1 font-semibold text-accent hover:bg-accent-wash"
                        >
                            {toast.action.label}
                        </Primitive.Action>
                    )}
                    <Primitive.Close aria-label="Dismiss" className="rounded-field px-2 py-1 text-ink-soft hover:bg-rule/50">
                        <Glyph sign="close" />
                    </Primitive.Close>
                </Primitive.Root>
            ))}
            <Primitive.Viewport
                className={clsx(
                    'fixed right-4 z-50 flex w-[26rem] max-w-[calc(100vw-2rem)] flex-col gap-2',
                    above ? 'top-14' : 'bottom-4',
                )}
            />
        </Primitive.Provider>
    );
}
