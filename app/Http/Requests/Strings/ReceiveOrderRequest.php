<?php

declare(strict_types=1);

namespace App\Http\Requests\Strings;

use Illuminate\Foundation\Http\FormRequest;

/** What of an order came whole. */
final class ReceiveOrderRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'lines' => ['array'],
            'lines.*' => ['integer', 'min:0'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'lines.*.*' => 'Give how many came whole, 0 or more.',
        ];
    }

    /** @return array<int, int> by line */
    public function counts(): array
    {
        $counts = [];
        foreach ($this->array('lines') as $line => $count) {
            if (is_int($count)) {
                $counts[(int) $line] = $count;
            }
        }

        return $counts;
    }
}
