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
        'Feel' => ['Material', 'Stiffness', 'Length'],
        'Density' => ['Material', 'Length', 'Kind', 'Tension'],
        'Fit' => ['Stiffness', 'Length', 'Feel', 'Density'],
        'Pitch' => ['Kind'],
        'Instrument' => ['Length', 'Kind', 'Density'],
        'Strength' => ['Density'],
        'Pool' => ['Material', 'Length', 'Kind', 'Density'],
        'Target' => ['Kind', 'Feel'],
        'Design' => ['Feel', 'Density', 'Pitch', 'Instrument', 'Target'],
        'Evaluation' => ['Stiffness', 'Tension', 'Limit', 'Feel', 'Density', 'Fit', 'Pitch', 'Instrument', 'Strength', 'Pool', 'Target', 'Design'],
        'Finding' => ['Material', 'Limit', 'Density', 'Fit', 'Instrument', 'Design', 'Evaluation'],
        'Drawing' => ['Fit', 'Instrument', 'Design', 'Evaluation', 'Finding'],
        'Solver' => ['Length', 'Kind', 'Density', 'Pitch', 'Instrument', 'Strength', 'Pool', 'Target', 'Design'],
        'Conversion' => ['Kind', 'Pitch', 'Target', 'Design', 'Evaluation', 'Finding'],
        'Reach' => ['Limit', 'Density', 'Fit', 'Instrument', 'Strength', 'Design', 'Evaluation'],
        'Catalogue' => ['Material', 'Length', 'Kind', 'Limit', 'Feel', 'Density', 'Pitch', 'Strength', 'Target'],
        'Document' => ['Material', 'Length', 'Kind', 'Tension', 'Limit', 'Feel', 'Density', 'Pitch', 'Instrument', 'Strength', 'Pool', 'Target', 'Design', 'Evaluation', 'Finding', 'Drawing', 'Solver', 'Conversion', 'Reach'],
    ];
}
