<?php

declare(strict_types=1);

namespace App\Http\Requests\Strings;

use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use Lira\Kind\Kind;
use Lira\Length\Length;
use Lira\Material\Material;
use Lira\Strings\Construction;
use Lira\Strings\StringType;

/** A family of strings, of whatever gauge, made for a kind of instrument. */
final class FamilyRequest extends FormRequest
{
    /** A gauge that every family has, thousandths of an inch. */
    private const AT_THOUSANDTHS = 40.0;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['kind' => ['required', Rule::enum(Kind::class)]] + array_diff_key(StringTypeRules::rules(), ['gauge_nm' => true]);
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return StringTypeRules::MESSAGES + ['kind.*' => 'Say what instrument the string is made for.'];
    }

    public function type(): StringType
    {
        return StringType::of(
            Construction::from($this->string('construction')->toString()),
            Material::from($this->string('material')->toString()),
            Length::thousandths(self::AT_THOUSANDTHS),
        );
    }

    public function kind(): Kind
    {
        return Kind::from($this->string('kind')->toString());
    }
}
