<?php

declare(strict_types=1);

namespace Tests\Feature\Workshop;

use App\Console\Failures;
use App\Workshop\Unservable;
use Illuminate\Contracts\Debug\ExceptionHandler;
use Illuminate\Database\QueryException;
use PHPUnit\Framework\Attributes\DataProvider;
use Symfony\Component\Console\Output\BufferedOutput;
use Symfony\Component\Process\Process;

/** Commands as somebody types them: without a workshop where they ask none, and with a sentence where they cannot. */
final class CommandsTest extends WorkshopTestCase
{
    /** @param  list<string>  $command */
    #[DataProvider('withoutWorkshop')]
    public function test_what_asks_no_workshop_needs_none(array $command, string $says): void
    {
        [$status, $out, $err] = $this->typed($command, "{$this->folder}/none.sqlite");
        self::assertSame(0, $status, $err);
        self::assertStringContainsString($says, $out);
        self::assertFileDoesNotExist("{$this->folder}/none.sqlite");
    }

    /** @return iterable<string, array{list<string>, string}> */
    public static function withoutWorkshop(): iterable
    {
        $set = 'docs/examples/harbour-baritone.json';
        yield 'start' => [['lira:start', 'electric guitar 25.5', '10-46 in E', 'C standard at 27 in', '--table'], 'C standard'];
        yield 'evaluate' => [['lira:evaluate', $set], '"lira-evaluation"'];
        yield 'solve' => [['lira:solve', 'docs/examples/harbour-to-solve.json'], '"lira-solution"'];
        yield 'plan' => [['lira:plan', $set, '--table'], 'Pull after'];
    }

    /** @param  list<string>  $command */
    #[DataProvider('failing')]
    public function test_what_cannot_be_done_is_said_in_a_sentence(array $command, string $says): void
    {
        file_put_contents("{$this->folder}/text.sqlite", 'This is no database at all, only some words.');
        [$status, $out, $err] = $this->typed($command, "{$this->folder}/".(in_array('text', $command, true) ? 'text' : 'none').'.sqlite');
        self::assertNotSame(0, $status);
        self::assertStringContainsString($says, $out.$err);
        self::assertDoesNotMatchRegularExpression('/vendor\/|Exception|SQLSTATE|#0 /', $out.$err);
    }

    /** @return iterable<string, array{list<string>, string}> */
    public static function failing(): iterable
    {
        yield 'the demo without a workshop' => [['lira:demo'], 'There is no workshop in'];
        yield 'a copy without a workshop' => [['lira:backup'], 'There is no workshop in'];
        yield 'a copy of each day without one' => [['lira:backup', '--daily'], 'There is no workshop in'];
        yield 'open formats without one' => [['lira:backup', '--open'], 'There is no workshop in'];
        yield 'bringing back what is not there' => [['lira:restore', '/none.zip', '--yes'], 'There is no file /none.zip.'];
        yield 'no file' => [['lira:evaluate', 'none.json'], 'There is no file'];
        yield 'nothing said' => [['lira:solve'], 'missing: "file"'];
        yield 'an option of nobody' => [['lira:solve', 'x.json', '--colour'], 'option does not exist'];
        yield 'words that are no tuning' => [['lira:start', 'electric guitar', '10-46 in E', 'quite low'], 'quite low'];
        yield 'a port that is none' => [['lira:serve', '--port=x'], 'Give the port as a number'];
    }

    public function test_whatever_else_fails_is_a_sentence_too_and_with_v_the_whole_of_it(): void
    {
        $handler = app(ExceptionHandler::class);
        self::assertInstanceOf(Failures::class, $handler);
        foreach ([
            'The disk is full' => new QueryException('sqlite', 'insert', [], new \PDOException('database or disk is full')),
            'Stop it first.' => new Unservable('Stop it first.'),
            'nothing more is known here than: Oh.' => new \LogicException('Oh'),
        ] as $says => $failure) {
            $handler->renderForConsole($output = new BufferedOutput, $failure);
            $said = $output->fetch();
            self::assertStringContainsString($says, $said);
            self::assertSame(1, substr_count($said, "\n"));
        }
        $handler->renderForConsole($output = new BufferedOutput(BufferedOutput::VERBOSITY_VERBOSE), new \LogicException('Oh'));
        self::assertStringContainsString('CommandsTest.php', $output->fetch());
    }

    /**
     * @param  list<string>  $command
     * @return array{int, string, string} exit code, and what it printed
     */
    private function typed(array $command, string $database): array
    {
        $process = new Process([PHP_BINARY, 'artisan', ...$command, '--no-interaction'], base_path(), ['DB_DATABASE' => $database, 'APP_ENV' => 'production'], timeout: 120);
        $process->run();

        return [(int) $process->getExitCode(), $process->getOutput(), $process->getErrorOutput()];
    }
}
