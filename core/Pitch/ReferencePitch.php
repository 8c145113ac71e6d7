<?php

declare(strict_types=1);

namespace Lira\Pitch;

/** The frequency of A4 to which an instrument is tuned, in hertz; 380 to 480 Hz. */
final readonly class ReferencePitch
{
    public const LOWEST_HZ = 380.0;

    public const HIGHEST_HZ = 480.0;

    private function __construct(private float $hertz) {}

    /** @throws InvalidPitch outside 380 to 480 Hz */
    public static function hertz(float $hertz): self
    {
        if (! ($hertz >= self::LOWEST_HZ && $hertz <= self::HIGHEST_HZ)) {
            throw InvalidPitch::referenceOutOfRange($hertz);
        }

        return new self($hertz);
    }

    /** A4 = 440 Hz (ISO 16). */
    public static function concert(): self
    {
        return new self(440.0);
    }

    public function inHertz(): float
    {
        return $this->hertz;
    }
}
