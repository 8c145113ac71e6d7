<?php

declare(strict_types=1);

namespace App\Http;

use App\Network\Door;
use Illuminate\Http\Request;

/** Under which address this workshop is reached by whoever scans a square or is given an address: by the shop's devices, or by this machine alone. */
final class Reached
{
    public static function under(Request $request): string
    {
        return Door::address() ?? $request->getSchemeAndHttpHost();
    }

    /** @param  array<string, int|string|null>|int|string  $parameters */
    public static function route(Request $request, string $name, array|int|string $parameters): string
    {
        return self::under($request).route($name, $parameters, absolute: false);
    }
}
