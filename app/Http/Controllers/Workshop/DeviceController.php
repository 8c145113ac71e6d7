<?php

declare(strict_types=1);

namespace App\Http\Controllers\Workshop;

use App\Http\Pages\Workshop\DevicesPage;
use App\Http\Said;
use App\Models\Device;
use App\Models\Invitation;
use App\Network\Authority;
use App\Network\Devices;
use App\Network\Door;
use App\Network\Invitations;
use App\Network\MayNot;
use App\Network\Named;
use App\Network\NetworkWish;
use App\Network\Shares;
use App\Network\Shown;
use App\Paper\QrCode;
use App\Workshop\Place;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Inertia\Response;
use Lira\Document\InvalidDocument;

/** Who may come in over the shop's network. */
final readonly class DeviceController
{
    public function __construct(private Devices $devices, private Invitations $invitations, private Shares $shares, private Place $place) {}

    public function index(Request $request): Response
    {
        $device = $request->user('device');

        return (new DevicesPage(
            devices: $this->devices->all(),
            shares: $this->shares->standing(),
            prints: ['shown' => Shown::at(Door::address()), 'authority' => Authority::of($this->place)->fingerprint()],
            // Whether it can be turned on and off from here: where whoever looks sits at the machine that serves.
            network: ['switch' => Door::here() === Door::Machine, ...$this->standing()],
            // The one that looks.
            here: $device instanceof Device ? $device->id : null,
        ))->response();
    }

    /** Answers the shop's network from now on, or not any more; whoever serves this workshop sees to it. */
    public function turn(Request $request): JsonResponse
    {
        if (Door::here() !== Door::Machine) {
            throw InvalidDocument::at('', 'This is turned on and off at the machine that runs Lira.');
        }
        $on = $request->input('on');
        if (! is_bool($on)) {
            throw InvalidDocument::at('/on', 'Say whether the network is to be answered: true or false.');
        }
        (new NetworkWish($this->place))->say($on);

        return new JsonResponse($this->standing());
    }

    /** Where it stands with that. */
    public function network(): JsonResponse
    {
        return new JsonResponse($this->standing());
    }

    /** @return array{address: ?string, fault: ?string} where the network's devices reach it, and why it could not be done as it was wanted */
    private function standing(): array
    {
        return ['address' => Door::address(), 'fault' => (new NetworkWish($this->place))->fault()];
    }

    /** A square for one device, for ten minutes. */
    public function invite(Request $request): JsonResponse
    {
        $address = Door::address() ?? throw InvalidDocument::at('', 'Lira is not on the network. Turn that on under Workshop, Devices, or start it with bin/start --network.');
        ['invitation' => $invitation, 'secret' => $secret] = $this->invitations->invite(self::named($request));
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
        $this->devices->rename($device, self::named($request));

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
        ['device' => $device, 'secret' => $secret] = $this->devices->letProgramIn(self::named($request));

        return new JsonResponse(['id' => $device->id, 'token' => $secret->text], 201);
    }

    private static function named(Request $request): Named
    {
        return Named::of(Said::words($request, 'name'), Said::words($request, 'right'));
    }
}
