<?php

declare(strict_types=1);

namespace Lira\Document;

use Lira\Wording\Statement;
use Lira\Wording\Units;

/** Writes sentences with their figures beside them. */
final class StatementWriter
{
    /**
     * @param  list<Statement>  $statements
     * @return list<array{code: string, message: string, parameters: \stdClass}>
     */
    public static function all(array $statements): array
    {
        return array_map(static fn (Statement $statement): array => ['code' => $statement->code] + self::said($statement), $statements);
    }

    /** @return array{message: string, parameters: \stdClass} the sentence in newtons and millimetres, and what it is made of */
    public static function said(Statement $statement): array
    {
        return ['message' => $statement->text(Units::si()), 'parameters' => (object) $statement->parameters];
    }
}
