<?php

declare(strict_types=1);

namespace Lira\Document;

use Lira\Evaluation\SetEvaluator;
use Lira\Solver\NoSolution;
use Lira\Solver\SetSolver;

/** What the core answers to a document, as documents. The command line and the API both ask here. */
final class Answers
{
    /**
     * @return array<string, mixed> a `lira-evaluation`
     *
     * @throws InvalidDocument with every problem and its path
     */
    public static function evaluation(SetDocument $document): array
    {
        return EvaluationWriter::toArray($document, SetEvaluator::evaluate($document));
    }

    /**
     * @return array<string, mixed> a `lira-solution`
     *
     * @throws InvalidDocument with every problem and its path, or the string and the limit that rule every set out
     */
    public static function solution(SetDocument $document): array
    {
        $brief = $document->brief();
        try {
            return SolutionWriter::toArray($document, $brief, SetSolver::solve($document->design, $brief));
        } catch (NoSolution $none) {
            throw InvalidDocument::at('/target/'.$none->key, $none->getMessage());
        }
    }
}
