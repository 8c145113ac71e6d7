<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Http\ReaderUnits;
use Illuminate\Http\Request;
use Inertia\Middleware;

/** What every screen gets: the units somebody reads in. */
final class HandleInertiaRequests extends Middleware
{
    protected $rootView = 'app';

    /** @return array<string, mixed> */
    public function share(Request $request): array
    {
        return [...parent::share($request), 'units' => ReaderUnits::of($request)->toArray()];
    }
}
