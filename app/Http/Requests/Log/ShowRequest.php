<?php

declare(strict_types=1);

namespace App\Http\Requests\Log;

use App\Log\Shows\SaidShow;
use App\Models\LogSettings;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Support\Carbon;

/** A show as it is typed. */
final class ShowRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'name' => ['required', 'string', 'max:200'],
            'place' => ['nullable', 'string', 'max:200'],
            'on' => ['bail', 'required', 'string', 'date_format:Y-m-d', 'after_or_equal:1950-01-01', 'before:2100-01-01'],
            'at' => ['bail', 'required', 'string', 'date_format:H:i'],
            'hours' => ['required', 'numeric', 'gt:0', 'max:24'],
            'heat' => ['boolean'],
            'salt' => ['boolean'],
            'sweat' => ['boolean'],
            'instruments' => ['present', 'list', 'max:200'],
            'instruments.*' => ['integer', 'distinct', 'exists:instruments,id'],
            'zone' => ['nullable', 'timezone:all'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'name.*' => 'Give it a name, 200 characters at most.',
            'place.*' => 'Give its place in 200 characters at most.',
            'on.*' => 'Give its day, as 2026-12-03, from 1950 to 2099.',
            'at.*' => 'Give when it begins, as 20:30.',
            'hours.*' => 'Give the hours that are played, up to 24.',
            'instruments.*' => 'Say which instruments are played, from those that are here.',
            'zone.*' => 'There is no such time zone. Name one such as Europe/Lisbon.',
        ];
    }

    public function said(): SaidShow
    {
        $settings = LogSettings::here();
        if ($settings->time_zone === null && $this->filled('zone')) {
            $settings->update(['time_zone' => $this->string('zone')->toString()]);
        }

        return new SaidShow(
            trim($this->string('name')->toString()),
            trim($this->string('place')->toString()),
            Carbon::parse("{$this->string('on')} {$this->string('at')}", $settings->zone())->utc(),
            $this->float('hours'),
            $this->boolean('heat'),
            $this->boolean('salt'),
            $this->boolean('sweat'),
        );
    }

    /** @return list<int> */
    public function instruments(): array
    {
        $instruments = array_values(array_map(intval(...), array_filter($this->array('instruments'), is_numeric(...))));
        sort($instruments);

        return $instruments;
    }
}
