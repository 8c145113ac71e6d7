<?php

declare(strict_types=1);

namespace App\Jobs;

use App\Bench\StoredSets;
use App\Models\Job;
use Lira\Document\Json;
use Lira\Document\SetDocument;
use Lira\Finding\Finding;
use Lira\Finding\Rulebook;
use Lira\Playing\WholeNeck;
use Lira\Wording\Units;

/** What is to be said of how a set plays once its job is done: with what was measured after it, and saddles that were found. */
final readonly class NeckAtEnd
{
    public function __construct(private Jobs $jobs, private StoredSets $sets) {}

    /** @return list<string> in somebody's units; none where nothing is to be said */
    public function says(Job $job, Units $units): array
    {
        $document = SetDocument::from($this->document($job));

        return array_map(
            static fn (Finding $finding): string => $finding->message($units),
            Rulebook::lookAlong($document->design, new WholeNeck($document->design, $document->evaluation(), 0), $document->limits),
        );
    }

    private function document(Job $job): \stdClass
    {
        $file = $this->jobs->file($job);
        $json = Json::object($file->document->text());
        unset($json->baseline);
        $measured = $file->progress->measured('after') ?? $file->progress->measured('before');
        $instrument = $json->instrument ?? null;
        if ($measured !== null && $instrument instanceof \stdClass) {
            $said = array_filter(['action_12_mm' => $measured['action_12_mm'], 'relief_mm' => $measured['relief_mm']], static fn (?float $mm): bool => $mm !== null);
            $instrument->setup = (object) ($said + (array) ($instrument->setup ?? []));
        }
        if ($job->set !== null) {
            $this->takeOver($json, $this->sets->json($job->set));
        }

        return $json;
    }

    /** What its set knows besides: how hard it is played, and where saddles were found with just these strings. */
    private function takeOver(\stdClass $json, \stdClass $set): void
    {
        $json->target = $set->target ?? null;
        $own = is_array($json->strings ?? null) ? $json->strings : [];
        foreach (is_array($set->strings ?? null) ? $set->strings : [] as $index => $string) {
            $mine = $own[$index] ?? null;
            if ($string instanceof \stdClass && $mine instanceof \stdClass && isset($string->saddle_setback_mm) && self::same($mine, $string)) {
                $mine->saddle_setback_mm = $string->saddle_setback_mm;
            }
        }
    }

    private static function same(\stdClass $one, \stdClass $other): bool
    {
        $of = static fn (\stdClass $string): array => [$string->construction ?? null, $string->material ?? null, $string->gauge_in ?? null, $string->gauge_mm ?? null];

        return json_encode($of($one)) === json_encode($of($other));
    }
}
