<?php

declare(strict_types=1);

namespace Tests\Core\Finding;

use Lira\Conversion\Argument;
use Lira\Document\SetDocument;
use Lira\Finding\FindingType;
use Lira\Finding\FitAspect;
use Lira\Finding\Rulebook;
use Lira\Finding\Severity;
use Lira\Playing\Saying;
use Lira\Wording\Statement;
use Lira\Wording\Units;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Core\CoreTestCase;
use Tests\Core\Document\Documents;

/** Findings as data: one sentence a code, read in anybody's units. */
final class RulebookTest extends CoreTestCase
{
    public function test_every_finding_has_a_code_of_its_own_and_every_aspect_of_the_fit_one_that_speaks_of_it(): void
    {
        $codes = array_map(static fn (FindingType $type): string => $type->code, [...Rulebook::types(), ...Rulebook::neckTypes()]);
        $arguments = [...array_column(Argument::cases(), 'value'), ...array_column(Saying::cases(), 'value')];

        self::assertSame(array_unique([...$codes, ...$arguments]), [...$codes, ...$arguments]);
        foreach ($codes as $code) {
            self::assertMatchesRegularExpression('/^[a-z]+(-[a-z]+)*$/', $code);
        }
        $aspects = array_filter(array_map(static fn (FindingType $type): ?FitAspect => $type->aspect, Rulebook::types()));
        foreach (FitAspect::cases() as $aspect) {
            self::assertContains($aspect, $aspects);
        }
    }

    /** @param  string  $sentence  of a finding or a conversion */
    #[DataProvider('sentences')]
    public function test_a_sentence_is_one_in_every_of_its_wordings(string $sentence): void
    {
        preg_match_all('/\{(\w+)(?::(\d))?!?\}/', $sentence, $places, PREG_SET_ORDER);
        preg_match_all('/\[(\w+)=([\w-]+)\|/', $sentence, $parts, PREG_SET_ORDER);
        $parameters = [];
        foreach ($places as $place) {
            // A length says how finely it is to be read.
            self::assertTrue(! str_ends_with($place[1], '_mm') || str_ends_with($place[1], 'gauge_mm') || isset($place[2]), "{$place[1]} of “{$sentence}”");
            $parameters[$place[1]] = 0.25;
        }
        $words = [];
        foreach ($parts as $part) {
            $words[$part[1]][] = $part[2];
        }
        foreach (self::combinations($words) as $chosen) {
            $text = (new Statement('said', $sentence, $chosen + $parameters))->text(Units::named('in+lbf'));
            self::assertMatchesRegularExpression('/^[A-Z0-9].*[^ ]\.$/us', $text);
            self::assertDoesNotMatchRegularExpression('/[{}|\[\]]|  | [.,:;]/u', $text);
            self::assertDoesNotMatchRegularExpression('/\d (N|mm)\b/', $text, 'units come from the figures alone');
        }
    }

    /** @return iterable<string, array{string}> */
    public static function sentences(): iterable
    {
        foreach ([...Rulebook::types(), ...Rulebook::neckTypes()] as $type) {
            yield $type->code => [$type->sentence];
        }
        foreach (Argument::cases() as $argument) {
            yield $argument->value => [$argument->sentence()];
        }
        foreach (Saying::cases() as $saying) {
            yield $saying->value => [$saying->sentence()];
        }
    }

    public function test_what_is_found_carries_every_figure_its_sentence_needs(): void
    {
        $found = [];
        foreach (self::documents() as $json) {
            $assessment = SetDocument::from($json)->assessment();
            $grave = array_map(static fn ($finding): int => (int) array_search($finding->severity, Severity::cases(), true), $assessment->findings);
            $sorted = $grave;
            sort($sorted);
            self::assertSame($sorted, $grave, 'what must stop one comes first');
            foreach ($assessment->findings as $finding) {
                $found[$finding->type->code] = true;
                self::assertNotSame($finding->message(Units::si()), '');
                self::assertStringNotContainsString(' N', $finding->message(Units::named('in+kgf')));
                if ($finding->position !== null) {
                    self::assertStringContainsString((string) $finding->position, $finding->message(Units::si()));
                }
            }
        }

        self::assertGreaterThanOrEqual(14, count($found));
    }

    /** @return list<\stdClass> on which nearly everything is found */
    private static function documents(): array
    {
        $measured = Documents::with('/instrument/hardware', (object) [
            'anchor' => 'bridge-pins', 'max_total_tension_n' => 300, 'pickup' => 'magnetic',
            'nut' => (object) ['slots_mm' => [0.2, 0.9, 0.5, 0.8, 1.1, 2.2]],
            'posts' => (object) ['diameter_mm' => 6, 'hole_diameter_mm' => 1.1, 'hole_height_mm' => 9, 'distance_mm' => [40, 65, 90, 90, 65, 40]],
            'headstock' => (object) ['nut_height_mm' => 8],
            'saddle' => (object) ['travel_mm' => 0.4, 'drop_mm' => 1, 'anchor_distance_mm' => 20],
            'springs' => (object) ['count' => 3, 'rate_n_per_mm' => 3.5],
        ]);
        foreach (['end' => 'loop', 'length_mm' => 700] as $key => $value) {
            $measured = Documents::with("/strings/5/{$key}", $value, $measured);
        }
        $bronze = Documents::with('/strings/4/material', 'phosphor-bronze', Documents::with('/tunings/0/pitches/0', 'A4', $measured));
        $nylon = Documents::with('/instrument/hardware/built_for', 'nylon', $measured);

        return [$measured, $bronze, $nylon, Documents::everything(), Documents::harbour()];
    }

    /**
     * @param  array<string, list<string>>  $words  by parameter
     * @return list<array<string, string>> one word for each, in every way
     */
    private static function combinations(array $words): array
    {
        $all = [[]];
        foreach ($words as $name => $choices) {
            $next = [];
            foreach ($all as $chosen) {
                foreach ($choices as $choice) {
                    $next[] = $chosen + [$name => $choice];
                }
            }
            $all = $next;
        }

        return $all;
    }

    public function test_what_is_looked_at_together_is_told_string_by_string(): void
    {
        // Bronze below a magnetic pickup on strings 2 and 4, nylon on 1, 3 and 5.
        $document = SetDocument::from(Documents::usual('electric-guitar', 648, ['E4', 'B3', 'G3', 'D3', 'A2'], [
            [28, 'nylon', 'plain'], [20, 'phosphor-bronze'], [40, 'nylon', 'plain'], [26, 'phosphor-bronze'], [43, 'nylon', 'plain'],
        ]));
        $positions = [];
        foreach ($document->assessment()->findings as $finding) {
            if (in_array($finding->type->code, ['not-magnetic', 'bronze-on-magnetic'], true)) {
                $positions[$finding->severity->value][] = $finding->position;
            }
        }
        self::assertNotSame([], $positions);
        foreach ($positions as $together) {
            $sorted = $together;
            sort($sorted);
            self::assertSame($sorted, $together);
        }
        self::assertSame([1, 2, 3, 4, 5], array_merge(...array_values($positions)));
    }
}
