<?php

declare(strict_types=1);

namespace Tests\Feature\Network;

use App\Models\Invitation;
use App\Models\Right;
use Illuminate\Support\Sleep;
use PHPUnit\Framework\Attributes\DataProvider;

/** Where no door is the owner's, the first device is let in from the command line. */
final class InviteCommandTest extends NetworkTestCase
{
    protected function setUp(): void
    {
        parent::setUp();
        Sleep::fake();
    }

    public function test_a_device_that_shows_the_same_words_is_let_in(): void
    {
        Sleep::whenFakingSleep(static fn () => Invitation::query()->sole()->update(['asking_hash' => hash('sha256', 'shown'), 'words' => 'acorn river spoon']));
        $this->inviting(['--right' => 'bench'])
            ->expectsOutputToContain(self::ADDRESS.'/enter#')
            ->expectsConfirmation('Does the device show “acorn river spoon”? Then it is let in.', 'yes')
            ->expectsOutputToContain('Tablet is let in')
            ->assertSuccessful();
        $invitation = Invitation::query()->sole();
        self::assertTrue($invitation->stands() && $invitation->allowed_at !== null);
        self::assertSame(Right::Bench, $invitation->right);
    }

    public function test_one_that_shows_others_is_not(): void
    {
        Sleep::whenFakingSleep(static fn () => Invitation::query()->sole()->update(['asking_hash' => hash('sha256', 'shown'), 'words' => 'acorn river spoon']));
        $this->inviting()->expectsConfirmation('Does the device show “acorn river spoon”? Then it is let in.', 'no')->assertFailed();
        self::assertFalse(Invitation::query()->sole()->stands());
    }

    public function test_nobody_is_waited_for_longer_than_ten_minutes(): void
    {
        Sleep::whenFakingSleep(fn () => $this->travel(61)->seconds());
        $this->inviting()->assertFailed();
        Sleep::assertSleptTimes(10);
    }

    /** @param  array<string, string>  $said */
    #[DataProvider('wrong')]
    public function test_what_cannot_be_is_said(array $said): void
    {
        $this->inviting($said)->assertFailed();
        self::assertSame(0, Invitation::query()->count());
    }

    /** @return iterable<string, array{array<string, string>}> */
    public static function wrong(): iterable
    {
        yield 'no name' => [['name' => ' ']];
        yield 'too long a name' => [['name' => str_repeat('n', 81)]];
        yield 'no such right' => [['--right' => 'nobody']];
        yield 'not encrypted' => [['--address' => 'http://lira.shop']];
    }

    /** @param  array<string, string>  $said */
    private function inviting(array $said = []): \Illuminate\Testing\PendingCommand
    {
        $command = $this->artisan('lira:invite', $said + ['name' => 'Tablet', '--address' => self::ADDRESS]);
        self::assertInstanceOf(\Illuminate\Testing\PendingCommand::class, $command);

        return $command;
    }
}
