<?php

declare(strict_types=1);

namespace Lira\Typed;

use Lira\InvalidInput;
use Lira\Kind\Custom;
use Lira\Kind\Kind;
use Lira\Kind\Size;

/**
 * Reads an instrument described in a line: "electric guitar", "five-string bass 34 in", "12-string acoustic", "7 string, 25.5 to 27 in".
 * What is not said is as usual for its kind.
 */
final readonly class TypedInstrument
{
    /** Words for the kinds and their sizes, longer ones before those within them. */
    private const WORDS = [
        'elastomer bass' => Kind::ElastomerBass, 'rubber bass' => Kind::ElastomerBass, 'ukulele bass' => Kind::ElastomerBass, 'uke bass' => Kind::ElastomerBass,
        'acoustic bass guitar' => Kind::AcousticBass, 'acoustic bass' => Kind::AcousticBass,
        'soprano ukulele' => Size::Soprano, 'soprano uke' => Size::Soprano, 'concert ukulele' => Size::Concert, 'concert uke' => Size::Concert,
        'tenor ukulele' => Size::Tenor, 'tenor uke' => Size::Tenor, 'baritone ukulele' => Size::BaritoneUkulele, 'baritone uke' => Size::BaritoneUkulele,
        'irish tenor banjo' => Size::TenorBanjo, 'tenor banjo' => Size::TenorBanjo, 'plectrum banjo' => Size::PlectrumBanjo,
        'short scale bass' => Size::ShortScaleBass, 'medium scale bass' => Size::MediumScaleBass, 'extra long scale bass' => Size::ExtraLongScaleBass,
        'electric bass guitar' => Kind::Bass, 'electric bass' => Kind::Bass, 'bass guitar' => Kind::Bass, 'bass' => Kind::Bass,
        'lap steel guitar' => Kind::LapSteel, 'lap steel' => Kind::LapSteel, 'lapsteel' => Kind::LapSteel,
        'resonator guitar' => Kind::ResonatorGuitar, 'resophonic guitar' => Kind::ResonatorGuitar, 'resonator' => Kind::ResonatorGuitar, 'resophonic' => Kind::ResonatorGuitar,
        'acoustic tenor guitar' => Kind::TenorGuitar, 'tenor acoustic guitar' => Kind::TenorGuitar, 'electric tenor guitar' => Kind::TenorGuitar, 'tenor guitar' => Kind::TenorGuitar,
        'classical guitar' => Kind::ClassicalGuitar, 'classical' => Kind::ClassicalGuitar, 'nylon string guitar' => Kind::ClassicalGuitar, 'nylon string' => Kind::ClassicalGuitar, 'nylon guitar' => Kind::ClassicalGuitar, 'nylon' => Kind::ClassicalGuitar, 'spanish guitar' => Kind::ClassicalGuitar, 'flamenco guitar' => Kind::ClassicalGuitar, 'flamenco' => Kind::ClassicalGuitar,
        'electric baritone guitar' => Size::Baritone, 'baritone electric guitar' => Size::Baritone, 'electric baritone' => Size::Baritone, 'baritone electric' => Size::Baritone,
        'gypsy jazz guitar' => Kind::AcousticGuitar, 'gypsy guitar' => Kind::AcousticGuitar, 'parlour guitar' => Kind::AcousticGuitar, 'parlor guitar' => Kind::AcousticGuitar, 'folk guitar' => Kind::AcousticGuitar, 'dreadnought guitar' => Kind::AcousticGuitar, 'dreadnought' => Kind::AcousticGuitar, 'jumbo guitar' => Kind::AcousticGuitar,
        'archtop guitar' => Kind::ElectricGuitar, 'archtop' => Kind::ElectricGuitar, 'jazz guitar' => Kind::ElectricGuitar, 'semi hollow guitar' => Kind::ElectricGuitar, 'hollow body guitar' => Kind::ElectricGuitar,
        'acoustic guitar' => Kind::AcousticGuitar, 'steel string guitar' => Kind::AcousticGuitar, 'steel string acoustic' => Kind::AcousticGuitar, 'steel string' => Kind::AcousticGuitar, 'western guitar' => Kind::AcousticGuitar, 'western' => Kind::AcousticGuitar, 'acoustic' => Kind::AcousticGuitar,
        'baritone guitar' => Size::Baritone, 'guitar baritone' => Size::Baritone,
        'electric guitar' => Kind::ElectricGuitar, 'electric' => Kind::ElectricGuitar, 'guitar' => Kind::ElectricGuitar,
        'octave mandolin' => Kind::OctaveMandolin, 'octave mandoline' => Kind::OctaveMandolin, 'mandolin octave' => Kind::OctaveMandolin,
        'mandolin' => Kind::Mandolin, 'mandoline' => Kind::Mandolin,
        'ukulele' => Kind::Ukulele, 'ukelele' => Kind::Ukulele, 'uke' => Kind::Ukulele, 'banjo' => Kind::Banjo,
        'baritone' => Size::Baritone, 'other' => Kind::Other,
    ];

    /** Words that mean one of several instruments: none is taken, all are offered. */
    private const ASKED = [
        'steel guitar' => ['lap steel', 'acoustic guitar'],
        'tenor' => ['tenor guitar', 'tenor ukulele', 'tenor banjo'],
        'steel' => ['lap steel', 'acoustic guitar'],
        'octave' => ['octave mandolin', 'mandolin'],
        'concert' => ['concert ukulele', 'classical guitar'],
        'mandola' => ['octave mandolin', 'mandolin'], 'bouzouki' => ['octave mandolin'], 'irish bouzouki' => ['octave mandolin'], 'cittern' => ['octave mandolin'],
        'pedal steel' => ['lap steel'], 'cigar box guitar' => ['three-string guitar', 'four-string guitar'], 'cigar box' => ['three-string guitar', 'four-string guitar'],
    ];

    /** Words that say nothing of its strings. */
    private const FILLERS = '~(?<![\p{L}\d])(?:my|the|an?|with|and|of|i have|it is|it’s|it\'s|its|left[\s-]?handed|lefty|fretless|fretted|old|new|standard tuning|frets?|scale length|scale)(?![\p{L}])~u';

    /** How people say that the bass side is longer. */
    private const FANNED = '~\b(?:fan(?:ned)?(?:[\s-]?frets?)?|fan[\s-]?fretted|multi[\s-]?scale)\b~u';

    private const NUMBERS = [
        'three' => 3, 'four' => 4, 'five' => 5, 'six' => 6, 'seven' => 7, 'eight' => 8, 'nine' => 9, 'ten' => 10, 'eleven' => 11, 'twelve' => 12,
    ];

    public const MOST_STRINGS = 14;

    private function __construct(public Kind $kind, public int $strings, public TypedScale $scale) {}

    /** @return list<string> every word by which an instrument is known */
    public static function words(): array
    {
        return array_keys(self::WORDS);
    }

    /**
     * @param  'mm'|'in'  $bare  the unit of a scale without one
     *
     * @throws InvalidInput if a word of it means nothing, with the nearest that does
     */
    public static function read(string $typed, string $bare = 'mm'): self
    {
        $asked = self::ASKED[mb_strtolower(trim($typed))] ?? null;
        if ($asked !== null) {
            throw Unreadable::instrument($typed, $asked);
        }
        try {
            return self::plainly($typed, $bare);
        } catch (Unreadable $unreadable) {
            $known = [...self::words(), ...array_keys(self::NUMBERS), 'string', 'strings', ...array_map(strval(...), array_keys(Grammar::LENGTHS))];
            $right = Spelling::corrected($typed, $known, static fn (string $line): self => self::plainly($line, $bare));
            throw $right === null ? $unreadable : Unreadable::instrument($typed, [$right]);
        }
    }

    /** @param  'mm'|'in'  $bare */
    private static function plainly(string $typed, string $bare): self
    {
        $left = ' '.mb_strtolower(trim(mb_substr($typed, 0, 200))).' ';
        $strings = null;
        $words = implode('|', array_keys(self::NUMBERS));
        if (preg_match("~(?<![\d.,])(\d{1,2}|{$words})[\s-]*str(?:ings?|\.)?(?:ed)?(?![a-z])~u", $left, $found) === 1) {
            $strings = self::NUMBERS[$found[1]] ?? (int) $found[1];
            $left = str_replace($found[0], ' ', $left);
        }
        [$said, $left] = self::said($left);
        $left = (string) preg_replace([self::FILLERS, '~\s+~u'], [' ', ' '], $left);
        $fanned = preg_match(self::FANNED, $left) === 1;
        $left = (string) preg_replace(self::FANNED, ' ', $left);
        if ($fanned) {
            // Two lengths beside each other are the ends of the fan.
            $left = (string) preg_replace('~(?<=["”″]|mm|cm|in)\s+(?=\d)~u', ' to ', $left);
        }
        if ($strings === null && preg_match('~^\s*(\d{1,2})\s*$~u', $left, $only) === 1 && (int) $only[1] >= 3 && (int) $only[1] <= self::MOST_STRINGS) {
            // "bass 5": nobody has a scale so short.
            [$strings, $left] = [(int) $only[1], ''];
        }
        $isDecimal = '~(?<=\d),(?=\d)~u';
        $scale = trim((string) preg_replace('~[,;\s]+~u', ' ', (string) preg_replace($isDecimal, '.', $left)), " .-–\t");
        if ($said === null && $strings === null && ! $fanned && ! self::isLength($scale)) {
            throw self::unreadable($typed);
        }
        // Most twelve-strings are acoustic ones.
        $said ??= $strings === 12 ? Kind::AcousticGuitar : Kind::ElectricGuitar;
        $kind = $said instanceof Size ? $said->kind() : $said;
        if ($strings !== null && ($strings < 1 || $strings > self::MOST_STRINGS)) {
            throw new InvalidInput(sprintf('%d strings are more than there can be here. Give 1 to %d.', $strings, self::MOST_STRINGS));
        }
        try {
            $read = match (true) {
                $scale === '' && $fanned => TypedScale::fanned($kind),
                $scale === '' && $said instanceof Size => TypedScale::metres($said->lengthM()),
                default => TypedScale::read($scale, $kind, $bare),
            };
        } catch (Unreadable $unreadable) {
            // A word that is neither of an instrument nor of a scale.
            throw self::isLength($scale) || $unreadable->nearest !== null ? $unreadable : self::unreadable($scale);
        }

        return new self($kind, $strings ?? ($said instanceof Size ? $said->strings() : Custom::of($kind)->neck->strings), $read);
    }

    /** As set documents say an instrument. */
    public function toJson(string $name): \stdClass
    {
        $short = [];
        $neck = Custom::of($this->kind)->neck;
        foreach ($this->strings === $neck->strings ? $neck->shortStrings : [] as $position => $fret) {
            $short[] = (object) ['position' => $position, 'starts_at_fret' => $fret];
        }

        return (object) ([
            'name' => $name,
            'kind' => $this->kind->value,
            'scale' => $this->scale->toJson(),
        ] + ($short === [] ? [] : ['short_strings' => $short]) + $this->courses());
    }

    /** @return array{courses?: list<int>} the pairs of a twelve-string or a mandolin */
    private function courses(): array
    {
        $courses = Custom::of($this->kind)->neck->coursesOf($this->strings, ! $this->kind->isBass());

        return $courses === [] ? [] : ['courses' => $courses];
    }

    /** @return array{Kind|Size|null, string} what is named, and the text without its name */
    private static function said(string $text): array
    {
        foreach (self::WORDS as $words => $said) {
            $pattern = '~(?<![\p{L}-])'.str_replace(' ', '[\s-]+', $words).'s?(?![\p{L}])~u';
            if (preg_match($pattern, $text) === 1) {
                return [$said, (string) preg_replace($pattern, ' ', $text, 1)];
            }
        }

        return [null, $text];
    }

    private static function isLength(string $text): bool
    {
        return preg_match('~^\d~', $text) === 1;
    }

    private static function unreadable(string $typed): Unreadable
    {
        $nearest = Nearest::to($typed, self::words());

        return Unreadable::instrument($typed, $nearest === null ? [] : [$nearest]);
    }
}
