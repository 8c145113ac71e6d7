<?php

declare(strict_types=1);

namespace Tests\Core\Pitch;

use Lira\Pitch\Pitch;
use Lira\Pitch\ReferencePitch;
use Lira\Pitch\Tuning;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Core\CoreTestCase;
use Tests\Core\Reference;

final class PitchTest extends CoreTestCase
{
    public function test_what_is_no_pitch_is_shown_whole_unless_it_is_long(): void
    {
        self::assertRefused('“'.str_repeat('x', 24).'” is', static fn (): Pitch => Pitch::named(str_repeat('x', 24)));
        self::assertRefused('“'.str_repeat('x', 24).'…” is', static fn (): Pitch => Pitch::named(str_repeat('x', 25)));
    }

    /** @param  array<string, mixed>  $case */
    #[DataProvider('worked')]
    public function test_frequency_is_the_worked_one(array $case): void
    {
        $pitch = Pitch::named(Reference::text($case, 'pitch'));
        $a4 = ReferencePitch::hertz(Reference::number($case, 'a4_hz'));

        self::assertClose(Reference::number($case, 'frequency_hz'), $pitch->frequencyHz($a4, Reference::number($case, 'cents')));
    }

    /** @return iterable<string, array{array<string, mixed>}> */
    public static function worked(): iterable
    {
        foreach (Reference::cases('pitch') as $case) {
            yield Reference::text($case, 'pitch').' at '.Reference::number($case, 'a4_hz') => [$case];
        }
    }

    public function test_every_pitch_keeps_its_number_through_its_name(): void
    {
        foreach (range(0, 127) as $number) {
            self::assertSame($number, Pitch::named(Pitch::numbered($number)->name())->noteNumber());
            self::assertSame($number, Pitch::named(Pitch::numbered($number, flats: false)->label())->noteNumber());
        }
    }

    public function test_spelling_is_kept_and_shown(): void
    {
        self::assertSame('Eb3', Pitch::named(' e♭3 ')->name());
        self::assertSame('E♭3', Pitch::named('Eb3')->label());
        self::assertSame('F♯♯2', Pitch::named('F##2')->label());
        self::assertSame(60, Pitch::named('B#3')->noteNumber());
        self::assertSame(59, Pitch::named('Cb4')->noteNumber());
    }

    public function test_transposing_keeps_flats_flat_and_goes_back(): void
    {
        self::assertSame('Db3', Pitch::named('Eb3')->transposed(-2)->name());
        self::assertSame('Db3', Pitch::named('D3')->transposed(-1)->name());
        self::assertSame('C#3', Pitch::named('D#3')->transposed(-2)->name());
        self::assertSame('E2', Pitch::named('E4')->transposed(-24)->name());
    }

    public function test_a_semitone_is_the_twelfth_root_of_two_and_cents_divide_it(): void
    {
        $a4 = ReferencePitch::concert();
        $c = Pitch::named('C3');

        self::assertClose(2 ** (1 / 12), $c->transposed(1)->frequencyHz($a4) / $c->frequencyHz($a4), 1e-12);
        self::assertClose($c->transposed(1)->frequencyHz($a4), $c->frequencyHz($a4, 100.0), 1e-12);
    }

    #[DataProvider('bad')]
    public function test_what_is_no_pitch_is_refused_with_advice(string $name, string $words): void
    {
        self::assertRefused($words, static fn () => Pitch::named($name));
    }

    /** @return iterable<array{string, string}> */
    public static function bad(): iterable
    {
        yield ['H3', 'is not a pitch'];
        yield ['', 'is not a pitch'];
        yield ['E', 'has no octave'];
        yield ['Bb', 'has no octave'];
        yield ['E#b3', 'is not a pitch'];
        yield ['C###2', 'is not a pitch'];
        yield ['C10', 'outside C-1 to G9'];
        yield ['G#9', 'outside C-1 to G9'];
        yield ['Cb-1', 'outside C-1 to G9'];
        yield ['E3; DROP', 'is not a pitch'];
        yield [str_repeat('x', 5000), '…'];
    }

