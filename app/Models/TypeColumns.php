<?php

declare(strict_types=1);

namespace App\Models;

use Lira\Document\StringTypeWriter;
use Lira\Material\Material;
use Lira\Strings\Construction;
use Lira\Strings\InvalidString;
use Lira\Strings\StringType;

/**
 * How a table says which string it is: three columns, equal where two strings are alike. The browser is told the same three.
 *
 * @phpstan-type Columns array{construction: string, material: string, gauge_nm: int}
 */
final class TypeColumns
{
    public const NAMES = ['construction', 'material', 'gauge_nm'];

    /** @return Columns */
    public static function of(StringType $type): array
    {
        return ['construction' => $type->construction->value, 'material' => $type->material->value, 'gauge_nm' => $type->gaugeNm];
    }

    /** @return array{construction: Construction, material: Material, gauge_nm: int} the same for a view */
    public static function view(StringType $type): array
    {
        return ['construction' => $type->construction, 'material' => $type->material, 'gauge_nm' => $type->gaugeNm];
    }

    /**
     * @param  int  $gaugeNm  nanometres
     *
     * @throws InvalidString if the gauge is out of range
     * @throws \ValueError if there is no such construction or material
     */
    public static function read(string $construction, string $material, int $gaugeNm): StringType
    {
        return StringType::ofNanometres(Construction::from($construction), Material::from($material), $gaugeNm);
    }

    /** In SQL: rows of two tables whose strings are alike. */
    public static function alike(string $one, string $other): string
    {
        return implode(' and ', array_map(static fn (string $column): string => "{$one}.{$column} = {$other}.{$column}", self::NAMES));
    }

    /** As a set document says it. */
    public static function json(StringType $type): \stdClass
    {
        return (object) StringTypeWriter::toArray($type);
    }
}
