import { router } from '@inertiajs/react';
import { useState } from 'react';
import type { Show } from '../generated/views';
import { Button } from '../ui/Button';
import { LogFrame } from './LogFrame';
import { Shows } from './shows/Shows';
import { ShowDialog } from './shows/ShowDialog';
import { BringDialog } from './shows/BringDialog';
import { showsIndex } from '../generated/addresses/places';
import type { ShowsPage as Props } from '../generated/pages';

/** When who plays what: the hours of a show count on the strings, and new ones are due two days before. */
export default function ShowsPage({ coming, past, instruments, zone }: Props) {
    const [typing, setTyping] = useState<Show | 'new' | null>(null);
    const [bringing, setBringing] = useState(false);
    const reload = () => router.reload({ only: ['coming', 'past', 'zone'] });
    return (
        <LogFrame
            at={showsIndex}
            tools={
                <>
                    <Button onClick={() => setBringing(true)}>Bring in…</Button>
                    <Button look="strong" onClick={() => setTyping('new')}>
                        Add a show
                    </Button>
                </>
            }
        >
            <p className="mt-3 max-w-prose text-ink-soft">
                The hours of a show count on the strings of what is played there once it is over; before it Lira says in time
                which strings would not last. {zone !== null && `Times are those of ${zone.replace('_', ' ')}.`}
            </p>
            {coming.length + past.length === 0 && (
                <p className="mt-6 max-w-prose text-ink-soft">No show is known yet. Add one, or bring in a calendar or a list.</p>
            )}
            <Shows title="To come" shows={coming} instruments={instruments} onEdit={setTyping} onDone={reload} />
            <Shows title="Over" shows={past} instruments={instruments} onEdit={setTyping} onDone={reload} />
            {typing !== null && (
                <ShowDialog
                    show={typing === 'new' ? null : typing}
                    instruments={instruments}
                    onClose={() => setTyping(null)}
                    onDone={() => {
                        setTyping(null);
                        reload();
                    }}
                />
            )}
            {bringing && (
                <BringDialog
                    instruments={instruments}
                    onClose={() => setBringing(false)}
                    onDone={() => {
                        setBringing(false);
                        reload();
                    }}
                />
            )}
        </LogFrame>
    );
}
