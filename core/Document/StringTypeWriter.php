<?php

declare(strict_types=1);

namespace Lira\Document;

use Lira\Material\Material;
use Lira\Strings\Construction;
use Lira\Strings\StringType;

/** Writes which string it is, as set documents and answers say it. */
final class StringTypeWriter
{
    /** @return array{construction: value-of<Construction>, material: value-of<Material>, gauge_in: float} */
    public static function toArray(StringType $type): array
    {
        return ['construction' => $type->construction->value, 'material' => $type->material->value, 'gauge_in' => $type->gaugeIn()];
    }
}
