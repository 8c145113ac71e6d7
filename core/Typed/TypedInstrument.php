<?php

declare(strict_types=1);

namespace Lira\Typed;

use Lira\Instrument\Usual;
use Lira\InvalidInput;
use Lira\Kind\Kind;

/**
 * Reads an instrument described in a line: "electric guitar", "five-string bass 34 in", "12-string acoustic", "7 string, 25.5 to 27 in".
 * What is not said is as usual for its kind.
 */
final readonly class TypedInstrument
{
    /** Words for the kinds, longer ones before those within them. */
    private const KINDS = [
        'elastomer bass' => Kind::ElastomerBass, 'rubber bass' => Kind::ElastomerBass, 'ukulele bass' => Kind::ElastomerBass, 'ukulele-bass' => Kind::ElastomerBass, 'uke bass' => Kind::ElastomerBass,
        'acoustic bass guitar' => Kind::AcousticBass, 'acoustic bass' => Kind::AcousticBass,
        'electric bass guitar' => Kind::Bass, 'electric bass' => Kind::Bass, 'bass guitar' => Kind::Bass, 'bass' => Kind::Bass,
        'classical guitar' => Kind::ClassicalGuitar, 'classical' => Kind::ClassicalGuitar, 'nylon string guitar' => Kind::ClassicalGuitar, 'nylon-string guitar' => Kind::ClassicalGuitar, 'nylon-string' => Kind::ClassicalGuitar, 'nylon' => Kind::ClassicalGuitar, 'spanish guitar' => Kind::ClassicalGuitar, 'flamenco guitar' => Kind::ClassicalGuitar, 'flamenco' => Kind::ClassicalGuitar,
        'acoustic guitar' => Kind::AcousticGuitar, 'steel-string guitar' => Kind::AcousticGuitar, 'steel string guitar' => Kind::AcousticGuitar, 'acoustic' => Kind::AcousticGuitar, 'western guitar' => Kind::AcousticGuitar,
        'electric guitar' => Kind::ElectricGuitar, 'baritone guitar' => Kind::ElectricGuitar, 'electric' => Kind::ElectricGuitar, 'guitar' => Kind::ElectricGuitar,
        'ukulele' => Kind::Ukulele, 'uke' => Kind::Ukulele, 'banjo' => Kind::Banjo, 'other' => Kind::Other,
    ];

    private const NUMBERS = [
        'three' => 3, 'four' => 4, 'five' => 5, 'six' => 6, 'seven' => 7, 'eight' => 8, 'nine' => 9, 'ten' => 10, 'eleven' => 11, 'twelve' => 12,
    ];

    public const MOST_STRINGS = 14;

    private function __construct(public Kind $kind, public int $strings, public TypedScale $scale) {}

    /**
     * @param  'mm'|'in'  $bare  the unit of a scale without one
     *
     * @throws InvalidInput if a word of it means nothing, with the nearest that does
     */
    public static function read(string $typed, string $bare = 'mm'): self
    {
        $left = ' '.mb_strtolower(trim(mb_substr($typed, 0, 200))).' ';
        $left = (string) preg_replace(['~\b(?:my|the|an?|with|i have|it is|it’s|it\'s)\b~u', '~\s+~u'], [' ', ' '], $left);
        $strings = null;
        $words = implode('|', array_keys(self::NUMBERS));
        if (preg_match("~(?<![\d.,])(\d{1,2}|{$words})[\s-]*str(?:ings?|\.)?(?:ed)?(?![a-z])~u", $left, $found) === 1) {
            $strings = self::NUMBERS[$found[1]] ?? (int) $found[1];
            $left = str_replace($found[0], ' ', $left);
        }
        [$kind, $left] = self::kind($left);
        // A baritone is a longer guitar; its length is said by the same word.
        $scale = trim((string) preg_replace('~\s+~u', ' ', strtr($left, [',' => ' , '])), " ,;.-–\t");
        $scale = (string) preg_replace('~\s*,\s*(?=\d)|\s+,\s*~u', ' ', $scale);
        if ($kind === null && $strings === null && ! self::isLength($scale)) {
            throw self::unreadable($typed);
        }
        $kind ??= Kind::ElectricGuitar;
        if ($strings !== null && ($strings < 1 || $strings > self::MOST_STRINGS)) {
            throw new InvalidInput(sprintf('%d strings are more than there can be here. Give 1 to %d.', $strings, self::MOST_STRINGS));
        }

        try {
            $read = TypedScale::read(trim($scale), $kind, $bare);
        } catch (Unreadable $unreadable) {
            // A word that is neither of an instrument nor of a scale.
            throw self::isLength($scale) || $unreadable->nearest !== null ? $unreadable : self::unreadable($scale);
        }

        return new self($kind, $strings ?? Usual::for($kind)->strings, $read);
    }

    /** As set documents say an instrument. */
    public function toJson(string $name): \stdClass
    {
        $short = [];
        foreach ($this->strings === Usual::for($this->kind)->strings ? Usual::shortStrings($this->kind) : [] as $position => $fret) {
            $short[] = (object) ['position' => $position, 'starts_at_fret' => $fret];
        }

        return (object) ([
            'name' => $name,
            'kind' => $this->kind->value,
            'scale' => $this->scale->toJson(),
        ] + ($short === [] ? [] : ['short_strings' => $short]) + $this->courses());
    }

    /** @return array{courses?: list<int>} the pairs of a twelve-string */
    private function courses(): array
    {
        return $this->strings === 12 && ! $this->kind->isBass() ? ['courses' => [2, 2, 2, 2, 2, 2]] : [];
    }

    /** @return array{?Kind, string} the kind that is named, and the text without its name */
    private static function kind(string $text): array
    {
        foreach (self::KINDS as $words => $kind) {
            $pattern = '~(?<![\p{L}-])'.str_replace(' ', '[\s-]+', $words).'s?(?![\p{L}-])~u';
            if (preg_match($pattern, $text) === 1) {
                $left = (string) preg_replace($pattern, ' ', $text, 1);

                return [$kind, str_contains($words, 'baritone') ? "{$left} baritone" : $left];
            }
        }

        return [preg_match('~\bbaritone\b~u', $text) === 1 ? Kind::ElectricGuitar : null, $text];
    }

    private static function isLength(string $text): bool
    {
        return preg_match('~^\d~', $text) === 1;
    }

    private static function unreadable(string $typed): Unreadable
    {
        return Unreadable::instrument($typed, Nearest::to($typed, array_keys(self::KINDS)));
    }
}
