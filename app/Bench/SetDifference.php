<?php

declare(strict_types=1);

namespace App\Bench;

use Lira\Design\SetDesign;
use Lira\Document\SetDocument;
use Lira\Evaluation\EvaluatedString;
use Lira\Pitch\Pitch;
use Lira\Pitch\Tuning;
use Lira\Target\Intent;
use Lira\Wording\Units;

/** What changed between two states of a set, for people to read: what, how it was and how it is. */
final readonly class SetDifference
{
    private const NOTHING = 'none';

    private function __construct(private SetDocument $before, private SetDocument $after, private Units $units) {}

    /** @return list<array{what: string, before: string, after: string}> in the order of the Bench */
    public static function between(SetDocument $before, SetDocument $after, Units $units): array
    {
        $difference = new self($before, $after, $units);

        return array_values(array_filter([
            ['what' => 'Name', 'before' => $before->design->name, 'after' => $after->design->name],
            ...$difference->tunings(),
            ...$difference->strings(),
            ['what' => 'Measured from', 'before' => self::baseline($before), 'after' => self::baseline($after)],
            ['what' => 'Aims at', 'before' => self::target($before), 'after' => self::target($after)],
            ['what' => 'Notes', 'before' => self::notes($before), 'after' => self::notes($after)],
        ], static fn (array $row): bool => $row['before'] !== $row['after']));
    }

    /** @return list<array{what: string, before: string, after: string}> */
    private function tunings(): array
    {
        [$old, $new] = [$this->before->design->tunings, $this->after->design->tunings];
        $rows = [];
        for ($index = 0; $index < max(count($old), count($new)); $index++) {
            $rows[] = [
                'what' => max(count($old), count($new)) > 1 ? 'Tuning '.($index + 1) : 'Tuning',
                'before' => self::tuning($old[$index] ?? null),
                'after' => self::tuning($new[$index] ?? null),
            ];
        }

        return $rows;
    }

    private static function tuning(?Tuning $tuning): string
    {
        if ($tuning === null) {
            return self::NOTHING;
        }
        $pitches = implode(' ', array_map(static fn (Pitch $pitch): string => $pitch->label(), array_reverse($tuning->pitches)));

        return implode(', ', array_filter([
            $tuning->name,
            $pitches,
            $tuning->a4->inHertz() === 440.0 ? '' : 'A4 '.$tuning->a4->inHertz().' Hz',
            $tuning->capo === 0 ? '' : 'capo '.$tuning->capo,
            array_filter(
                $tuning->cents,
                static fn (float $cents): bool => $cents !== 0.0,
            ) === [] ? '' : implode('/', $tuning->cents).' cents',
        ], static fn (string $part): bool => $part !== ''));
    }

    /** @return list<array{what: string, before: string, after: string}> */
    private function strings(): array
    {
        $old = $this->before->evaluation()->strings;
        $new = $this->after->evaluation()->strings;
        $rows = [];
        for ($index = 0; $index < max(count($old), count($new)); $index++) {
            $rows[] = [
                'what' => 'String '.($index + 1),
                'before' => $this->string($old[$index] ?? null, $this->before->design),
                'after' => $this->string($new[$index] ?? null, $this->after->design),
            ];
        }

        return $rows;
    }

    private function string(?EvaluatedString $string, SetDesign $design): string
    {
        if ($string === null) {
            return self::NOTHING;
        }
        $spec = $string->string->spec;
        $intent = $design->intents[$string->position - 1] ?? new Intent;

        return implode(', ', array_filter([
            $this->units->gaugeOnPaper($spec->type->gauge).' '.$spec->type->construction->label(),
            $spec->type->material->label(),
            $this->units->tension($string->tunings[0]->tensionN, $string->string->density->tolerance->share()),
            $intent->hold->value ?? '',
            $intent->only === null ? '' : "{$intent->only->value} only",
        ], static fn (string $part): bool => $part !== ''));
    }

    private static function baseline(SetDocument $document): string
    {
        $baseline = $document->baseline;
        if ($baseline === null) {
            return self::NOTHING;
        }
        $trials = count($baseline->trials);

        return ($baseline->name === '' ? $baseline->instrument->name : $baseline->name).', '.self::tuning(
            $baseline->tunings[0],
        ).($trials === 0 ? '' : ", tried {$trials} times");
    }

    private static function target(SetDocument $document): string
    {
        $target = $document->json->target ?? null;
        if (! $target instanceof \stdClass) {
            return self::NOTHING;
        }
        $profile = is_string($target->profile ?? null) ? str_replace('-', ' ', $target->profile) : '';
        $style = $target->style ?? null;
        $answers = $style instanceof \stdClass ? array_map(
            static fn (string $aspect, mixed $answer): string => $aspect.' '.(is_string($answer) ? $answer : ''),
            array_keys(get_object_vars($style)),
            get_object_vars($style),
        ) : [];

        return implode(', ', array_filter([
            $profile,
            is_numeric($target->ratio ?? null) ? round(100 * (float) $target->ratio).' %' : '',
            is_numeric($target->tension_n ?? null) ? round((float) $target->tension_n).' N' : '',
            ...$answers,
        ], static fn (string $part): bool => $part !== ''));
    }

    private static function notes(SetDocument $document): string
    {
        $notes = $document->json->notes ?? null;

        return is_string($notes) && $notes !== '' ? $notes : self::NOTHING;
    }
}
