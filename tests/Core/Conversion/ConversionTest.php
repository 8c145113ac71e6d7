<?php

declare(strict_types=1);

namespace Tests\Core\Conversion;

use Lira\Conversion\Conversion;
use Lira\Conversion\ConversionKind;
use Lira\Document\SetDocument;
use Lira\Pitch\InvalidPitch;
use Lira\Pitch\Pitch;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Core\CoreTestCase;
use Tests\Core\Document\Documents;

/** What a design is tuned to once it is converted. */
final class ConversionTest extends CoreTestCase
{
    /**
     * @param  non-empty-list<string>  $present
     * @param  list<string>  $expected
     */
    #[DataProvider('conversions')]
    public function test_each_kind_moves_its_own_strings(Conversion $conversion, array $present, array $expected): void
    {
        $pitches = array_map(Pitch::named(...), $present);

        self::assertSame(
            array_map(static fn (string $pitch): int => Pitch::named($pitch)->noteNumber(), $expected),
            array_map(static fn (Pitch $pitch): int => $pitch->noteNumber(), $conversion->pitches($pitches)),
        );
    }

    /** @return iterable<string, array{Conversion, list<string>, list<string>}> */
    public static function conversions(): iterable
    {
        $bass = ['G2', 'D2', 'A1', 'E1'];
        yield 'a bass three lower' => [new Conversion(ConversionKind::Lower, semitones: 3), $bass, ['E2', 'B1', 'F#1', 'C#1']];
        yield 'a baritone is a fourth lower unless it is said' => [
            new Conversion(ConversionKind::Baritone),
            ['E4', 'B3', 'G3'],
            ['B3', 'F#3', 'D3'],
        ];
        yield 'another scale keeps its pitches' => [new Conversion(ConversionKind::Scale), $bass, $bass];
        yield 'several tunings begin from what there is' => [new Conversion(ConversionKind::Several), $bass, $bass];
        yield 'octaves from the second string on' => [
            new Conversion(ConversionKind::Octave, fromPosition: 2),
            $bass,
            ['G2', 'D3', 'A2', 'E2'],
        ];
        yield 'one below, a fourth lower' => [new Conversion(ConversionKind::AddLower), $bass, [...$bass, 'B0']];
        yield 'one below, as asked' => [
            new Conversion(ConversionKind::AddLower, pitch: Pitch::named('A0')),
            $bass,
            [...$bass, 'A0'],
        ];
    }

    public function test_reference_cents_and_capo_go_along_and_an_added_string_has_none_of_its_own(): void
    {
        $design = SetDocument::from(Documents::with('/tunings/0', (object) [
            'name' => 'Sweetened', 'a4_hz' => 432, 'pitches' => ['E4', 'B3', 'G3', 'D3', 'A2', 'E2'],
            'cents' => [1, 2, 3, 4, 5, 6], 'capo' => 2,
        ]))->design;

        $lower = (new Conversion(ConversionKind::Lower, semitones: 1))->tunings($design)[0];
        self::assertSame([432.0, [1.0, 2.0, 3.0, 4.0, 5.0, 6.0], 2], [$lower->a4->inHertz(), $lower->cents, $lower->capo]);
        self::assertNotSame('Sweetened', $lower->name);
        self::assertSame('Sweetened', (new Conversion(ConversionKind::Scale))->tunings($design)[0]->name);
        self::assertSame(
            [1.0, 2.0, 3.0, 4.0, 5.0, 6.0, 0.0],
            (new Conversion(ConversionKind::AddLower))->tunings($design)[0]->cents,
        );
    }

    public function test_what_leaves_the_pitches_there_are_is_refused(): void
    {
        $this->expectException(InvalidPitch::class);

        (new Conversion(ConversionKind::Lower, semitones: 12))->pitches([Pitch::named('C4'), Pitch::named('C-1')]);
    }
}
