<?php

declare(strict_types=1);

namespace App\Http\Requests\Log;

use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use Lira\Care\Place;
use Lira\Instrument\Fingerboard;
use Lira\Kind\Kind;

/** A care rule of this workshop's own. */
final class CareRuleRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'name' => ['required', 'string', 'max:200'],
            'reason' => ['nullable', 'string', 'max:400'],
            'every_weeks' => ['nullable', 'integer', 'between:1,260', 'required_without:days'],
            'days' => ['list', 'max:12'],
            'days.*' => ['string', 'regex:/^\d\d-\d\d$/', static function (string $attribute, mixed $day, \Closure $fail): void {
                if (! is_string($day) || strlen($day) !== 5 || ! checkdate((int) substr($day, 0, 2), (int) substr($day, 3), 2023)) {
                    $fail('Give days that every year has, such as 10-01 for the first of October.');
                }
            }],
            'kinds' => ['list', 'max:20'],
            'kinds.*' => [Rule::enum(Kind::class)],
            'fingerboard' => ['nullable', Rule::enum(Fingerboard::class)],
            'place' => ['nullable', Rule::enum(Place::class)],
            'owner' => ['nullable', 'string', 'max:200'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'name.*' => 'Say what is to be done, 200 characters at most.',
            'reason.*' => 'Give the reason in 400 characters at most.',
            'every_weeks.*' => 'Give every how many weeks, 1 to 260, or days of the year.',
            'days.*' => 'Give days that every year has, such as 10-01 for the first of October.',
            'kinds.*' => 'There is no such kind of instrument.',
            'fingerboard.*' => 'There is no such fingerboard.',
            'place.*' => 'There is no such place.',
            'owner.*' => 'Name the owner in 200 characters at most.',
        ];
    }

    /** @return array{name: string, reason: string, every_weeks: ?int, days: list<string>, kinds: list<mixed>, fingerboard: string, place: string, owner: string} */
    public function columns(): array
    {
        $days = array_values(array_unique(array_filter($this->array('days'), is_string(...))));

        return [
            'name' => trim($this->string('name')->toString()), 'reason' => trim($this->string('reason')->toString()),
            'every_weeks' => $days === [] ? $this->integer('every_weeks', 1) : null, 'days' => $days,
            'kinds' => array_values($this->array('kinds')), 'fingerboard' => $this->string('fingerboard')->toString(),
            'place' => $this->string('place')->toString(), 'owner' => trim($this->string('owner')->toString()),
        ];
    }
}
