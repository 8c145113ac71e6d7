<?php

declare(strict_types=1);

namespace Tests\Feature\Network;

use App\Models\Device;
use App\Models\Invitation;
use App\Models\Right;
use App\Network\Devices;
use App\Network\Door;
use App\Network\Invitations;
use Illuminate\Support\Facades\DB;

/** A device is let in by a square, three words and a press; known from then on, until it is sent away. */
final class EnteringTest extends NetworkTestCase
{
    public function test_a_square_three_words_and_a_press_let_one_device_in(): void
    {
        [$id, $secret] = $this->invited('Tablet at the window', Right::Bench);
        $this->atTheNetwork();
        $this->ask('GET', '/jobs')->assertStatus(401);

        $asked = $this->ask('POST', '/enter', ['secret' => $secret])->assertOk()->assertJson(['name' => 'Tablet at the window']);
        $words = $asked->json('words');
        self::assertMatchesRegularExpression('/^[a-z]+ [a-z]+ [a-z]+$/', is_string($words) ? $words : '');
        $asking = self::cookie($asked, Invitations::COOKIE);
        self::assertTrue($asking->isSecure() && $asking->isHttpOnly());
        $this->showingAsking((string) $asking->getValue());
        $this->ask('POST', '/enter/standing')->assertOk()->assertExactJson(['in' => false, 'words' => $words]);
        $this->ask('GET', '/jobs')->assertStatus(401);

        // The owner sees the same words, and lets it in.
        $this->atTheMachine();
        $this->here('GET', "/workshop/invitations/{$id}")->assertExactJson(['state' => 'asked', 'words' => $words]);
        $this->here('PUT', "/workshop/invitations/{$id}")->assertOk();
        $this->here('GET', "/workshop/invitations/{$id}")->assertJson(['state' => 'allowed']);

        $this->atTheNetwork();
        $this->showingAsking((string) $asking->getValue());
        $entered = $this->ask('POST', '/enter/standing')->assertOk()->assertExactJson(['in' => true]);
        $given = self::cookie($entered, Devices::COOKIE);
        self::assertTrue($given->isSecure() && $given->isHttpOnly() && $given->getPath() === '/' && $given->getDomain() === null);
        self::assertSame('lax', $given->getSameSite());
        self::assertNotSame($asking->getValue(), $given->getValue(), 'what it shows now nobody had before');
        self::assertSame('', (string) self::cookie($entered, Invitations::COOKIE)->getValue());

        $this->showing((string) $given->getValue());
        $this->ask('GET', '/jobs')->assertOk();
        $device = Device::query()->sole();
        self::assertSame(['Tablet at the window', Right::Bench], [$device->name, $device->right]);
        // Secrets are kept as what they are known by.
        $kept = (string) json_encode([DB::table('devices')->get(), DB::table('invitations')->get()]);
        foreach ([$secret, (string) $asking->getValue(), (string) $given->getValue()] as $shown) {
            self::assertStringNotContainsString($shown, $kept);
        }
        // What the device had shown while it asked lets nobody in a second time.
        $this->forgetWho();
        $this->showingAsking((string) $asking->getValue());
        $this->ask('POST', '/enter/standing')->assertStatus(410);
        self::assertSame(1, Device::query()->count());
        $this->atTheMachine();
        $this->here('GET', "/workshop/invitations/{$id}")->assertJson(['state' => 'in']);
    }

    public function test_a_square_is_good_once_for_ten_minutes_and_until_it_is_taken_back(): void
    {
        [, $once] = $this->invited();
        [, $late] = $this->invited();
        [$back, $takenBack] = $this->invited();
        $this->here('DELETE', "/workshop/invitations/{$back}")->assertOk();
        $this->atTheNetwork();
        $this->ask('POST', '/enter', ['secret' => $once])->assertOk();
        foreach ([$once, $takenBack, 'guessed', '', str_repeat('x', 5000)] as $secret) {
            $said = $this->ask('POST', '/enter', ['secret' => $secret])->assertStatus(410)->json('errors.0.message');
            self::assertStringContainsString('Show a new one', is_string($said) ? $said : '');
        }
        $this->travel(10)->minutes();
        $this->ask('POST', '/enter', ['secret' => $late])->assertStatus(410);
        self::assertSame(0, Device::query()->count());
    }

    public function test_opening_the_address_spends_nothing_and_the_square_is_not_in_it(): void
    {
        [, $secret, $address] = $this->invited();
        self::assertSame(self::ADDRESS."/enter#{$secret}", $address);
        $this->atTheNetwork();
        // A preview fetches what stands before the sign #.
        $this->get(self::ADDRESS.'/enter')->assertOk();
        self::assertNull(Invitation::query()->sole()->asking_hash);
    }

    public function test_nobody_is_let_in_whom_the_owner_did_not_see(): void
    {
        [$id, $secret] = $this->invited();
        $this->here('PUT', "/workshop/invitations/{$id}")->assertStatus(410);
        $this->atTheNetwork();
        $asked = $this->ask('POST', '/enter', ['secret' => $secret])->assertOk();
        $this->atTheMachine();
        $this->here('DELETE', "/workshop/invitations/{$id}")->assertOk();
        $this->here('PUT', "/workshop/invitations/{$id}")->assertStatus(410);
        $this->atTheNetwork();
        $this->showingAsking((string) self::cookie($asked, Invitations::COOKIE)->getValue());
        $this->ask('POST', '/enter/standing')->assertStatus(410);
    }

