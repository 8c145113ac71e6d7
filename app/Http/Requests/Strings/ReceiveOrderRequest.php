<?php

declare(strict_types=1);

namespace App\Http\Requests\Strings;

use App\Models\Order;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Validator;

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

    /**
     * More than is still to come is not of this order.
     *
     * @return list<\Closure(Validator): void>
     */
    public function after(): array
    {
        return [function (Validator $checked): void {
            $order = $this->route('order');
            $counts = $this->counts();
            foreach ($order instanceof Order ? $order->lines()->get() : [] as $line) {
                $open = $line->count - $line->received;
                if (($counts[$line->id] ?? 0) > $open) {
                    $checked->errors()->add("lines.{$line->id}", "Of {$line->name} only {$open} ".($open === 1 ? 'is' : 'are').' still to come. Give so many at most, and put what came beside it into the drawer by itself.');
                }
            }
        }];
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
