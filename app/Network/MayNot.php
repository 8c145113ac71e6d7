<?php

declare(strict_types=1);

namespace App\Network;

use App\Models\Right;
use Symfony\Component\HttpKernel\Exception\HttpException;

/** Whoever asks was not let in (401), or may not do this (403). */
final class MayNot extends HttpException
{
    public static function notLetIn(): self
    {
        return new self(401, 'This device is not let in. At the machine that runs Lira, open Workshop, Devices, and let its camera read the square there.');
    }

    public static function only(Right $right): self
    {
        return new self(403, $right->refusal());
    }

    public static function opensNothing(): self
    {
        return new self(410, 'This square opens nothing any more: it was used, or its ten minutes are over. Show a new one under Workshop, Devices.');
    }
}
