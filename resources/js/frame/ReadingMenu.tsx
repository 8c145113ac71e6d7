import { Glyph } from '../ui/Glyph';
import { router } from '@inertiajs/react';
import { useState } from 'react';
import { rememberUnits, useUnits, type Units } from '../units/units';
import { Menu, MenuChoice } from '../ui/Menu';

type Look = 'auto' | 'light' | 'dark';

function presentLook(): Look {
    const look = document.documentElement.dataset['look'];
    return look === 'light' || look === 'dark' ? look : 'auto';
}

/** Units and light or dark: how one person reads. */
export function ReadingMenu() {
    const units = useUnits();
    const [look, setLook] = useState<Look>(presentLook);

    const change = (changed: Partial<Units>) => {
        const next = { ...units, ...changed };
        rememberUnits(next);
        router.replaceProp('units', next);
    };
    const changeLook = (chosen: Look) => {
        document.documentElement.dataset['look'] = chosen;
        document.cookie = `lira_look=${chosen}; path=/; max-age=31536000; samesite=lax`;
        setLook(chosen);
    };

    return (
        <Menu
            trigger={
                <button
                    type="button"
                    className="inline-flex items-center gap-1 rounded-field px-2 py-1.5 whitespace-nowrap text-ink-soft hover:bg-rule/50 hover:text-ink"
                >
                    <span className="sr-only">Units: </span>
                    {units.length} · {units.gauge === 'thou' ? 'thou' : 'gauge mm'} · {units.tension} <Glyph sign="down" />
                </button>
            }
        >
            <MenuChoice
                label="Lengths"
                value={units.length}
                choices={[
                    { value: 'mm', label: 'Millimetres' },
                    { value: 'in', label: 'Inches' },
                ]}
                onChoose={(length) => change({ length: length as Units['length'] })}
            />
            <MenuChoice
                label="Gauges"
                value={units.gauge}
                choices={[
                    { value: 'thou', label: 'Thousandths of an inch' },
                    { value: 'mm', label: 'Millimetres' },
                ]}
                onChoose={(gauge) => change({ gauge: gauge as Units['gauge'] })}
            />
            <MenuChoice
                label="Tension"
                value={units.tension}
                choices={[
                    { value: 'N', label: 'Newtons' },
                    { value: 'lbf', label: 'Pounds-force' },
                    { value: 'kgf', label: 'Kilograms-force' },
                ]}
                onChoose={(tension) => change({ tension: tension as Units['tension'] })}
            />
            <MenuChoice
                label="Look"
                value={look}
                choices={[
                    { value: 'auto', label: 'As the system' },
                    { value: 'light', label: 'Light' },
                    { value: 'dark', label: 'Dark' },
                ]}
                onChoose={(chosen) => changeLook(chosen as Look)}
            />
        </Menu>
    );
}
