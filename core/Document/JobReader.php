<?php

declare(strict_types=1);

namespace Lira\Document;

use Lira\Fitting\School\School;
use Lira\Fitting\School\Schools;

/** Reads by which schools a set is to be fitted, and for which hand. */
final readonly class JobReader
{
    /** @return array{schools: array<string, School>, leftHanded: bool} */
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
        $node?->reportUnknownKeys();
        $job?->reportUnknownKeys();

        return ['schools' => $schools, 'leftHanded' => $leftHanded];
    }
}
