<?php

declare(strict_types=1);

namespace Tests\Feature\Frame;

use Inertia\Testing\AssertableInertia;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Feature\FeatureTestCase;

/** A workshop with nothing in it yet. */
final class EmptyTest extends FeatureTestCase
{
    #[DataProvider('pages')]
    public function test_every_page_opens_with_nothing_on_it(string $address, string $component, string $list): void
    {
        $this->get($address)->assertOk()->assertInertia(
            static fn (AssertableInertia $page) => $page->component($component)->where($list, [])->has('units'),
        );
    }

    /** @return iterable<string, array{string, string, string}> */
    public static function pages(): iterable
    {
        yield 'the start' => ['/start', 'bench/StartPage', 'instruments'];
        yield 'sets' => ['/sets', 'bench/SetsPage', 'sets'];
        yield 'sets put away' => ['/sets?away=1', 'bench/SetsPage', 'sets'];
        yield 'instruments' => ['/instruments', 'instruments/InstrumentsPage', 'instruments'];
        yield 'a new instrument' => ['/instruments/new', 'instruments/InstrumentPage', 'photographs'];
        yield 'strings' => ['/strings', 'strings/StringsPage', 'suppliers'];
        yield 'suppliers' => ['/strings/suppliers', 'strings/SuppliersPage', 'suppliers'];
        yield 'what was measured' => ['/strings/measured', 'strings/MeasuredPage', 'families'];
        yield 'pools' => ['/strings/pools', 'strings/PoolsPage', 'pools'];
        yield 'the drawer' => ['/strings/drawer', 'strings/DrawerPage', 'contents'];
        yield 'orders' => ['/strings/orders', 'strings/OrdersPage', 'orders'];
    }

    public function test_what_is_asked_finds_nothing_and_says_so(): void
    {
        $this->get('/')->assertRedirect();
        $this->get('/bench')->assertRedirect(route('start.create'));
        $this->getJson('/strings/search')->assertExactJson(['total' => 0, 'rows' => []]);
        $this->getJson('/search?for=anything')->assertExactJson(['sets' => [], 'instruments' => [], 'others' => []]);
        foreach (['/bench/1', '/instruments/1', '/sets/1/sheet', '/strings/1', '/strings/orders/1/csv'] as $address) {
            $this->get($address, ['Accept' => 'application/json'])->assertNotFound();
        }
        self::assertLiraError(
            $this->postJson('/strings/orders/plan', ['sets' => []]), 422, '/sets', 'Choose at least one set to order for.',
        );
    }
}
