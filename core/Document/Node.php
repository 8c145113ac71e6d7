<?php

declare(strict_types=1);

namespace Lira\Document;

use Lira\PlainText;

/**
 * An object in a JSON document that knows its own place. Whatever is asked for and is missing or of the wrong type
 * becomes a problem with its path, and null is returned, so that reading goes on and finds the rest.
 */
final class Node
{
    /** @var array<string, true> */
    private array $asked = [];

    private function __construct(
        private readonly \stdClass $object,
        public readonly string $path,
        private readonly Problems $problems,
    ) {}

    public static function root(\stdClass $object, Problems $problems): self
    {
        return new self($object, '', $problems);
    }

    /** @param  string  $path  where the object stands in its document */
    public static function at(string $path, \stdClass $object, Problems $problems): self
    {
        return new self($object, $path, $problems);
    }

    public function has(string $key): bool
    {
        $this->asked[$key] = true;

        return isset($this->object->{$key});
    }

    /** @return list<string> */
    public function keys(): array
    {
        return array_map(strval(...), array_keys(get_object_vars($this->object)));
    }

    /** Whether a key holds exactly this word. */
    public function says(string $key, string $word): bool
    {
        return $this->has($key) && $this->object->{$key} === $word;
    }

    /** How many entries a list has; 0 where there is no list. */
    public function count(string $key): int
    {
        return $this->isList($key) ? count((array) $this->object->{$key}) : 0;
    }

    public function isList(string $key): bool
    {
        return $this->has($key) && is_array($this->object->{$key});
    }

    public function pathOf(string $key): string
    {
        return $this->path.'/'.(strpbrk($key, '~/') === false ? $key : str_replace(['~', '/'], ['~0', '~1'], $key));
    }

    /** @param  non-empty-string  $what  what the key says, for the message */
    public function text(string $key, string $what): ?string
    {
        $value = $this->required($key, $what);
        if ($value !== null && ! is_string($value)) {
            $this->problems->add($this->pathOf($key), "Give {$what} as text in quotes.");

            return null;
        }

        return $value;
    }

    /**
     * Text of a length within bounds that can be written anywhere: without signs that control a printer or end a string.
     *
     * @param  non-empty-string  $what
     * @param  int  $most  characters
     */
    public function words(string $key, string $what, int $least, int $most): ?string
    {
        $text = $this->text($key, $what);
        if ($text === null) {
            return null;
        }
        $problem = PlainText::problem($text, $what, $least, $most);
        if ($problem !== null) {
            $this->problems->add($this->pathOf($key), $problem);
        }

        return $problem === null ? $text : null;
    }

    /** @param  non-empty-string  $what */
    public function number(string $key, string $what): ?float
    {
        $value = $this->required($key, $what);
        if ($value !== null && ! is_int($value) && ! is_float($value)) {
            $this->problems->add($this->pathOf($key), "Give {$what} as a number.");

            return null;
        }
        if ($value !== null && ! is_finite((float) $value)) {
            $this->problems->add($this->pathOf($key), "That number is too large for {$what}.");

            return null;
        }

        return $value === null ? null : (float) $value;
    }

    /**
     * A number in a range, both ends included.
     *
     * @param  non-empty-string  $what
     */
    public function numberWithin(string $key, string $what, float $least, float $most): ?float
    {
        $number = $this->number($key, $what);
        if ($number !== null && ($number < $least || $number > $most)) {
            $this->problems->add($this->pathOf($key), ucfirst($what)." must be from {$least} to {$most}.");

            return null;
        }

        return $number;
    }

    /** @param  non-empty-string  $what  in a technician's words */
    public function boolean(string $key, string $what): ?bool
    {
        $value = $this->required($key, $what);
        if ($value === null || is_bool($value)) {
            return $value;
        }
        $this->problems->add($this->pathOf($key), "Say {$what} as true or false.");

        return null;
    }

    /** @param  non-empty-string  $what */
    public function integer(string $key, string $what): ?int
    {
        $value = $this->number($key, $what);
        if ($value !== null && ($value !== floor($value) || abs($value) > 1e9)) {
            $this->problems->add($this->pathOf($key), "Give {$what} as a whole number.");

            return null;
        }

        return $value === null ? null : (int) $value;
    }

    /**
     * @template T of \BackedEnum
     *
     * @param  non-empty-string  $what
     * @param  class-string<T>  $enum
     * @return T|null
     */
    public function oneOf(string $key, string $what, string $enum): ?\BackedEnum
    {
        $value = $this->text($key, $what);
        if ($value === null) {
            return null;
        }
        $case = $enum::tryFrom($value);
        if ($case === null) {
            $known = implode(', ', array_map(static fn (\BackedEnum $known): string => (string) $known->value, $enum::cases()));
            $shown = mb_strlen($value) > 40 ? mb_substr($value, 0, 40).'…' : $value;
            $this->problems->add($this->pathOf($key), "“{$shown}” is not {$what}. Use one of: {$known}.");
        }

        return $case;
    }

