<?php

declare(strict_types=1);

namespace App\Network;

/** Under what this machine is reached in the shop's network. */
final readonly class Addresses
{
    /**
     * @param  list<string>  $addresses  of IPv4, the one to show first
     * @param  list<string>  $names
     */
    private function __construct(public array $addresses, public array $names) {}

    /** As it stands now; what belongs to this machine alone, or to machines inside it, is left out. */
    public static function now(): self
    {
        $found = [];
        /** @var array<string, array{up?: bool, unicast?: list<array{address?: string}>}>|false $interfaces */
        $interfaces = net_get_interfaces();
        foreach ($interfaces === false ? [] : $interfaces as $name => $interface) {
            if (($interface['up'] ?? false) && preg_match('/^(?:lo|docker|br-|veth|virbr|tun|wg)/', $name) !== 1) {
                $found = [...$found, ...array_filter(array_column($interface['unicast'] ?? [], 'address'), self::reaches(...))];
            }
        }
        $host = strtolower((string) gethostname());
        $host = preg_match('/^[a-z0-9][a-z0-9.-]*$/', $host) === 1 && $host !== 'localhost' ? $host : '';

        return self::of(array_values($found), match (true) {
            $host === '' => [],
            str_contains($host, '.') => [$host],
            default => [$host, "{$host}.local"],
        });
    }

    /**
     * @param  list<string>  $addresses
     * @param  list<string>  $names
     */
    public static function of(array $addresses, array $names): self
    {
        return new self(array_values(array_unique($addresses)), $names);
    }

    private static function reaches(string $address): bool
    {
        return filter_var($address, FILTER_VALIDATE_IP, FILTER_FLAG_IPV4) !== false
            && ! str_starts_with($address, '127.') && ! str_starts_with($address, '169.254.');
    }

    /** @return list<string> all of them, as a request names its host */
    public function hosts(): array
    {
        return [...$this->addresses, ...$this->names];
    }

    /** What a square holds: numbers, since not every device finds this machine by its name. */
    public function address(int $port): ?string
    {
        $first = $this->hosts()[0] ?? null;

        return $first === null ? null : "https://{$first}:{$port}";
    }
}
