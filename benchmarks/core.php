<?php

declare(strict_types=1);

// How long the core takes, without a server: one evaluation with a pool, and solves of two sizes. Warm-up, repetitions,
// median and 95th percentile. Usage: php -d opcache.enable_cli=1 benchmarks/core.php

require __DIR__.'/../vendor/autoload.php';

use Lira\Document\Json;
use Lira\Document\SetDocument;
use Lira\Playing\WholeNeck;
use Lira\Solver\SetSolver;

/** @param  int  $gauges  half of them plain, half wound, evenly from thin to thick */
function pool(int $gauges): array
{
    $half = intdiv($gauges, 2);
    $run = static fn (float $from, float $to): array => array_map(
        static fn (int $step): float => round($from + ($to - $from) * $step / ($half - 1), 7),
        range(0, $half - 1),
    );

    return [
        (object) ['construction' => 'plain', 'material' => 'music-wire', 'gauges_in' => $run(0.007, 0.026)],
        (object) ['construction' => 'round-wound', 'material' => 'nickel-plated-steel', 'gauges_in' => $run(0.017, 0.080)],
    ];
}

function document(int $strings, int $tunings): stdClass
{
    $notes = ['E4', 'B3', 'G3', 'D3', 'A2', 'E2', 'B1', 'F#1'];
    $json = Json::object((string) file_get_contents(__DIR__.'/../docs/examples/harbour-baritone.json'));
    unset($json->baseline);
    $json->instrument->hardware = new stdClass;
    $json->tunings = array_map(static fn (int $down): stdClass => (object) [
        'name' => "Down {$down}",
        'pitches' => array_map(
            static fn (string $note): string => Lira\Pitch\Pitch::named($note)->transposed(-$down)->name(),
            array_slice($notes, 0, $strings),
        ),
    ], range(0, $tunings - 1));
    $json->strings = array_map(static fn (int $position): stdClass => (object) [
        'position' => $position, 'construction' => 'plain', 'material' => 'music-wire', 'gauge_in' => 0.010 + 0.002 * $position,
    ], range(1, $strings));

    return $json;
}

function measure(string $what, int $times, Closure $act): void
{
    for ($warm = 0; $warm < max(3, intdiv($times, 10)); $warm++) {
        $act();
    }
    $taken = [];
    for ($time = 0; $time < $times; $time++) {
        $start = hrtime(true);
        $act();
        $taken[] = (hrtime(true) - $start) / 1e6;
    }
    sort($taken);
    printf("%-64s median %8.3f ms   p95 %8.3f ms\n", $what, $taken[intdiv($times, 2)], $taken[(int) (0.95 * $times)]);
}

$evaluated = document(6, 1);
$evaluated->pool = pool(120);
$evaluatedDocument = SetDocument::from($evaluated);
measure('read 6 strings and a pool of 120', 200, static fn () => SetDocument::from($evaluated));
measure('evaluate 6 strings with a pool of 120', 300, static fn () => $evaluatedDocument->evaluation());

$eight = SetDocument::from(document(8, 1));
$playing = $eight->evaluation();
measure('how 8 strings play along 22 frets', 300, static fn () => new WholeNeck($eight->design, $playing, 0));

$cases = [
    '6 × 120 × 1, equal' => [6, 120, 1, ['profile' => 'equal', 'tension_n' => 72]],
    '6 × 120 × 1, a total' => [6, 120, 1, ['profile' => 'total', 'tension_n' => 430]],
    '6 × 120 × 1, equal, at most 400 N' => [6, 120, 1, ['profile' => 'equal', 'tension_n' => 72, 'limits' => ['max_total_n' => 400]]],
    '6 × 240 × 1, equal' => [6, 240, 1, ['profile' => 'equal', 'tension_n' => 72]],
    '6 × 480 × 1, equal' => [6, 480, 1, ['profile' => 'equal', 'tension_n' => 72]],
    '8 × 400 × 4, equal' => [8, 400, 4, ['profile' => 'equal', 'tension_n' => 72]],
    '8 × 400 × 4, a total' => [8, 400, 4, ['profile' => 'total', 'tension_n' => 560]],
    '8 × 400 × 4, equal, at most 500 N' => [8, 400, 4, ['profile' => 'equal', 'tension_n' => 72, 'limits' => ['max_total_n' => 500]]],
];
foreach ($cases as $name => [$strings, $gauges, $tunings, $target]) {
    $json = document($strings, $tunings);
    $json->target = Json::object((string) json_encode($target + ['pool' => pool($gauges)]));
    $document = SetDocument::from($json);
    $brief = $document->brief();
    measure("solve {$name}", $gauges > 200 ? 15 : 60, static fn () => SetSolver::solve($document->design, $brief));
    $solved = SetSolver::solve($document->design, $brief);
    printf(
        "    %s, best %.6f, bound %.6f\n",
        $solved->complete ? 'complete' : 'cut short',
        $solved->solutions[0]->objective,
        $solved->bound,
    );
}
printf("peak memory %.1f MiB\n", memory_get_peak_usage(true) / 2 ** 20);
