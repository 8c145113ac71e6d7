<?php

declare(strict_types=1);

namespace Tests\Core\Document;

use Lira\Document\SetName;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** A set is called after its instrument and its tuning, each thing said once. */
final class SetNameTest extends TestCase
{
    #[DataProvider('names')]
    public function test_each_thing_is_said_once(string $instrument, string $tuning, string $name): void
    {
        self::assertSame($name, SetName::with($instrument, $tuning));
    }

    /** @return \Iterator<string, array{string, string, string}> */
    public static function names(): \Iterator
    {
        yield 'as it is' => ['Curlew', 'D standard', 'Curlew, D standard'];
        yield 'the number of strings is seen' => ['Twelve-string acoustic guitar', 'D standard, twelve strings', 'Twelve-string acoustic guitar, D standard'];
        yield 'the kind is said already' => ['Octave mandolin', 'Octave mandolin in fifths', 'Octave mandolin, in fifths'];
        yield 'the longest kind' => ['Old octave mandolin', 'Mandolin in fifths', 'Old octave mandolin, in fifths'];
        yield 'of another name' => ['Wherry', 'Bass in fifths', 'Wherry, Bass in fifths'];
        yield 'a note is no kind' => ['Octave mandolin', 'C G D A', 'Octave mandolin, C G D A'];
        yield 'as long as it may be' => [str_repeat('é', 188), 'E standard', str_repeat('é', 188)];
    }
}
