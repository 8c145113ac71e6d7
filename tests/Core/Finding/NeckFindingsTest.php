<?php

declare(strict_types=1);

namespace Tests\Core\Finding;

use Lira\Document\SetDocument;
use Lira\Finding\Assessment;
use Lira\Finding\Finding;
use Lira\Finding\Remedy;
use Lira\Finding\Rulebook;
use Lira\Finding\Severity;
use Lira\Playing\WholeNeck;
use Lira\Wording\Units;
use Tests\Core\CoreTestCase;
use Tests\Core\Document\Documents;

/** What is said of how a set plays, at its limit, just under and just over it. */
final class NeckFindingsTest extends CoreTestCase
{
    public function test_an_action_that_is_too_low_for_the_hand_said_to_play_it(): void
    {
        $needed = (new WholeNeck(($document = SetDocument::from(self::acoustic(1.5, 'hard')))->design, $document->evaluation(), 0))->strings[1]->cleanAction;
        self::assertNotNull($needed);
        $needed = $needed['hard']->actionM;
        self::assertEqualsWithDelta(1.73e-3, $needed, 0.01e-3);
        $low = self::found(self::acoustic(1000 * $needed - 0.06, 'hard'), 'action-low', 2);
        self::assertSame([Severity::Caution, Remedy::Repairer], [$low?->severity, $low?->remedy]);
        self::assertStringStartsWith('String 2 buzzes when it is picked hard: it wants 1.73 mm of action and has 1.67 mm. Stopped at fret 5 it touches fret 10 first. Too low for string 1 as well. A repairer raises the action', $low?->message(Units::si()) ?? '');
        self::assertEqualsWithDelta([1000 * $needed - 0.06, 1000 * $needed], [$low?->value, $low?->limit], 2e-3);
        $all = array_values(array_filter(self::all(self::acoustic(1.5, 'hard')), static fn (Finding $finding): bool => $finding->type->code === 'action-low'));
        self::assertCount(1, $all, 'it is set once for all strings');
        self::assertStringContainsString('Too low for strings 1 and 6 as well.', $all[0]->message(Units::si()));
        self::assertNull(self::found(self::acoustic(1000 * $needed - 0.04, 'hard'), 'action-low', 2), 'nobody sets an action more finely');
        self::assertNull(self::found(self::acoustic(1.5, 'soft'), 'action-low', 2));
        self::assertNull(self::found(self::acoustic(1.5, null), 'action-low', 2), 'nobody said how hard it is picked');
        self::assertNull(self::found(self::acoustic(null, 'hard'), 'action-low', 2), 'nobody measured its action');
        $own = self::found(Documents::with('/instrument/kind', 'electric-guitar', self::acoustic(1.0, 'hard')), 'action-low', 2);
        self::assertSame(Remedy::Adjust, $own?->remedy);
        self::assertStringContainsString('Raise the action', $own->message(Units::si()));
    }

    public function test_what_relief_would_do_about_a_low_action_is_said_as_it_is(): void
    {
        $said = static function (float $reliefMm): string {
            $json = Documents::usual('electric-guitar', 648, ['E4', 'B3', 'G3'], [10, 13, 17]);
            $json = Documents::with('/target', (object) ['profile' => 'equal', 'tension_n' => 80, 'style' => (object) ['attack' => 'hard']], $json);

            return self::found(Documents::with('/instrument/setup', (object) ['action_12_mm' => 1.0, 'relief_mm' => $reliefMm], $json), 'action-low', 2)?->message(Units::si()) ?? '';
        };
        // A straight neck is touched just beyond the fret that is stopped; a hollow one where it rises again.
        self::assertStringContainsString('Stopped at fret 1 it touches fret 3 first.', $said(0.0));
        self::assertStringEndsWith(' A little more relief lowers what it wants.', $said(0.0));
        self::assertStringEndsWith('Raise the action at the bridge.', $said(0.3));
        self::assertStringContainsString('Stopped at fret 6 it touches fret 11 first.', $said(0.5));
        self::assertStringEndsWith(' A little less relief lowers what it wants.', $said(0.5));
    }

