<?php

declare(strict_types=1);

namespace App\Network;

use App\Workshop\Place;
use App\Workshop\Serving\Server;
use App\Workshop\Unservable;
use Psr\Log\LoggerInterface;

/** The network's door while Lira serves itself: a server of its own behind its front, anew whenever this machine is reached otherwise. */
final class Outside
{
    /** How often it is looked whether this machine has another address. */
    private const LOOK_S = 5.0;

    private ?Server $server = null;

    private ?Front $front = null;

    private Addresses $addresses;

    private float $lookAgainAt = 0.0;

    /** @param  (\Closure(): Addresses)|null  $look  where this machine is reached; for tests */
    public function __construct(
        private readonly Place $place,
        private readonly int $port,
        private readonly LoggerInterface $log,
        private readonly ?\Closure $look = null,
    ) {
        $this->addresses = $this->now();
    }

    /** Where what belongs to the network lies: beside what only serves running the workshop, so in no copy of it. */
    public static function folder(Place $place): string
    {
        return "{$place->run}/network";
    }

    /** The address to be shown; null while this machine is in no network. */
    public function address(): ?string
    {
        return $this->addresses->address($this->port);
    }

    /** @return array<string, string> what both servers are told */
    public function environment(): array
    {
        return [Door::ADDRESS => (string) $this->address(), Door::NAMES => implode(' ', $this->addresses->hosts())];
    }

    /** @throws Unservable if it cannot be served */
    public function start(): void
    {
        if ($this->addresses->hosts() === []) {
            return;
        }
        $behind = self::freePort();
        $this->server = new Server($this->place, $behind, $this->log, [Door::ENVIRONMENT => Door::Network->value] + $this->environment());
        $this->server->start();
        $this->front = new Front(self::folder($this->place), $this->addresses, $this->port, $behind, $this->log);
        $this->front->start();
    }

    public function stop(): void
    {
        $this->front?->stop();
        $this->server?->stop();
        [$this->front, $this->server] = [null, null];
    }

    /** Looks after it; whether this machine is reached otherwise than before, so that all has to be begun anew. */
    public function hasMoved(): bool
    {
        if (microtime(true) >= $this->lookAgainAt) {
            $this->lookAgainAt = microtime(true) + self::LOOK_S;
            $now = $this->now();
            if ($now->hosts() !== $this->addresses->hosts()) {
                $this->addresses = $now;

                return true;
            }
        }
        $this->server?->listen(0);
        $this->front?->listen();
        if ($this->server !== null && (! $this->server->isRunning() || $this->server->lost() > 0)) {
            $this->log->warning('The server of the network’s door had lost workers; it is started anew.');
            $this->server->restart();
        }
        if ($this->front !== null && ! $this->front->isRunning()) {
            $this->log->warning('What answers the network had ended; it is started anew.');
            $this->front->start();
        }

        return false;
    }

    private function now(): Addresses
    {
        return $this->look === null ? Addresses::now() : ($this->look)();
    }

    private static function freePort(): int
    {
        $socket = stream_socket_server('tcp://127.0.0.1:0');
        if ($socket === false) {
            throw new Unservable('No port of this machine is free.');
        }
        $name = (string) stream_socket_get_name($socket, false);
        fclose($socket);

        return (int) substr((string) strrchr($name, ':'), 1);
    }
}
