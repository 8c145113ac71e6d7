<?php

declare(strict_types=1);

namespace Lira\Playing;

use Lira\Wording\Statement;

/**
 * What is said of how a set plays: each with its one sentence.
 *
 * @phpstan-import-type Parameters from Statement
 */
enum Saying: string
{
    case WorstFret = 'worst-fret';
    case NoFretOff = 'no-fret-off';
    case FirstFrets = 'first-frets';
    case NutHelps = 'nut-helps';
    case CapoAdds = 'capo-adds';
    case NutUnmeasured = 'nut-unmeasured';
    case ReadOff = 'read-off';
    case ShareRead = 'share-read';
    case NutRead = 'nut-read';
    case NotKnown = 'stretch-not-known';
    case Fretless = 'fretless-neck';
    case OddFret = 'odd-fret';
    case LowestAction = 'lowest-action';
    case ActionUnmeasured = 'action-unmeasured';
    case ActionJust = 'action-just';
    case ActionSpare = 'action-spare';
    case ActionShort = 'action-short';
    case ActionCosts = 'action-costs';
    case ActionGains = 'action-gains';
    case Warmer = 'warmer';
    case PartCompany = 'part-company';
    case WarmthNotKnown = 'warmth-not-known';
    case Humidity = 'humidity-not-known';

    public function sentence(): string
    {
        return match ($this) {
            self::WorstFret => 'The worst fret up to the {last:0}th is fret {fret} of string {string}: {cents:1} cents [way=sharp|sharp][way=flat|flat][range=open|, {low:1!} to {high:1}][range=closed|].',
            self::NoFretOff => 'Nowhere up to the {last:0}th fret is a string more than {cents:1} cents off: fret {fret} of string {string} is the worst.',
            self::FirstFrets => 'Open chords: string {string} stands {cents:1} cents [way=sharp|sharp][way=flat|flat] over its first three frets.',
            self::NutHelps => 'With its nut moved {nut_mm:2} towards the [to=saddle|saddle][to=head|headstock] it would be {left:1}: a repairer’s work.',
            self::CapoAdds => 'The capo at fret {fret} makes string {string} {cents:1} cents sharper than it was tuned: the most of those it holds. Tune again once it is on.',
            self::NutUnmeasured => 'The first frets hang on how high the strings lie at the nut, which nobody measured: {nut_mm:2} is usual, {varies_mm:2} less or more is possible. To measure it, lay a straight edge on the first two frets, over the nut’s edge, and take the gap between it and the string’s underside at the nut.',
            self::ReadOff => 'What was read at {frets} frets stands {cents:1} cents from what is foretold, taken together.',
            self::ShareRead => 'By {strings} [many=yes|strings][many=no|string] read up the neck, stiffness sharpens by {share} of what clamped ends would; half was taken before.',
            self::NutRead => 'From {readings} [many=yes|readings][many=no|reading] at the first frets the strings lie {nut_mm:2} high at the nut ({low_mm:2!} to {high_mm:2}).',
            self::NotKnown => 'How far string {string} comes out sharp nobody can foretell: it stretches like rubber. Read it.',
            self::Fretless => 'A neck without frets is played in tune by ear: there is nothing to map.',
            self::OddFret => 'Fret {fret} stands {cents:1} cents [way=sharp|sharper][way=flat|flatter] than its neighbours leave for it, on strings {strings}: it is [way=sharp|high, or stands too near the bridge][way=flat|worn or low, or stands too near the nut]. A repairer levels or reseats it.',
            self::LowestAction => 'Picked [hand=soft|softly][hand=medium|with a medium hand][hand=hard|hard], it is clean down to {needed_mm:2} at the 12th fret: below, string {string} [at=open|played open][at=stopped|stopped at fret {stopped}] touches fret {over} first.',
            self::ActionUnmeasured => 'Its action was not measured: {action_mm:2} is usual of its kind.',
            self::ActionJust => 'It stands at {action_mm:2}: just so.',
            self::ActionSpare => 'It stands at {action_mm:2}: {by_mm:2} to spare.',
            self::ActionShort => 'It stands at {action_mm:2}, which is {by_mm:2} too low for that hand.',
            self::ActionCosts => 'With a [hand=soft|soft][hand=medium|medium][hand=hard|hard] hand that is {by_mm:2} more than {before} asks.',
            self::ActionGains => 'With a [hand=soft|soft][hand=medium|medium][hand=hard|hard] hand that is {by_mm:2} less than {before} asks.',
            self::Warmer => '{degrees:0} degrees [to=warmer|warmer][to=colder|colder], string {string} is {cents:1} cents [way=sharp|sharp][way=flat|flat] once it is as warm as the room: the most of all.',
            self::PartCompany => 'Strings {first} and {second} part company by {cents:1} cents: tune again where you play, once the instrument has the room’s warmth.',
            self::WarmthNotKnown => 'What warmth does to [which=all|these strings][which=some|strings {strings}] nobody has a figure for: polymers stiffen and slacken with it, some one way, some the other. Read them at the bench and on the stage.',
            self::Humidity => 'What the air’s moisture does to neck and top is not reckoned.',
        };
    }

    /** @param  Parameters  $parameters  of its sentence */
    public function with(array $parameters = []): Statement
    {
        return new Statement($this->value, $this->sentence(), $parameters);
    }
}