    public function test_a_fret_that_is_out_even_at_the_least(): void
    {
        $set = static fn (float $mm): \stdClass => Documents::with('/strings/2/saddle_setback_mm', $mm, Documents::usual('electric-guitar', 648, ['E4', 'B3', 'G3'], [10, 13, 17]));
        $out = self::found($set(-3.0), 'fret-out', 3);
        self::assertSame([Severity::Caution, Remedy::Adjust], [$out?->severity, $out?->remedy]);
        self::assertMatchesRegularExpression('/^String 3 is \d+\.\d cents sharp at fret 15, \d+\.\d at the least\. Its saddle stands \d\.\d mm off where it is best: move it there\.$/', $out?->message(Units::si()) ?? '');
        self::assertNotNull($out);
        self::assertGreaterThan(8.0, $out->value);
        self::assertSame(8.0, $out->limit);
        self::assertNull(self::found($set(2.0), 'fret-out', 3));
        $flat = self::found($set(9.0), 'fret-out', 3);
        self::assertStringContainsString('cents flat at fret', $flat?->message(Units::si()) ?? '');
        // Judged by the least that it may be: at the limit it is none, just over it is one.
        $value = (float) $out->value;
        self::assertNull(self::found(Documents::with('/limits', (object) ['fret-cents' => $value + 0.001], $set(-3.0)), 'fret-out', 3));
        self::assertNotNull(self::found(Documents::with('/limits', (object) ['fret-cents' => $value - 0.001], $set(-3.0)), 'fret-out', 3));
        // A high nut does it, too, wherever the saddle is.
        $high = self::found(Documents::with('/instrument/setup', (object) ['nut_height_mm' => 1.2], Documents::usual('electric-guitar', 648, ['E4', 'B3', 'G3'], [10, 13, 17])), 'fret-out', 3);
        self::assertSame(Remedy::Repairer, $high?->remedy);
        self::assertStringContainsString('at fret 1', $high->message(Units::si()));
        self::assertStringContainsString('The nut holds it high: a repairer lowers its slot.', $high->message(Units::si()));
        // A saddle that was found near where it is best is not to blame.
        $over = static fn (float $mm): \stdClass => Documents::with('/instrument/setup', (object) ['nut_height_mm' => 1.2], $set($mm));
        $document = SetDocument::from($over(2.0));
        $bestM = (new WholeNeck($document->design, $document->evaluation(), 0))->strings[2]->best->place->setbackM ?? 0.0;
        $best = self::found($over(1000 * $bestM), 'fret-out', 3);
        self::assertSame(Remedy::Repairer, $best?->remedy);
        // Far up the neck, on a string far too thick for it, no saddle mends it.
        $thick = self::found(Documents::with('/instrument/setup', (object) ['nut_height_mm' => 0.0, 'action_12_mm' => 8.0], Documents::usual('electric-guitar', 400, ['E2'], [[80, 'nickel-plated-steel']])), 'fret-out', 1);
        self::assertSame(Remedy::String, $thick?->remedy);
        self::assertStringContainsString('at fret 15', $thick->message(Units::si()));
        self::assertStringContainsString('No place of its saddle mends that: a string with a thinner core does.', $thick->message(Units::si()));
    }

