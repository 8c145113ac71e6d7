<?php

declare(strict_types=1);

namespace App\Paper;

use App\Models\StringSet;
use Lira\Document\SetDocument;
use Lira\Evaluation\EvaluatedString;
use Lira\Evaluation\SetEvaluation;
use Lira\Evaluation\StringAtPitch;
use Lira\Feel\FeltChange;
use Lira\Pitch\Tuning;
use Lira\Strings\Source;
use Lira\Wording\Dates;
use Lira\Wording\Units;

/** A set on one printed page: what goes where, how it is tuned, and how it pulls. */
final readonly class SetSheet
{
    private const MOST_LINES = 300;

    /**
     * @param  SetDocument  $document  the set's own
     */
    public static function on(StringSet $set, SetDocument $document, Units $units, Leaf $leaf): string
    {
        $assessment = $document->playedAssessment();
        $evaluation = $assessment->evaluation;

        return Sheet::of('sheets.set', $set->name, [
            'name' => $set->name,
            'instrument' => $document->design->instrument->name,
            'kind' => $document->design->instrument->kind->label(),
            'scale' => self::scale($evaluation, $units),
            'oneLength' => ! str_contains(self::scale($evaluation, $units), ' to '),
            'tunings' => array_map(
                self::tuningWords(...),
                $document->design->tunings,
            ),
            'a4' => $document->design->tunings[0]->a4->inHertz(),
            'baseline' => $document->baseline === null ? null : self::baselineName($document),
            'rows' => array_map(static fn (EvaluatedString $string): array => self::row($string, $units), $evaluation->strings),
            'totals' => array_map(static fn ($total): array => [
                'tension' => $units->tension($total->tensionN, $total->tolerance()),
                'change' => self::percent($total->change),
            ], $evaluation->totals),
            'findings' => Sheet::toDo($assessment->findings, $units),
            'modelled' => self::anyModelled($evaluation),
            'notes' => is_string($document->json->notes ?? null) ? self::printedNotes($document->json->notes) : null,
            'changed' => app(Dates::class)->date($set->updated_at),
        ], $leaf);
    }

    /**
     * @return array{position: int, gauge: string, construction: string, material: string, length: string, source: string,
     *     tunings: list<array{pitch: string, tension: string, change: ?string, words: ?string}>}
     */
    private static function row(EvaluatedString $string, Units $units): array
    {
        return [
            'position' => $string->position,
            'gauge' => $units->gaugeOnPaper($string->string->spec->type->gauge),
            'construction' => $string->string->spec->type->construction->label(),
            'material' => $string->string->spec->type->material->label(),
            'length' => $units->length($string->speakingLengthM),
            'source' => $string->string->density->source->value,
            'tunings' => array_map(static fn (StringAtPitch $at): array => [
                'pitch' => $at->pitch->label(),
                'tension' => $units->tension($at->tensionN, $string->string->density->tolerance->share()),
                'change' => self::percent($at->change),
                'words' => $at->change?->words(),
            ], $string->tunings),
        ];
    }

    /** What a tuning is called, with its capo. */
    public static function tuningWords(Tuning $tuning): string
    {
        return $tuning->name.($tuning->capo === 0 ? '' : ", capo on fret {$tuning->capo}");
    }

    private static function scale(SetEvaluation $evaluation, Units $units): string
    {
        $lengths = array_values(array_unique(
            array_map(static fn (EvaluatedString $string): string => $units->length($string->speakingLengthM), $evaluation->strings),
        ));

        return count($lengths) === 1 ? $lengths[0] : $lengths[0].' to '.$lengths[count($lengths) - 1];
    }

    private static function baselineName(SetDocument $document): string
    {
        $baseline = $document->baseline;
        $name = $baseline === null || $baseline->name === '' ? (string) $baseline?->instrument->name : $baseline->name;
        $tuning = (string) $baseline?->tunings[0]->name;

        return $tuning === '' || str_contains($name, $tuning) ? $name : "{$name} in {$tuning}";
    }

    private static function percent(?FeltChange $change): ?string
    {
        return $change === null ? null : Units::change($change->share());
    }

    private static function anyModelled(SetEvaluation $evaluation): bool
    {
        return array_filter(
            $evaluation->strings,
            static fn (EvaluatedString $string): bool => $string->string->density->source === Source::Modelled,
        ) !== [];
    }

    /** Notes as they go on paper: no more than one blank line after the other, and so many lines; the set has the rest. */
    private static function printedNotes(string $notes): string
    {
        $lines = explode("\n", (string) preg_replace('/\n\s*\n\s*/', "\n\n", str_replace(["\r\n", "\r"], "\n", trim($notes))));
        $more = count($lines) - self::MOST_LINES;

        return implode(
            "\n",
            array_slice($lines, 0, self::MOST_LINES),
        ).($more > 0 ? "\n… and {$more} more lines, which the set itself has." : '');
    }
}
