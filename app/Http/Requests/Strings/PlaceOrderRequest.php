<?php

declare(strict_types=1);

namespace App\Http\Requests\Strings;

/** An order to place: for what, at which sum, and a key by which placing the same twice is known. */
final class PlaceOrderRequest extends PlanOrderRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'key' => ['required', 'string', 'min:8', 'max:64'],
            ...parent::rules(),
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'key.*' => 'Send a key of your own making, 8 to 64 characters, by which placing the same twice is known.',
            ...parent::messages(),
        ];
    }

    public function key(): string
    {
        return $this->string('key')->toString();
    }

    /** What was agreed to, if anything was. */
    public function totalCents(): ?int
    {
        $total = $this->input('total_cents');

        return is_int($total) ? $total : null;
    }
}
