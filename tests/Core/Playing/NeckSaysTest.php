<?php

declare(strict_types=1);

namespace Tests\Core\Playing;

use Lira\Document\SetDocument;
use Lira\Instrument\Hand;
use Lira\Playing\Circumstances;
use Lira\Playing\EndsStand;
use Lira\Playing\FretReading;
use Lira\Playing\NeckRead;
use Lira\Playing\NeckSays;
use Lira\Playing\Placement;
use Lira\Playing\WholeNeck;
use Lira\Wording\Statement;
use Lira\Wording\Units;
use Tests\Core\CoreTestCase;
use Tests\Core\Document\Documents;

/** A neck in words. */
final class NeckSaysTest extends CoreTestCase
{
    public function test_the_worst_fret_and_the_open_chords_come_first(): void
    {
        $neck = self::neck(Necks::ukulele());
        $said = self::text((new NeckSays($neck))->ofFrets());
        self::assertStringStartsWith('The worst fret up to the 15th is fret 1 of string 3: 3.7 cents sharp, 1.7 to 6.0.', $said[0]);
        self::assertEqualsWithDelta(3.7, $neck->strings[2]->cents[1]->estimate, 0.05);
        self::assertSame('Open chords: string 3 stands 2.8 cents sharp over its first three frets.', $said[1]);
        self::assertEqualsWithDelta(2.8, ($neck->strings[2]->cents[1]->estimate + $neck->strings[2]->cents[2]->estimate + $neck->strings[2]->cents[3]->estimate) / 3, 0.05);
        self::assertStringStartsWith('With its nut moved 0.65 mm towards the saddle it would be 0.4', $said[2]);
        self::assertStringContainsString('lay a straight edge on the first two frets', $said[3]);
        self::assertStringContainsString('0.50 mm is usual, 0.15 mm less or more', $said[3]);
        self::assertCount(4, $said);
        // With the nut moved there is nothing left to say of moving it, nor of its height once that was measured.
        $moved = self::text((new NeckSays(self::neck(Necks::ukulele(['nut_height_mm' => 0.5]), EndsStand::Nut)))->ofFrets());
        self::assertCount(1, $moved);
        self::assertStringStartsWith('Nowhere up to the 15th fret is a string more than', $moved[0]);
    }

    public function test_what_a_capo_adds_is_said_and_nothing_of_frets_below_it(): void
    {
        $document = Necks::ukulele(['nut_height_mm' => 0.5]);
        $said = self::text((new NeckSays(new WholeNeck($document->design, $document->evaluation(), 0, new Circumstances(capo: 3))))->ofFrets());
        self::assertStringStartsWith('The capo at fret 3 makes string 3 2.1 cents sharper than it was tuned', $said[0]);
        self::assertStringStartsWith('The worst fret', $said[1]);
        self::assertCount(2, $said, implode("\n", $said));
    }

    public function test_what_nobody_can_foretell_is_said(): void
    {
        $strings = [(object) [
            'position' => 1, 'construction' => 'plain', 'material' => 'polyurethane', 'gauge_in' => 0.1,
            'density' => (object) ['kg_per_m' => 0.005, 'source' => 'measured', 'state' => 'strung', 'tolerance' => 0.02],
        ]];
        $elastomer = SetDocument::from(Documents::with('/strings', $strings, Documents::usual('elastomer-bass', 530, ['D2'], [100])));
        $says = new NeckSays(self::neck($elastomer));
        self::assertStringContainsString('it stretches like rubber', implode(' ', self::text($says->ofFrets())));
        self::assertStringContainsString('these strings nobody has a figure for', implode(' ', self::text($says->ofWarmth(10.0))));
        self::assertNotSame([], $says->ofAction(Hand::Medium));
        $fretless = SetDocument::from(Documents::with('/instrument/neck', (object) ['frets' => 0], Documents::usual('bass', 864, ['G2'], [[45, 'nickel-plated-steel']])));
        $says = new NeckSays(self::neck($fretless));
        self::assertSame(['A neck without frets is played in tune by ear: there is nothing to map.'], self::text($says->ofFrets()));
        self::assertSame([], $says->ofAction(Hand::Hard));
    }

