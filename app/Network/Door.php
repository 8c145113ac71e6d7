<?php

declare(strict_types=1);

namespace App\Network;

/**
 * Through which of two doors somebody comes: the machine's own, which only a server that Lira started for this machine has, or the
 * network's. Which it is lies in the process that listens, never in what a request says.
 */
enum Door: string
{
    case Machine = 'machine';
    case Network = 'network';

    /** In the environment of a process that Lira starts. */
    public const ENVIRONMENT = 'LIRA_DOOR';

    /** Names under which the network's door answers, with spaces between; and the address to show. */
    public const NAMES = 'LIRA_NAMES';

    public const ADDRESS = 'LIRA_ADDRESS';

    /** The header by which the front says who asks; what came under this name is not passed on by it. */
    public const FROM = 'Lira-From';

    /** Where nobody says which it is (behind another server, say), it is the network's. */
    public static function here(): self
    {
        // Only processes that Lira starts itself are of these kinds.
        return in_array(PHP_SAPI, ['cli-server', 'cli'], true) && self::said(self::ENVIRONMENT) === self::Machine->value ? self::Machine : self::Network;
    }

    /** Whether this process answers the shop's network through Lira's own front. */
    public static function isOwnFront(): bool
    {
        return self::said(self::ENVIRONMENT) === self::Network->value;
    }

    /** @return list<string> in small letters */
    public static function names(): array
    {
        $names = preg_split('/ +/', strtolower(self::said(self::NAMES)), flags: PREG_SPLIT_NO_EMPTY);

        return $names === false ? [] : $names;
    }

    /** The address under which devices of the network reach it, such as https://192.168.1.20:8443; null where there is none. */
    public static function address(): ?string
    {
        $said = self::said(self::ADDRESS);
        if ($said !== '') {
            return $said;
        }
        // Behind another server it is what that server answers under.
        $configured = rtrim(config()->string('app.url'), '/');

        return self::here() === self::Network && str_starts_with($configured, 'https://') ? $configured : null;
    }

    private static function said(string $name): string
    {
        $said = getenv($name);

        return is_string($said) ? $said : '';
    }
}
