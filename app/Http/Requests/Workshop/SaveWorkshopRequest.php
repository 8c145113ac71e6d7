<?php

declare(strict_types=1);

namespace App\Http\Requests\Workshop;

use Illuminate\Foundation\Http\FormRequest;
use Lira\Document\JobReader;

/** What this workshop is called, and what it takes as usual. */
final class SaveWorkshopRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'name' => ['nullable', 'string', 'max:120'],
            'address' => ['nullable', 'string', 'max:400'],
            'currency' => ['required', 'string', 'regex:/^[A-Z]{3}$/D'],
            'lead_days' => ['required', 'integer', 'between:0,365'],
            'finger_mm' => ['nullable', 'numeric', 'between:'.JobReader::THINNEST_MM.','.JobReader::THICKEST_MM],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'name.*' => 'Give the workshop a name of 120 characters at most.',
            'address.*' => 'Give the address in 400 characters at most.',
            'currency.*' => 'Give the currency as three capital letters, such as EUR.',
            'lead_days.*' => 'Give in how many days a parcel usually comes, 0 to 365.',
            'finger_mm.*' => 'Give how thick a finger is, '.JobReader::THINNEST_MM.' to '.JobReader::THICKEST_MM.' mm, or leave it empty.',
        ];
    }

    /** @return array{name: string, address: string, currency: string, lead_days: int, finger_mm: ?float} */
    public function settings(): array
    {
        return [
            'name' => $this->string('name')->trim()->toString(),
            'address' => $this->string('address')->trim()->toString(),
            'currency' => $this->string('currency')->toString(),
            'lead_days' => $this->integer('lead_days'),
            'finger_mm' => $this->input('finger_mm') === null ? null : $this->float('finger_mm'),
        ];
    }
}
