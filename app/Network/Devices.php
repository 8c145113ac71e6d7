<?php

declare(strict_types=1);

namespace App\Network;

use App\Models\Device;
use App\Models\Invitation;
use App\Models\Right;
use App\Network\Views\DeviceView;
use Illuminate\Http\Request;

/** Who was let in over the network, and may be known by what they show. */
final readonly class Devices
{
    /** A name that browsers let only this very server set, over HTTPS. */
    public const COOKIE = '__Host-lira-device';

    /** As long as browsers keep one. */
    public const COOKIE_MINUTES = 60 * 24 * 400;

    public const LONGEST_NAME = 80;

    public function __construct(private LastSeen $seen) {}

    /** Whoever shows what was given to them; null for everybody else, and at the machine's own door. Its row is read with every request. */
    public function behind(Request $request): ?Device
    {
        if (Door::here() === Door::Machine) {
            return null;
        }
        $shown = $request->cookies->get(self::COOKIE);
        // A program asks the API alone, and has no cookies.
        $token = $request->is('api/*') ? $request->bearerToken() : null;
        $device = match (true) {
            is_string($token) && $token !== '' => $this->showing($token, Device::PROGRAM),
            is_string($shown) && $shown !== '' => $this->showing($shown, Device::DEVICE),
            default => null,
        };
        if ($device !== null) {
            $this->seen->keep($device, 'seen_at');
        }

        return $device;
    }

    private function showing(#[\SensitiveParameter] string $secret, string $kind): ?Device
    {
        return Device::query()->where('secret_hash', Secret::hashOf($secret))->where('kind', $kind)->whereNull('ended_at')->first();
    }

    /** @return list<DeviceView> who may come in, the newest last */
    public function all(): array
    {
        return array_values(Device::query()->whereNull('ended_at')->orderBy('id')->get()->map(DeviceView::of(...))->all());
    }

    public function rename(Device $device, Named $who): void
    {
        $device->update(['name' => $who->name, 'right' => $who->right]);
    }

    /** From the next request on it is nobody. */
    public function sendAway(Device $device): void
    {
        $device->update(['ended_at' => now()]);
    }

    /** @return array{device: Device, secret: Secret} what is shown to whoever writes the program, this once */
    public function letProgramIn(Named $who): array
    {
        return $this->let($who->name, $who->right, Device::PROGRAM);
    }

    /** @return array{device: Device, secret: Secret} */
    public function letIn(Invitation $invitation): array
    {
        return $this->let($invitation->name, $invitation->right, Device::DEVICE);
    }

    /** @return array{device: Device, secret: Secret} */
    private function let(string $name, Right $right, string $kind): array
    {
        $secret = Secret::ofBytes(Secret::LONG_BYTES);
        $device = Device::query()->create(['name' => $name, 'right' => $right, 'kind' => $kind, 'secret_hash' => $secret->hash(), 'seen_at' => null]);

        return ['device' => $device, 'secret' => $secret];
    }
}
