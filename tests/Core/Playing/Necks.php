<?php

declare(strict_types=1);

namespace Tests\Core\Playing;

use Lira\Document\SetDocument;
use Lira\Evaluation\EvaluatedString;
use Lira\Playing\PlayedString;
use Lira\Playing\WholeNeck;
use Tests\Core\Document\Documents;

/** Instruments to play on. */
final class Necks
{
    /** @param  array<string, mixed>  $setup */
    public static function electric(array $setup = []): SetDocument
    {
        return self::of(Documents::usual('electric-guitar', 648, ['E4', 'B3', 'G3', 'D3', 'A2', 'E2'], [
            10, 13, 17, [26, 'nickel-plated-steel'], [36, 'nickel-plated-steel'], [46, 'nickel-plated-steel'],
        ]), $setup);
    }

    /** @param  array<string, mixed>  $setup */
    public static function acoustic(array $setup = []): SetDocument
    {
        return self::of(Documents::usual('acoustic-guitar', 645, ['E4', 'B3', 'G3', 'D3', 'A2', 'E2'], [
            12, 16, [24, 'phosphor-bronze'], [32, 'phosphor-bronze'], [42, 'phosphor-bronze'], [53, 'phosphor-bronze'],
        ]), $setup);
    }

    /** @param  array<string, mixed>  $setup */
    public static function bass(array $setup = []): SetDocument
    {
        return self::of(Documents::usual('bass', 864, ['G2', 'D2', 'A1', 'E1'], [
            [45, 'nickel-plated-steel'], [65, 'nickel-plated-steel'], [85, 'nickel-plated-steel'], [105, 'nickel-plated-steel'],
        ]), $setup);
    }

    /** @param  array<string, mixed>  $setup */
    public static function ukulele(array $setup = []): SetDocument
    {
        return self::of(Documents::usual('ukulele', 382, ['A4', 'E4', 'C4', 'G4'], [
            [22, 'nylon', 'plain'], [26, 'nylon', 'plain'], [32, 'nylon', 'plain'], [23, 'nylon', 'plain'],
        ]), $setup);
    }

    /** A banjo whose fifth string has its peg at the fifth fret. */
    public static function banjo(): SetDocument
    {
        $json = Documents::usual('banjo', 666, ['D4', 'B3', 'G3', 'D3', 'G4'], [10, 11, 13, [20, 'nickel-plated-steel'], 10]);

        return SetDocument::from(Documents::with('/instrument/short_strings', [(object) ['position' => 5, 'starts_at_fret' => 5]], $json));
    }

    /** @return list<PlayedString> string 1 first, in the first tuning */
    public static function played(SetDocument $document): array
    {
        return array_values(array_filter(array_map(
            static fn (EvaluatedString $string): ?PlayedString => WholeNeck::played($document->design, $string, 0),
            $document->evaluation()->strings,
        )));
    }

    /** @param  array<string, mixed>  $setup */
    private static function of(\stdClass $json, array $setup): SetDocument
    {
        return SetDocument::from($setup === [] ? $json : Documents::with('/instrument/setup', (object) $setup, $json));
    }
}
