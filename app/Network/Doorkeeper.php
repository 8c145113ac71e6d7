<?php

declare(strict_types=1);

namespace App\Network;

use App\Workshop\Place;
use App\Workshop\Unservable;
use Psr\Log\LoggerInterface;

/** Opens and shuts the network's door while Lira serves itself: as it was started, and as somebody says in Workshop meanwhile. */
final class Doorkeeper
{
    private ?Outside $outside = null;

    private readonly NetworkWish $wish;

    private bool $mustOpen = false;

    public function __construct(private readonly Place $place, private readonly int $port, private readonly LoggerInterface $log)
    {
        $this->wish = new NetworkWish($place);
    }

    /**
     * Before anything is served.
     *
     * @param  bool  $asked  whether it was started so
     *
     * @throws Unservable if it was, and cannot be done
     */
    public function begin(bool $asked): void
    {
        if ($asked) {
            Front::check($this->port);
            $this->outside = new Outside($this->place, $this->port, $this->log);
            $this->mustOpen = true;
        }
    }

    /**
     * Once its folders are there: what was said in Workshop before holds where it was not started otherwise.
     *
     * @return ?string why it could not be done
     */
    public function recall(): ?string
    {
        if ($this->outside !== null) {
            $this->wish->forget();

            return null;
        }

        return $this->wish->said() === true ? $this->tryOpen() : null;
    }

    /**
     * A door that does not open leaves the machine's own as it is.
     *
     * @throws Unservable if it was started for that, and it does not open the first time
     */
    public function open(): void
    {
        try {
            $this->outside?->start();
            $this->mustOpen = false;
        } catch (Unservable $reason) {
            $this->shut();
            $this->outside = null;
            if ($this->mustOpen) {
                throw $reason;
            }
            $this->giveUp($reason);
        }
    }

    public function shut(): void
    {
        $this->outside?->stop();
    }

    /** @return array<string, string> what the server of this machine's own door is told */
    public function tells(): array
    {
        return [Door::ENVIRONMENT => Door::Machine->value] + ($this->outside?->environment() ?? [Door::ADDRESS => '', Door::NAMES => '']);
    }

    /** @return ?string what whoever started it reads; null where the network is not answered */
    public function says(): ?string
    {
        if ($this->outside === null) {
            return null;
        }
        $address = $this->outside->address();

        return $address === null ? 'This machine is in no network just now; Lira answers there as soon as it is.'
            : "In the shop’s network it is at {$address}: let devices in under Workshop, Devices.";
    }

    /** Looks after it; whether both doors have to be begun anew: it is wanted otherwise than it is, or this machine is reached otherwise. */
    public function hasChanged(): bool
    {
        $wanted = $this->wish->said();
        if ($wanted === true && $this->outside === null) {
            return $this->tryOpen() === null;
        }
        if ($wanted === false && $this->outside !== null) {
            $this->outside->stop();
            $this->outside = null;

            return true;
        }

        return $this->outside?->hasMoved() === true;
    }

    /** @return ?string why it cannot be done, which is kept to be read in Workshop */
    private function tryOpen(): ?string
    {
        try {
            Front::check($this->port);
            $this->outside = new Outside($this->place, $this->port, $this->log);

            return null;
        } catch (Unservable $reason) {
            return $this->giveUp($reason);
        }
    }

    private function giveUp(Unservable $reason): string
    {
        $this->log->warning("The network is not answered: {$reason->getMessage()}");
        $this->wish->failed($reason->getMessage());

        return $reason->getMessage();
    }
}