    public function test_the_ends_of_the_range_are_in(): void
    {
        self::assertSame(0, Pitch::named('C-1')->noteNumber());
        self::assertSame(127, Pitch::named('G9')->noteNumber());
        self::assertRefused('outside', static fn () => Pitch::numbered(128));
        self::assertRefused('outside', static fn () => Pitch::numbered(-1));
    }

    public function test_reference_and_cents_have_their_ranges(): void
    {
        self::assertSame(380.0, ReferencePitch::hertz(380)->inHertz());
        self::assertSame(480.0, ReferencePitch::hertz(480)->inHertz());
        self::assertRefused('outside 380 to 480', static fn () => ReferencePitch::hertz(379.9));
        self::assertRefused('outside 380 to 480', static fn () => ReferencePitch::hertz(480.1));
        self::assertRefused('outside 380 to 480', static fn () => ReferencePitch::hertz(NAN));
        self::assertRefused('more than an octave', static fn () => Pitch::named('A4')->frequencyHz(ReferencePitch::concert(), 1200.5));
        self::assertRefused('more than an octave', static fn () => Pitch::named('A4')->frequencyHz(ReferencePitch::concert(), -INF));
        self::assertClose(880.0, Pitch::named('A4')->frequencyHz(ReferencePitch::concert(), 1200.0), 1e-12);
    }

    public function test_a_frequency_lies_between_two_pitches(): void
    {
        $a4 = ReferencePitch::concert();

        self::assertSame('A4', Pitch::notAbove(440.0, $a4)?->name());
        self::assertSame('A4', Pitch::notBelow(440.0, $a4)?->name());
        self::assertSame('Ab4', Pitch::notAbove(439.9, $a4)?->name());
        self::assertSame('Bb4', Pitch::notBelow(440.1, $a4)?->name());
        self::assertSame('A4', Pitch::notAbove(445.0, ReferencePitch::hertz(442))?->name());
        self::assertNull(Pitch::notAbove(8.0, $a4));
        self::assertSame('C-1', Pitch::notBelow(8.0, $a4)?->name());
        self::assertNull(Pitch::notBelow(13_000.0, $a4));
        self::assertSame('G9', Pitch::notAbove(13_000.0, $a4)?->name());
    }

    public function test_a_tuning_gives_each_string_its_own_offset(): void
    {
        $tuning = new Tuning('', ReferencePitch::concert(), [Pitch::named('A4'), Pitch::named('A3')], [0.0, 100.0]);

        self::assertClose(440.0, $tuning->frequencyHz(1), 1e-12);
        self::assertClose(220.0 * 2 ** (1 / 12), $tuning->frequencyHz(2), 1e-12);
        self::assertRefused('for 3 strings', static fn () => $tuning->pitch(3));
        self::assertRefused(
            '1 pitches for 2 strings',
            static fn () => new Tuning('', ReferencePitch::concert(), [Pitch::named('A4'), Pitch::named('A3')], [1.0]),
        );
    }

    public function test_the_nearest_pitch_to_a_frequency_is_found_on_the_ear_s_scale(): void
    {
        $a4 = ReferencePitch::hertz(440.0);
        self::assertSame('A2', Pitch::nearestTo(110.0, $a4)->name());
        // Half way between A2 and B♭2 lies at the geometric mean of their frequencies.
        $middle = 110.0 * 2 ** (1 / 24);
        self::assertSame('A2', Pitch::nearestTo($middle * 0.9999, $a4)->name());
        self::assertSame('Bb2', Pitch::nearestTo($middle * 1.0001, $a4)->name());
        self::assertSame('A4', Pitch::nearestTo(432.0, ReferencePitch::hertz(432.0))->name());
        foreach ([0.0, -5.0, 3.0, 20000.0, INF, NAN] as $hertz) {
            try {
                Pitch::nearestTo($hertz, $a4);
                self::fail("{$hertz} Hz is no string's pitch");
            } catch (\Lira\Pitch\InvalidPitch $refused) {
                self::assertStringContainsString('outside C-1 to G9', $refused->getMessage());
            }
        }
    }
}
