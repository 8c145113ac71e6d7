import { useLetters } from '../frame/commands/letters';
import { useAloudOn, useHearingOn } from '../frame/reading/heard';
import { CLOCKS, GAUGES, LENGTHS, LOOKS, ORDERS, TENSIONS, useReading, type Look } from '../frame/reading/useReading';
import { Field } from '../ui/Field';
import { Select } from '../ui/Select';
import type { Units } from '../units/units';
import { Part } from './WorkshopFrame';

const ON_OFF = [
    { value: 'on', label: 'On' },
    { value: 'off', label: 'Off' },
];

/** How one reads and hears on this device. */
export function ReadingPart() {
    const { units, look, dates, changeUnits, changeLook, changeDates } = useReading();
    const hearing = useHearingOn();
    const aloud = useAloudOn();
    const letters = useLetters();
    const onOff = (now: { on: boolean; turn: (on: boolean) => void }) => ({
        value: now.on ? 'on' : 'off',
        choices: ON_OFF,
        onChange: (chosen: string) => now.turn(chosen === 'on'),
    });
    return (
        <Part title="Reading, on this device" about="Changed at once, and remembered here. Everybody reads as they like.">
            <div className="grid gap-3 sm:grid-cols-2">
                <Field label="Lengths">
                    <Select
                        value={units.length}
                        choices={LENGTHS}
                        onChange={(length) => changeUnits({ length: length as Units['length'] })}
                    />
                </Field>
                <Field label="Gauges">
                    <Select
                        value={units.gauge}
                        choices={GAUGES}
                        onChange={(gauge) => changeUnits({ gauge: gauge as Units['gauge'] })}
                    />
                </Field>
                <Field label="Tension">
                    <Select
                        value={units.tension}
                        choices={TENSIONS}
                        onChange={(tension) => changeUnits({ tension: tension as Units['tension'] })}
                    />
                </Field>
                <Field label="Look">
                    <Select value={look} choices={LOOKS} onChange={(chosen) => changeLook(chosen as Look)} />
                </Field>
                <Field label="Dates">
                    <Select
                        value={dates.order}
                        choices={ORDERS}
                        onChange={(order) => changeDates({ order: order as typeof dates.order })}
                    />
                </Field>
                <Field label="Times of day">
                    <Select
                        value={dates.clock}
                        choices={CLOCKS}
                        onChange={(clock) => changeDates({ clock: clock as typeof dates.clock })}
                    />
                </Field>
                <Field label="Sound of the strings on the Bench">
                    <Select {...onOff(hearing)} />
                </Field>
                <Field label="A job’s steps read aloud">
                    <Select {...onOff(aloud)} />
                </Field>
                <Field label="Keys that are single letters" hint="Off, where one dictates or presses them by chance.">
                    <Select {...onOff(letters)} />
                </Field>
            </div>
        </Part>
    );
}
