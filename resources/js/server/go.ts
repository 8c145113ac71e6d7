import { router } from '@inertiajs/react';

/** Goes to another page, and is done once that is there: until then whatever led there stays busy, and is not done twice. */
export function go(address: string): Promise<void> {
    return new Promise((there) => {
        router.visit(address, { onFinish: () => there() });
    });
}
