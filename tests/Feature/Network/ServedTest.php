<?php

declare(strict_types=1);

namespace Tests\Feature\Network;

use App\Network\Addresses;
use App\Network\Authority;
use App\Network\Door;
use App\Network\Outside;
use App\Workshop\Place;
use GuzzleHttp\Client;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use Psr\Http\Message\ResponseInterface;
use Psr\Log\NullLogger;
use Tests\Feature\Workshop\RunningServer;
use Tests\Feature\Workshop\WorkshopTestCase;

/** The network's door as it is served: HTTPS by the workshop's own authority before a server of its own. */
final class ServedTest extends WorkshopTestCase
{
    private ?RunningServer $server = null;

    private ?Outside $outside = null;

    protected function tearDown(): void
    {
        $this->server?->stop();
        $this->outside?->stop();
        parent::tearDown();
    }

    public function test_both_doors_are_served_and_the_network_s_opens_to_nobody(): void
    {
        $port = RunningServer::freePort();
        $this->server = new RunningServer("{$this->folder}/shop.sqlite", ['--empty', '--network', "--network-port={$port}"]);
        $this->server->ready();
        $said = $this->untilItSays('network it is at');
        $authority = "{$this->folder}/shop-files/run/network/authority.crt";
        $host = Addresses::now()->hosts()[0] ?? self::fail('This machine has neither an address nor a name.');
        self::assertStringContainsString("https://{$host}:{$port}", $said);

        // Trusted by the workshop's authority alone, under the address that is said.
        $asking = new Client(['base_uri' => "https://{$host}:{$port}", 'verify' => $authority, 'http_errors' => false, 'allow_redirects' => false, 'curl' => [CURLOPT_RESOLVE => ["{$host}:{$port}:127.0.0.1"]]]);
        $json = ['Accept' => 'application/json'];
        self::assertSame(401, $asking->get('/sets', ['headers' => $json])->getStatusCode());
        self::assertSame("https://{$host}:{$port}/enter", $asking->get('/sets')->getHeaderLine('Location'));
        self::assertSame(200, $asking->get('/enter')->getStatusCode());
        // Whatever is said of where it comes from, or how long it is.
        $forged = ['X-Forwarded-For' => '127.0.0.1', 'X-Forwarded-Host' => '127.0.0.1', 'X-Forwarded-Proto' => 'http', 'Forwarded' => 'for=127.0.0.1', Door::FROM => '127.0.0.1'];
        self::assertSame(401, $asking->get('/workshop/devices', ['headers' => $json + $forged])->getStatusCode());
        self::assertSame(421, $asking->get('/sets', ['headers' => $json + ['Host' => "127.0.0.1:{$this->server->port}"]])->getStatusCode());
        self::assertStringNotContainsString('"sets"', self::smuggled($host, $port, $authority));
        // In the clear there is nothing.
        self::assertSame(400, (new Client(['http_errors' => false]))->get("http://127.0.0.1:{$port}/sets")->getStatusCode());
        // The machine's own door is as it was.
        self::assertSame(200, (new Client)->get("{$this->server->address()}/workshop/devices")->getStatusCode());
        self::assertSame(421, (new Client(['http_errors' => false]))->get("{$this->server->address()}/sets", ['headers' => ['Host' => "{$host}:{$port}"]])->getStatusCode());

        self::assertSame(0, $this->server->stop());
        self::assertFalse(@fsockopen('127.0.0.1', $port, timeout: 0.5));
    }

    public function test_without_the_switch_there_is_no_door_but_the_machine_s(): void
    {
        $this->server = (new RunningServer("{$this->folder}/shop.sqlite"))->ready();
        self::assertStringNotContainsString('network', $this->server->said());
        self::assertFileDoesNotExist("{$this->folder}/shop-files/run/network");
        $asked = (new Client(['http_errors' => false]))->post("{$this->server->address()}/workshop/invitations", ['json' => ['name' => 'Tablet', 'right' => 'all']]);
        self::assertContains($asked->getStatusCode(), [419, 422]);
    }

