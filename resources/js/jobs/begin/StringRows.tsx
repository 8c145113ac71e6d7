import type { PlannedString } from '../../generated/views';
import { pitchLabel } from '../../units/pitch';
import { familyWords } from '../../units/strings';
import { gaugeInches } from '../../units/stringType';
import { formatGauge } from '../../units/units';
import { useUnits } from '../../units/useUnits';

export function StringRows({ strings, drawer }: { strings: PlannedString[]; drawer: boolean }) {
    const units = useUnits();
    return (
        <table className="w-full max-w-2xl">
            <tbody>
                {strings.map((string) => (
                    <tr key={string.position} className="border-b border-rule">
                        <th scope="row" className="w-10 py-1.5 text-left text-lg font-bold">
                            {string.position}
                        </th>
                        <td className="w-16 font-semibold">{pitchLabel(string.pitch)}</td>
                        <td className="w-16">{formatGauge(gaugeInches(string), units)}</td>
                        <td className="text-ink-soft">{familyWords(string)}</td>
                        {drawer && (
                            <td className={string.free === 0 ? 'text-right text-caution' : 'text-right text-ink-soft'}>
                                {string.free === 0 ? 'none there' : `${string.free} there`}
                            </td>
                        )}
                    </tr>
                ))}
            </tbody>
        </table>
    );
}
