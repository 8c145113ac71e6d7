<?php

declare(strict_types=1);

namespace App\Network;

use App\Workshop\Place;
use App\Workshop\StateFile;
use App\Workshop\Unservable;

/** What somebody said in Workshop about answering the shop's network, for whoever serves this workshop; kept until it is said otherwise. */
final readonly class NetworkWish
{
    private StateFile $state;

    public function __construct(Place $place)
    {
        $this->state = new StateFile("{$place->run}/network.json");
    }

    /** Whether the network is to be answered; null where nobody said so in Workshop. */
    public function said(): ?bool
    {
        $on = $this->state->read()['on'] ?? null;

        return is_bool($on) ? $on : null;
    }

    /** @throws Unservable if it cannot be kept */
    public function say(bool $on): void
    {
        $this->state->change(['on' => $on, 'fault' => null]);
    }

    /** It was started otherwise, which is what holds. @throws Unservable if that cannot be kept */
    public function forget(): void
    {
        $this->state->change(['on' => null, 'fault' => null]);
    }

    /** Why it could not be done as it was wanted; null where it was. */
    public function fault(): ?string
    {
        $fault = $this->state->read()['fault'] ?? null;

        return is_string($fault) ? $fault : null;
    }

    /** It is not tried again until somebody says so. @throws Unservable if that cannot be kept */
    public function failed(string $why): void
    {
        $this->state->change(['on' => false, 'fault' => $why]);
    }
}
