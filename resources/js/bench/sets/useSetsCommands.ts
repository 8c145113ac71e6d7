import { idsOf } from './useMarked';
import { useProvided } from '../../frame/commands/provided';
import type { SetSummary as Summary } from '../../generated/views';
import type { SetsPage as Props } from '../../generated/pages';

/** What the palette can do with the list. */
export function useSetsCommands({
    tick,
    found,
    away,
    ticked,
    bringSomeBack,
    putSomeAway,
    words,
    instrument,
    look,
}: {
    tick: (ids: number[], on: boolean) => void;
    found: Summary[];
    away: Props['away'];
    ticked: Summary[];
    bringSomeBack: (some: Summary[]) => undefined;
    putSomeAway: (some: Summary[]) => undefined;
    words: string;
    instrument: string;
    look: (changed: Partial<{ for: string; instrument: string; order: string; page: string }>, typing?: boolean) => void;
}) {
    useProvided({
        commands: [
            {
                group: 'Sets',
                name: 'Tick every set that is listed',
                run: () => tick(idsOf(found), true),
            },
            {
                group: 'Sets',
                name: away ? 'Bring back the ticked sets' : 'Put away the ticked sets',
                disabled: ticked.length === 0,
                run: () => (away ? bringSomeBack : putSomeAway)(ticked),
            },
            {
                group: 'Sets',
                name: 'Show every set',
                disabled: words === '' && instrument === '',
                run: () => look({ for: '', instrument: '', page: '1' }),
            },
        ],
        busy: false,
    });
    return {};
}
