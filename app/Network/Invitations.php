<?php

declare(strict_types=1);

namespace App\Network;

use App\Models\Invitation;

/** How a device is let in: a square it reads, three words that both screens show, a press of the owner's. */
final readonly class Invitations
{
    /** What a device that came with a square shows until it is in. */
    public const COOKIE = '__Host-lira-asking';

    public const MINUTES = 10;

    public function __construct(private Devices $devices) {}

    /** @return array{invitation: Invitation, secret: Secret} */
    public function invite(Named $who): array
    {
        // Those of which nothing can come any more are let go.
        Invitation::query()->where('ends_at', '<', now()->subDay())->delete();
        $secret = Secret::ofBytes(Secret::SHORT_BYTES);
        $invitation = Invitation::query()->create([
            'name' => $who->name, 'right' => $who->right, 'secret_hash' => $secret->hash(), 'ends_at' => now()->addMinutes(self::MINUTES),
        ]);

        return ['invitation' => $invitation, 'secret' => $secret];
    }

    /** The device that is the first to come with the secret; nobody else can any more. Null where it opens nothing. */
    public function ask(#[\SensitiveParameter] string $secret): ?Asking
    {
        $invitation = Invitation::query()->where('secret_hash', Secret::hashOf($secret))->first();
        if ($invitation === null || ! $invitation->stands() || $invitation->asking_hash !== null) {
            return null;
        }
        $shows = Secret::ofBytes(Secret::LONG_BYTES);
        $invitation->update(['asking_hash' => $shows->hash(), 'words' => ThreeWords::drawn()]);

        return new Asking($invitation, $shows);
    }

    /** Of the device that shows this; null where it asked for nothing that stands. */
    public function askedBy(#[\SensitiveParameter] string $shows): ?Invitation
    {
        $invitation = $shows === '' ? null : Invitation::query()->where('asking_hash', Secret::hashOf($shows))->first();

        return $invitation?->stands() === true ? $invitation : null;
    }

    /** The owner has compared the words. Whether there was one to be let in. */
    public function allow(Invitation $invitation): bool
    {
        if (! $invitation->stands() || $invitation->asking_hash === null) {
            return false;
        }
        $invitation->update(['allowed_at' => now()]);

        return true;
    }

    public function end(Invitation $invitation): void
    {
        $invitation->update(['over_at' => now()]);
    }

    /** The device goes in, with a secret that nobody had before; null where it was not allowed, or is in already. */
    public function enter(Invitation $invitation): ?Secret
    {
        if ($invitation->allowed_at === null || ! $invitation->stands()) {
            return null;
        }
        ['device' => $device, 'secret' => $secret] = $this->devices->letIn($invitation);
        $invitation->update(['over_at' => now(), 'device_id' => $device->id]);

        return $secret;
    }
}
