import { router } from '@inertiajs/react';
import { useState, type SyntheticEvent } from 'react';
import { Button } from '../../ui/Button';
import { fieldClass } from '../../ui/classes';
import { packetsJob } from '../../generated/addresses/packets';

/** From a packet's code, typed or scanned, to its job. */
export function PacketField() {
    const [code, setCode] = useState('');
    const [problem, setProblem] = useState<string | null>(null);
    const go = (event: SyntheticEvent) => {
        event.preventDefault();
        const found = /(?:^|\/)(S\d+-\d+)$/i.exec(code.trim())?.[1];
        if (found === undefined) {
            setProblem('That is no packet’s code. It stands below the square on the label, such as S17-4.');
            return;
        }
        router.visit(packetsJob(found.toUpperCase()));
    };
    return (
        <form onSubmit={go} className="relative flex items-center gap-2">
            <label className="flex items-center gap-2 text-sm whitespace-nowrap text-ink-soft">
                Packet’s code
                <input
                    className={`${fieldClass} w-24!`}
                    value={code}
                    autoComplete="off"
                    aria-invalid={problem !== null || undefined}
                    aria-describedby={problem === null ? undefined : 'packet-problem'}
                    onChange={(event) => {
                        setCode(event.target.value);
                        setProblem(null);
                    }}
                />
            </label>
            <Button type="submit">Find its job</Button>
            {problem !== null && (
                <p
                    id="packet-problem"
                    role="alert"
                    className="absolute top-full right-0 z-10 mt-1 w-72 bg-paper text-sm text-stop"
                >
                    {problem}
                </p>
            )}
        </form>
    );
}