    public function test_it_is_turned_on_and_off_in_workshop_and_stays_as_it_was_said(): void
    {
        $port = RunningServer::freePort();
        $options = ['--empty', "--network-port={$port}"];
        $this->server = (new RunningServer("{$this->folder}/shop.sqlite", $options))->ready();
        $first = $this->standing();
        self::assertSame([null, null], [$first['address'], $first['fault']]);

        $this->server->send('PUT', '/workshop/network', ['on' => true]);
        $address = (string) $this->untilItStands(static fn (array $standing): bool => $standing['address'] !== null)['address'];
        self::assertStringEndsWith(":{$port}", $address);
        $authority = "{$this->folder}/shop-files/run/network/authority.crt";
        $host = (string) parse_url($address, PHP_URL_HOST);
        self::assertSame(200, self::answerOf($host, $port, $authority));

        // The next start needs not be told.
        self::assertSame(0, $this->server->stop());
        $this->server = (new RunningServer("{$this->folder}/shop.sqlite", $options))->ready();
        $this->untilItSays('network it is at');
        self::assertSame($address, $this->standing()['address']);

        $this->server->send('PUT', '/workshop/network', ['on' => false]);
        $this->untilItStands(static fn (array $standing): bool => $standing['address'] === null);
        self::assertSame(0, self::answerOf($host, $port, $authority));
        self::assertSame(200, (new Client)->get("{$this->server->address()}/workshop/devices")->getStatusCode());
    }

    public function test_what_stands_in_the_way_of_it_is_said_and_the_machine_s_door_stays_open(): void
    {
        $port = RunningServer::freePort();
        $this->server = (new RunningServer("{$this->folder}/shop.sqlite", ['--empty', "--network-port={$port}"]))->ready();
        // Taken once it runs: what is open before goes along to whatever is started.
        $taken = stream_socket_server("tcp://0.0.0.0:{$port}");
        self::assertNotFalse($taken);
        $this->server->send('PUT', '/workshop/network', ['on' => true]);
        $standing = $this->untilItStands(static fn (array $standing): bool => $standing['fault'] !== null);
        self::assertNull($standing['address']);
        self::assertStringContainsString("Port {$port} is taken by another program", (string) $standing['fault']);
        // Once nothing stands in the way it is asked for again.
        fclose($taken);
        $this->server->send('PUT', '/workshop/network', ['on' => true]);
        self::assertNull($this->untilItStands(static fn (array $standing): bool => $standing['address'] !== null)['fault']);
    }

    /** @return array{address: ?string, fault: ?string} */
    private function standing(): array
    {
        $said = json_decode((string) (new Client)->get("{$this->server?->address()}/workshop/network")->getBody(), true);
        self::assertTrue(is_array($said));

        return ['address' => is_string($said['address'] ?? null) ? $said['address'] : null, 'fault' => is_string($said['fault'] ?? null) ? $said['fault'] : null];
    }

    /**
     * @param  \Closure(array{address: ?string, fault: ?string}): bool  $when
     * @return array{address: ?string, fault: ?string}
     */
    private function untilItStands(\Closure $when): array
    {
        for ($until = microtime(true) + 30; microtime(true) < $until;) {
            try {
                $standing = $this->standing();
                if ($when($standing)) {
                    return $standing;
                }
            } catch (\GuzzleHttp\Exception\TransferException) {
                // It is begun anew.
            }
            usleep(50_000);
        }
        self::fail('It did not come to stand so.');
    }

    public function test_another_address_makes_all_of_it_anew_and_keeps_the_authority(): void
    {
        Artisan::call('migrate', ['--force' => true]);
        DB::disconnect();
        $place = Place::of("{$this->folder}/lira.sqlite", base_path());
        $place->prepare();
        $at = '192.168.7.20';
        $port = RunningServer::freePort();
        $this->outside = new Outside($place, $port, new NullLogger, static function () use (&$at): Addresses {
            return Addresses::of([$at], ['shop.local']);
        });
        $this->outside->start();
        $authority = Authority::of($place)->certificate();
        $print = Authority::of($place)->fingerprint();
        self::assertSame("https://192.168.7.20:{$port}", $this->outside->address());
        self::assertSame([200, 200], [self::answerOf('192.168.7.20', $port, $authority), self::answerOf('shop.local', $port, $authority)]);

        $at = '192.168.7.33';
        self::assertTrue($this->outside->hasMoved());
        $this->outside->stop();
        $this->outside->start();
        self::assertSame("https://192.168.7.33:{$port}", $this->outside->environment()[Door::ADDRESS]);
        self::assertSame(200, self::answerOf('192.168.7.33', $port, $authority));
        self::assertNotSame(200, self::answerOf('192.168.7.20', $port, $authority), 'the old one is no name of it any more');
        self::assertSame($print, Authority::of($place)->fingerprint(), 'who trusts it goes on trusting it');
        self::assertFalse($this->outside->hasMoved());
    }

