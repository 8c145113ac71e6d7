<?php

declare(strict_types=1);

namespace Lira\Job\Event;

/** What was said of an event, of the right types whatever came: what is missing or was left blank is nothing said. */
final readonly class Said
{
    /** @param  array<mixed>  $data  of one kind of event, by name */
    public function __construct(private array $data) {}

    public function text(string $name, string $otherwise = ''): string
    {
        return $this->textOrNone($name) ?? $otherwise;
    }

    public function textOrNone(string $name): ?string
    {
        $value = $this->data[$name] ?? null;

        return is_string($value) && $value !== '' ? $value : null;
    }

    public function whole(string $name): int
    {
        return $this->wholeOrNone($name) ?? 0;
    }

    public function wholeOrNone(string $name): ?int
    {
        $value = $this->numberOrNone($name);

        return $value === null ? null : (int) $value;
    }

    public function number(string $name): float
    {
        return $this->numberOrNone($name) ?? 0.0;
    }

    public function numberOrNone(string $name): ?float
    {
        $value = $this->data[$name] ?? null;

        return is_numeric($value) ? (float) $value : null;
    }

    public function flag(string $name): bool
    {
        return ($this->data[$name] ?? null) === true;
    }

    /** Seconds of the clock. */
    public function time(string $name): int
    {
        $at = date_create_immutable($this->text($name, '@0'), new \DateTimeZone('UTC'));

        return $at === false ? 0 : $at->getTimestamp();
    }

    /** @return list<?float> */
    public function numbers(string $name): array
    {
        $list = $this->data[$name] ?? null;

        return array_map(static fn (mixed $each): ?float => is_numeric($each) ? (float) $each : null, is_array($list) ? array_values($list) : []);
    }

    /** @return array<string, string> */
    public function words(string $name): array
    {
        $words = [];
        foreach ((array) ($this->data[$name] ?? []) as $key => $word) {
            if (is_string($word)) {
                $words[(string) $key] = $word;
            }
        }

        return $words;
    }
}
