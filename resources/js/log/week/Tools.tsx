import { router } from '@inertiajs/react';
import { type Dispatch, type SetStateAction } from 'react';
import { Button } from '../../ui/Button';
import { buttonClass } from '../../ui/classes';
import { Menu, MenuItem, MenuLink } from '../../ui/Menu';
import { Select } from '../../ui/Select';
import { logCalendar, logWeek } from '../../generated/addresses/places';
import type { WeekPage as Props } from '../../generated/pages';

/** What is asked for where nothing is narrowed. */
export const EVERY = 'every bench';
export const EVERYBODY = 'everybody';

/** How far ahead, for which bench and whom; on paper and as a calendar. */
export function Tools({
    weeks,
    only,
    benches,
    bench,
    look,
    owners,
    owner,
    printed,
    setSubscribing,
}: {
    weeks: Props['weeks'];
    only: { owner?: string; bench?: string };
    benches: string[];
    bench: string;
    look: (changed: Partial<{ bench: string; owner: string }>, typing?: boolean) => void;
    owners: string[];
    owner: string;
    printed: string;
    setSubscribing: Dispatch<SetStateAction<boolean>>;
}) {
    return (
        <>
            <div className="w-36">
                <Select
                    label="How far ahead"
                    value={String(weeks)}
                    choices={SPANS}
                    onChange={(value) =>
                        router.get(logWeek, { ...(value === '1' ? {} : { weeks: value }), ...only }, { preserveState: true })
                    }
                />
            </div>
            {benches.length > 1 && (
                <div className="w-40">
                    <Select
                        label="Bench"
                        value={bench === '' ? '–' : bench}
                        choices={[EVERY, ...benches].map((each) => ({
                            value: each === '' ? '–' : each,
                            label: each === EVERY ? 'Every bench' : benchWords(each),
                        }))}
                        onChange={(value) => look({ bench: value === '–' ? '' : value })}
                    />
                </div>
            )}
            {(owners.length > 1 || owner !== EVERYBODY) && (
                <div className="w-44">
                    <Select
                        label="Owner"
                        value={owner}
                        choices={[...new Set([EVERYBODY, ...owners, owner])].map((each) => ({
                            value: each,
                            label: each === EVERYBODY ? 'Every owner' : each,
                        }))}
                        onChange={(value) => look({ owner: value })}
                    />
                </div>
            )}
            <a href={printed} target="_blank" rel="noreferrer" className={buttonClass.plain}>
                Print
            </a>
            <Menu trigger={<Button>Calendar</Button>}>
                <MenuItem onSelect={() => setSubscribing(true)}>Subscribe to it…</MenuItem>
                <MenuLink href={logCalendar} newTab>
                    As a file
                </MenuLink>
            </Menu>
        </>
    );
}

export const SPANS = [
    { value: '1', label: 'This week' },
    { value: '4', label: 'Four weeks' },
    { value: '13', label: 'A quarter' },
];

export function benchWords(bench: string): string {
    return bench === '' ? 'No bench yet' : `${bench} bench`;
}
