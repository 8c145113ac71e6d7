<?php

declare(strict_types=1);

namespace Lira\Conversion;

use Lira\Wording\Statement;

/**
 * What can be said for a converted set, or against the instrument it is for: each with its one sentence.
 *
 * @phpstan-import-type Parameters from Statement
 */
enum Argument: string
{
    case PullsLess = 'pulls-less';
    case ShortForBaritone = 'short-for-baritone';
    case LongEnough = 'long-enough';
    case OtherScale = 'other-scale';
    case NeverTunedUp = 'never-tuned-up';
    case NewString = 'new-string';
    case WorstTuning = 'worst-tuning';
    case NearestFeel = 'nearest-feel';
    case TogetherPull = 'together-pull';
    case AnotherPlace = 'another-place';
    case FloatsOtherTotal = 'floats-other-total';
    case FloatsBetweenTunings = 'floats-between-tunings';
    case UnknownTop = 'unknown-top';
    case NeckTooShort = 'neck-too-short';
    case NoneForAllTunings = 'none-for-all-tunings';
    case NoneThickEnough = 'none-thick-enough';
    case NoneThinEnough = 'none-thin-enough';

    public function sentence(): string
    {
        return match ($this) {
            self::PullsLess => '{semitones} semitones lower, a string left as it is pulls {left_share} of what it did: string {string} only {tension_n}.',
            self::ShortForBaritone => 'This neck is {neck_mm:0}; necks made for it are {usual_mm:0} and longer. On a shorter one the low strings have to be thicker, duller and harder to intonate.',
            self::LongEnough => 'At {neck_mm:0} this neck is long enough for it.',
            self::OtherScale => 'From {old_mm:0!} to {new_mm:0} the same string at the same pitch pulls {left_share} of what it did, so the same feel takes [gauges=same|the same][gauges=heavier|heavier][gauges=lighter|lighter] gauges.',
            self::NeverTunedUp => 'Strings {first} to {last} sound an octave up. Tuning the old ones up would take up to {worst_share} of what they can bear: they must be changed, never tuned up.',
            self::NewString => 'String {string} is new, at {pitch}; it aims at what its neighbour pulls.',
            self::WorstTuning => 'Chosen so that the worst of the tunings is as good as it can be. String {string} goes the furthest, from {low_n!} to {high_n}.',
            self::NearestFeel => 'Every string is the gauge that comes nearest to the feel of “{set}”.',
            self::TogetherPull => 'Together they pull {tension_n} instead of {before_n}.',
            self::AnotherPlace => 'Another string needs its place at the nut, the bridge and the headstock, and a neck wide enough for it. A qualified repairer says whether this instrument has one.',
            self::FloatsOtherTotal => 'Its bridge floats: with {by_share} [way=more|more][way=less|less] on it the springs have to be rebalanced.',
            self::FloatsBetweenTunings => 'Its bridge floats: from one tuning to another the total changes by {by_share}, and each time it tips until the springs are reset.',
            self::UnknownTop => 'The total rises by {by_share} and it is not recorded what this top may bear: a light or old one must not carry more.',
            self::NeckTooShort => '{neck_mm:0} is short for a baritone so low.',
            self::NoneForAllTunings => 'String {string} goes from {low_n!} to {high_n} over the tunings; no one gauge feels right in all of them.',
            self::NoneThickEnough => 'No gauge brings string {string} near its aim: {tension_n} instead of {aim_n}. It would have to be thicker than any there is; a longer scale helps.',
            self::NoneThinEnough => 'No gauge brings string {string} near its aim: {tension_n} instead of {aim_n}. It would have to be thinner than any there is.',
        };
    }

    /** @param  Parameters  $parameters  of its sentence */
    public function with(array $parameters = []): Statement
    {
        return new Statement($this->value, $this->sentence(), $parameters);
    }
}
