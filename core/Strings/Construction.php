<?php

declare(strict_types=1);

namespace Lira\Strings;

use Lira\Material\Material;

/** How a string is built. */
enum Construction: string
{
    case Plain = 'plain';
    case RoundWound = 'round-wound';
    case HalfRound = 'half-round';
    case Flatwound = 'flatwound';
    case TapeWound = 'tape-wound';

    public function isWound(): bool
    {
        return $this !== self::Plain;
    }

    /** Whether its outside is a ribbon or a tape. */
    public function isFlat(): bool
    {
        return match ($this) {
            self::Flatwound, self::TapeWound => true,
            self::Plain, self::RoundWound, self::HalfRound => false,
        };
    }

    /** @return non-empty-list<Material> what a string built so can be of: its own material when plain, else its wrap's */
    public function materials(): array
    {
        return match ($this) {
            self::Plain => [Material::MusicWire, Material::Nylon, Material::Fluorocarbon, Material::SyntheticGut, Material::Polyurethane],
            self::TapeWound => [Material::NylonTape],
            self::RoundWound, self::HalfRound, self::Flatwound => [
                Material::NickelPlatedSteel, Material::PureNickel, Material::StainlessSteel,
                Material::PhosphorBronze, Material::Bronze8020, Material::SilverPlatedCopper,
            ],
        };
    }

    public function label(): string
    {
        return match ($this) {
            self::Plain => 'plain',
            self::RoundWound => 'wound',
            self::HalfRound => 'half-round',
            self::Flatwound => 'flat',
            self::TapeWound => 'tape',
        };
    }
}
