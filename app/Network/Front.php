<?php

declare(strict_types=1);

namespace App\Network;

use App\Workshop\Unservable;
use Psr\Log\LoggerInterface;
use Symfony\Component\Process\ExecutableFinder;
use Symfony\Component\Process\Process;

/**
 * What answers the shop's network by HTTPS before the network's door: Debian's caddy, with its own authority. It hands out built files
 * itself, takes everything else to one port of this machine, and can be told nothing while it runs.
 */
final class Front
{
    public const INSTALL = 'apt-get install -y --no-install-recommends caddy';

    private const READY_S = 15;

    private ?Process $process = null;

    /** @param  string  $folder  where its certificates lie, readable by nobody else */
    public function __construct(
        private readonly string $folder,
        private readonly Addresses $addresses,
        private readonly int $port,
        private readonly int $behind,
        private readonly LoggerInterface $log,
    ) {}

    /** @throws Unservable if caddy is missing, or somebody has the port */
    public static function check(int $port): void
    {
        if (self::program() === null) {
            throw new Unservable('To answer the network Lira needs caddy. Run bin/setup network, or: sudo '.self::INSTALL);
        }
        $socket = @stream_socket_server("tcp://0.0.0.0:{$port}", $code, $why);
        if ($socket === false) {
            throw new Unservable("Port {$port} is taken by another program ({$why}). End that, or take another: --network-port ".($port + 1).'.');
        }
        fclose($socket);
    }

    private static function program(): ?string
    {
        return (new ExecutableFinder)->find('caddy', null, ['/usr/bin', '/usr/local/bin']);
    }

    /** @throws Unservable if it does not answer in time */
    public function start(): void
    {
        $authority = new Authority($this->folder);
        $authority->vouchFor($this->addresses);
        $config = "{$this->folder}/front.json";
        file_put_contents($config, json_encode($this->config($authority), JSON_THROW_ON_ERROR | JSON_PRETTY_PRINT | JSON_UNESCAPED_SLASHES));
        // Its home is its folder: nothing of it lies anywhere else.
        $this->process = new Process(
            [(string) self::program(), 'run', '--config', $config],
            $this->folder,
            ['HOME' => $this->folder, 'XDG_DATA_HOME' => $this->folder, 'XDG_CONFIG_HOME' => $this->folder],
            timeout: null,
        );
        $this->process->start();
        for ($until = microtime(true) + self::READY_S; microtime(true) < $until && $this->process->isRunning();) {
            // Its certificates are made as it starts, one after the other.
            if ($this->shows()) {
                return;
            }
            usleep(50_000);
        }
        $this->listen();
        $this->stop();
        throw new Unservable("Lira could not answer the network on port {$this->port}. The newest server log says more.");
    }

    /** Whether it shows a certificate under each name it has. */
    private function shows(): bool
    {
        foreach ($this->addresses->hosts() as $host) {
            if (Shown::at("https://{$host}:{$this->port}") === null) {
                return false;
            }
        }

        return true;
    }

    public function isRunning(): bool
    {
        return $this->process?->isRunning() === true;
    }

    /** Passes on to the log what it says. */
    public function listen(): void
    {
        foreach (explode("\n", trim((string) $this->process?->getIncrementalErrorOutput())) as $line) {
            if ($line !== '') {
                $this->log->info("network: {$line}");
            }
        }
    }

    public function stop(): void
    {
        $this->process?->stop(5.0, SIGTERM);
        $this->process = null;
    }

    /** @return array<string, mixed> */
    private function config(Authority $authority): array
    {
        $built = [
            'match' => [['path' => ['/build/assets/*'], 'file' => ['root' => public_path(), 'try_files' => ['{http.request.uri.path}']]]],
            'handle' => [
                ['handler' => 'headers', 'response' => ['set' => ['Cache-Control' => ['public, max-age=31536000, immutable'], 'X-Content-Type-Options' => ['nosniff']]]],
                [
                    'handler' => 'file_server', 'root' => public_path(), 'precompressed' => ['br' => (object) [], 'gzip' => (object) []],
                    'precompressed_order' => ['br', 'gzip'],
                ],
            ],
            'terminal' => true,
        ];
        $rest = ['handle' => [
            ['handler' => 'request_body', 'max_size' => 40_000_000],
            ['handler' => 'encode', 'encodings' => ['gzip' => (object) []], 'minimum_length' => 1024],
            [
                'handler' => 'reverse_proxy', 'upstreams' => [['dial' => "127.0.0.1:{$this->behind}"]],
                // What it says of who asks stands in the place of whatever a request says.
                'headers' => ['request' => [
                    'set' => [Door::FROM => ['{http.request.remote.host}']],
                    'delete' => ['X-Forwarded-For', 'X-Forwarded-Host', 'X-Forwarded-Proto', 'X-Real-IP', 'Forwarded'],
                ]],
            ],
        ]];

        return [
            'admin' => ['disabled' => true],
            'logging' => ['logs' => ['default' => ['level' => 'WARN']]],
            'storage' => ['module' => 'file_system', 'root' => "{$this->folder}/kept"],
            'apps' => [
                'http' => ['servers' => ['lira' => [
                    'listen' => [":{$this->port}"],
                    'automatic_https' => ['disable_redirects' => true],
                    'protocols' => ['h1', 'h2'],
                    'routes' => [['match' => [['host' => $this->addresses->hosts()]], 'handle' => [['handler' => 'subroute', 'routes' => [$built, $rest]]], 'terminal' => true], ['handle' => [['handler' => 'static_response', 'status_code' => 421]]]],
                    'tls_connection_policies' => [['default_sni' => $this->addresses->hosts()[0]]],
                ]]],
                'pki' => ['certificate_authorities' => ['local' => [
                    'name' => 'Lira', 'install_trust' => false,
                    'root' => ['certificate' => $authority->certificate(), 'private_key' => $authority->key(), 'format' => 'pem_file'],
                ]]],
                'tls' => ['automation' => ['policies' => [['subjects' => $this->addresses->hosts(), 'issuers' => [['module' => 'internal', 'ca' => 'local']]]]]],
            ],
        ];
    }
}
