<?php

declare(strict_types=1);

namespace Tests\Feature\Frame;

use App\Models\Instrument;
use App\Models\StringSet;
use Illuminate\Routing\Route as Registered;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Route;
use Illuminate\Testing\TestResponse;
use Lira\Document\Json;
use PHPUnit\Framework\Attributes\DataProvider;
use Symfony\Component\HttpFoundation\Response;
use Tests\Core\Document\Documents;
use Tests\Feature\FeatureTestCase;

/** Who may ask, how, and what every answer says to the browser. */
final class RequestsTest extends FeatureTestCase
{
    #[DataProvider('names')]
    public function test_lira_answers_under_its_own_names_only(string $host, int $status): void
    {
        config(['app.url' => 'https://strings.workshop.example']);
        self::keptSet();

        $this->asking('GET', '/sets', ['HTTP_HOST' => $host])->assertStatus($status);
        $this->asking('GET', '/api/v1/ok', ['HTTP_HOST' => $host])->assertStatus($status);
    }

    /** @return iterable<array{string, int}> */
    public static function names(): iterable
    {
        foreach (['127.0.0.1:8000', 'localhost:8123', 'LOCALHOST', '[::1]:8000', 'strings.workshop.example'] as $own) {
            yield $own => [$own, 200];
        }
        foreach ([
            'elsewhere.example',
            '127.0.0.1.elsewhere.example',
            'localhost.elsewhere.example:8000',
            '10.0.0.7',
            '0.0.0.0:8000',
            'strings.workshop.example.net',
            'a_b',
        ] as $other) {
            yield $other => [$other, 421];
        }
    }

    /** @param  array<string, string>  $headers */
    #[DataProvider('elsewhere')]
    public function test_what_a_page_from_elsewhere_asks_for_is_refused_and_nothing_changes(array $headers): void
    {
        $set = self::keptSet();

        self::assertLiraError($this->asking('DELETE', "/sets/{$set->id}", $headers), 403, '', 'a page from elsewhere');
        self::assertLiraError(
            $this->asking('POST', '/api/v1/evaluations', $headers, Json::text(Documents::harbour())),
            403,
            '',
            'a page from elsewhere',
        );
        self::assertSame(1, StringSet::query()->count());
    }

    /** @return iterable<string, array{array<string, string>}> */
    public static function elsewhere(): iterable
    {
        yield 'another name' => [['HTTP_ORIGIN' => 'https://elsewhere.example']];
        yield 'another port of this machine' => [['HTTP_ORIGIN' => 'http://localhost:3000']];
        yield 'the usual port, from another one' => [['HTTP_HOST' => '127.0.0.1:8001', 'HTTP_ORIGIN' => 'http://127.0.0.1:8000']];
        yield 'a file' => [['HTTP_ORIGIN' => 'null']];
        yield 'a page of the same site' => [['HTTP_SEC_FETCH_SITE' => 'same-site', 'HTTP_SEC_FETCH_MODE' => 'cors']];
        yield 'a browser that says so' => [['HTTP_SEC_FETCH_SITE' => 'cross-site', 'HTTP_SEC_FETCH_MODE' => 'no-cors']];
        yield 'a form sent from there' => [
            ['HTTP_SEC_FETCH_SITE' => 'cross-site', 'HTTP_SEC_FETCH_MODE' => 'navigate', 'HTTP_SEC_FETCH_DEST' => 'document'],
        ];
    }

    public function test_its_own_pages_and_links_from_elsewhere_are_served(): void
    {
        $set = self::keptSet();
        $own = ['HTTP_HOST' => 'localhost:8123', 'HTTP_ORIGIN' => 'http://localhost:8123', 'HTTP_SEC_FETCH_SITE' => 'same-origin'];

        $this->asking('DELETE', "/sets/{$set->id}", $own)->assertOk();
        $this->asking(
            'GET',
            '/sets',
            ['HTTP_SEC_FETCH_SITE' => 'cross-site', 'HTTP_SEC_FETCH_MODE' => 'navigate', 'HTTP_SEC_FETCH_DEST' => 'document'],
        )->assertOk();
        $this->asking(
            'GET',
            '/sets',
            ['HTTP_SEC_FETCH_SITE' => 'cross-site', 'HTTP_SEC_FETCH_MODE' => 'navigate', 'HTTP_SEC_FETCH_DEST' => 'iframe'],
        )->assertForbidden();
    }

