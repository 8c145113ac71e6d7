<?php

declare(strict_types=1);

namespace Lira\Material;

/**
 * What strings are made of. The ids are those of the set document.
 *
 * To add one: a case here and its row in {@see Properties}; the schema of the set document lists the ids.
 */
enum Material: string
{
    case MusicWire = 'music-wire';
    case NickelPlatedSteel = 'nickel-plated-steel';
    case PureNickel = 'pure-nickel';
    case StainlessSteel = 'stainless-steel';
    case PhosphorBronze = 'phosphor-bronze';
    case Bronze8020 = 'bronze-80-20';
    case SilverPlatedCopper = 'silver-plated-copper';
    case Nylon = 'nylon';
    case NylonMultifilament = 'nylon-multifilament';
    case Fluorocarbon = 'fluorocarbon';
    case SyntheticGut = 'synthetic-gut';
    case NylonTape = 'nylon-tape';
    case Polyurethane = 'polyurethane';

    public function properties(): Properties
    {
        // Asked for with every figure: worked out once.
        /** @var array<string, Properties> $known */
        static $known = [];

        return $known[$this->value] ??= Properties::of($this);
    }

    /** Whether it is as hard as steel, so that it does not give where it is wound. */
    public function isSteel(): bool
    {
        return match ($this) {
            self::MusicWire, self::NickelPlatedSteel, self::StainlessSteel => true,
            self::PureNickel, self::PhosphorBronze, self::Bronze8020, self::SilverPlatedCopper, self::Nylon, self::NylonMultifilament,
            self::Fluorocarbon, self::SyntheticGut, self::NylonTape, self::Polyurethane => false,
        };
    }

    /** The name a technician uses. */
    public function label(): string
    {
        return match ($this) {
            self::MusicWire => 'plain steel',
            self::NickelPlatedSteel => 'nickel-plated steel',
            self::PureNickel => 'pure nickel',
            self::StainlessSteel => 'stainless steel',
            self::PhosphorBronze => 'phosphor bronze',
            self::Bronze8020 => '80/20 bronze',
            self::SilverPlatedCopper => 'silver-plated copper',
            self::Nylon => 'nylon',
            self::NylonMultifilament => 'nylon multifilament',
            self::Fluorocarbon => 'fluorocarbon',
            self::SyntheticGut => 'synthetic gut',
            self::NylonTape => 'nylon tape',
            self::Polyurethane => 'polyurethane',
        };
    }
}
