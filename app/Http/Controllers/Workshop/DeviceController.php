<?php

declare(strict_types=1);

namespace App\Http\Controllers\Workshop;

use App\Http\Said;
use App\Models\Device;
use App\Models\Invitation;
use App\Models\Right;
use App\Network\Authority;
use App\Network\Devices;
use App\Network\Door;
use App\Network\Invitations;
use App\Network\MayNot;
use App\Network\Outside;
use App\Network\Shares;
use App\Network\Shown;
use App\Paper\QrCode;
use App\Workshop\Place;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Inertia\Inertia;
use Inertia\Response;
use Lira\Document\InvalidDocument;

/** Who may come in over the shop's network. */
final readonly class DeviceController
{
    public function __construct(private Devices $devices, private Invitations $invitations, private Shares $shares, private Place $place) {}

    public function index(Request $request): Response
    {
        $device = $request->user('device');

        return Inertia::render('workshop/DevicesPage', [
            'devices' => $this->devices->all(),
            'shares' => $this->shares->standing(),
            'address' => Door::address(),
            'prints' => ['shown' => Shown::at(Door::address()), 'authority' => Authority::fingerprintOf((new Authority(Outside::folder($this->place)))->certificate())],
            // The one that looks.
            'here' => $device instanceof Device ? $device->id : null,
        ]);
    }

    /** A square for one device, for ten minutes. */
    public function invite(Request $request): JsonResponse
    {
        $address = Door::address() ?? throw InvalidDocument::at('', 'Lira is not on the network. Start it with bin/start --network.');
        ['invitation' => $invitation, 'secret' => $secret] = $this->invitations->invite(self::name($request), self::right($request));
        // Behind the sign #, so that it is sent to nobody by opening the address.
        $whole = "{$address}/enter#{$secret->text}";

        return new JsonResponse(
            ['id' => $invitation->id, 'address' => $whole, 'square' => QrCode::picture($whole), 'ends' => $invitation->ends_at->toIso8601String()],
            201,
        );
    }

    /** How it stands with one. */
    public function invited(Invitation $invitation): JsonResponse
    {
        $state = match (true) {
            $invitation->device_id !== null => 'in',
            ! $invitation->stands() => 'over',
            $invitation->allowed_at !== null => 'allowed',
            $invitation->asking_hash !== null => 'asked',
            default => 'open',
        };

        return new JsonResponse(['state' => $state, 'words' => $invitation->words]);
    }

    /** The words are the same on both screens. */
    public function allow(Invitation $invitation): JsonResponse
    {
        if (! $this->invitations->allow($invitation)) {
            throw MayNot::opensNothing();
        }

        return new JsonResponse(['id' => $invitation->id]);
    }

    public function uninvite(Invitation $invitation): JsonResponse
    {
        $this->invitations->end($invitation);

        return new JsonResponse(['id' => $invitation->id]);
    }

    public function update(Request $request, Device $device): JsonResponse
    {
        $this->devices->rename($device, self::name($request), self::right($request));

        return new JsonResponse(['id' => $device->id]);
    }

    public function destroy(Device $device): JsonResponse
    {
        $this->devices->sendAway($device);

        return new JsonResponse(['id' => $device->id]);
    }

    /** What a program shows, seen this once. */
    public function program(Request $request): JsonResponse
    {
        ['device' => $device, 'secret' => $secret] = $this->devices->letProgramIn(self::name($request), self::right($request));

        return new JsonResponse(['id' => $device->id, 'token' => $secret->text], 201);
    }

    private static function name(Request $request): string
    {
        $name = Said::words($request, 'name');
        if ($name === '' || mb_strlen($name) > Devices::LONGEST_NAME || preg_match('/\p{C}/u', $name) === 1) {
            throw InvalidDocument::at('/name', 'Give it a name, such as “Tablet at the window”, of '.Devices::LONGEST_NAME.' characters at most.');
        }

        return $name;
    }

    private static function right(Request $request): Right
    {
        $right = Right::tryFrom(Said::words($request, 'right'));
        if ($right === null || ! in_array($right, Right::given(), true)) {
            throw InvalidDocument::at('/right', 'Say what it may do: all, bench or look.');
        }

        return $right;
    }
}
