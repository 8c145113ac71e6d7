<?php

declare(strict_types=1);

namespace Tests\Core\Playing;

use Lira\Document\SetDocument;
use Lira\Playing\BestPlace;
use Lira\Playing\CleanAction;
use Lira\Playing\PlayedString;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Core\CoreTestCase;

/** How low the strings may lie: against a string that is stepped through time, and by what must hold of any. */
final class CleanActionTest extends CoreTestCase
{
    private const FRETS = 22;

    private const NODES = 160;

    private const PICKING = ['soft' => 0.7, 'medium' => 1.5, 'hard' => 2.2];

    /** @return iterable<string, array{SetDocument, int, float, float, float}> set, string, newtons, pick in metres, share that points at the frets */
    public static function plucked(): iterable
    {
        yield 'a thin string' => [Necks::electric(), 1, 1.5, 0.12, 0.35];
        yield 'a plain third, hard' => [Necks::electric(), 3, 2.2, 0.12, 0.35];
        yield 'a low string' => [Necks::electric(), 6, 1.5, 0.12, 0.35];
        yield 'close to the bridge' => [Necks::electric(), 6, 2.2, 0.05, 0.35];
        yield 'over the end of the neck' => [Necks::electric(), 4, 0.7, 0.2, 0.35];
        yield 'all of it at the frets' => [Necks::electric(), 5, 0.7, 0.12, 1.0];
        yield 'a hollow neck' => [Necks::acoustic(['relief_mm' => 0.5]), 6, 2.2, 0.12, 0.35];
        yield 'a straight one' => [Necks::acoustic(['relief_mm' => 0.0]), 2, 1.5, 0.15, 0.35];
        yield 'a bass' => [Necks::bass(), 4, 4.0, 0.12, 0.35];
        yield 'a ukulele' => [Necks::ukulele(), 3, 0.7, 0.1, 0.35];
    }

    #[DataProvider('plucked')]
    public function test_a_string_stepped_through_time_touches_below_it_and_not_above(SetDocument $document, int $position, float $newtons, float $pickM, float $share): void
    {
        $played = Necks::played($document)[$position - 1];
        $setback = BestPlace::ofSaddle($played)->place->setbackM;
        $needed = CleanAction::of($played->line, $played->tensionN, ['soft' => $newtons, 'medium' => $newtons, 'hard' => $newtons], $pickM, $share, $setback, self::FRETS);
        self::assertNotNull($needed);
        $stepped = self::stepped($played, $newtons, $pickM, $share, $setback);
        self::assertEqualsWithDelta($stepped, $needed['medium']->actionM, 0.1 * $stepped);
    }

    /** The lowest action at which no stopped fret lets it touch another, by steps of the wave equation and no closed form. */
    private static function stepped(PlayedString $played, float $newtons, float $pickM, float $share, float $setbackM): float
    {
        $line = $played->line;
        $highest = -INF;
        for ($stopped = 0; $stopped <= 15; $stopped++) {
            $sounding = $line->fullM + $setbackM - $line->alongM($stopped);
            $pick = min($pickM, $sounding / 2);
            $peak = $newtons * $pick * ($sounding - $pick) / ($played->tensionN * $sounding);
            $lowest = self::lowest($peak, $pick / $sounding);
            $start = $stopped === 0 ? $line->nutHeightM : $line->fretTopM($stopped);
            for ($over = $stopped + 1; $over <= self::FRETS; $over++) {
                $toSaddle = $line->fullM + $setbackM - $line->alongM($over);
                $at = $toSaddle / $sounding * self::NODES;
                $swing = $share * -($lowest[(int) floor($at)] + ($at - floor($at)) * ($lowest[(int) ceil($at)] - $lowest[(int) floor($at)]));
                // The action at which it just clears this fret: its height there rises with the saddle's.
                $saddle = $start + ($line->fretTopM($over) + $swing - $start) * $sounding / ($sounding - $toSaddle);
                $highest = max($highest, $line->actionM($saddle, $setbackM));
            }
        }

        return $highest;
    }

