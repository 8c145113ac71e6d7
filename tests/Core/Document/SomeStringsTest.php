<?php

declare(strict_types=1);

namespace Tests\Core\Document;

use Lira\Document\SetDocument;
use Tests\Core\CoreTestCase;

/** Strings of a design that are asked for by their positions. */
final class SomeStringsTest extends CoreTestCase
{
    public function test_they_are_those_of_their_positions_where_they_are_in_it(): void
    {
        $design = SetDocument::from(Documents::harbour())->design;
        $some = $design->stringsAt([6, 2]);

        self::assertSame([1, 5], array_keys($some));
        self::assertSame($design->strings[1], $some[1]);
        self::assertSame($design->strings[5], $some[5]);
        self::assertSame([], $design->stringsAt([7]));
    }
}
