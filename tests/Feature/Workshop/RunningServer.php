<?php

declare(strict_types=1);

namespace Tests\Feature\Workshop;

use GuzzleHttp\Client;
use GuzzleHttp\Cookie\CookieJar;
use Symfony\Component\Process\Process;

/** A server started as anybody starts it, on a port that is free, and a browser's worth of cookies for it. */
final class RunningServer
{
    public readonly int $port;

    private readonly Process $process;

    private readonly CookieJar $cookies;

    /** @param  list<string>  $options */
    public function __construct(public readonly string $database, array $options = ['--empty'], ?int $port = null)
    {
        $this->port = $port ?? self::freePort();
        $this->cookies = new CookieJar;
        // As outside of tests: nothing of this process's environment goes along.
        $none = array_map(
            static fn (): bool => false,
            array_filter(
                getenv(),
                static fn (string $name): bool => str_starts_with($name, 'APP_')
                    || str_starts_with($name, 'LOG_')
                    || str_starts_with($name, 'SESSION_')
                    || str_starts_with($name, 'CACHE_'),
                ARRAY_FILTER_USE_KEY,
            ),
        );
        $this->process = new Process(
            [PHP_BINARY, 'artisan', 'lira:serve', "--port={$this->port}", ...$options],
            dirname(__DIR__, 3),
            ['DB_DATABASE' => $database] + $none,
            timeout: 60,
        );
        $this->process->start();
    }

    public static function freePort(): int
    {
        $socket = stream_socket_server('tcp://127.0.0.1:0');
        if ($socket === false) {
            throw new \RuntimeException('There is no port.');
        }
        $port = (int) substr((string) strrchr((string) stream_socket_get_name($socket, false), ':'), 1);
        fclose($socket);

        return $port;
    }

    public function address(): string
    {
        return "http://127.0.0.1:{$this->port}";
    }

    /** Waits until it answers. */
    public function ready(): self
    {
        $this->process->waitUntil(static fn (string $type, string $text): bool => str_contains($text, 'Lira is at'));
        if (! str_contains($this->process->getOutput(), 'Lira is at')) {
            throw new \RuntimeException('It did not start: '.$this->said());
        }

        return $this;
    }

    public function isRunning(): bool
    {
        return $this->process->isRunning();
    }

    public function said(): string
    {
        return $this->process->getOutput().$this->process->getErrorOutput();
    }

    /** Waits until it ends, and gives its exit code. */
    public function ended(): int
    {
        return $this->process->wait();
    }

    /** Asks it to end, and waits for that. */
    public function stop(): int
    {
        if ($this->process->isRunning()) {
            $this->process->signal(SIGTERM);
        }

        return $this->process->wait();
    }

    /** @return list<int> process ids: the server, then its workers */
    public function pids(): array
    {
        $children = static fn (int $pid): array => array_values(array_map(
            intval(...),
            array_filter(
                explode(' ', trim((string) @file_get_contents("/proc/{$pid}/task/{$pid}/children"))),
                static fn (string $child): bool => $child !== '',
            ),
        ));
        $server = $children((int) $this->process->getPid())[0] ?? 0;

        return [$server, ...$children($server)];
    }

    public function client(): Client
    {
        return new Client([
            'base_uri' => $this->address(),
            'cookies' => $this->cookies,
            'http_errors' => false,
            'timeout' => 20,
            'headers' => ['Accept' => 'application/json'],
        ]);
    }

    /** @return array<string, string> what has to come along with what is sent */
    public function token(): array
    {
        if ($this->cookies->getCookieByName('XSRF-TOKEN') === null) {
            $this->client()->get('/sets', ['headers' => ['Accept' => 'text/html']]);
        }

        return ['X-XSRF-TOKEN' => urldecode((string) $this->cookies->getCookieByName('XSRF-TOKEN')?->getValue())];
    }

    /** @param  array<string, mixed>|\stdClass  $body */
    public function send(string $method, string $address, array|\stdClass $body): \Psr\Http\Message\ResponseInterface
    {
        return $this->client()->request($method, $address, ['json' => $body, 'headers' => $this->token()]);
    }
}
