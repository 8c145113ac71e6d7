<?php

declare(strict_types=1);

namespace App\Strings\Drawer\Views;

use App\Models\MovementKind;

/** What happened to a lot. */
final readonly class MovementView
{
    /**
     * @param  string  $at  the moment, ISO 8601
     */
    public function __construct(
        public int $change,
        public MovementKind $kind,
        public string $note,
        public string $at,
    ) {}
}
