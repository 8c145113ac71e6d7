<?php

declare(strict_types=1);

namespace App\Http\Requests\Strings;

use App\Models\TypeColumns;
use Illuminate\Http\Request;
use Illuminate\Validation\Rule;
use Lira\Material\Material;
use Lira\Strings\Construction;
use Lira\Strings\StringType;

/** What a request has to say so that it is known which string it means. */
final class StringTypeRules
{
    public const MESSAGES = [
        'construction.*' => 'Say how the string is made.',
        'material.*' => 'Say what the string is made of.',
        'gauge_nm.*' => 'Give the gauge of the string, 0.05 to 6 mm, in nanometres.',
    ];

    /** @return array<string, list<mixed>> */
    public static function rules(): array
    {
        return [
            'construction' => ['required', Rule::enum(Construction::class)],
            'material' => ['required', Rule::enum(Material::class)],
            'gauge_nm' => ['required', 'integer', 'min:'.StringType::THINNEST_NM, 'max:'.StringType::THICKEST_NM],
        ];
    }

    /** Of a request that keeps to the rules. */
    public static function read(Request $request): StringType
    {
        return TypeColumns::read(
            $request->string('construction')->toString(),
            $request->string('material')->toString(),
            $request->integer('gauge_nm'),
        );
    }
}
