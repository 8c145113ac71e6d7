<?php

declare(strict_types=1);

namespace App\Http\Requests\Strings;

use App\Models\Supplier;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;

final class SaveSupplierRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        $supplier = $this->route('supplier');

        return [
            'name' => [
                'required',
                'string',
                'max:120',
                Rule::unique('suppliers', 'name')->ignore($supplier instanceof Supplier ? $supplier->id : null),
            ],
            'currency' => ['required', 'string', 'regex:/^[A-Z]{3}$/'],
            'shipping_cents' => ['required', 'integer', 'min:0', 'max:1000000'],
            'free_from_cents' => ['nullable', 'integer', 'min:0', 'max:100000000'],
            'lead_days' => ['required', 'integer', 'min:0', 'max:365'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'name.required' => 'Give the supplier a name.',
            'name.unique' => 'There is a supplier of that name. Choose another.',
            'currency.*' => 'Give the currency as three capital letters, such as EUR.',
            'shipping_cents.*' => 'Give what sending a parcel costs, 0 or more.',
            'free_from_cents.*' => 'Give from what sum on parcels are free, or leave it empty.',
            'lead_days.*' => 'Give in how many days a parcel comes, 0 to 365.',
        ];
    }

    /** @return array{name: string, currency: string, shipping_cents: int, free_from_cents: ?int, lead_days: int} */
    public function supplier(): array
    {
        return [
            'name' => $this->string('name')->trim()->toString(),
            'currency' => $this->string('currency')->toString(),
            'shipping_cents' => $this->integer('shipping_cents'),
            'free_from_cents' => $this->input('free_from_cents') === null ? null : $this->integer('free_from_cents'),
            'lead_days' => $this->integer('lead_days'),
        ];
    }
}
