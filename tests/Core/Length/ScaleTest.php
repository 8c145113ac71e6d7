<?php

declare(strict_types=1);

namespace Tests\Core\Length;

use Lira\Length\Frets;
use Lira\Length\Length;
use Lira\Length\Scale;
use Tests\Core\CoreTestCase;
use Tests\Core\Reference;

final class ScaleTest extends CoreTestCase
{
    public function test_units_are_exact(): void
    {
        self::assertSame(0.0254, Length::inches(1)->inMetres());
        self::assertSame(25.4, Length::inches(1)->inMillimetres());
        self::assertClose(25.5, Length::millimetres(647.7)->inInches(), 1e-14);
        self::assertClose(10.5, Length::thousandths(10.5)->inThousandths(), 1e-14);
        self::assertClose(0.0105, Length::thousandths(10.5)->inInches(), 1e-14);
        self::assertRefused('ordinary number', static fn () => Length::metres(NAN));
        self::assertRefused('ordinary number', static fn () => Length::inches(INF));
    }

    public function test_fanned_frets_are_the_worked_ones(): void
    {
        $cases = Reference::cases('speaking_length', 'multiscale');
        self::assertNotEmpty($cases);
        foreach ($cases as $case) {
            $strings = (int) Reference::number($case, 'strings');
            $scale = Scale::multiscale(
                Length::metres(Reference::number($case, 'treble_m')),
                Length::metres(Reference::number($case, 'bass_m')),
            );
            $lengths = $case['lengths_m'];
            self::assertIsArray($lengths);
            foreach (array_values($lengths) as $index => $length) {
                self::assertIsFloat($length);
                self::assertClose($length, $scale->speakingLengthM($index + 1, $strings), 1e-12);
            }
        }
    }

    public function test_starting_at_a_fret_is_the_worked_one(): void
    {
        foreach (Reference::cases('speaking_length', 'from_fret') as $case) {
            $fret = (int) Reference::number($case, 'fret');
            self::assertClose(Reference::number($case, 'speaking_m'), Frets::speakingM(Reference::number($case, 'length_m'), $fret), 1e-12);
            $capoed = Scale::single(Length::metres(Reference::number($case, 'length_m')))->speakingLengthM(1, 1, $fret);
            self::assertClose(Reference::number($case, 'speaking_m'), $capoed, 1e-12);
        }
    }

    public function test_every_way_to_give_a_scale(): void
    {
        self::assertClose(0.648, Scale::single(Length::millimetres(648))->speakingLengthM(6, 6), 1e-12);
        self::assertClose(0.648, Scale::twiceNutToTwelfth(Length::millimetres(324))->speakingLengthM(1, 6), 1e-12);
        $each = Scale::each([Length::millimetres(640), Length::millimetres(655), Length::millimetres(670)]);
        self::assertClose(0.655, $each->speakingLengthM(2, 3), 1e-12);
        self::assertRefused('3 lengths for 4 strings', static fn () => $each->speakingLengthM(1, 4));
        self::assertClose(0.640, Scale::multiscale(Length::millimetres(640), Length::millimetres(670))->speakingLengthM(1, 1), 1e-12);
    }

    public function test_a_short_string_starts_at_its_fret_and_a_capo_below_it_leaves_it_alone(): void
    {
        $banjo = Scale::single(Length::millimetres(670))->withShortString(5, 5);
        $drone = 0.670 * 2 ** (-5 / 12);

        self::assertClose($drone, $banjo->speakingLengthM(5, 5), 1e-12);
        self::assertClose($drone, $banjo->speakingLengthM(5, 5, capo: 2), 1e-12);
        self::assertClose(0.670 * 2 ** (-7 / 12), $banjo->speakingLengthM(5, 5, capo: 7), 1e-12);
        self::assertClose(0.670, $banjo->speakingLengthM(4, 5), 1e-12);
        self::assertClose(0.670 * 2 ** (-2 / 12), $banjo->speakingLengthM(4, 5, capo: 2), 1e-12);
    }

    public function test_lengths_and_positions_have_their_ranges(): void
    {
        self::assertRefused('14', static fn (): Scale => Scale::single(Length::millimetres(648))->withShortString(0, 5));
        self::assertClose(0.1, Scale::single(Length::millimetres(100))->speakingLengthM(1, 1), 1e-12);
        self::assertClose(2.0, Scale::single(Length::millimetres(2000))->speakingLengthM(1, 1), 1e-12);
        self::assertRefused('A scale length of 99.9 mm is outside 100 to 2000 mm', static fn () => Scale::single(Length::millimetres(99.9)));
        self::assertRefused('outside 100 to 2000 mm', static fn () => Scale::single(Length::millimetres(2000.1)));
        self::assertRefused('outside 100 to 2000 mm', static fn () => Scale::multiscale(Length::millimetres(648), Length::millimetres(-1)));
        self::assertRefused('outside 100 to 2000 mm', static fn () => Scale::multiscale(Length::millimetres(0), Length::millimetres(648)));
        self::assertRefused('outside 100 to 2000 mm', static fn () => Scale::each([Length::millimetres(648), Length::millimetres(9)]));
        self::assertRefused('Positions go from 1 to 6', static fn () => Scale::single(Length::millimetres(648))->speakingLengthM(7, 6));
        self::assertRefused('Positions go from 1 to 6', static fn () => Scale::single(Length::millimetres(648))->speakingLengthM(0, 6));
        self::assertRefused('no string 0', static fn () => Scale::single(Length::millimetres(648))->withShortString(0, 5));
        self::assertRefused('outside 0 to 36', static fn () => Scale::single(Length::millimetres(648))->withShortString(1, 37));
        self::assertRefused('outside 0 to 36', static fn () => Frets::speakingM(0.648, -1));
        self::assertClose(0.648 / 8, Frets::speakingM(0.648, 36), 1e-12);
    }
}
