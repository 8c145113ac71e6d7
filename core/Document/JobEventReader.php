<?php

declare(strict_types=1);

namespace Lira\Document;

use Lira\Fitting\School\Schools;
use Lira\Job\Event\Events;
use Lira\Job\Event\Said;
use Lira\Job\Heard;

/**
 * Reads what happened in a job, by the shapes of `lira-job-event`. What may be left out may be null or blank as well: that is what forms
 * send where nothing was said.
 *
 * @phpstan-type Rule array{says: string, type?: string|list<string>, enum?: list<string>, default?: mixed, minimum?: int|float, maximum?: int|float, minLength?: int, maxLength?: int, maxItems?: int, pattern?: string, format?: string, items?: array<string, mixed>}
 */
final readonly class JobEventReader
{
    private const UUID = '/^[0-9a-f]{8}-[0-9a-f]{4}-[0-9a-f]{4}-[0-9a-f]{4}-[0-9a-f]{12}$/';

    private const TIME = '/^\d{4}-\d\d-\d\d[Tt]\d\d:\d\d:\d\d(?:\.\d+)?(?:[Zz]|[+-]\d\d:\d\d)$/';

    private const DAY = '/^\d{4}-\d\d-\d\d$/';

    /** @return ?Heard null where it cannot be one; why not is among the problems then, at their places */
    public function read(\stdClass $event, string $path, Problems $problems): ?Heard
    {
        $kind = $event->kind ?? null;
        if (! is_string($kind) || ! isset(Events::kinds()[$kind])) {
            $problems->add("{$path}/kind", 'There is no such kind of event. Use one of: '.implode(', ', array_keys(Events::kinds())).'.');

            return null;
        }
        $around = $this->fields($event, JobEventShapes::OF['*'], ['sequence', 'seen', 'by'], $path, $problems);
        $data = $event->data ?? new \stdClass;
        // An empty list is how some write an empty object.
        $data = $data === [] ? new \stdClass : $data;
        $said = $data instanceof \stdClass ? $this->fields($data, JobEventShapes::OF[$kind], [], "{$path}/data", $problems) : null;
        if (! $data instanceof \stdClass) {
            $problems->add("{$path}/data", 'Give what belongs to it as an object in braces.');
        }
        if ($around === null || $said === null) {
            return null;
        }
        $around = new Said($around);

        return new Heard(
            $around->text('id'), Events::of($kind, new Said($said)), $around->text('device'), $around->wholeOrNone('sequence'),
            $around->wholeOrNone('seen'), $around->time('at'), $around->text('by'),
        );
    }

    /**
     * @param  array<string, Rule>  $rules
     * @param  list<string>  $optional  besides those that have a default
     * @return array<string, mixed>|null null where something is wrong
     */
    private function fields(\stdClass $object, array $rules, array $optional, string $path, Problems $problems): ?array
    {
        [$read, $whole] = [[], true];
        foreach ($rules as $name => $rule) {
            $value = $object->{$name} ?? null;
            $blank = $value === null || $value === '';
            if ($blank && (array_key_exists('default', $rule) || in_array($name, $optional, true))) {
                $read[$name] = $rule['default'] ?? null;

                continue;
            }
            $value = ($rule['format'] ?? '') === 'uuid' && is_string($value) ? strtolower($value) : $value;
            if (($rule['type'] ?? '') === 'schools' && $value instanceof \stdClass) {
                $whole = $this->areSchools($value, "{$path}/{$name}", $problems) && $whole;
            } elseif (! $this->fits($value, $rule)) {
                $problems->add("{$path}/{$name}".$this->placeIn($value, $rule), $this->advice($rule));
                $whole = false;
            }
            $read[$name] = $value instanceof \stdClass ? (array) $value : $value;
        }

        return $whole ? $read : null;
    }

    /** @param  Rule  $rule */
    private function fits(mixed $value, array $rule): bool
    {
        if (isset($rule['enum'])) {
            return in_array($value, $rule['enum'], true);
        }

        return match (true) {
            $value === null => in_array('null', (array) ($rule['type'] ?? []), true),
            is_string($value) => $this->hasType($rule, 'string') && $this->fitsText($value, $rule),
            is_bool($value) => $this->hasType($rule, 'boolean'),
            is_int($value), is_float($value) => $this->fitsNumber($value, $rule),
            is_array($value) => $this->hasType($rule, 'array') && $this->fitsList($value, $rule),
            default => false,
        };
    }

    /** @param  Rule  $rule */
    private function hasType(array $rule, string $type): bool
    {
        return in_array($type, (array) ($rule['type'] ?? []), true);
    }

    /** @param  Rule  $rule */
    private function fitsText(string $text, array $rule): bool
    {
        $length = mb_strlen($text);
        if ($length < ($rule['minLength'] ?? 0) || $length > ($rule['maxLength'] ?? PHP_INT_MAX) || ! mb_check_encoding($text, 'UTF-8')) {
            return false;
        }
        if (isset($rule['pattern'])) {
            return preg_match('/'.str_replace('/', '\/', $rule['pattern']).'/uD', $text) === 1;
        }

        return match ($rule['format'] ?? '') {
            'uuid' => preg_match(self::UUID, $text) === 1,
            'date-time' => preg_match(self::TIME, $text) === 1 && date_create_immutable($text) !== false,
            'date' => preg_match(self::DAY, $text) === 1 && checkdate((int) substr($text, 5, 2), (int) substr($text, 8, 2), (int) substr($text, 0, 4)),
            default => true,
        };
    }

    /** @param  Rule  $rule */
    private function fitsNumber(int|float $number, array $rule): bool
    {
        $whole = is_int($number) || ($number === floor($number) && abs($number) < 1e15);

        return ($this->hasType($rule, 'number') || ($this->hasType($rule, 'integer') && $whole)) && is_finite((float) $number)
            && $number >= ($rule['minimum'] ?? -INF) && $number <= ($rule['maximum'] ?? INF);
    }

    /**
     * @param  array<mixed>  $list
     * @param  Rule  $rule
     */
    private function fitsList(array $list, array $rule): bool
    {
        return array_is_list($list) && count($list) <= ($rule['maxItems'] ?? PHP_INT_MAX)
            && array_filter($list, fn (mixed $item): bool => ! $this->fits($item, self::each($rule))) === [];
    }

    /**
     * Where in a list the first thing is that does not fit; empty where it is none, or not that.
     *
     * @param  Rule  $rule
     */
    private function placeIn(mixed $value, array $rule): string
    {
        if (! is_array($value) || ! array_is_list($value) || count($value) > ($rule['maxItems'] ?? PHP_INT_MAX)) {
            return '';
        }
        foreach ($value as $index => $item) {
            if (! $this->fits($item, self::each($rule))) {
                return "/{$index}";
            }
        }

        return '';
    }

    /**
     * @param  Rule  $rule
     * @return Rule what each thing in a list is held to
     */
    private static function each(array $rule): array
    {
        /** @var Rule $each */
        $each = ($rule['items'] ?? []) + ['says' => ''];

        return $each;
    }

    private function areSchools(\stdClass $schools, string $path, Problems $problems): bool
    {
        $are = true;
        foreach (get_object_vars($schools) as $aspect => $school) {
            $enum = Schools::aspects()[$aspect] ?? null;
            if ($enum === null || ! is_string($school) || $enum::tryFrom($school) === null) {
                $problems->add("{$path}/{$aspect}", 'There is no such school. Choose one of those that are offered.');
                $are = false;
            }
        }

        return $are;
    }

    /** @param  Rule  $rule */
    private function advice(array $rule): string
    {
        $offered = array_values(array_filter($rule['enum'] ?? [], static fn (string $each): bool => $each !== ''));
        $one = $offered === [] ? '' : ': '.implode(', ', array_slice($offered, 0, -1)).' or '.$offered[count($offered) - 1];

        return "Say {$rule['says']}{$one}.";
    }
}