    /** @return array<int, float> how far below its rest each point of a plucked string comes in one period, from the saddle on */
    private static function lowest(float $peak, float $at): array
    {
        $now = [];
        for ($node = 0; $node <= self::NODES; $node++) {
            $z = $node / self::NODES;
            $now[] = $peak * min($z / $at, (1 - $z) / (1 - $at));
        }
        // Let go of at rest; one node a step is the wave's own speed.
        $before = $now;
        for ($node = 1; $node < self::NODES; $node++) {
            $before[$node] = ($now[$node - 1] + $now[$node + 1]) / 2;
        }
        $lowest = $now;
        for ($step = 0; $step < 2 * self::NODES; $step++) {
            $next = $now;
            for ($node = 1; $node < self::NODES; $node++) {
                $next[$node] = $now[$node - 1] + $now[$node + 1] - $before[$node];
                $lowest[$node] = min($lowest[$node], $next[$node]);
            }
            [$before, $now] = [$now, $next];
        }

        return $lowest;
    }

    public function test_a_slacker_string_never_lies_lower(): void
    {
        foreach ([Necks::electric(), Necks::bass(), Necks::ukulele()] as $document) {
            foreach (Necks::played($document) as $played) {
                $before = 0.0;
                foreach ([1.3, 1.0, 0.8, 0.6] as $times) {
                    $needed = self::needed($played, $played->tensionN * $times);
                    self::assertGreaterThanOrEqual($before, $needed['medium']->actionM);
                    $before = $needed['medium']->actionM;
                }
            }
        }
    }

    public function test_harder_picking_asks_for_more(): void
    {
        foreach (Necks::played(Necks::acoustic()) as $played) {
            $needed = self::needed($played, $played->tensionN);
            self::assertLessThan($needed['medium']->actionM, $needed['soft']->actionM);
            self::assertLessThan($needed['hard']->actionM, $needed['medium']->actionM);
        }
    }

    /** A neck that ends at the deepest fret of its hollow: what the string needs there. */
    public function test_more_relief_never_raises_the_need_at_the_deepest_fret(): void
    {
        foreach ([Necks::electric(), Necks::acoustic(), Necks::bass()] as $document) {
            foreach (Necks::played($document) as $played) {
                $before = INF;
                foreach ([0.0, 0.1, 0.2, 0.35] as $reliefMm) {
                    $line = $played->line->withRelief($reliefMm / 1000);
                    $deepest = self::deepest($played);
                    $needed = CleanAction::of($line, $played->tensionN, self::PICKING, 0.12, 0.35, 0.0, $deepest);
                    self::assertNotNull($needed);
                    self::assertLessThanOrEqual($before, $needed['hard']->actionM);
                    $before = $needed['hard']->actionM;
                }
            }
        }
    }

    private static function deepest(PlayedString $played): int
    {
        $line = $played->line->withRelief(0.001);
        $tops = array_map($line->fretTopM(...), range(0, self::FRETS));

        return (int) array_search(min($tops), $tops, true);
    }

    public function test_beyond_its_last_fret_there_is_nothing_to_touch(): void
    {
        $played = Necks::played(Necks::electric())[0];
        self::assertNull(CleanAction::of($played->line, $played->tensionN, self::PICKING, 0.12, 0.35, 0.0, 0));
        self::assertNotNull(CleanAction::of($played->line, $played->tensionN, self::PICKING, 0.12, 0.35, 0.0, 1));
    }

    /** @return array{soft: CleanAction, medium: CleanAction, hard: CleanAction} */
    private static function needed(PlayedString $played, float $tensionN): array
    {
        $needed = CleanAction::of($played->line, $tensionN, self::PICKING, 0.12, 0.35, 0.001, self::FRETS);
        self::assertNotNull($needed);

        return $needed;
    }
}
