<?php

declare(strict_types=1);

namespace Lira\Document;

use Lira\Finding\Assessment;
use Lira\Solver\Brief;
use Lira\Solver\NoSolution;
use Lira\Solver\SetSolver;
use Lira\Solver\Solution;
use Lira\Solver\Solved;
use Lira\Solver\Unserved;

/** What the core answers to a document, as documents. The command line and the API both ask here. */
final class Answers
{
    /** What can be asked for: its figures, the best sets, another set, how it sounds, how it fits, how low and high it can go. */
    public const QUESTIONS = ['evaluations', 'solutions', 'conversions', 'sounds', 'fits', 'reaches', 'plans'];

    /**
     * @param  value-of<self::QUESTIONS>  $question
     * @return EvaluationJson|SolutionJson|ConvertedSetJson|SoundJson|DrawnFitJson|ReachJson|FittingPlanJson the document that answers it
     *
     * @throws InvalidDocument with every problem and its path
     */
    public static function to(string $question, SetDocument $document): array
    {
        return match ($question) {
            'evaluations' => self::evaluation($document),
            'solutions' => self::solution($document),
            'conversions' => self::conversion($document),
            'sounds' => self::sound($document),
            'fits' => self::fit($document),
            'reaches' => self::reach($document),
            'plans' => self::plan($document),
        };
    }

    /**
     * An answer as text. One that carries a document says its figures in full.
     *
     * @param  array<mixed>  $answer
     */
    public static function text(array $answer, bool $pretty = false): string
    {
        return isset($answer['document']) ? Json::text($answer, $pretty) : Json::figures($answer, $pretty);
    }

    /**
     * @return EvaluationJson
     *
     * @throws InvalidDocument with every problem and its path
     */
    public static function evaluation(SetDocument $document): array
    {
        return EvaluationWriter::toArray($document, $document->assessment(), $document->bands());
    }

    /**
     * The same without its baseline's own figures, for whoever has them already.
     *
     * @return EvaluationJson
     *
     * @throws InvalidDocument with every problem and its path
     */
    public static function leanEvaluation(SetDocument $document): array
    {
        return EvaluationWriter::toArray($document, $document->assessment(), $document->bands(), withBaseline: false);
    }

    /**
     * @return SoundJson
     *
     * @throws InvalidDocument with every problem and its path
     */
    public static function sound(SetDocument $document): array
    {
        return SoundWriter::toArray($document, $document->evaluation());
    }

    /**
     * @return DrawnFitJson
     *
     * @throws InvalidDocument with every problem and its path
     */
    public static function fit(SetDocument $document): array
    {
        return FitWriter::toArray($document, $document->playedAssessment());
    }

    /**
     * @return ReachJson
     *
     * @throws InvalidDocument with every problem and its path
     */
    public static function reach(SetDocument $document): array
    {
        return ReachWriter::toArray($document);
    }

    /**
     * @return FittingPlanJson
     *
     * @throws InvalidDocument with every problem of the job and its path
     */
    public static function plan(SetDocument $document): array
    {
        $problems = new Problems;
        $plan = $document->plan($problems);

        return PlanWriter::toArray($plan, [...$document->unknownKeys, ...$problems->unknownKeys()]);
    }

    /**
     * @return ConvertedSetJson
     *
     * @throws InvalidDocument with every problem and its path
     */
    public static function conversion(SetDocument $document): array
    {
        return ConversionWriter::toArray(Converter::convert($document));
    }

    /**
     * @return SolutionJson
     *
     * @throws InvalidDocument with every problem and its path, or the string and the limit that rule every set out
     */
    public static function solution(SetDocument $document): array
    {
        $problems = new Problems;
        $brief = $document->brief($problems);
        $unknown = [...$document->unknownKeys, ...$problems->unknownKeys()];
        try {
            return self::solved($document, $brief, SetSolver::solve($document->design, $brief), $unknown);
        } catch (NoSolution $none) {
            throw self::unsolved($none, $none->others === null ? null : self::solved($document, $brief, $none->others, $unknown));
        }
    }

    /**
     * What rules a set out, each string at its own limit; beside it what was found for the other strings.
     *
     * @param  SolutionJson|null  $others
     */
    public static function unsolved(NoSolution $none, ?array $others = null): InvalidDocument
    {
        $problems = array_map(
            static fn (Unserved $string): Problem => new Problem('/target/'.$string->key, $string->message),
            $none->unserved,
        );
        if ($problems === []) {
            return InvalidDocument::at('/target/'.$none->key, $none->getMessage());
        }

        return $others === null ? InvalidDocument::because($problems) : InvalidDocument::inPart($problems, $others);
    }

    /**
     * @param  list<string>  $unknown  JSON Pointers of keys that mean nothing here
     * @return SolutionJson
     */
    private static function solved(SetDocument $document, Brief $brief, Solved $solved, array $unknown): array
    {
        $baseline = $document->baselineEvaluation();

        return SolutionWriter::toArray($document, $brief, $solved, array_map(
            static fn (Solution $solution): Assessment => $document->assessmentOf($solution->on($document->design), $baseline),
            $solved->solutions,
        ), $unknown);
    }
}
