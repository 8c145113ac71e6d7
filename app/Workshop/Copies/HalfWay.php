<?php

declare(strict_types=1);

namespace App\Workshop\Copies;

/** A copy stopped on its way into its place. Until somebody starts again, which does what is left of it, nothing may open the workshop. */
final class HalfWay extends \RuntimeException
{
    public static function after(\Throwable $failure): self
    {
        return new self('The copy is only half in its place. Make room and see to your rights, then start Lira again: what is left of it is done then.', previous: $failure);
    }
}
