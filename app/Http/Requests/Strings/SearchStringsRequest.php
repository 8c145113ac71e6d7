<?php

declare(strict_types=1);

namespace App\Http\Requests\Strings;

use App\Strings\Catalogue\StringFilter;
use Illuminate\Foundation\Http\FormRequest;
use Lira\Material\Material;
use Lira\Strings\Construction;

/** What strings are looked for; what makes no sense is left out. */
final class SearchStringsRequest extends FormRequest
{
    private const LONGEST = 200;

    public function filter(): StringFilter
    {
        $positive = fn (string $key): ?int => $this->integer($key) > 0 ? $this->integer($key) : null;
        $words = preg_split(
            '/\s+/u',
            mb_strtolower(mb_substr($this->string('for')->toString(), 0, self::LONGEST)),
            flags: PREG_SPLIT_NO_EMPTY,
        );

        return new StringFilter(
            $words === false ? [] : $words,
            Construction::tryFrom($this->string('construction')->toString()),
            Material::tryFrom($this->string('material')->toString()),
            $positive('supplier'),
            $positive('from'),
            $positive('to'),
            $this->boolean('drawer'),
            $this->string('order')->toString(),
            max(0, $this->integer('offset')),
        );
    }
}
