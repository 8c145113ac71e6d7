<?php

declare(strict_types=1);

namespace App\Http;

use Illuminate\Http\Request;
use Lira\Wording\Units;

/** The units somebody reads: from the `units` parameter of a request, or the cookie that remembers them. */
final class ReaderUnits
{
    public static function of(Request $request): Units
    {
        $words = $request->query('units', $request->cookie('lira_units'));

        return Units::named(is_string($words) ? $words : '');
    }
}
