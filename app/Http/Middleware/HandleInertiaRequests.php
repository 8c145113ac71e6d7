<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Http\ReaderUnits;
use App\Workshop\Copies\Shelf;
use App\Workshop\Place;
use Illuminate\Http\Request;
use Inertia\Middleware;

/** What every screen gets: the units somebody reads in, and what is missing of the workshop's copies. */
final class HandleInertiaRequests extends Middleware
{
    protected $rootView = 'app';

    public function __construct(private readonly Place $place) {}

    /** @return array<string, mixed> */
    public function share(Request $request): array
    {
        return [...parent::share($request), 'units' => ReaderUnits::of($request)->toArray(), 'copies_missing' => Shelf::of($this->place)->warning()];
    }
}
