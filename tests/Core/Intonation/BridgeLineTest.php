<?php

declare(strict_types=1);

namespace Tests\Core\Intonation;

use Lira\Instrument\BridgeHold;
use Lira\Instrument\Hardware;
use Lira\Instrument\Instrument;
use Lira\Instrument\Saddle;
use Lira\Intonation\BridgeLine;
use Lira\Intonation\SaddleMove;
use Lira\Intonation\Saddles;
use Lira\Kind\Anchor;
use Lira\Kind\Kind;
use Lira\Length\Length;
use Lira\Length\Scale;
use PHPUnit\Framework\Attributes\DataProvider;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Tests\Core\CoreTestCase;

/** One place and one slant for a bridge in one piece. */
final class BridgeLineTest extends CoreTestCase
{
    private const SCALE_M = 0.670;

    public function test_strings_that_ask_for_a_slant_get_it(): void
    {
        // 0.5 mm at the first, 0.3 mm more at each further one; by the frequencies that such a saddle would give.
        $moves = [];
        foreach ([1, 2, 4, 5] as $position) {
            $moves[$position] = self::wanting(0.0005 + 0.0003 * ($position - 1));
        }
        $line = BridgeLine::through($moves);

        self::assertTrue($line->slants);
        self::assertEqualsWithDelta(0.0005, $line->moveM(1), 1e-9);
        // Also under the string that was not read.
        self::assertEqualsWithDelta(0.0011, $line->moveM(3), 1e-9);
        self::assertEqualsWithDelta(0.0017, $line->moveM(5), 1e-9);
        foreach ($moves as $position => $move) {
            self::assertEqualsWithDelta(0.0, $move->leftCents($line->moveM($position)), 1e-5);
        }
    }

    public function test_of_one_string_there_is_a_place_and_no_slant(): void
    {
        $line = BridgeLine::through([4 => self::wanting(-0.0012)]);

        self::assertFalse($line->slants);
        self::assertEqualsWithDelta(-0.0012, $line->moveM(1), 1e-9);
        self::assertEqualsWithDelta(-0.0012, $line->moveM(5), 1e-9);
    }

    public function test_no_line_beside_it_leaves_less(): void
    {
        $random = new Randomizer(new Mt19937(5));
        for ($bridge = 0; $bridge < 100; $bridge++) {
            $moves = [];
            foreach (range(1, $random->getInt(2, 12)) as $position) {
                $moves[$position] = self::wanting($random->getInt(-300, 300) / 1e5, readCents: $random->getInt(2, 20) / 10);
            }
            $line = BridgeLine::through($moves);
            $left = static fn (float $placeM, float $slopeM): float => array_sum(array_map(
                static fn (int $position, SaddleMove $move): float => (($move->moveM - $line->moveM($position) - $placeM - $slopeM * $position) / $move->uncertaintyM) ** 2,
                array_keys($moves),
                $moves,
            ));
            $least = $left(0.0, 0.0);
            foreach ([[1e-5, 0.0], [-1e-5, 0.0], [0.0, 1e-6], [0.0, -1e-6], [1e-5, -2e-6]] as [$placeM, $slopeM]) {
                self::assertGreaterThan($least, $left($placeM, $slopeM));
            }
        }
    }

    public function test_what_another_move_leaves_is_told_in_cents(): void
    {
        // Half the frets' way is 12 frets up: 1 cent is L ln2/1200.
        $move = self::wanting(0.002);
        $perCent = (self::SCALE_M + 0.001) * M_LN2 / 1200;

        self::assertEqualsWithDelta(0.001 / $perCent, $move->leftCents(0.001), 1e-6);
        self::assertEqualsWithDelta(-0.001 / $perCent, $move->leftCents(0.003), 1e-6);
    }

    #[DataProvider('instruments')]
    public function test_what_can_be_moved_is_known_by_what_was_recorded_or_is_usual(Kind $kind, Hardware $hardware, Saddles $saddles): void
    {
        self::assertSame($saddles, Saddles::of(new Instrument('', $kind, Scale::single(Length::millimetres(670.0)), $hardware)));
    }

    /** @return iterable<string, array{Kind, Hardware, Saddles}> */
    public static function instruments(): iterable
    {
        yield 'an electric guitar of which nothing is known' => [Kind::ElectricGuitar, new Hardware(kind: Kind::ElectricGuitar), Saddles::Each];
        yield 'a bass' => [Kind::Bass, new Hardware(Anchor::StringThrough), Saddles::Each];
        yield 'an acoustic guitar' => [Kind::AcousticGuitar, new Hardware(kind: Kind::AcousticGuitar), Saddles::Fixed];
        yield 'with pins' => [Kind::AcousticBass, new Hardware(Anchor::BridgePins), Saddles::Fixed];
        yield 'a banjo' => [Kind::Banjo, new Hardware(kind: Kind::Banjo), Saddles::Loose];
        yield 'an archtop' => [Kind::ElectricGuitar, new Hardware(Anchor::StopTailpiece, bridge: BridgeHold::Loose), Saddles::Loose];
        yield 'an archtop with screws in its loose bridge' => [Kind::ElectricGuitar, new Hardware(bridge: BridgeHold::Loose, saddle: new Saddle(screwPitchM: 0.0005)), Saddles::Each];
        yield 'a classical guitar with a saddle for each' => [Kind::ClassicalGuitar, new Hardware(saddle: new Saddle(screwPitchM: 0.0005)), Saddles::Each];
    }

    /** A reading at the 12th fret of a string whose saddle stands 1 mm behind and should go so far. */
    private static function wanting(float $moveM, float $readCents = 0.5): SaddleMove
    {
        $length = self::SCALE_M + 0.001;
        $goal = $length + $moveM;
        // Once there, stopped it is an octave; sounding lengths are as the frets leave them, and a stopped string is stretched the same.
        $sharpening = ($goal - self::SCALE_M / 2) / $goal * 2;
        $hz = 146.83;

        return SaddleMove::of(12, $hz, $hz * $length / ($length - self::SCALE_M / 2) * $sharpening, $length, self::SCALE_M, readCents: $readCents);
    }
}
