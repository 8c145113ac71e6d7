<?php

declare(strict_types=1);

namespace Lira\Strings;

use Lira\Material\Properties;

/**
 * What may be otherwise about a core than it is taken to be: its size, where it is only looked up by the gauge (makers differ), and how
 * stiff floss is. Each stands as it is taken, at its least or at its most.
 */
final readonly class CoreGuess
{
    /** A steel core's size may lie between these shares of the table's. */
    private const STEEL = [0.93, 1.08];

    private const FLOSS = [0.95, 1.05];

    private const AS_TAKEN = 0;

    private const LEAST = -1;

    private const MOST = 1;

    /**
     * @param  self::AS_TAKEN|self::LEAST|self::MOST  $size
     * @param  self::AS_TAKEN|self::LEAST|self::MOST  $modulus
     */
    private function __construct(private int $size = self::AS_TAKEN, private int $modulus = self::AS_TAKEN) {}

    public static function asTaken(): self
    {
        return new self;
    }

    /**
     * The ends of all that is guessed, each with each.
     *
     * @return list<self> none where nothing is
     */
    public static function corners(bool $size, bool $modulus): array
    {
        $corners = [];
        foreach ($size ? [self::LEAST, self::MOST] : [self::AS_TAKEN] as $sizeEnd) {
            foreach ($modulus ? [self::LEAST, self::MOST] : [self::AS_TAKEN] as $modulusEnd) {
                $corners[] = new self($sizeEnd, $modulusEnd);
            }
        }

        return $size || $modulus ? $corners : [];
    }

    /** By what its size differs from the table's, as a factor. */
    public function sizeFactor(CoreShape $shape): float
    {
        [$least, $most] = $shape === CoreShape::Multifilament ? self::FLOSS : self::STEEL;

        return match ($this->size) {
            self::AS_TAKEN => 1.0,
            self::LEAST => $least,
            self::MOST => $most,
        };
    }

    /** By what its moduli differ from its material's, as a factor. */
    public function modulusFactor(Properties $of): float
    {
        return 1.0 + $this->modulus * $of->modulusVaries;
    }
}
