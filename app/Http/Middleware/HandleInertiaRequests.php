<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Http\ReaderUnits;
use App\Models\Device;
use App\Models\Right;
use App\Network\Door;
use App\Workshop\Copies\Shelf;
use App\Workshop\Place;
use Illuminate\Http\Request;
use Inertia\Middleware;

/** What every screen gets: who looks, whether the shop's network is answered, the units somebody reads in, and what is missing of the workshop's copies. */
final class HandleInertiaRequests extends Middleware
{
    protected $rootView = 'app';

    public function __construct(private readonly Place $place) {}

    /** @return array{name: string, right: Right}|null who looks over the network; null at the machine itself */
    private static function device(Request $request): ?array
    {
        $device = $request->user('device');

        return $device instanceof Device ? ['name' => $device->name, 'right' => $device->right] : null;
    }

    /** @return array<string, mixed> */
    public function share(Request $request): array
    {
        return [...parent::share($request), 'device' => self::device($request), 'network' => Door::address() !== null, 'units' => ReaderUnits::of($request)->toArray(), 'copies_missing' => Shelf::of($this->place)->warning()];
    }
}
