import type { SettlingAnswer } from '../generated/formats';
import { driftWords, thenWords } from '../units/settling';
import { pitchLabel } from '../units/pitch';
import { Button } from '../ui/Button';

interface Props {
    strings: { position: number; pitch: string }[];
    found: { drifts_cents: number[]; readings: { cents: number }[] }[];
    settling: SettlingAnswer['strings'] | null;
    busy: boolean;
    /** Stretches all, or leaves them alone for so many seconds. */
    onDrift: (seconds: number | null) => void;
}

const HOUR_S = 3600;
const NIGHT_S = 10 * HOUR_S;

/** New strings that are not there, stretched and left alone: what they drifted by, and how many rounds are left. */
export function PracticeSettling({ strings, found, settling, busy, onDrift }: Props) {
    return (
        <section aria-label="Settling" className="mt-6 max-w-3xl border-t border-rule pt-4">
            <div className="flex flex-wrap items-center gap-2">
                <p className="mr-3">Its strings are new. In tune once, they still give:</p>
                <Button disabled={busy} onClick={() => onDrift(null)}>
                    Stretch them all
                </Button>
                <Button disabled={busy} onClick={() => onDrift(HOUR_S)}>
                    Leave it an hour
                </Button>
                <Button disabled={busy} onClick={() => onDrift(NIGHT_S)}>
                    Leave it a night
                </Button>
            </div>
            {settling !== null && (
                <table className="mt-3 w-full">
                    <thead>
                        <tr className="border-b border-ink text-left text-sm">
                            <th scope="col" className="py-1 font-semibold">
                                String
                            </th>
                            <th scope="col" className="font-semibold">
                                Drifted, cents
                            </th>
                            <th scope="col" className="text-right font-semibold">
                                Then
                            </th>
                        </tr>
                    </thead>
                    <tbody>
                        {settling.map((string, index) => (
                            <tr key={string.position} className="border-b border-rule">
                                <th scope="row" className="py-1 text-left">
                                    {string.position} {pitchLabel(strings[index]?.pitch ?? '')}
                                </th>
                                <td className="text-ink-soft">
                                    {driftWords(
                                        found[index]?.drifts_cents ?? [],
                                        found[index]?.readings.map(({ cents }) => cents) ?? [],
                                    )}
                                </td>
                                <td className="text-right">
                                    {thenWords(
                                        string.rounds_left,
                                        string.rounds_most,
                                        string.next_drift_cents,
                                        string.holds_after_s,
                                    )}
                                </td>
                            </tr>
                        ))}
                    </tbody>
                </table>
            )}
        </section>
    );
}
