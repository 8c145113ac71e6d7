<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Contracts\Database\Eloquent\CastsAttributes;
use Illuminate\Database\Eloquent\Model;
use Lira\Document\Json;

/**
 * Keeps a JSON object in a text column exactly as the core reads and writes it.
 *
 * @implements CastsAttributes<\stdClass, \stdClass>
 */
final class JsonObject implements CastsAttributes
{
    /** @param  array<string, mixed>  $attributes */
    public function get(Model $model, string $key, mixed $value, array $attributes): \stdClass
    {
        return Json::object(is_string($value) ? $value : '{}');
    }

    /** @param  array<string, mixed>  $attributes */
    public function set(Model $model, string $key, mixed $value, array $attributes): string
    {
        return Json::text($value instanceof \stdClass ? $value : new \stdClass);
    }
}
