<?php

declare(strict_types=1);

namespace Lira\Document;

use Lira\Evaluation\Total;
use Lira\Feel\FeltChange;
use Lira\Finding\Assessment;
use Lira\Finding\Finding;
use Lira\Pitch\Tuning;
use Lira\Solver\Brief;
use Lira\Solver\Candidate;
use Lira\Solver\ChosenString;
use Lira\Solver\NearestBy;
use Lira\Solver\NearestPackaged;
use Lira\Solver\Packet;
use Lira\Solver\Packets;
use Lira\Solver\PoolEnd;
use Lira\Solver\Solution;
use Lira\Solver\Solved;

/** Writes what the solver found as `lira-solution`, version 1. */
final class SolutionWriter
{
    public const FORMAT = 'lira-solution';

    public const VERSION = 1;

    /**
     * @param  list<Assessment>  $assessments  of each solution in its turn
     * @param  list<string>  $unknownKeys  JSON Pointers of keys of the document and its target that mean nothing here
     * @return SolutionJson
     */
    public static function toArray(SetDocument $document, Brief $brief, Solved $solved, array $assessments, array $unknownKeys): array
    {
        return [
            'format' => self::FORMAT,
            'version' => self::VERSION,
            'name' => $document->design->name,
            'profile' => $brief->tensions->profile->value,
            'complete' => $solved->complete,
            'bound' => $solved->bound,
            'targets' => BandWriter::all($brief->bands),
            'solutions' => array_map(
                static fn (Solution $solution, Assessment $assessment): array => self::solution(
                    $solution,
                    $assessment,
                    $document->design->tunings,
                ),
                $solved->solutions,
                $assessments,
            ),
            ...($brief->reasons === [] ? [] : ['constructions' => StatementWriter::all($brief->reasons)]),
            'packaged' => array_map(self::packaged(...), $solved->packaged),
            'packets' => self::packets($document, $brief, $solved),
            ...($unknownKeys === [] ? [] : ['unknown_keys' => $unknownKeys]),
        ];
    }

    /**
     * @param  list<Tuning>  $tunings
     * @return RankedSetJson
     */
    private static function solution(Solution $solution, Assessment $assessment, array $tunings): array
    {
        $evaluation = $assessment->evaluation;
        // What is chosen of some strings alone is compared with nothing.
        $whole = count($solution->strings) === count($evaluation->strings);

        return [
            'objective' => $solution->objective,
            'strings' => array_map(static fn (ChosenString $string): array => self::chosen($string) + self::changes(
                array_map(static fn ($at): ?FeltChange => $at->change, $evaluation->strings[$string->position - 1]->tunings),
            ), $solution->strings),
            'totals' => array_map(
                static fn (Tuning $tuning, float $totalN, Total $total): array => [
                    'tuning' => $tuning->name,
                    'tension_n' => $totalN,
                ] + ($total->change === null || ! $whole ? [] : ['change' => ChangeWriter::change($total->change)]),
                $tunings,
                $solution->totalsN,
                $evaluation->totals,
            ),
            'findings' => FindingWriter::all($whole ? $assessment->findings : self::among($solution, $assessment->findings)),
            'remarks' => StatementWriter::all(array_values(array_filter(array_map(PoolEnd::of(...), $solution->strings)))),
        ];
    }

    /**
     * @param  list<Finding>  $findings
     * @return list<Finding> those that no string has a part in for which nothing was chosen
     */
    private static function among(Solution $solution, array $findings): array
    {
        $served = array_column($solution->strings, 'position');

        return array_values(array_filter(
            $findings,
            static fn (Finding $finding): bool => in_array($finding->position, $served, true)
                && in_array($finding->parameters['next'] ?? $finding->position, $served, true),
        ));
    }

    /**
     * @param  list<?FeltChange>  $changes  in each tuning
     * @return array{changes?: list<ChangeJson>} nothing without a baseline for this string
     */
    private static function changes(array $changes): array
    {
        return in_array(null, $changes, true) ? [] : ['changes' => array_map(ChangeWriter::change(...), $changes)];
    }

    /** @return ChosenStringJson */
    private static function chosen(ChosenString $string): array
    {
        return [
            'position' => $string->position,
            ...self::candidate($string->chosen),
            'deviation' => array_map(
                static fn (float $tensionN): float => $tensionN / $string->band->targetN - 1,
                $string->chosen->tensionsN,
            ),
            'lighter' => $string->lighter === null ? null : self::candidate($string->lighter),
            'heavier' => $string->heavier === null ? null : self::candidate($string->heavier),
        ];
    }

    /**
     * The packaged sets that come nearest to the best solution as they come, string by string and in all.
     *
     * @return list<PacketAsItComesJson>
     */
    private static function packets(SetDocument $document, Brief $brief, Solved $solved): array
    {
        $best = $solved->solutions[0];
        if (count($best->strings) !== count($document->design->strings)) {
            return [];
        }
        $design = $document->design->withStrings($best->built());

        return array_map(static fn (array $each): array => self::packet(...$each), Packets::beside($design, $brief->packaged));
    }

    /** @return PacketAsItComesJson */
    private static function packet(Packet $packet, NearestBy $nearest): array
    {
        return [
            'name' => $packet->set->name,
            'nearest' => $nearest->value,
            'total_share' => $packet->totalShare,
            'strings' => array_map(static fn (int $index): array => [
                'position' => $index + 1,
                ...StringTypeWriter::toArray($packet->strings[$index]->spec->type),
                ...DensityWriter::given($packet->strings[$index]->spec->density),
                'share' => $packet->shares[$index],
            ], array_keys($packet->strings)),
        ];
    }

    /** @return NearestPackagedJson */
    private static function packaged(NearestPackaged $packaged): array
    {
        return [
            'name' => $packaged->set->name,
            'miss' => $packaged->miss,
            'strings' => array_map(
                static fn (array $used): array => ['position' => $used['position'], ...self::candidate($used['candidate'])],
                $packaged->used,
            ),
            'singles' => array_map(
                static fn (array $single): array => [
                    'position' => $single['position'],
                    'why' => $single['why'],
                    ...self::candidate($single['candidate']),
                ],
                $packaged->singles,
            ),
        ];
    }

    /** @return CandidateJson */
    private static function candidate(Candidate $candidate): array
    {
        return [
            ...StringTypeWriter::toArray($candidate->string->spec->type),
            'tensions_n' => $candidate->tensionsN,
            ...DensityWriter::given($candidate->string->spec->density),
        ];
    }
}
