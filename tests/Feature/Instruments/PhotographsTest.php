<?php

declare(strict_types=1);

namespace Tests\Feature\Instruments;

use App\Models\Instrument;
use App\Models\Photograph;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\Storage;
use Illuminate\Testing\TestResponse;
use Inertia\Testing\AssertableInertia;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Feature\FeatureTestCase;

final class PhotographsTest extends FeatureTestCase
{
    private Instrument $instrument;

    protected function setUp(): void
    {
        parent::setUp();
        Storage::fake('local');
        $this->instrument = self::keptInstrument();
    }

    public function test_a_large_photograph_is_kept_smaller_in_two_sizes(): void
    {
        $answer = $this->send(UploadedFile::fake()->image('front.png', 3200, 1600))->assertCreated();
        $answer->assertJson(['width' => 1600, 'height' => 800, 'caption' => 'The front']);
        $id = Photograph::query()->sole()->id;

        $size = function (string $query) use ($id): array {
            $response = $this->get("/instruments/{$this->instrument->id}/photographs/{$id}{$query}")->assertOk()
                ->assertHeader('Content-Type', 'image/jpeg');
            $found = getimagesizefromstring((string) $response->getContent());

            return [$found[0] ?? 0, $found[1] ?? 0];
        };
        self::assertSame([1600, 800], $size(''));
        self::assertSame([360, 180], $size('?small=1'));
        $this->get("/instruments/{$this->instrument->id}")->assertInertia(
            static fn (AssertableInertia $page) => $page->where('photographs.0.caption', 'The front'),
        );
    }

    public function test_a_small_one_is_not_blown_up_and_what_came_with_it_is_left_behind(): void
    {
        $file = UploadedFile::fake()->image('nut.jpg', 200, 100);
        $secret = 'taken at 52.1 north';
        // A comment segment right after the start of the picture, as cameras write them.
        $picture = (string) file_get_contents($file->getPathname());
        file_put_contents(
            $file->getPathname(),
            substr($picture, 0, 2)."\xFF\xFE".pack('n', strlen($secret) + 2).$secret.substr($picture, 2),
        );
        self::assertStringContainsString($secret, (string) file_get_contents($file->getPathname()));

        $this->send($file)->assertCreated()->assertJson(['width' => 200, 'height' => 100]);
        foreach (Storage::allFiles('photographs') as $kept) {
            self::assertStringNotContainsString($secret, (string) Storage::get($kept));
        }
        self::assertCount(2, Storage::allFiles('photographs'));
    }

    #[DataProvider('bad')]
    public function test_what_is_no_picture_is_refused_and_nothing_is_kept(string $name, string $content, string $words): void
    {
        self::assertLiraError($this->send(UploadedFile::fake()->createWithContent($name, $content)), 422, '/photograph', $words);
        self::assertSame(0, Photograph::query()->count());
        self::assertSame([], Storage::allFiles('photographs'));
    }

    /** @return iterable<string, array{string, string, string}> */
    public static function bad(): iterable
    {
        $png = base64_decode('iVBORw0KGgoAAAANSUhEUgAAAAEAAAABCAYAAAAfFcSJAAAADUlEQVR42mP8z8BQDwAEhQGAhKmMIQAAAABJRU5ErkJggg==', true);
        yield 'words' => ['front.jpg', 'not a picture', 'is not a JPEG, PNG or WebP picture'];
        yield 'a script in disguise' => ['front.png', '<?php echo 1;', 'is not a JPEG, PNG or WebP picture'];
        yield 'a drawing' => ['front.svg', '<svg xmlns="http://www.w3.org/2000/svg"/>', 'is not a JPEG, PNG or WebP picture'];
        yield 'half a picture' => ['front.png', substr((string) $png, 0, 40), 'cannot be read as a picture'];
        yield 'far too large' => [
            'front.png',
            substr((string) $png, 0, 16).pack('NN', 20_000, 20_000).substr((string) $png, 24),
            'more than 40 million pixels',
        ];
    }

    public function test_one_that_is_larger_than_anything_taken_is_told_as_a_photograph(): void
    {
        $answer = $this->call(
            'POST',
            "/instruments/{$this->instrument->id}/photographs",
            server: [
                'HTTP_ACCEPT' => 'application/json',
                'CONTENT_TYPE' => 'multipart/form-data; boundary=x',
                'CONTENT_LENGTH' => '99999999999',
            ],
        );
        self::assertLiraError($answer, 422, '/photograph', 'larger than 20 MB');
    }

    public function test_nothing_sent_is_told(): void
    {
        self::assertLiraError(
            $this->sendForm("/instruments/{$this->instrument->id}/photographs"),
            422,
            '/photograph',
            'Choose a photograph',
        );
    }

    public function test_words_change_and_what_is_removed_comes_back(): void
    {
        $this->send(UploadedFile::fake()->image('front.png', 40, 30))->assertCreated();
        $id = Photograph::query()->sole()->id;
        $address = "/instruments/{$this->instrument->id}/photographs/{$id}";

        $this->putJson($address, ['caption' => '  The headstock ', 'revision' => 1])->assertOk()
            ->assertJson(['caption' => 'The headstock']);
        self::assertLiraError($this->putJson($address, ['caption' => 'The back', 'revision' => 1]), 409, '', 'changed elsewhere');
        self::assertLiraError($this->putJson($address, ['caption' => ['The back'], 'revision' => 2]), 422, '/caption', '200 characters');
        $this->delete($address)->assertOk();
        $this->get($address)->assertNotFound();
        $this->post("{$address}/unarchive")->assertOk();
        $this->get($address)->assertOk();
        $other = Instrument::query()->create($this->instrument->only(['name', 'kind', 'strings', 'document', 'first_mm', 'last_mm']));
        $this->get("/instruments/{$other->id}/photographs/{$id}")->assertNotFound();
        $this->post("/instruments/{$other->id}/photographs/{$id}/unarchive")->assertNotFound();
    }

    /** @return TestResponse<\Symfony\Component\HttpFoundation\Response> */
    private function send(UploadedFile $file): TestResponse
    {
        return $this->sendForm("/instruments/{$this->instrument->id}/photographs", ['photograph' => $file], ['caption' => 'The front']);
    }
}
