<?php

declare(strict_types=1);

namespace App\Workshop\Serving;

use App\Workshop\Place;
use App\Workshop\Unservable;
use Illuminate\Support\Str;
use Psr\Log\LoggerInterface;

/**
 * PHP's built-in server with its workers, watched over: one that dies is replaced, and when the server itself ends, its exit
 * code is passed on. Nobody else's answer is taken for its own.
 */
final class Server
{
    private const WORKERS = 4;

    private const READY_S = 15;

    /** Whoever is asked to end finishes the request under way first, which takes no longer than requests may. */
    private const ENDING_S = 35;

    private const SETTINGS = [
        'display_errors' => '0', 'log_errors' => '1', 'expose_php' => '0', 'max_execution_time' => '30', 'memory_limit' => '256M',
        'post_max_size' => '32M', 'upload_max_filesize' => '21M', 'opcache.validate_timestamps' => '0',
    ];

    /** @var resource|null */
    private $process;

    /** @var array<int, resource> what it prints */
    private array $pipes = [];

    private string $token = '';

    private ?int $pid = null;

    private ?int $exitCode = null;

    private bool $asked = false;

    /** @param  array<string, string>  $environment  what it is told besides */
    public function __construct(
        private readonly Place $place,
        private readonly int $port,
        private readonly LoggerInterface $log,
        private array $environment = [],
    ) {}

    /** @param  array<string, string>  $environment  what it is told from its next start on */
    public function tell(array $environment): void
    {
        $this->environment = $environment;
    }

    /** For whoever waits on it: it is to end. */
    public function askToStop(): void
    {
        $this->asked = true;
    }

    public function isAskedToStop(): bool
    {
        return $this->asked;
    }

    public function address(): string
    {
        return "http://127.0.0.1:{$this->port}";
    }

    /** @throws Unservable if somebody else has the port */
    public static function checkPort(int $port): void
    {
        $socket = @stream_socket_server("tcp://127.0.0.1:{$port}", $code, $why);
        if ($socket === false) {
            throw new Unservable(match (true) {
                self::tokenAt($port) !== null => "Lira is served at http://127.0.0.1:{$port} already, perhaps with another database. Use that or stop it, or start with another port: --port "
                    .($port + 1)
                    .'.',
                $code === SOCKET_EACCES => "Port {$port} is reserved for the system. Take one from 1024 up, such as --port 8000.",
                default => "Port {$port} is taken by another program ({$why}). End that, or start with another port: --port "
                    .($port + 1)
                    .'.',
            });
        }
        fclose($socket);
    }

    /** @throws Unservable if it does not answer in time */
    public function start(): void
    {
        $preload = new Preload($this->place);
        $ahead = $preload->settings();
        try {
            $this->begin($ahead, $preload->environment());
        } catch (Unservable $failure) {
            if ($ahead === []) {
                throw $failure;
            }
            $this->log->warning('It did not start with its files read in ahead, and starts without.');
            $preload->forget();
            $this->begin([], []);
        }
    }

    /**
     * @param  array<string, string>  $ahead  further settings of PHP
     * @param  array<string, string>  $environment
     *
     * @throws Unservable if it does not answer in time
     */
    private function begin(array $ahead, array $environment): void
    {
        $this->token = Str::random(24);
        $this->exitCode = null;
        $settings = [];
        foreach (self::SETTINGS + $ahead as $name => $value) {
            array_push($settings, '-d', "{$name}={$value}");
        }
        $process = proc_open(
            [PHP_BINARY, ...$settings, '-q', '-S', "127.0.0.1:{$this->port}", '-t', 'public', 'bin/router.php'],
            [['file', '/dev/null', 'r'], ['pipe', 'w'], ['pipe', 'w']],
            $pipes,
            base_path(),
            ['PHP_CLI_SERVER_WORKERS' => (string) self::WORKERS, 'LIRA_SERVER' => $this->token] + $environment + $this->environment + $this->place->environment() + getenv(),
        );
        if ($process === false) {
            throw new Unservable('PHP’s server cannot be started. See whether '.PHP_BINARY.' may be run.');
        }
        $this->process = $process;
        // Asked for now: whoever asks the system how a process is after its end takes its exit code away.
        $this->pid = proc_get_status($process)['pid'];
        $this->pipes = [$pipes[1], $pipes[2]];
        foreach ($this->pipes as $pipe) {
            stream_set_blocking($pipe, false);
        }
        $this->awaitAnswer();
    }

    /** @throws Unservable if nothing, or somebody else, answers */
    private function awaitAnswer(): void
    {
        for ($until = microtime(true) + self::READY_S; microtime(true) < $until;) {
            // The first worker answers before the last is there, and none that is still coming is to be taken for lost.
            if ($this->answers() && count($this->workers() ?? range(1, self::WORKERS)) >= self::WORKERS) {
                return;
            }
            if (! $this->isRunning()) {
                break;
            }
            $this->listen(0.05);
        }
        $this->listen(0);
        $this->stop();
        throw new Unservable("Lira could not be served on port {$this->port}. See the newest server log in {$this->place->run}/logs.");
    }

