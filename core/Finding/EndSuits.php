<?php

declare(strict_types=1);

namespace Lira\Finding;

use Lira\Design\SetDesign;
use Lira\Evaluation\SetEvaluation;
use Lira\Limit\Limits;

/** A string whose end cannot be held where this instrument holds its strings. */
final class EndSuits implements Rule
{
    public function find(SetDesign $design, SetEvaluation $evaluation, Limits $limits): array
    {
        $anchor = $design->instrument->hardware->anchor;
        $found = [];
        foreach ($evaluation->strings as $string) {
            $end = $string->string->spec->end;
            if ($anchor !== null && $end !== null && ! $anchor->holds($end)) {
                $found[] = Finding::stop('wrong-end', Remedy::String, sprintf(
                    'String %d has %s and this instrument has %s: it cannot be held. Order it with %s.',
                    $string->position, $end->label(), $anchor->label(), $anchor->takes()->label(),
                ))->onString($string->position);
            }
        }

        return $found;
    }
}
