<?php

declare(strict_types=1);

namespace App\Strings\Lists\Views;

use App\Models\ImportStatus;

/** How far a list is, and what it would change. */
final readonly class ImportProgressView
{
    /**
     * @param  float  $share  of it that is checked
     * @param  list<RejectView>  $rejects  the first of them
     * @param  ?DifferenceView  $difference  once all is checked
     */
    public function __construct(
        public int $id,
        public ImportStatus $status,
        public float $share,
        public int $rows,
        public int $good,
        public int $rejected,
        public array $rejects,
        public ?DifferenceView $difference,
    ) {}
}
