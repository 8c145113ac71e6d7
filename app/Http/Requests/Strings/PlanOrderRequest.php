<?php

declare(strict_types=1);

namespace App\Http\Requests\Strings;

use App\Models\StringSet;
use App\Strings\Orders\Need;
use App\Strings\Orders\OrderList;
use Illuminate\Foundation\Http\FormRequest;

/** The designs that strings are wanted for. */
class PlanOrderRequest extends FormRequest
{
    private const MOST_DESIGNS = 12;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'sets' => ['required_without:listed', 'array', 'max:'.self::MOST_DESIGNS],
            'sets.*.id' => ['required', 'integer', 'exists:sets,id'],
            'sets.*.times' => ['integer', 'min:1', 'max:50'],
            'sets.*.spares' => ['integer', 'min:0', 'max:20'],
            'listed' => ['boolean'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'sets.required_without' => 'Choose at least one set to order for.',
            'sets.max' => 'Order for at most '.self::MOST_DESIGNS.' sets at once.',
            'sets.*.id.*' => 'There is no such set.',
            'sets.*.times.*' => 'Give how many times it is needed, 1 to 50.',
            'sets.*.spares.*' => 'Give how many spares of each string, 0 to 20.',
        ];
    }

    public function need(): Need
    {
        $wanted = [];
        foreach ($this->array('sets') as $row) {
            $row = is_array($row) ? $row : [];
            $number = static fn (string $key, int $otherwise): int => is_int($row[$key] ?? null) ? $row[$key] : $otherwise;
            $set = StringSet::query()->with('strings')->findOrFail($number('id', 0));
            $wanted[] = ['set' => $set, 'times' => $number('times', 1), 'spares' => $number('spares', 0)];
        }

        $need = Need::of($wanted);

        return $this->isListed() ? $need->and(app(OrderList::class)->need()) : $need;
    }

    /** Whether what is on the order list is to be ordered too. */
    public function isListed(): bool
    {
        return $this->boolean('listed');
    }

    /** To pay in, where it was chosen. */
    public function currency(): ?string
    {
        $currency = $this->input('currency');

        return is_string($currency) ? $currency : null;
    }
}
