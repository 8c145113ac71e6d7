<?php

declare(strict_types=1);

namespace Lira\Document;

use Lira\Finding\Finding;

/** Writes findings, what must stop one first. */
final class FindingWriter
{
    /**
     * @param  list<Finding>  $findings
     * @return list<FindingJson>
     */
    public static function all(array $findings): array
    {
        return array_map(static fn (Finding $finding): array => [
            'code' => $finding->type->code,
            'severity' => $finding->severity->value,
            'remedy' => $finding->remedy->value,
            'position' => $finding->position,
            'tuning' => $finding->tuning,
            ...StatementWriter::said($finding->statement()),
            'value' => $finding->value,
            'limit' => $finding->limit,
            'unit' => $finding->unit?->value,
            'reason' => $finding->reason,
        ], $findings);
    }
}
