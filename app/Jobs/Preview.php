<?php

declare(strict_types=1);

namespace App\Jobs;

use App\Jobs\Views\PlannedStringView;
use App\Jobs\Views\PreviewView;
use App\Models\StringSet;
use App\Models\TypeColumns;
use App\Strings\Drawer\Drawer;
use Lira\Instrument\Assumed;
use Lira\Strings\BuiltString;
use Lira\Wording\Units;

/** What a job would be, before it is begun. */
final readonly class Preview
{
    public function __construct(private Jobs $jobs, private Beginning $beginning, private Drawer $drawer, private JobViews $views, private ShowsAhead $shows) {}

    /**
     * @param  array<string, string>  $schools  by aspect
     * @param  list<int>  $positions  of the strings that are changed; none for all
     */
    public function of(StringSet $set, string $present, array $schools, bool $leftHanded, Units $units, array $positions = []): PreviewView
    {
        $document = $this->jobs->document($set, $this->beginning->present($set, $present), $schools, $leftHanded, $positions);
        $plan = $document->plan();
        $tuning = $document->design->tunings[0];
        $seen = [];
        $strings = $positions === [] ? $document->design->strings : $document->design->stringsAt($positions);

        return new PreviewView(
            count($plan->steps),
            array_sum($plan->presentN),
            $plan->steps[count($plan->steps) - 1]->pullAfterN,
            $this->views->schools($plan),
            array_map(function (BuiltString $string, int $index) use ($tuning, &$seen): PlannedStringView {
                $key = $string->spec->type->key();
                // Two alike need two of them.
                $before = $seen[$key] ?? 0;
                $seen[$key] = $before + 1;

                return new PlannedStringView(
                    $index + 1,
                    $tuning->pitches[$index]->name(),
                    ...TypeColumns::view($string->spec->type),
                    free: max(0, $this->drawer->freeOf($string->spec->type) - $before),
                );
            }, array_values($strings), array_keys($strings)),
            Assumed::words($document->design->instrument->hardware, $units),
            $this->shows->tooSoon($set->instrument_id, $plan),
        );
    }
}
