import { Glyph } from '../ui/Glyph';
import { Menu, MenuChoice } from '../ui/Menu';
import type { Units } from '../units/units';
import { GAUGES, LENGTHS, LOOKS, TENSIONS, useReading, type Look } from './reading/useReading';

/** Units and light or dark, where one reads: a shorter way to what stands under Workshop. */
export function ReadingMenu() {
    const { units, look, changeUnits, changeLook } = useReading();

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
                choices={LENGTHS}
                onChoose={(length) => changeUnits({ length: length as Units['length'] })}
            />
            <MenuChoice
                label="Gauges"
                value={units.gauge}
                choices={GAUGES}
                onChoose={(gauge) => changeUnits({ gauge: gauge as Units['gauge'] })}
            />
            <MenuChoice
                label="Tension"
                value={units.tension}
                choices={TENSIONS}
                onChoose={(tension) => changeUnits({ tension: tension as Units['tension'] })}
            />
            <MenuChoice label="Look" value={look} choices={LOOKS} onChoose={(chosen) => changeLook(chosen as Look)} />
        </Menu>
    );
}
