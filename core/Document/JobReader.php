<?php

declare(strict_types=1);

namespace Lira\Document;

use Lira\Fitting\PlannedString;
use Lira\Fitting\School\School;
use Lira\Fitting\School\Schools;

/** Reads by which schools a set is to be fitted, and for which hand. */
final readonly class JobReader
{
    public const THINNEST_MM = 8.0;

    public const THICKEST_MM = 35.0;

    /**
     * @param  int  $strings  that the instrument has
     * @return array{schools: array<string, School>, leftHanded: bool, fingerM: float, positions: list<int>} the positions that are changed; none for all
     */
    public function read(Node $root, Problems $problems, int $strings): array
    {
        $job = $root->has('job') ? $root->object('job', 'the job') : null;
        $leftHanded = $job?->has('left_handed') === true && $job->boolean('left_handed', 'whether the instrument is left-handed') === true;
        $node = $job?->has('schools') === true ? $job->object('schools', 'the schools') : null;
        $schools = [];
        foreach (Schools::aspects() as $aspect => $enum) {
            $chosen = $node?->has($aspect) === true ? $node->oneOf($aspect, 'a school for this', $enum) : null;
            if ($chosen !== null) {
                $schools[$aspect] = $chosen;
            }
        }
        $fingerMm = $job?->has('finger_mm') === true
            ? $job->numberWithin('finger_mm', 'how thick a finger is, in millimetres', self::THINNEST_MM, self::THICKEST_MM) : null;
        $positions = $job?->has('strings') === true ? $this->positions($job, $problems, $strings) : [];
        $node?->reportUnknownKeys();
        $job?->reportUnknownKeys();

        return ['schools' => $schools, 'leftHanded' => $leftHanded, 'fingerM' => $fingerMm === null ? PlannedString::FINGER_M : $fingerMm / 1000, 'positions' => $positions];
    }

    /** @return list<int> */
    private function positions(Node $job, Problems $problems, int $strings): array
    {
        $positions = [];
        $given = $job->numbers('strings', 'the strings that are changed');
        if ($given === []) {
            $problems->add($job->pathOf('strings'), 'Say which strings are changed, or leave this out where all are.');
        }
        foreach ($given ?? [] as $index => $position) {
            if ($position < 1 || $position > $strings || $position !== floor($position)) {
                $problems->add($job->pathOf('strings')."/{$index}", "There is no such string: positions go from 1 to {$strings}.");
            } elseif (in_array((int) $position, $positions, true)) {
                $problems->add($job->pathOf('strings')."/{$index}", sprintf('String %d is named twice.', $position));
            } else {
                $positions[] = (int) $position;
            }
        }

        return $positions;
    }
}
