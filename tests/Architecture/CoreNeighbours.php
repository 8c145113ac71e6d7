<?php

declare(strict_types=1);

namespace Tests\Architecture;

/** Every namespace of the core, each with those it may use: only such as stand above it, so that there is no way round in a circle. */
final class CoreNeighbours
{
    public const OF = [
        'Material' => [],
        'Stiffness' => [],
        'Length' => [],
        'Kind' => [],
        'Tension' => [],
        'Limit' => [],
        'Supply' => [],
        'Wording' => ['Length'],
        'Feel' => ['Material', 'Stiffness', 'Length'],
        'Strings' => ['Material', 'Length', 'Kind', 'Tension'],
        'Fit' => ['Stiffness', 'Length', 'Feel', 'Strings'],
        'Pitch' => ['Kind'],
        'Instrument' => ['Length', 'Kind', 'Strings'],
        'Strength' => ['Strings'],
        'Pool' => ['Material', 'Length', 'Kind', 'Strings'],
        'Target' => ['Kind', 'Feel'],
        'Design' => ['Feel', 'Strings', 'Pitch', 'Instrument', 'Target'],
        'Evaluation' => [
            'Stiffness',
            'Tension',
            'Limit',
            'Feel',
            'Strings',
            'Fit',
            'Pitch',
            'Instrument',
            'Strength',
            'Pool',
            'Target',
            'Design',
        ],
        'Finding' => ['Material', 'Limit', 'Wording', 'Strings', 'Fit', 'Instrument', 'Design', 'Evaluation'],
        'Drawing' => ['Fit', 'Instrument', 'Design', 'Evaluation', 'Finding'],
        'Solver' => ['Length', 'Kind', 'Strings', 'Pitch', 'Instrument', 'Strength', 'Pool', 'Target', 'Design'],
        'Conversion' => ['Material', 'Kind', 'Limit', 'Wording', 'Strings', 'Pitch', 'Target', 'Design', 'Evaluation', 'Finding', 'Solver'],
        'Reach' => ['Limit', 'Strings', 'Fit', 'Instrument', 'Strength', 'Design', 'Evaluation'],
        'Catalogue' => ['Material', 'Length', 'Kind', 'Limit', 'Feel', 'Strings', 'Pitch', 'Strength', 'Target'],
        'Document' => [
            'Material',
            'Length',
            'Kind',
            'Tension',
            'Limit',
            'Wording',
            'Feel',
            'Strings',
            'Pitch',
            'Instrument',
            'Strength',
            'Pool',
            'Target',
            'Design',
            'Evaluation',
            'Finding',
            'Drawing',
            'Solver',
            'Conversion',
            'Reach',
        ],
    ];
}