    public function test_what_answers_the_network_is_begun_anew_when_it_ends(): void
    {
        Artisan::call('migrate', ['--force' => true]);
        DB::disconnect();
        $place = Place::of("{$this->folder}/lira.sqlite", base_path());
        $place->prepare();
        $port = RunningServer::freePort();
        $this->outside = new Outside($place, $port, new NullLogger, static fn (): Addresses => Addresses::of(['192.168.7.20'], []));
        $this->outside->start();
        $authority = Authority::of($place)->certificate();
        $killed = 0;
        foreach ((array) glob('/proc/[0-9]*/cmdline') as $file) {
            if (str_contains((string) @file_get_contents((string) $file), Outside::folder($place).'/front.json')) {
                posix_kill((int) basename(dirname((string) $file)), SIGKILL);
                $killed++;
            }
        }
        self::assertSame(1, $killed);
        for ($until = microtime(true) + 20; microtime(true) < $until && self::answerOf('192.168.7.20', $port, $authority) !== 200;) {
            $this->outside->hasMoved();
        }
        self::assertSame(200, self::answerOf('192.168.7.20', $port, $authority));
    }

    public function test_the_authority_vouches_for_private_addresses_and_this_machine_s_names_alone(): void
    {
        $authority = new Authority("{$this->folder}/network");
        $authority->vouchFor(Addresses::of(['192.168.7.20'], ['shop', 'shop.local']));
        self::assertSame('0600', substr(sprintf('%o', fileperms($authority->key())), -4));
        self::assertSame('0700', substr(sprintf('%o', fileperms("{$this->folder}/network")), -4));
        $read = openssl_x509_parse((string) file_get_contents($authority->certificate()));
        $limits = data_get($read, 'extensions.nameConstraints');
        self::assertIsString($limits);
        foreach (['IP:192.168.0.0/255.255.0.0', 'IP:10.0.0.0/255.0.0.0', 'DNS:shop', 'DNS:shop.local'] as $permitted) {
            self::assertStringContainsString($permitted, $limits);
        }
        $print = $authority->fingerprint();
        self::assertMatchesRegularExpression('/^([0-9A-F]{2}:){31}[0-9A-F]{2}$/', (string) $print);
        $authority->vouchFor(Addresses::of(['10.1.2.3'], ['shop', 'shop.local']));
        self::assertSame($print, $authority->fingerprint());
        // For another name it cannot vouch.
        $authority->vouchFor(Addresses::of(['10.1.2.3'], ['bench']));
        self::assertNotSame($print, $authority->fingerprint());
    }

    private function untilItSays(string $words): string
    {
        for ($until = microtime(true) + 30; microtime(true) < $until && ! str_contains((string) $this->server?->said(), $words);) {
            usleep(20_000);
        }
        $said = (string) $this->server?->said();
        self::assertStringContainsString($words, $said);

        return $said;
    }

    private static function answerOf(string $host, int $port, string $authority): int
    {
        try {
            $answer = (new Client)->get("https://{$host}:{$port}/api/v1/ok", ['verify' => $authority, 'http_errors' => false, 'timeout' => 10, 'curl' => [CURLOPT_RESOLVE => ["{$host}:{$port}:127.0.0.1"]]]);
        } catch (\GuzzleHttp\Exception\TransferException) {
            return 0;
        }

        return self::isOurs($answer) ? $answer->getStatusCode() : 0;
    }

    private static function isOurs(ResponseInterface $answer): bool
    {
        return (string) $answer->getBody() === 'ok';
    }

    /** What comes back where one request is hidden in another, meant for the machine's door. */
    private static function smuggled(string $host, int $port, string $authority): string
    {
        $context = stream_context_create(['ssl' => ['cafile' => $authority, 'peer_name' => $host, 'alpn_protocols' => 'http/1.1']]);
        $socket = stream_socket_client("ssl://127.0.0.1:{$port}", $code, $why, 5.0, STREAM_CLIENT_CONNECT, $context);
        self::assertNotFalse($socket);
        stream_set_timeout($socket, 5);
        $hidden = "GET /sets HTTP/1.1\r\nHost: 127.0.0.1\r\nAccept: application/json\r\nX-Inertia: true\r\n\r\n";
        fwrite($socket, "POST /enter HTTP/1.1\r\nHost: {$host}:{$port}\r\nAccept: application/json\r\nContent-Length: 5\r\nTransfer-Encoding: chunked\r\nConnection: close\r\n\r\n0\r\n\r\n{$hidden}");
        $answer = (string) stream_get_contents($socket);
        fclose($socket);

        return $answer;
    }
}
