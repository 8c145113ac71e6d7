<?php

declare(strict_types=1);

namespace Lira\Fitting;

/** The parts of the work, in their order; where strings change a few at a time, coming off, going on and tuning take turns. */
enum Phase: string
{
    case Prepare = 'prepare';
    case Off = 'off';
    case Care = 'care';
    case Fit = 'fit';
    case Tune = 'tune';
    case Settle = 'settle';
    case Intonate = 'intonate';
    case Finish = 'finish';

    public function label(): string
    {
        return match ($this) {
            self::Prepare => 'prepare',
            self::Off => 'take off',
            self::Care => 'look after it',
            self::Fit => 'put on',
            self::Tune => 'tune',
            self::Settle => 'let it settle',
            self::Intonate => 'intonate',
            self::Finish => 'finish',
        };
    }
}
