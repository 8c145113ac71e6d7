<?php

declare(strict_types=1);

namespace Tests\Feature\Network;

use App\Models\Right;
use App\Models\Share;
use App\Models\StringSet;
use App\Network\Door;

/** An address for somebody outside shows one sheet, until its end or until it is taken back, and opens nothing else. */
final class SharesTest extends NetworkTestCase
{
    private StringSet $set;

    protected function setUp(): void
    {
        parent::setUp();
        $this->set = self::keptSet();
    }

    public function test_who_was_given_an_address_sees_one_sheet_and_nothing_else(): void
    {
        $address = $this->given(['what' => 'sheet', 'set' => $this->set->id, 'days' => 7]);
        $this->atTheNetwork();
        $page = $this->get($address)->assertOk()->assertSee($this->set->name)
            ->assertHeader('Cache-Control', 'no-store, private')->assertHeader('Referrer-Policy', 'no-referrer')->assertHeader('X-Robots-Tag', 'noindex');
        self::assertStringContainsString("default-src 'none'", (string) $page->headers->get('Content-Security-Policy'));
        self::assertStringContainsString('sandbox', (string) $page->headers->get('Content-Security-Policy'));
        self::assertSame([], $page->headers->getCookies(), 'it knows nobody');
        // Nothing leads on from it, and nothing has to be fetched for it.
        self::assertDoesNotMatchRegularExpression('/<(?:a|script|form|iframe|link)\b|\b(?:href|src)="(?!data:)/i', (string) $page->getContent());
        $this->ask('GET', '/sets')->assertStatus(401);
        $this->ask('GET', "/sets/{$this->set->id}/sheet")->assertStatus(401);
    }

    public function test_each_sheet_is_the_one_it_says_as_it_is_now_in_the_units_of_whoever_gave_it(): void
    {
        $this->withDemo();
        $set = StringSet::query()->orderBy('id')->firstOrFail();
        $addresses = [
            'Does it fit' => $this->given(['what' => 'fit', 'set' => $set->id, 'days' => 1]),
            'How it goes on' => $this->given(['what' => 'plan', 'set' => $set->id, 'days' => 1]),
            "{$set->instrument->name} in 2026" => $this->given(['what' => 'year', 'instrument' => $set->instrument_id, 'year' => 2026, 'days' => 1]),
        ];
        $pounds = $this->given(['what' => 'sheet', 'set' => $set->id, 'days' => 1], '?units=in+lbf');
        $this->atTheNetwork();
        foreach ($addresses as $says => $address) {
            self::assertTrue(str_contains(html_entity_decode((string) $this->get($address)->assertOk()->getContent()), "<h1>{$says}"), $says);
        }
        $this->get($pounds)->assertSee('lbf')->assertDontSee(' N<');
        $set->update(['name' => 'Renamed since']);
        $this->get($pounds)->assertSee('Renamed since');
    }

    public function test_what_was_changed_in_an_address_opens_nothing(): void
    {
        $address = $this->given(['what' => 'sheet', 'set' => $this->set->id, 'days' => 1]);
        $other = $this->given(['what' => 'fit', 'set' => $this->set->id, 'days' => 1]);
        [$path, $query] = explode('?', substr($address, strlen(self::ADDRESS)));
        parse_str($query, $said);
        self::assertTrue(is_string($said['expires'] ?? null) && is_string($said['signature'] ?? null));
        [$otherPath] = explode('?', substr($other, strlen(self::ADDRESS)));
        $this->atTheNetwork();
        foreach ([
            $path, "{$path}?expires={$said['expires']}", "{$path}?signature={$said['signature']}",
            "{$path}?expires=".((int) $said['expires'] + 86400)."&signature={$said['signature']}",
            "{$otherPath}?{$query}", "{$path}?{$query}&set=2", '/shared/00000000-0000-4000-8000-000000000000',
        ] as $changed) {
            $this->get(self::ADDRESS.$changed)->assertNotFound()->assertSee('Nothing is shown under this address any more')->assertDontSee($this->set->name)
                ->assertHeader('Cache-Control', 'no-store, private');
        }
        // It is known by whichever name this machine is reached.
        $this->get("https://192.168.7.20:8443{$path}?{$query}")->assertOk();
    }

    public function test_one_ends_by_itself_and_can_be_taken_back(): void
    {
        $week = $this->given(['what' => 'sheet', 'set' => $this->set->id, 'days' => 7]);
        $month = $this->given(['what' => 'fit', 'set' => $this->set->id, 'days' => 30]);
        $this->travel(8)->days();
        $this->atTheNetwork();
        $this->get($week)->assertNotFound();
        $this->get($month)->assertOk();
        [$only] = $this->listed();
        self::assertSame([$month, $this->set->name, 'fit'], [$only['address'], $only['of'], $only['what']]);
        self::assertNotNull($only['opened'], 'whether it was opened is said');
        self::assertTrue(is_int($only['id']));
        $this->here('DELETE', "/workshop/shares/{$only['id']}")->assertOk();
        self::assertSame([], $this->listed());
        $this->atTheNetwork();
        $this->get($month)->assertNotFound()->assertDontSee($this->set->name);
    }

    public function test_only_whoever_may_do_everything_gives_one(): void
    {
        $this->atTheNetwork();
        foreach ([Right::Look, Right::Bench] as $right) {
            $this->as($right);
            $this->ask('POST', '/workshop/shares', ['what' => 'sheet', 'set' => $this->set->id, 'days' => 1])->assertStatus(403);
        }
        $this->as(Right::All);
        $this->ask('POST', '/workshop/shares', ['what' => 'sheet', 'set' => $this->set->id, 'days' => 1])->assertCreated();
    }

    public function test_what_cannot_be_given_is_said(): void
    {
        $this->atTheMachine();
        $asked = ['what' => 'sheet', 'set' => $this->set->id, 'days' => 1];
        putenv(Door::ADDRESS);
        self::assertLiraError($this->here('POST', '/workshop/shares', $asked), 422, '', 'not on the network');
        putenv(Door::ADDRESS.'='.self::ADDRESS);
        self::assertLiraError($this->here('POST', '/workshop/shares', ['what' => 'all'] + $asked), 422, '/what', 'sheet, fit, plan, year');
        foreach ([0, 91, 'ever', ''] as $days) {
            self::assertLiraError($this->here('POST', '/workshop/shares', ['days' => $days] + $asked), 422, '/days', '1 to 90');
        }
        self::assertLiraError($this->here('POST', '/workshop/shares', ['what' => 'year', 'instrument' => $this->set->instrument_id, 'days' => 1]), 422, '/year', 'which year');
        $this->here('POST', '/workshop/shares', ['set' => 999] + $asked)->assertNotFound();
        self::assertSame(0, Share::query()->count());
    }

    /** @param  array<string, mixed>  $asked */
    private function given(array $asked, string $query = ''): string
    {
        $this->atTheMachine();
        putenv(Door::ADDRESS.'='.self::ADDRESS);
        $address = $this->here('POST', "/workshop/shares{$query}", $asked)->assertCreated()->json('share.address');
        self::assertTrue(is_string($address) && str_starts_with($address, self::ADDRESS.'/shared/'));

        return $address;
    }

    /** @return list<array<string, mixed>> */
    private function listed(): array
    {
        $this->atTheMachine();
        putenv(Door::ADDRESS.'='.self::ADDRESS);
        $page = $this->get('http://127.0.0.1/workshop/devices')->assertOk()->viewData('page');
        /** @var list<array<string, mixed>> $shares */
        $shares = json_decode((string) json_encode(data_get($page, 'props.shares')), true);

        return $shares;
    }
}
