<?php

declare(strict_types=1);

namespace App\Paper;

use App\Models\StringSet;
use App\Tuning\LearnedSetbacks;
use Lira\Document\SetDocument;
use Lira\Evaluation\EvaluatedString;
use Lira\Finding\Assessment;
use Lira\Finding\FitAspect;
use Lira\Finding\FitCheck;
use Lira\Wording\Units;

/** Whether a set fits its instrument, on one printed page: what is fine, what to adjust, what goes to a repairer. */
final readonly class FitReport
{
    private function __construct(private SetDocument $document, private Assessment $assessment, private ?LearnedSetbacks $learned, private Units $units) {}

    /**
     * @param  SetDocument  $document  the set's own
     * @param  ?LearnedSetbacks  $learned  of saddles found on this instrument before
     */
    public static function on(StringSet $set, SetDocument $document, ?LearnedSetbacks $learned, Units $units, Leaf $leaf): string
    {
        return (new self($document, $document->playedAssessment(), $learned, $units))->sheet($set, $leaf);
    }

    private function sheet(StringSet $set, Leaf $leaf): string
    {
        $checks = FitCheck::all($this->document->design, $this->assessment, $this->document->limits);
        $aspects = array_values(array_filter(FitAspect::cases(), static fn (FitAspect $aspect): bool => array_filter(
            $checks, static fn (FitCheck $check): bool => $check->aspect === $aspect && $check->instrument !== null,
        ) !== []));

        return Sheet::of('sheets.fit', "{$set->name}: does it fit?", [
            'name' => $set->name,
            'instrument' => $this->document->design->instrument->name,
            'aspects' => array_map(static fn (FitAspect $aspect): string => $aspect->label(), $aspects),
            'unmeasured' => array_map(static fn (FitAspect $aspect): string => $aspect === FitAspect::Length ? 'the way from anchor to post' : mb_strtolower($aspect->label()), array_values(array_filter(
                FitAspect::cases(), static fn (FitAspect $aspect): bool => ! in_array($aspect, $aspects, true),
            ))),
            'rows' => array_map(fn (EvaluatedString $string): array => [
                'position' => $string->position,
                'gauge' => $this->units->gaugeOnPaper(
                    $string->string->spec->type->gauge,
                ).' '.$string->string->spec->type->construction->label(),
                ...LeaveWords::of($string->fit, $this->document->design->instrument->kind, $this->units),
                'cells' => array_map(fn (FitAspect $aspect): array => $this->cell($checks, $aspect, $string->position), $aspects),
            ], $this->assessment->evaluation->strings),
            'total' => $this->total(),
            'saddles' => $this->saddles(),
            'todo' => Sheet::toDo($this->assessment->findings, $this->units),
            'changed' => $set->updated_at->toDateString(),
        ], $leaf);
    }

    /**
     * @param  list<FitCheck>  $checks
     * @return array{says: string, figures: string, fine: bool}
     */
    private function cell(array $checks, FitAspect $aspect, int $position): array
    {
        foreach ($checks as $check) {
            if ($check->aspect !== $aspect || $check->position !== $position || $check->instrument === null) {
                continue;
            }
            if ($check->string === null) {
                return ['says' => 'needs', 'figures' => $this->units->length(round($check->instrument) / 1000), 'fine' => true];
            }

            return [
                'says' => $check->isFine() ? 'fine' : 'see below',
                'figures' => $this->figures($aspect, $check->string, $check->instrument),
                'fine' => $check->isFine(),
            ];
        }

        return ['says' => 'not measured', 'figures' => '', 'fine' => true];
    }

    private function figures(FitAspect $aspect, float $string, float $instrument): string
    {
        $length = fn (float $mm): string => $this->units->fine($mm / 1000);

        return match ($aspect) {
            FitAspect::NutSlot, FitAspect::PostHole => sprintf('%s in %s', $length($string), $length($instrument)),
            FitAspect::NutAngle, FitAspect::SaddleAngle => sprintf('%.1f°, least %.1f°', $string, $instrument),
            FitAspect::SaddleTravel => sprintf('needs %s of %s', $length($string), $length($instrument)),
            FitAspect::Length => sprintf('has %s, needs %s', $length($string), $length($instrument)),
        };
    }

    /** Where its saddles are expected, by where they were found on this instrument before. */
    private function saddles(): ?string
    {
        $expected = $this->learned?->expectedM($this->document) ?? [];

        return $this->learned === null || $expected === [] ? null : sprintf(
            'Where %d saddles were found on this instrument before, they stood %.0f %% of the way from the least to the most foretold. Expect these behind the scale length by: %s.',
            $this->learned->strings,
            100 * $this->learned->share,
            implode(', ', array_map(fn (int $position, float $metres): string => "{$position}: {$this->units->fine($metres)}", array_keys($expected), $expected)),
        );
    }

    /** @return list<string> the whole pull in each tuning, beside the greatest and the present one where they are known */
    private function total(): array
    {
        $most = $this->document->design->instrument->hardware->maxTotalN;
        $lines = [];
        foreach ($this->assessment->evaluation->totals as $index => $total) {
            $tolerance = $total->tolerance();
            $lines[] = implode(', ', array_filter([
                $this->document->design->tunings[$index]->name.': '.$this->units->tension($total->tensionN, $tolerance),
                $total->change === null ? '' : 'was '.$this->units->tension($total->change->baselineN, $tolerance),
                $most === null ? '' : 'at most '.$this->units->tension($most, 0.01),
            ], static fn (string $part): bool => $part !== ''));
        }

        return $lines;
    }
}
