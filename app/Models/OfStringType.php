<?php

declare(strict_types=1);

namespace App\Models;

use Lira\Strings\StringType;

/**
 * A row that says which string it is.
 *
 * @property string $construction
 * @property string $material
 * @property int $gauge_nm  outer diameter, nanometres
 */
trait OfStringType
{
    public function type(): StringType
    {
        return TypeColumns::read($this->construction, $this->material, $this->gauge_nm);
    }
}
