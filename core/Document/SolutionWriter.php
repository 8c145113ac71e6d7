<?php

declare(strict_types=1);

namespace Lira\Document;

use Lira\Density\GivenDensity;
use Lira\Pitch\Tuning;
use Lira\Solver\Brief;
use Lira\Solver\Candidate;
use Lira\Solver\ChosenString;
use Lira\Solver\NearestPackaged;
use Lira\Solver\Solution;
use Lira\Solver\Solved;
use Lira\Target\Band;

/** Writes what the solver found as `lira-solution`, version 1. */
final class SolutionWriter
{
    public const FORMAT = 'lira-solution';

    public const VERSION = 1;

    /** @return array<string, mixed> */
    public static function toArray(SetDocument $document, Brief $brief, Solved $solved): array
    {
        return [
            'format' => self::FORMAT,
            'version' => self::VERSION,
            'name' => $document->design->name,
            'profile' => $brief->tensions->profile->value,
            'complete' => $solved->complete,
            'bound' => $solved->bound,
            'targets' => array_map(self::band(...), $brief->bands, array_keys($brief->bands)),
            'solutions' => array_map(static fn (Solution $solution): array => self::solution($solution, $document->design->tunings), $solved->solutions),
            'packaged' => array_map(self::packaged(...), $solved->packaged),
            ...($document->unknownKeys === [] ? [] : ['unknown_keys' => $document->unknownKeys]),
        ];
    }

    /** @return array<string, mixed> */
    private static function band(Band $band, int $index): array
    {
        return [
            'position' => $index + 1,
            'tension_n' => $band->targetN,
            'low_n' => $band->lowN,
            'high_n' => $band->highN,
            'before_style_n' => $band->beforeStyleN,
            'style' => array_map(static fn (array $contribution): array => [
                'aspect' => $contribution['aspect']->value,
                'answer' => $contribution['answer'],
                'share' => $contribution['share'],
                'reason' => $contribution['aspect']->reason(),
            ], $band->contributions),
        ];
    }

    /**
     * @param  list<Tuning>  $tunings
     * @return array<string, mixed>
     */
    private static function solution(Solution $solution, array $tunings): array
    {
        return [
            'objective' => $solution->objective,
            'strings' => array_map(self::chosen(...), $solution->strings),
            'totals' => array_map(static fn (Tuning $tuning, float $totalN): array => ['tuning' => $tuning->name, 'tension_n' => $totalN], $tunings, $solution->totalsN),
        ];
    }

    /** @return array<string, mixed> */
    private static function chosen(ChosenString $string): array
    {
        return [
            'position' => $string->position,
            ...self::candidate($string->chosen),
            'deviation' => array_map(static fn (float $tensionN): float => $tensionN / $string->band->targetN - 1, $string->chosen->tensionsN),
            'lighter' => $string->lighter === null ? null : self::candidate($string->lighter),
            'heavier' => $string->heavier === null ? null : self::candidate($string->heavier),
        ];
    }

    /** @return array<string, mixed> */
    private static function packaged(NearestPackaged $packaged): array
    {
        return [
            'name' => $packaged->set->name,
            'miss' => $packaged->miss,
            'strings' => array_map(static fn (array $used): array => ['position' => $used['position'], ...self::candidate($used['candidate'])], $packaged->used),
            'singles' => array_map(static fn (array $single): array => ['position' => $single['position'], 'why' => $single['why'], ...self::candidate($single['candidate'])], $packaged->singles),
        ];
    }

    /** @return array<string, mixed> what a set document has to carry along */
    private static function density(?GivenDensity $density): array
    {
        return $density === null ? [] : ['density' => [
            'kg_per_m' => $density->kgPerM,
            'source' => $density->source->value,
            'state' => $density->state->value,
            'tolerance' => $density->tolerance,
        ]];
    }

    /** @return array<string, mixed> */
    private static function candidate(Candidate $candidate): array
    {
        return [
            'construction' => $candidate->string->spec->construction->value,
            'material' => $candidate->string->spec->material->value,
            'gauge_in' => round($candidate->string->spec->gauge->inInches(), 9),
            'tensions_n' => $candidate->tensionsN,
            ...self::density($candidate->string->spec->density),
        ];
    }
}
