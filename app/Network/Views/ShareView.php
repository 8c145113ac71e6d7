<?php

declare(strict_types=1);

namespace App\Network\Views;

use App\Models\Share;
use App\Models\Shared;

/** An address that was given to somebody, and stands. */
final readonly class ShareView
{
    /**
     * @param  string  $of  what it is of: a set's or an instrument's name
     * @param  ?string  $address  the whole of it; null while Lira answers no network
     * @param  string  $ends  ISO 8601
     * @param  ?string  $opened  about when it was last opened, ISO 8601; null where it never was
     */
    public function __construct(
        public int $id,
        public Shared $what,
        public string $of,
        public ?int $year,
        public ?string $address,
        public string $ends,
        public ?string $opened,
    ) {}

    public static function of(Share $share, ?string $address): self
    {
        return new self(
            $share->id,
            $share->what,
            ($share->what->isOfSet() ? $share->set?->name : $share->instrument?->name) ?? '',
            $share->year,
            $address,
            $share->ends_at->toIso8601String(),
            $share->opened_at?->toIso8601String(),
        );
    }
}
