<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Bench\StoredSets;
use App\Models\Instrument;
use App\Models\StringSet;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Foundation\Testing\TestCase;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use Illuminate\Testing\TestResponse;
use Lira\Document\Json;
use Lira\Document\SetDocument;
use Tests\Core\Document\Documents;

/** Tests over HTTP and the command line with a real SQLite file. */
abstract class FeatureTestCase extends TestCase
{
    use RefreshDatabase;

    protected function setUp(): void
    {
        $database = __DIR__.'/../../'.getenv('DB_DATABASE');
        if (! file_exists($database)) {
            @mkdir(dirname($database));
            touch($database);
        }
        parent::setUp();
        $this->withoutVite();
    }

    /** Whether the demo was put into its own file in this run. */
    private static bool $hasDemo = false;

    /** From here on in the demo workshop: it is filled once for all tests, and each changes it within a transaction of its own. */
    protected function withDemo(): void
    {
        $path = base_path('var/testing-demo.sqlite');
        DB::rollBack();
        DB::purge();
        config(['database.connections.sqlite.database' => $path]);
        if (! self::$hasDemo) {
            foreach (['', '-wal', '-shm'] as $ending) {
                @unlink($path.$ending);
            }
            touch($path);
            self::assertSame(0, Artisan::call('migrate', ['--force' => true]));
            self::assertSame(0, Artisan::call('lira:demo'));
            self::$hasDemo = true;
        }
        DB::beginTransaction();
    }

    protected static function keptSet(?\stdClass $json = null): StringSet
    {
        return app(StoredSets::class)->add(SetDocument::from($json ?? Documents::harbour()));
    }

    protected static function keptInstrument(): Instrument
    {
        return self::keptSet()->instrument;
    }

    /**
     * Sends JSON exactly as written, without a detour over PHP arrays.
     *
     * @return TestResponse<\Symfony\Component\HttpFoundation\Response>
     */
    protected function sendJson(string $method, string $address, \stdClass|string $body): TestResponse
    {
        return $this->call($method, $address, server: [
            'CONTENT_TYPE' => 'application/json', 'HTTP_ACCEPT' => 'application/json',
        ], content: is_string($body) ? $body : Json::text($body));
    }

    /**
     * Sends a file, or none, as a form does.
     *
     * @param  array<string, UploadedFile>  $files
     * @param  array<string, mixed>  $fields
     * @return TestResponse<\Symfony\Component\HttpFoundation\Response>
     */
    protected function sendForm(string $address, array $files = [], array $fields = []): TestResponse
    {
        return $this->call(
            'POST',
            $address,
            $fields,
            files: $files,
            server: ['HTTP_ACCEPT' => 'application/json', 'CONTENT_TYPE' => 'multipart/form-data; boundary=between'],
        );
    }

    /** @param  TestResponse<\Symfony\Component\HttpFoundation\Response>  $response */
    protected static function assertLiraError(TestResponse $response, int $status, string $path, string $words): void
    {
        $response->assertStatus($status);
        $body = Json::object((string) $response->getContent());
        self::assertSame('lira-error', $body->format ?? null);
        $errors = $body->errors ?? [];
        self::assertIsArray($errors);
        $there = array_filter(
            $errors,
            static fn (mixed $error): bool => $error instanceof \stdClass
                && $error->path === $path
                && is_string($error->message)
                && str_contains($error->message, $words),
        );
        self::assertNotSame([], $there, "No “{$words}” at “{$path}” in ".$response->getContent());
    }
}
