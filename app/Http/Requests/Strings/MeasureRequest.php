<?php

declare(strict_types=1);

namespace App\Http\Requests\Strings;

use App\Models\MeasuredSample;
use App\Models\TypeColumns;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use Lira\Document\SampleReader;
use Lira\Kind\Kind;
use Lira\Material\Material;
use Lira\Strings\CoreShape;

/** A string that was weighed or sounded, with its readings. */
final class MeasureRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            ...StringTypeRules::rules(),
            'kind' => ['required', Rule::enum(Kind::class)],
            'readings' => ['required', 'array'],
            'readings.*' => ['numeric'],
            'core' => ['nullable', 'array:shape,material,size_mm'],
            'core.shape' => ['required_with:core', Rule::enum(CoreShape::class)],
            'core.material' => ['required_with:core', Rule::enum(Material::class)],
            'core.size_mm' => ['required_with:core', 'numeric', 'gt:0'],
            'note' => ['nullable', 'string', 'max:300'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            ...StringTypeRules::MESSAGES,
            'readings.*' => 'Give what was measured as numbers.',
            'core.*' => 'Give the bared core as its shape, its material and its size in mm.',
        ];
    }

    /** Not kept yet. */
    public function sample(): MeasuredSample
    {
        $readings = [];
        foreach (SampleReader::READINGS as $key) {
            $value = $this->input("readings.{$key}");
            if (is_int($value) || is_float($value)) {
                $readings[$key] = (float) $value;
            }
        }

        return new MeasuredSample([
            ...TypeColumns::of(StringTypeRules::read($this)), 'kind' => $this->string('kind')->toString(),
            'readings' => $readings, 'core' => $this->core(), 'note' => $this->string('note')->trim()->toString(),
        ]);
    }

    /** @return array{shape: string, material: string, size_mm: float}|null */
    private function core(): ?array
    {
        return $this->input('core') === null ? null : [
            'shape' => $this->string('core.shape')->toString(),
            'material' => $this->string('core.material')->toString(),
            'size_mm' => $this->float('core.size_mm'),
        ];
    }
}