    /** Whether it is this very server that answers. */
    public function answers(): bool
    {
        return self::tokenAt($this->port) === $this->token;
    }

    /** By which the server at a port is known; null where none of Lira answers. */
    private static function tokenAt(int $port): ?string
    {
        $answer = @file_get_contents(
            "http://127.0.0.1:{$port}/api/v1/ok",
            context: stream_context_create(['http' => ['timeout' => 5, 'ignore_errors' => true]]),
        );
        foreach ($answer === false ? [] : $http_response_header as $header) {
            if (str_starts_with($header, 'Lira-Server: ')) {
                return substr($header, strlen('Lira-Server: '));
            }
        }

        return null;
    }

    public function isRunning(): bool
    {
        if ($this->process === null) {
            return false;
        }
        $status = proc_get_status($this->process);
        if (! $status['running'] && $this->exitCode === null) {
            // Said only the first time it is asked.
            $this->exitCode = $status['signaled'] ? 128 + $status['termsig'] : $status['exitcode'];
        }

        return $status['running'];
    }

    /** What it ended with; 128 and the signal's number where a signal ended it. */
    public function exitCode(): int
    {
        return $this->exitCode ?? 0;
    }

    /** How many of its workers are gone. */
    public function lost(): int
    {
        $workers = $this->isRunning() ? $this->workers() : null;

        return $workers === null ? 0 : max(0, self::WORKERS - count($workers));
    }

    /** @return list<int>|null process ids of the workers that live; null where this cannot be told */
    public function workers(): ?array
    {
        $master = $this->pid();
        $children = $master === null ? false : @file_get_contents("/proc/{$master}/task/{$master}/children");
        // One that has just been killed has no children any more, though they live on.
        if ($children === false || ! self::lives((int) $master)) {
            return null;
        }

        return self::living(
            array_values(array_filter(array_map(intval(...), explode(' ', trim($children))), static fn (int $pid): bool => $pid > 0)),
        );
    }

    private static function lives(int $pid): bool
    {
        $stat = @file_get_contents("/proc/{$pid}/stat");

        return $stat !== false && preg_match('/\) [ZX] /', $stat) !== 1;
    }

    public function pid(): ?int
    {
        return $this->process === null ? null : $this->pid;
    }

    /** Passes on to the log what it prints, for so long. */
    public function listen(float $seconds): void
    {
        $open = array_filter($this->pipes, static fn ($pipe): bool => ! feof($pipe));
        if ($open === []) {
            usleep((int) ($seconds * 1e6));

            return;
        }
        [$read, $write, $except] = [array_values($open), null, null];
        if (@stream_select($read, $write, $except, (int) $seconds, (int) (fmod($seconds, 1) * 1e6)) === false) {
            return;
        }
        foreach ($read as $pipe) {
            while (($line = fgets($pipe)) !== false) {
                $this->log->info(rtrim($line));
            }
        }
    }

    /** Ends it and its workers, each after the request it is busy with. */
    public function stop(): void
    {
        $process = $this->process;
        if ($process === null) {
            return;
        }
        $running = $this->isRunning() ? $this->pid() : null;
        $pids = self::living(array_values(array_unique([...$this->begun(), ...($running === null ? [] : [$running])])));
        self::signal($pids, SIGINT);
        for ($until = microtime(true) + self::ENDING_S; self::living($pids) !== [] && microtime(true) < $until;) {
            $this->listen(0.02);
            $this->isRunning();
        }
        self::signal(self::living($pids), SIGKILL);
        $this->listen(0);
        foreach ($this->pipes as $pipe) {
            fclose($pipe);
        }
        proc_close($process);
        $this->process = null;
    }

    /**
     * Workers outlive a server that is killed, be it before anybody saw them: they are known by what they serve and by its token.
     *
     * @return list<int> process ids of the server and its workers, where this can be told
     */
    private function begun(): array
    {
        $begun = [];
        foreach ((array) glob('/proc/[0-9]*', GLOB_ONLYDIR) as $folder) {
            if (self::has("{$folder}/cmdline", "127.0.0.1:{$this->port}") && self::has("{$folder}/environ", "LIRA_SERVER={$this->token}")) {
                $begun[] = (int) basename((string) $folder);
            }
        }

        return $begun;
    }

    /** Whether a file of the system that lists words has one. */
    private static function has(string $path, string $word): bool
    {
        return in_array($word, explode("\0", (string) @file_get_contents($path)), true);
    }

    /** Ends what is left of it and starts it anew. @throws Unservable if it does not answer then */
    public function restart(): void
    {
        $this->stop();
        $this->start();
    }

    /** @param  list<int>  $pids */
    private static function signal(array $pids, int $signal): void
    {
        foreach ($pids as $pid) {
            posix_kill($pid, $signal);
        }
    }

    /**
     * @param  list<int>  $pids
     * @return list<int>
     */
    private static function living(array $pids): array
    {
        return array_values(array_filter($pids, static fn (int $pid): bool => is_dir('/proc') ? self::lives($pid) : posix_kill($pid, 0)));
    }
}