    #[DataProvider('types')]
    public function test_what_is_sent_has_to_be_json(string $type): void
    {
        $body = Json::text(Documents::harbour());
        foreach ([
            '/api/v1/evaluations',
            '/api/v1/solutions',
            '/api/v1/conversions',
            '/api/v1/sounds',
            '/api/v1/fits',
            '/api/v1/reaches',
            '/sets/import',
            '/strings/pools',
        ] as $address) {
            self::assertLiraError($this->asking('POST', $address, ['CONTENT_TYPE' => $type], $body), 415, '', 'application/json');
        }
    }

    /** @return iterable<array{string}> */
    public static function types(): iterable
    {
        yield ['text/plain'];
        yield ['text/plain; charset=application/json'];
        yield ['application/x-www-form-urlencoded'];
        yield ['multipart/form-data; boundary=x'];
        yield [''];
    }

    public function test_every_answer_says_what_the_browser_may_do_with_it(): void
    {
        $set = self::keptSet();
        $always = [
            'X-Content-Type-Options' => 'nosniff',
            'X-Frame-Options' => 'DENY',
            'Referrer-Policy' => 'same-origin',
            'Cross-Origin-Resource-Policy' => 'same-origin',
        ];
        foreach ([
            '/sets' => 'text/html',
            "/sets/{$set->id}/export" => 'application/json',
            "/sets/{$set->id}/sheet" => 'application/pdf',
            '/nowhere' => 'text/html',
            '/api/v1/nowhere' => 'application/json',
            '/api/v1/ok' => 'text/plain',
        ] as $address => $type) {
            $answer = $this->get($address);
            foreach ($always as $name => $value) {
                self::assertSame($value, $answer->headers->get($name), "{$name} of {$address}");
            }
            self::assertStringContainsString($type, (string) $answer->headers->get('Content-Type', 'text/html'));
            self::assertStringContainsString("frame-ancestors 'none'", (string) $answer->headers->get('Content-Security-Policy'), $address);
        }
        $refused = $this->asking('GET', '/sets', ['HTTP_HOST' => 'elsewhere.example']);
        self::assertSame('nosniff', $refused->headers->get('X-Content-Type-Options'));
    }

    public function test_a_page_runs_only_what_ships_with_it(): void
    {
        self::keptSet();
        $answer = $this->get('/sets');
        $policy = (string) $answer->headers->get('Content-Security-Policy');

        self::assertStringContainsString("default-src 'none'; script-src 'self';", $policy);
        self::assertStringNotContainsString('unsafe', $policy);
        preg_match("/style-src 'self' 'nonce-(\w+)'/", $policy, $nonce);
        self::assertStringContainsString('<meta name="csp-nonce" content="'.($nonce[1] ?? '-').'">', (string) $answer->getContent());
        self::assertNotSame($policy, $this->get('/sets')->headers->get('Content-Security-Policy'), 'a nonce is used once');
        // Data for the scripts, and no script.
        preg_match_all('/<script(?![^>]*\b(src=|type="application\/json"))[^>]*>/', (string) $answer->getContent(), $inline);
        self::assertSame([], $inline[0]);
    }

    #[DataProvider('odd')]
    public function test_odd_addresses_and_words_are_refused_and_say_what_to_do(
        string $method,
        string $address,
        ?string $body,
        int $status,
        string $path,
        string $words,
    ): void {
        self::assertLiraError($this->asking($method, $address, [], $body), $status, $path, $words);
    }

    /** @return iterable<string, array{string, string, ?string, int, string, string}> */
    public static function odd(): iterable
    {
        yield 'a word given as a list' => ['GET', '/search?for[]=a', null, 422, '/for', 'once'];
        yield 'a filter given as a list' => ['GET', '/strings/search?construction[x]=plain', null, 422, '/construction', 'once'];
        yield 'a sign that is none in an address' => ['GET', '/search?for=a%00b', null, 422, '/for', 'cannot be shown'];
        yield 'a name with a sign that is none' => [
            'POST',
            '/strings/pools',
            '{"name": "a\u0000b", "rule": {}}',
            422,
            '/name',
            'cannot be shown',
        ];
        yield 'and deeper down' => [
            'POST',
            '/strings/pools',
            '{"name": "a", "rule": {"makes": ["pl\u0007ain"]}}',
            422,
            '/rule/makes/0',
            'cannot be shown',
        ];
        foreach (['its short escape' => 'a\bb', 'another short escape' => 'a\fb', 'the one that stands there raw' => "a\x7Fb"] as $how => $name) {
            yield $how => ['POST', '/strings/pools', '{"name": "'.$name.'", "rule": {}}', 422, '/name', 'cannot be shown'];
        }
        yield 'nothing at all' => ['POST', '/api/v1/evaluations', '', 422, '', 'nothing here'];
        yield 'no such address' => ['GET', '/api/v1/.htaccess', null, 404, '', 'nothing here'];
        yield 'another way of asking' => ['GET', '/api/v1/evaluations', null, 405, '', 'kind of request'];
    }

