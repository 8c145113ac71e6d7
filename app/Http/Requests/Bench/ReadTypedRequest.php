<?php

declare(strict_types=1);

namespace App\Http\Requests\Bench;

use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use Lira\Kind\Kind;
use Lira\Pitch\Pitch;

/** Something typed, and what it is to be read as. */
final class ReadTypedRequest extends FormRequest
{
    public const WHAT = ['gauge', 'length', 'tension', 'scale', 'set'];

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'what' => ['required', Rule::in(self::WHAT)],
            'typed' => ['nullable', 'string', 'max:400'],
            'kind' => ['required_if:what,set', 'required_if:what,scale', Rule::enum(Kind::class)],
            'pitches' => ['required_if:what,set', 'string', 'max:200'],
        ];
    }

    public function typed(): string
    {
        return $this->string('typed')->toString();
    }

    public function kind(): Kind
    {
        return Kind::tryFrom($this->string('kind')->toString()) ?? Kind::Other;
    }

    /**
     * What the strings of a set are tuned to, string 1 first.
     *
     * @return list<Pitch>
     */
    public function pitches(): array
    {
        return array_map(Pitch::named(...), explode(' ', $this->string('pitches')->trim()->toString()));
    }
}
