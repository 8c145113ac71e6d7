<?php

declare(strict_types=1);

namespace Tests\Core\Wording;

use Lira\Wording\Listed;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Core\CoreTestCase;

final class ListedTest extends CoreTestCase
{
    /** @param  list<int>  $positions */
    #[DataProvider('positions')]
    public function test_positions_are_listed_as_they_are_said(array $positions, string $said): void
    {
        self::assertSame($said, Listed::of($positions));
    }

    public function test_one_string_or_several(): void
    {
        self::assertSame(['string 4', 'strings 1 and 2'], [Listed::strings([4]), Listed::strings([1, 2])]);
    }

    /** @return array<string, array{list<int>, string}> */
    public static function positions(): array
    {
        return ['none' => [[], ''], 'one' => [[4], '4'], 'two' => [[1, 2], '1 and 2'], 'more' => [[1, 2, 5], '1, 2 and 5']];
    }
}
