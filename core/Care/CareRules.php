<?php

declare(strict_types=1);

namespace Lira\Care;

/** What Lira knows that instruments want. */
final class CareRules
{
    /** @return list<CareRule> */
    public static function shipped(): array
    {
        return [
            new ReliefLook,
            new BoardOil,
            new DrySeason,
            new EndOfSummer,
            new LoopsHome,
            new HeadAndBridge,
            new Springs,
            new TunerScrews,
            new SaltWipe,
            new RoadCheck,
        ];
    }
}
