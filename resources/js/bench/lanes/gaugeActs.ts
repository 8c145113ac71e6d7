import type { StringOfSet } from '../../generated/formats';
import { sameFamily } from '../../units/stringType';
import { formatGauge, type Units } from '../../units/units';
import * as edits from '../design/edits';
import { nearestTo, neighbour, type Choice } from './gauges';

/** Typed tensions that no gauge comes this near to are told, as a share. */
const FAR = 0.08;

interface OfString {
    position: number;
    string: StringOfSet;
    choices: Choice[];
    units: Units;
    edit: (edit: edits.Edit) => void;
    tell: (problem: string | null) => void;
}

/** What can be done with the gauge of a string: one taken, the one that pulls nearest to what was typed, the next either way. */
export function gaugeActs({ position, string, choices, units, edit, tell }: OfString) {
    const choose = (choice: Choice) => {
        tell(null);
        edit(edits.chosenGauge(position, choice));
    };
    return {
        choose,
        takeTension: (newtons: number) => {
            const nearest = nearestTo(
                choices.filter((choice) => sameFamily(choice, string)),
                newtons,
            );
            if (nearest === undefined) {
                tell('There are no other gauges of this kind to choose from. Type a gauge.');
                return;
            }
            choose(nearest);
            if (Math.abs(nearest.tensionN / newtons - 1) > FAR) {
                tell(`Nothing of this kind pulls that; ${formatGauge(nearest.gauge_in, units)} comes nearest.`);
            }
        },
        step: (direction: -1 | 1) => {
            if (string.hold === 'locked') {
                tell('Locked. Its number opens what unlocks it.');
                return;
            }
            const next = neighbour(choices, string, direction);
            if (next !== undefined) {
                choose(next);
            }
        },
    };
}
