<?php

declare(strict_types=1);

namespace App\Paper;

/** What stands on a packet's label: the set and the string in it, S17-4. Scanned it is an address that ends so. */
final readonly class PacketCode
{
    private const PATTERN = '/(?:^|\/)S(\d{1,9})-(\d{1,2})$/i';

    private function __construct(public int $set, public int $position) {}

    public static function of(int $set, int $position): string
    {
        return "S{$set}-{$position}";
    }

    /** Of what was typed or scanned; null where it is no packet's code. */
    public static function read(string $typed): ?self
    {
        return preg_match(self::PATTERN, trim($typed), $found) === 1 ? new self((int) $found[1], (int) $found[2]) : null;
    }
}