    /** @param  array<string, mixed>  $body */
    #[DataProvider('revisions')]
    public function test_a_revision_is_said_and_never_guessed(array $body): void
    {
        $set = self::keptSet();
        $instrument = Instrument::query()->sole();
        $document = json_decode(Json::text($set->document), true);
        foreach ([
            "/sets/{$set->id}" => ['document' => $document],
            "/instruments/{$instrument->id}" => ['document' => ['name' => 'Other'], 'strings' => 6],
        ] as $address => $rest) {
            self::assertLiraError($this->putJson($address, $rest + $body), 422, '/revision', 'which revision');
        }
    }

    /** @return iterable<string, array{array<string, mixed>}> */
    public static function revisions(): iterable
    {
        yield 'missing' => [[]];
        yield 'null' => [['revision' => null]];
        yield 'none' => [['revision' => 0]];
        yield 'a word' => [['revision' => 'latest']];
        yield 'a list' => [['revision' => [1]]];
    }

    /** Each address that changes something does so inside the lock, but for those that only ask, or lock for themselves. */
    public function test_every_address_that_writes_does_it_in_the_one_way(): void
    {
        $others = [
            'orders.plan', 'samples.family', 'samples.weigh', 'instruments.usual-set', 'instruments.playing', 'orders.store', 'photographs.store', 'imports.store', 'jobs.plan', 'jobs.cut-short', 'start.read', 'bench.answer', 'shows.import',
            // These read a document or a list first, however large it is, or keep a copy; then they write in a transaction of their own.
            'sets.import', 'sets.update', 'instruments.store', 'instruments.import', 'instruments.update', 'imports.map', 'imports.check', 'demo.destroy',
            // These write no row.
            'copies.store', 'copies.move', 'restore.piece', 'restore.look', 'restore.bring-back', 'network.turn',
        ];
        $writing = array_filter(
            Route::getRoutes()->getRoutes(),
            static fn (Registered $route): bool => array_diff(
                $route->methods(),
                ['GET', 'HEAD'],
            ) !== [] && ! str_starts_with($route->uri(), 'api/'),
        );

        self::assertGreaterThan(30, count($writing));
        foreach ($writing as $route) {
            $locked = in_array('writes', $route->gatherMiddleware(), true);
            self::assertSame(! in_array($route->getName(), $others, true), $locked, $route->getName() ?? $route->uri());
        }
    }

    public function test_what_fails_on_the_way_leaves_nothing_behind_and_is_told_as_an_error_document(): void
    {
        $set = self::keptSet();
        // A fault after the set was written, as a full disk or a bug would be.
        StringSet::updated(static fn () => throw new \LogicException('secret words'));
        $document = json_decode(Json::text(Documents::with('/name', 'Renamed')), true);
        $answer = $this->putJson("/sets/{$set->id}", ['revision' => 1, 'document' => $document]);

        self::assertLiraError($answer, 500, '', 'nothing was changed');
        self::assertStringNotContainsString('secret words', (string) $answer->getContent());
        self::assertSame([$set->name, 1], [DB::table('sets')->value('name'), DB::table('sets')->value('revision')]);
        StringSet::flushEventListeners();
    }

    /**
     * @param  array<string, string>  $server
     * @return TestResponse<Response>
     */
    private function asking(string $method, string $address, array $server = [], ?string $body = null): TestResponse
    {
        $server += [
            'HTTP_ACCEPT' => $method === 'GET'
                && ! str_contains($address, '?')
                && ! str_starts_with($address, '/api') ? 'text/html' : 'application/json',
            'CONTENT_TYPE' => 'application/json',
        ];
        $host = $server['HTTP_HOST'] ?? null;

        return $this->call($method, $host === null ? $address : "http://{$host}{$address}", server: $server, content: $body);
    }
}
