<?php

declare(strict_types=1);

namespace Tests\Core\Document;

use Lira\Document\Asked\Questions;
use Lira\Document\InvalidDocument;
use Lira\Document\Problem;
use PHPUnit\Framework\Attributes\DataProviderExternal;
use Tests\Core\CoreTestCase;

/** What is asked wrongly is refused at its place; what means nothing is kept and named. */
final class AskedWronglyTest extends CoreTestCase
{
    /**
     * @param  key-of<Questions::ALL>  $question
     * @param  array<string, mixed>  $ask
     */
    #[DataProviderExternal(AskedWrongly::class, 'all')]
    public function test_it_is_said_at_its_place(string $question, array $ask, string $path, string $words): void
    {
        try {
            Questions::answer($question, AskedWrongly::ask($ask));
        } catch (InvalidDocument $refused) {
            $there = array_filter($refused->problems, static fn (Problem $problem): bool => $problem->path === $path && str_contains($problem->message, $words));
            self::assertNotSame([], $there, $refused->getMessage());

            return;
        }
        self::fail('It was answered.');
    }

    public function test_keys_that_mean_nothing_are_named_wherever_they_stand(): void
    {
        $answer = Questions::answer('settlings', AskedWrongly::ask(['colour' => 'red', 'strings' => [
            ['position' => 1, 'drifts_cents' => [-2], 'shade' => 'dark', 'readings' => [['tuned_s' => 0, 'read_s' => 600, 'cents' => -1, 'hue' => 3]]],
        ]]));

        self::assertEqualsCanonicalizing(['/colour', '/strings/0/shade', '/strings/0/readings/0/hue'], $answer['unknown_keys'] ?? []);
    }

    public function test_what_means_nothing_of_a_life_is_named(): void
    {
        $answer = Questions::answer('lives', AskedWrongly::ask(['prior_median_h' => 40, 'groups' => [['ended_h' => [12]], ['running_h' => [3], 'colour' => 'red']]]));

        self::assertSame(['/groups/1/colour'], $answer['unknown_keys'] ?? []);
    }

    public function test_a_string_is_asked_no_more_than_a_semitone_above_its_pitch_where_nothing_else_is_said(): void
    {
        // From far below, the first of them would be led far above.
        $most = static function (mixed $ceiling): float {
            $all = Questions::answer('retunings', AskedWrongly::ask(['present_cents' => array_fill(0, 6, -600), 'compliance_um_per_n' => 40] + ($ceiling === 'unsaid' ? [] : ['ceiling_cents' => $ceiling])))['steps'] ?? null;
            self::assertIsArray($all);
            $targets = array_filter(array_column($all, 'target_cents'), is_float(...));
            self::assertNotEmpty($targets);

            return max(0.0, ...array_values($targets));
        };

        self::assertGreaterThan(100.0, $most(null));
        self::assertLessThan(100.0, $most('unsaid'));
        self::assertSame($most(100), $most('unsaid'));
    }
}
