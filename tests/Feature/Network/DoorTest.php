<?php

declare(strict_types=1);

namespace Tests\Feature\Network;

use App\Models\Right;
use App\Network\Door;

/** Two doors that cannot be mistaken for each other: which it is lies in the process, not in what is asked. */
final class DoorTest extends NetworkTestCase
{
    public function test_nothing_that_is_said_over_the_network_makes_it_the_machine(): void
    {
        $this->atTheNetwork();
        $forged = [
            'X-Forwarded-For' => '127.0.0.1', 'X-Real-IP' => '127.0.0.1', 'Forwarded' => 'for=127.0.0.1;host=127.0.0.1', 'X-Forwarded-Host' => '127.0.0.1:8000',
            'X-Forwarded-Proto' => 'http', 'X-Forwarded-Port' => '8000', 'Lira-Door' => 'machine', 'LIRA_DOOR' => 'machine', 'Lira-From' => '127.0.0.1',
            'X-Original-URL' => '/workshop', 'X-Rewrite-URL' => '/workshop',
        ];
        foreach ($forged as $name => $value) {
            $this->forgetWho();
            $this->json('GET', self::ADDRESS.'/workshop/devices', [], [$name => $value])->assertStatus(401);
        }
        $this->json('POST', self::ADDRESS.'/sets/import', ['LIRA_DOOR' => 'machine'], $forged)->assertStatus(401);
    }

    public function test_the_network_is_answered_under_its_own_names_alone(): void
    {
        $this->atTheNetwork();
        foreach (['127.0.0.1', 'localhost', '[::1]', 'evil.example', 'lira.shop.evil.example'] as $host) {
            $this->json('GET', "https://{$host}/enter")->assertStatus(421);
        }
        foreach (['lira.shop', '192.168.7.20', 'LIRA.shop'] as $host) {
            $this->json('GET', "https://{$host}:8443/enter")->assertOk();
        }
        $this->json('GET', self::ADDRESS.'/enter', [], ['Origin' => 'https://evil.example'])->assertStatus(403);
        $this->json('GET', self::ADDRESS.'/enter', [], ['Origin' => 'http://lira.shop:8443'])->assertStatus(403);
        $this->json('GET', self::ADDRESS.'/enter', [], ['Origin' => self::ADDRESS])->assertOk();
    }

    public function test_the_machine_is_not_answered_under_the_names_of_the_network(): void
    {
        putenv(Door::NAMES.'=lira.shop');
        $this->json('GET', 'http://lira.shop/sets')->assertStatus(421);
        $this->here('GET', '/workshop/devices')->assertOk();
    }

    public function test_where_nobody_says_which_door_it_is_nobody_is_the_owner(): void
    {
        putenv(Door::ENVIRONMENT);
        $this->forgetWho();
        $this->json('GET', 'http://127.0.0.1/sets')->assertStatus(401);
        putenv(Door::ENVIRONMENT.'=MACHINE');
        $this->json('GET', 'http://127.0.0.1/sets')->assertStatus(401);
    }

    public function test_cookies_of_the_network_are_such_as_nobody_else_can_set_or_read(): void
    {
        $this->atTheNetwork();
        config(['session.driver' => 'array']);
        $this->as(Right::Look);
        $response = $this->ask('GET', '/workshop');
        $session = self::cookie($response, '__Host-lira_session');
        self::assertSame([true, true, '/', null], [$session->isSecure(), $session->isHttpOnly(), $session->getPath(), $session->getDomain()]);
        self::assertTrue(self::cookie($response, 'XSRF-TOKEN')->isSecure());
        $cache = (string) $response->headers->get('Cache-Control');
        self::assertStringContainsString('no-store', $cache);
        self::assertStringContainsString('private', $cache);
    }
}