    /** @param  non-empty-string  $what */
    public function object(string $key, string $what): ?self
    {
        $value = $this->required($key, $what);
        if ($value === null) {
            return null;
        }
        if (! $value instanceof \stdClass) {
            $this->problems->add($this->pathOf($key), "Give {$what} as an object in braces.");

            return null;
        }

        return new self($value, $this->pathOf($key), $this->problems);
    }

    /**
     * @param  non-empty-string  $what
     * @return list<self>|null
     */
    public function objects(string $key, string $what): ?array
    {
        $nodes = [];
        $whole = true;
        foreach ($this->items($key, $what) ?? [] as $index => $value) {
            if ($value instanceof \stdClass) {
                $nodes[] = new self($value, $this->pathOf($key).'/'.$index, $this->problems);
            } else {
                $whole = false;
                $this->problems->add($this->pathOf($key).'/'.$index, "Give {$what} as a list of objects in braces.");
            }
        }

        return $this->has($key) && $whole ? $nodes : null;
    }

    /**
     * @param  non-empty-string  $what
     * @return list<string>|null
     */
    public function texts(string $key, string $what): ?array
    {
        return $this->scalars(
            $key,
            "Give {$what} as text in quotes.",
            $what,
            static fn (mixed $value): ?string => is_string($value) ? $value : null,
        );
    }

    /**
     * @param  non-empty-string  $what
     * @return list<float>|null
     */
    public function numbers(string $key, string $what): ?array
    {
        return $this->scalars(
            $key,
            "Give {$what} as numbers.",
            $what,
            static fn (mixed $value): ?float => is_int($value) || (is_float($value) && is_finite($value)) ? (float) $value : null,
        );
    }

    /**
     * A list in which a figure may be missing.
     *
     * @param  non-empty-string  $what
     * @return list<?float>|null
     */
    public function numbersOrNull(string $key, string $what): ?array
    {
        $items = $this->items($key, $what);
        $read = [];
        foreach ($items ?? [] as $index => $item) {
            if ($item !== null && ! is_int($item) && ! (is_float($item) && is_finite($item))) {
                $this->problems->add($this->pathOf($key).'/'.$index, "Give {$what} as numbers, or null where there is none.");
                $items = null;
            }
            $read[] = is_int($item) || is_float($item) ? (float) $item : null;
        }

        return $items === null ? null : $read;
    }

    /**
     * A list of anything; whoever asks checks what is in it.
     *
     * @param  non-empty-string  $what
     * @return list<mixed>|null
     */
    public function values(string $key, string $what): ?array
    {
        return $this->items($key, $what);
    }

    /** Reports every key that nobody asked for: it is kept, but means nothing here. */
    public function reportUnknownKeys(): void
    {
        foreach (array_keys(get_object_vars($this->object)) as $key) {
            if (! isset($this->asked[(string) $key])) {
                $this->problems->unknownKey($this->pathOf((string) $key));
            }
        }
    }

    /** Says that a key is known though it is not read here. */
    public function knows(string ...$keys): self
    {
        foreach ($keys as $key) {
            $this->asked[$key] = true;
        }

        return $this;
    }

    private function required(string $key, string $what): mixed
    {
        if (! $this->has($key)) {
            $this->problems->add($this->pathOf($key), "Missing: {$what}.");

            return null;
        }

        return $this->object->{$key};
    }

    /** @return list<mixed>|null */
    private function items(string $key, string $what): ?array
    {
        $value = $this->required($key, $what);
        if ($value === null) {
            return null;
        }
        if (! is_array($value)) {
            $this->problems->add($this->pathOf($key), "Give {$what} as a list in square brackets.");

            return null;
        }

        return array_values($value);
    }

    /**
     * @template T
     *
     * @param  \Closure(mixed): (T|null)  $read
     * @return list<T>|null
     */
    private function scalars(string $key, string $advice, string $what, \Closure $read): ?array
    {
        $items = $this->items($key, $what);
        if ($items === null) {
            return null;
        }
        $values = [];
        foreach ($items as $index => $item) {
            $value = $read($item);
            if ($value === null) {
                $this->problems->add($this->pathOf($key).'/'.$index, $advice);
            } else {
                $values[] = $value;
            }
        }

        return count($values) === count($items) ? $values : null;
    }
}
