import { centsWords } from '../../devices/tuner/heard';
import { positionsOf, type Frame, type Screen } from '../frames';
import { stringsWords, capital } from '../../units/words';

/** So near its pitch a string is said to be at it. */
export const AT_PITCH_CENTS = 3;

/** Of the right packet in the hand. */
export const THIS_ONE = 'It is this one';

/** What the way on says of what is next: what is true once it is pressed. `cents`: as the tuner read its string, if it did. */
export function pressClaim(screen: Screen, cents: number | null): string {
    return screen.frames.length === 1 && cents === null ? claimOf(screen.frames[0]) : screenClaim(screen, cents);
}

/** What is said of a step, or of a part of one. */
function claimOf({ key, step, part }: Frame): string {
    if (part?.key.startsWith('seat:') === true) {
        return 'Done: it holds';
    }
    switch (key.replace(/:.*/, '')) {
        case 'packet':
            return THIS_ONE;
        case 'slacken-all':
            return 'Done: they are slack';
        case 'tune-below':
            return 'Done: a semitone low';
        case 'tune-stage-1':
        case 'tune-stage-2':
            return 'Done: they stand there';
        case 'tune-stage-3':
        case 'tune-all':
            return 'Done: all at their pitch';
        case 'tune-again':
            return 'Done: none has moved';
        case 'level-bridge':
            return 'Done: it is level';
    }
    switch (step.phase) {
        case 'off':
            return 'Done: it is off';
        case 'fit':
            return 'Done: it is on and wound';
        case 'tune':
            return 'Done: at its pitch';
        default:
            return 'Done';
    }
}

/** Of a whole screen: no more than the hand, or the tuner, has established. */
function screenClaim({ frames, position }: Screen, cents: number | null): string {
    const phases = new Set(frames.map(({ step }) => step.phase));
    const positions = positionsOf(frames);
    if (position !== null && phases.has('tune')) {
        const on = phases.has('fit');
        if (cents === null) {
            return `${position} is ${on ? 'on, ' : ''}brought to pitch by hand`;
        }
        return Math.abs(cents) <= AT_PITCH_CENTS
            ? `${position} is ${on ? 'on and ' : ''}at its pitch`
            : `${position} ${on ? 'is on and ' : ''}stands ${centsWords(cents)} cents`;
    }
    if (position !== null && phases.has('fit')) {
        return `${position} is on and wound`;
    }
    if (phases.has('off')) {
        return `${capital(stringsWords(positions))} ${positions.length === 1 ? 'is' : 'are'} off`;
    }
    return phases.has('prepare') ? 'All is ready' : 'Done';
}
