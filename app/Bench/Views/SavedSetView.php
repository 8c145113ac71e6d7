<?php

declare(strict_types=1);

namespace App\Bench\Views;

/** A set as it is kept. */
final readonly class SavedSetView
{
    /**
     * @param  DesignJson  $document
     */
    public function __construct(
        public int $id,
        public int $revision,
        public int $instrumentId,
        public string $savedAt,
        public \stdClass $document,
    ) {}
}
