<?php

declare(strict_types=1);

namespace Lira\Length;

/** A length. Kept in metres; made from and given in the units people measure in (1 in = 0.0254 m exactly). */
final readonly class Length
{
    public const METRES_PER_INCH = 0.0254;

    private function __construct(private float $metres) {}

    /** @throws InvalidLength if it is not a finite number */
    public static function metres(float $metres): self
    {
        if (! is_finite($metres)) {
            throw InvalidLength::notFinite();
        }

        return new self($metres);
    }

    /** @throws InvalidLength if it is not a finite number */
    public static function millimetres(float $millimetres): self
    {
        return self::metres($millimetres / 1000);
    }

    /** @throws InvalidLength if it is not a finite number */
    public static function inches(float $inches): self
    {
        return self::metres($inches * self::METRES_PER_INCH);
    }

    /** Thousandths of an inch, as gauges are called. @throws InvalidLength if it is not a finite number */
    public static function thousandths(float $thousandths): self
    {
        return self::inches($thousandths / 1000);
    }

    public function inMetres(): float
    {
        return $this->metres;
    }

    public function inMillimetres(): float
    {
        return $this->metres * 1000;
    }

    public function inInches(): float
    {
        return $this->metres / self::METRES_PER_INCH;
    }

    public function inThousandths(): float
    {
        return $this->inInches() * 1000;
    }

    /** Whether it is less than another by more than what gauges are rounded to. */
    public function isThinnerThan(self $other): bool
    {
        return $this->metres < $other->metres * (1 - 1e-9);
    }
}