    public function test_the_action_is_set_against_the_hand_and_the_set_before(): void
    {
        $loose = new NeckSays(self::neck(Necks::acoustic(['action_12_mm' => 1.5])));
        $said = self::text($loose->ofAction(Hand::Hard));
        self::assertMatchesRegularExpression('/^Picked hard, it is clean down to 1\.73 mm at the 12th fret: below, string 2 stopped at fret 5 touches fret 10 first\.$/', $said[0]);
        self::assertSame('It stands at 1.50 mm, which is 0.23 mm too low for that hand.', $said[1]);
        self::assertSame('It stands at 1.50 mm: 0.64 mm to spare.', self::text($loose->ofAction(Hand::Soft))[1]);
        self::assertStringContainsString('was not measured: 2.30 mm is usual', self::text((new NeckSays(self::neck(Necks::acoustic())))->ofAction(Hand::Soft))[1]);
        // A tone lower it swings wider.
        $low = SetDocument::from(Documents::with('/tunings/0/pitches', ['D4', 'A3', 'F3', 'C3', 'G2', 'D2'], Necks::acoustic(['action_12_mm' => 2.3])->json));
        $lower = new NeckSays(self::neck($low));
        self::assertMatchesRegularExpression('/^With a medium hand that is 0\.\d\d mm more than “E” asks\.$/', self::text($lower->ofAction(Hand::Medium, $loose, '“E”'))[2]);
        self::assertMatchesRegularExpression('/^With a medium hand that is 0\.\d\d mm less than “D” asks\.$/', self::text($loose->ofAction(Hand::Medium, $lower, '“D”'))[2]);
        self::assertCount(2, $loose->ofAction(Hand::Medium, $loose, 'itself'));
    }

    public function test_warmth_parts_strings(): void
    {
        $neck = self::neck(Necks::electric());
        $said = self::text((new NeckSays($neck))->ofWarmth(10.0));
        $cents = array_map(static fn (int $index): float => 10 * (float) $neck->strings[$index]->centsPerK, range(0, 5));
        self::assertSame(sprintf('10 degrees warmer, string 3 is %.1f cents flat once it is as warm as the room: the most of all.', -min($cents)), $said[0]);
        self::assertStringStartsWith(sprintf('Strings 1 and 3 part company by %.1f cents', max($cents) - min($cents)), $said[1]);
        self::assertStringContainsString('moisture', $said[2]);
        self::assertStringStartsWith('8 degrees colder, string 3 is', self::text((new NeckSays($neck))->ofWarmth(-8.0))[0]);
        self::assertStringContainsString('sharp', self::text((new NeckSays($neck))->ofWarmth(-8.0))[0]);
        self::assertCount(1, (new NeckSays($neck))->ofWarmth(0.0));
    }

    public function test_what_was_read_is_said(): void
    {
        $document = Necks::electric();
        $readings = [];
        foreach (Necks::played($document) as $index => $played) {
            $place = self::neck($document)->strings[$index]->place;
            self::assertNotNull($place);
            foreach (range(1, 9) as $fret) {
                $readings[] = new FretReading($index + 1, $fret, $played->centsAt($fret, $place) + ($fret === 7 ? -6.0 : 0.0));
            }
        }
        $said = self::text(NeckSays::ofReadings(NeckRead::of($document->design, $document->evaluation(), 0, $readings)));
        self::assertMatchesRegularExpression('/^What was read at 54 frets stands \d\.\d cents from what is foretold/', $said[0]);
        self::assertMatchesRegularExpression('/^From 30 readings at the first frets the strings lie 0\.3\d mm high at the nut \(0\.\d\d to 0\.\d\d mm\)\.$/', $said[1]);
        self::assertMatchesRegularExpression('/^Fret 7 stands 6\.\d cents flatter than its neighbours leave for it, on strings 1, 2, 3, 4, 5 and 6: it is worn or low/', $said[2]);
        // Up the neck saddles that were found tell how stiff the strings are.
        $found = SetDocument::from(Documents::with('/strings/5/saddle_setback_mm', 3.0, $document->json));
        $string = Necks::played($found)[5];
        $up = array_map(static fn (int $fret): FretReading => new FretReading(6, $fret, $string->centsAt($fret, new Placement(0.003), 0.9)), range(8, 13));
        self::assertContains('By 1 string read up the neck, stiffness sharpens by 63 % of what clamped ends would; half was taken before.', self::text(NeckSays::ofReadings(NeckRead::of($found->design, $found->evaluation(), 0, $up))));
        // One alone is no taking together.
        $one = self::text(NeckSays::ofReadings(NeckRead::of($document->design, $document->evaluation(), 0, [$readings[0]])));
        self::assertStringStartsWith('From 1 reading at', $one[0]);
    }

    private static function neck(SetDocument $document, EndsStand $ends = EndsStand::Found): WholeNeck
    {
        return new WholeNeck($document->design, $document->evaluation(), 0, new Circumstances($ends));
    }

    /**
     * @param  list<Statement>  $said
     * @return list<string>
     */
    private static function text(array $said): array
    {
        return array_map(static fn (Statement $one): string => $one->text(Units::si()), $said);
    }
}
