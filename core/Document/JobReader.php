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

    /** @return array{schools: array<string, School>, leftHanded: bool, fingerM: float} */
    public function read(Node $root): array
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
        $node?->reportUnknownKeys();
        $job?->reportUnknownKeys();

        return ['schools' => $schools, 'leftHanded' => $leftHanded, 'fingerM' => $fingerMm === null ? PlannedString::FINGER_M : $fingerMm / 1000];
    }
}
