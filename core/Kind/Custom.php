<?php

declare(strict_types=1);

namespace Lira\Kind;

/**
 * What people fit: everything that is usual of a kind of instrument. It stands in wherever nothing was said or measured, is shown as
 * assumed, and can be said otherwise. To add a kind: a case of {@see Kind}, and a line in each of these.
 */
final readonly class Custom
{
    private function __construct(
        public UsualNeck $neck,
        public UsualStrings $strings,
        public UsualHardware $hardware,
        public UsualSetup $setup,
    ) {}

    public static function of(Kind $kind): self
    {
        /** @var array<string, self> $known they are always the same */
        static $known = [];

        return $known[$kind->value] ??= new self(UsualNeck::of($kind), UsualStrings::of($kind), UsualHardware::of($kind), UsualSetup::of($kind));
    }
}