    public function test_a_nut_that_is_worth_moving(): void
    {
        $set = static fn (float $nut): \stdClass => Documents::with('/instrument/setup', (object) ['nut_height_mm' => $nut], Documents::usual('electric-guitar', 648, ['E4', 'B3', 'G3'], [10, 13, 17]));
        $nut = self::found($set(0.95), 'nut-to-move', 3);
        self::assertSame([Severity::Note, Remedy::Repairer], [$nut?->severity, $nut?->remedy]);
        self::assertMatchesRegularExpression('/^Open chords: string 3 stands \d\.\d cents sharp over its first three frets(, and string \d too far as well)?\. With its nut \d\.\d\d mm nearer to the saddle it would be \d\.\d: a repairer/', $nut?->message(Units::si()) ?? '');
        $value = (float) $nut?->value;
        self::assertGreaterThanOrEqual(3.0, $value);
        self::assertNull(self::found($set(0.35), 'nut-to-move', 3));
        self::assertNull(self::found(Documents::with('/limits', (object) ['nut-gain-cents' => $value + 0.001], $set(0.95)), 'nut-to-move', 3));
        self::assertNotNull(self::found(Documents::with('/limits', (object) ['nut-gain-cents' => $value - 0.001], $set(0.95)), 'nut-to-move', 3));
        self::assertCount(1, array_filter(self::all($set(1.2)), static fn (Finding $finding): bool => $finding->type->code === 'nut-to-move'), 'one nut is one finding');
        self::assertStringContainsString(', and strings 1 and 2 too far as well', self::found($set(1.6), 'nut-to-move', 3)?->message(Units::si()) ?? '');
    }

    public function test_a_usual_set_on_a_usual_neck_is_quiet(): void
    {
        foreach ([
            Documents::usual('electric-guitar', 648, ['E4', 'B3', 'G3', 'D3', 'A2', 'E2'], [10, 13, 17, [26, 'nickel-plated-steel'], [36, 'nickel-plated-steel'], [46, 'nickel-plated-steel']]),
            Documents::usual('bass', 864, ['G2', 'D2', 'A1', 'E1'], [[45, 'nickel-plated-steel'], [65, 'nickel-plated-steel'], [85, 'nickel-plated-steel'], [105, 'nickel-plated-steel']]),
            Documents::usual('ukulele', 382, ['A4', 'E4', 'C4', 'G4'], [[22, 'nylon', 'plain'], [26, 'nylon', 'plain'], [32, 'nylon', 'plain'], [23, 'nylon', 'plain']]),
        ] as $json) {
            self::assertSame([], self::all($json));
        }
    }

    public function test_it_joins_the_fit_report_and_not_what_is_stepped_through(): void
    {
        $document = SetDocument::from(Documents::with('/instrument/setup', (object) ['nut_height_mm' => 1.2], Documents::usual('electric-guitar', 648, ['E4', 'B3', 'G3'], [10, 13, 17])));
        $codes = static fn (Assessment $of): array => array_map(static fn (Finding $finding): string => $finding->type->code, $of->findings);
        self::assertContains('nut-to-move', $codes($document->playedAssessment()));
        self::assertNotContains('nut-to-move', $codes($document->assessment()));
        $severities = array_map(static fn (Finding $finding): string => $finding->severity->value, $document->playedAssessment()->findings);
        self::assertSame($severities, array_map(static fn (Finding $finding): string => $finding->severity->value, Rulebook::graveFirst($document->playedAssessment()->findings)));
    }

    private static function acoustic(?float $actionMm, ?string $hand): \stdClass
    {
        $json = Documents::usual('acoustic-guitar', 645, ['E4', 'B3', 'G3', 'D3', 'A2', 'E2'], [12, 16, [24, 'phosphor-bronze'], [32, 'phosphor-bronze'], [42, 'phosphor-bronze'], [53, 'phosphor-bronze']]);
        $json = $actionMm === null ? $json : Documents::with('/instrument/setup', (object) ['action_12_mm' => $actionMm], $json);

        return $hand === null ? $json : Documents::with('/target', (object) ['profile' => 'equal', 'tension_n' => 80, 'style' => (object) ['attack' => $hand]], $json);
    }

    private static function found(\stdClass $json, string $code, int $position): ?Finding
    {
        foreach (self::all($json) as $finding) {
            if ($finding->type->code === $code && $finding->position === $position) {
                return $finding;
            }
        }

        return null;
    }

    /** @return list<Finding> */
    private static function all(\stdClass $json): array
    {
        $document = SetDocument::from($json);

        return Rulebook::lookAlong($document->design, new WholeNeck($document->design, $document->evaluation(), 0), $document->limits);
    }
}
