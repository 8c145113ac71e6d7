<?php

declare(strict_types=1);

namespace Lira\Catalogue;

use Lira\Kind\StringEnd;
use Lira\Material\Material;
use Lira\Strings\Construction;

/** How lists word what strings are made of. Everything in small letters, without signs. */
final class Words
{
    private const CONSTRUCTIONS = [
        'half' => Construction::HalfRound, 'ground' => Construction::HalfRound, 'semi' => Construction::HalfRound,
        'flat' => Construction::Flatwound, 'ribbon' => Construction::Flatwound,
        'tape' => Construction::TapeWound,
        'plain' => Construction::Plain, 'solid' => Construction::Plain, 'mono' => Construction::Plain, 'treble' => Construction::Plain,
        'wound' => Construction::RoundWound, 'round' => Construction::RoundWound, 'wrapped' => Construction::RoundWound,
        'basses' => Construction::RoundWound,
    ];

    private const MATERIALS = [
        'nylon tape' => Material::NylonTape, 'multifilament' => Material::NylonMultifilament, 'floss' => Material::NylonMultifilament,
        'nickel plated' => Material::NickelPlatedSteel, 'plated steel' => Material::NickelPlatedSteel,
        'pure nickel' => Material::PureNickel,
        'stainless' => Material::StainlessSteel, 'phosphor' => Material::PhosphorBronze, '80 20' => Material::Bronze8020,
        'silver' => Material::SilverPlatedCopper, 'copper' => Material::SilverPlatedCopper,
        'fluoro' => Material::Fluorocarbon, 'carbon' => Material::Fluorocarbon, 'gut' => Material::SyntheticGut,
        'polyurethane' => Material::Polyurethane, 'elastomer' => Material::Polyurethane,
        'nickel' => Material::NickelPlatedSteel, 'bronze' => Material::Bronze8020, 'nylon' => Material::Nylon,
        'music wire' => Material::MusicWire, 'plain steel' => Material::MusicWire, 'steel' => Material::MusicWire,
        'tinned' => Material::MusicWire,
    ];

    private const ENDS = [
        'ball' => StringEnd::Ball,
        'loop' => StringEnd::Loop,
        'bare' => StringEnd::Bare,
        'tie' => StringEnd::Bare,
        'plain' => StringEnd::Bare,
        'none' => StringEnd::Bare,
    ];

    public static function construction(string $words): ?Construction
    {
        return Construction::tryFrom(trim($words)) ?? self::found($words, self::CONSTRUCTIONS);
    }

    public static function material(string $words): ?Material
    {
        return Material::tryFrom(trim($words)) ?? self::found($words, self::MATERIALS);
    }

    public static function end(string $words): ?StringEnd
    {
        return StringEnd::tryFrom(trim($words)) ?? self::found($words, self::ENDS);
    }

    /**
     * The first of some words that stands in a text.
     *
     * @template T
     *
     * @param  array<string, T>  $known
     * @return T|null
     */
    private static function found(string $text, array $known): mixed
    {
        $plain = ' '.preg_replace('/[^\p{L}\p{N}]+/u', ' ', mb_strtolower($text)).' ';
        foreach ($known as $word => $meaning) {
            if (str_contains($plain, (string) $word)) {
                return $meaning;
            }
        }

        return null;
    }
}