    public function test_what_somebody_put_on_a_device_before_it_came_in_is_good_for_nothing(): void
    {
        [$id, $secret] = $this->invited();
        $put = str_repeat('a', 43);
        $this->atTheNetwork();
        $this->showing($put);
        $asked = $this->ask('POST', '/enter', ['secret' => $secret])->assertOk();
        $this->atTheMachine();
        $this->here('PUT', "/workshop/invitations/{$id}")->assertOk();
        $this->atTheNetwork();
        $this->showing($put);
        $this->showingAsking((string) self::cookie($asked, Invitations::COOKIE)->getValue());
        $entered = $this->ask('POST', '/enter/standing')->assertExactJson(['in' => true]);
        self::assertNotSame($put, self::cookie($entered, Devices::COOKIE)->getValue());
        $this->showing($put);
        $this->ask('GET', '/sets')->assertStatus(401);
    }

    public function test_a_device_that_is_sent_away_is_nobody_at_its_next_request(): void
    {
        $this->atTheNetwork();
        $device = $this->as(Right::All);
        $this->ask('GET', '/workshop/devices')->assertOk();
        $this->ask('PUT', "/workshop/devices/{$device->id}", ['name' => 'Old tablet', 'right' => 'look'])->assertOk();
        $this->ask('GET', '/workshop/devices')->assertStatus(403);
        $this->ask('GET', '/sets')->assertOk();
        $this->atTheMachine();
        $this->here('DELETE', "/workshop/devices/{$device->id}")->assertOk();
        self::assertSame([], app(Devices::class)->all());
        $this->atTheNetwork();
        $this->ask('GET', '/sets')->assertStatus(401);
    }

    public function test_it_is_kept_when_a_device_was_last_seen(): void
    {
        $this->atTheNetwork();
        $device = $this->as(Right::Look);
        $this->ask('GET', '/sets')->assertOk();
        $first = $device->refresh()->seen_at;
        self::assertNotNull($first);
        $this->travel(30)->seconds();
        $this->ask('GET', '/sets');
        self::assertEquals($first, $device->refresh()->seen_at, 'not with every request');
        $this->travel(31)->seconds();
        $this->ask('GET', '/sets');
        self::assertTrue($device->refresh()->seen_at?->greaterThan($first));
    }

    public function test_a_program_shows_its_token_to_the_api_alone(): void
    {
        $token = $this->here('POST', '/workshop/programs', ['name' => 'Label printer', 'right' => 'look'])->assertCreated()->json('token');
        self::assertIsString($token);
        $this->atTheNetwork();
        $this->ask('GET', '/api/v1/pitches?hz=110')->assertStatus(401);
        $this->withToken($token);
        $this->ask('GET', '/api/v1/pitches?hz=110')->assertOk();
        $this->ask('GET', '/sets')->assertStatus(401);
        $this->showing($token);
        $this->ask('GET', '/sets')->assertStatus(401);
    }

    public function test_names_and_rights_are_looked_at(): void
    {
        $this->atTheMachine();
        putenv(Door::ADDRESS.'='.self::ADDRESS);
        foreach ([['name' => '', 'right' => 'all'], ['name' => str_repeat('n', 81), 'right' => 'all']] as $given) {
            self::assertLiraError($this->here('POST', '/workshop/invitations', $given), 422, '/name', 'Give it a name');
        }
        foreach (['', 'nobody', 'owner'] as $right) {
            self::assertLiraError($this->here('POST', '/workshop/invitations', ['name' => 'Tablet', 'right' => $right]), 422, '/right', 'all, bench or look');
        }
        putenv(Door::ADDRESS);
        self::assertLiraError($this->here('POST', '/workshop/invitations', ['name' => 'Tablet', 'right' => 'all']), 422, '', 'bin/start --network');
    }

    public function test_whoever_keeps_asking_has_to_wait(): void
    {
        $this->atTheNetwork();
        for ($time = 0; $time < 20; $time++) {
            $this->ask('POST', '/enter', ['secret' => "guess {$time}"])->assertStatus(410);
        }
        $this->ask('POST', '/enter', ['secret' => 'one more'])->assertStatus(429);
    }

    /** @return array{int, string, string} its number, what the square holds, and its whole address */
    private function invited(string $name = 'Tablet', Right $right = Right::All): array
    {
        $this->atTheMachine();
        putenv(Door::ADDRESS.'='.self::ADDRESS);
        $answer = $this->here('POST', '/workshop/invitations', ['name' => $name, 'right' => $right->value])->assertCreated();
        [$id, $address] = [$answer->json('id'), $answer->json('address')];
        self::assertTrue(is_int($id) && is_string($address));
        $secret = explode('#', $address)[1] ?? '';
        self::assertSame(22, strlen($secret), '128 bits');

        return [$id, $secret, $address];
    }

    private function showingAsking(string $shows): void
    {
        $this->withUnencryptedCookie(Invitations::COOKIE, $shows);
        $this->withCredentials();
    }
}
