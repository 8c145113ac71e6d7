<?php

declare(strict_types=1);

namespace Lira\Solver;

/**
 * Where plain strings end and wound ones begin, by pitch: above it every string is plain, below it every string is wound, and the
 * strings at its own pitch may be either. Every set without a plain string below a wound one lies at one of them.
 */
final readonly class Border
{
    private const SAME_PITCH = 1e-9;

    private function __construct(private ?float $height) {}

    /** Anywhere: plain and wound strings may mix. */
    public static function none(): self
    {
        return new self(null);
    }

    /**
     * One at the pitch of each string.
     *
     * @param  non-empty-list<float>  $heights  of the strings, the logarithm of their frequency over all tunings
     * @return non-empty-list<self>
     */
    public static function all(array $heights): array
    {
        $borders = [];
        foreach ($heights as $height) {
            $known = array_filter($borders, static fn (self $border): bool => abs((float) $border->height - $height) < self::SAME_PITCH);
            if ($known === []) {
                $borders[] = new self($height);
            }
        }

        return $borders === [] ? [self::none()] : $borders;
    }

    /** Whether a string at some height may be wound, or plain. */
    public function allows(float $height, bool $wound): bool
    {
        return $this->height === null
            || abs($height - $this->height) < self::SAME_PITCH
            || $wound === $height < $this->height;
    }
}
