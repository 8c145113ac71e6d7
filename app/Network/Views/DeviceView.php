<?php

declare(strict_types=1);

namespace App\Network\Views;

use App\Models\Device;
use App\Models\Right;

/** A device or a program that was let in. */
final readonly class DeviceView
{
    /**
     * @param  string  $kind  device or program
     * @param  string  $since  when it was let in, ISO 8601
     * @param  ?string  $seen  about when it last asked for something, ISO 8601; null where it never did
     */
    public function __construct(
        public int $id,
        public string $name,
        public string $kind,
        public Right $right,
        public string $since,
        public ?string $seen,
    ) {}

    public static function of(Device $device): self
    {
        return new self(
            $device->id, $device->name, $device->kind, $device->right, $device->created_at->toIso8601String(), $device->seen_at?->toIso8601String(),
        );
    }
}
