<?php

declare(strict_types=1);

namespace Tests\Feature\Workshop;

use GuzzleHttp\Exception\TransferException;
use Psr\Http\Message\ResponseInterface;
use Tests\Core\Document\Documents;

/** A copy brought back into a workshop that is served, and the copy of the day made by itself. */
final class HandoverTest extends WorkshopTestCase
{
    private RunningServer $server;

    protected function tearDown(): void
    {
        $this->server->stop();
        parent::tearDown();
    }

    public function test_what_is_served_is_as_it_was_once_a_copy_is_brought_back(): void
    {
        $this->begin();
        $first = $this->add('First');
        $copy = $this->copy();
        $this->add('Second');

        $found = self::answer($this->server->send('POST', '/workshop/restore', ['upload' => $this->upload($copy), 'name' => 'kept.zip']), 200);
        self::assertSame(['ready', 'kept.zip'], [$found['state'], $found['name']]);
        self::assertSame(1, ((array) $found['rows'])['sets'] ?? null);
        // Nothing is changed yet; whoever works goes on.
        self::assertSame(['First', 'Second'], $this->names());
        $this->add('Third');
        self::assertSame(422, $this->server->send('PUT', '/workshop/restore', ['key' => 'another'])->getStatusCode());
        self::assertSame(202, $this->server->send('PUT', '/workshop/restore', ['key' => $found['key']])->getStatusCode());
        $standing = $this->awaited();
        self::assertSame('done', $standing['state']);
        self::assertSame(['First'], $this->names());
        self::assertSame(3, self::value(is_string($standing['aside']) ? $standing['aside'] : '', 'select count(*) from sets'));
        self::assertSame(200, $this->server->client()->get("/sets/{$first}")->getStatusCode());
        $this->add('After it');
        self::assertSame(['First', 'After it'], $this->names());
        self::assertSame('ok', self::value($this->server->database, 'pragma integrity_check'));
        // Said once: the key is used up.
        self::assertSame(422, $this->server->send('PUT', '/workshop/restore', ['key' => $found['key']])->getStatusCode());
    }

    public function test_what_is_no_copy_is_refused_in_words_and_everybody_goes_on(): void
    {
        $this->begin();
        $this->add('First');
        $copy = $this->copy();
        foreach (['text', substr($copy, 0, (int) (strlen($copy) / 2)), ''] as $bytes) {
            $answer = $this->server->send('POST', '/workshop/restore', ['upload' => $this->upload($bytes), 'name' => 'x.zip']);
            self::assertSame(422, $answer->getStatusCode());
            self::assertStringContainsString('no zip', (string) $answer->getBody());
        }
        foreach ([['upload' => '../../etc/passwd', 'name' => 'x'], ['name' => '../lira.sqlite'], ['name' => 'lira-2031-01-01.zip'], ['upload' => 'never-sent-this'], ['upload' => ['a'], 'name' => ['b']]] as $asked) {
            self::assertSame(422, $this->server->send('POST', '/workshop/restore', $asked)->getStatusCode());
        }
        self::assertSame(['First'], $this->names());
        self::assertSame([], glob("{$this->folder}/first-files/run/arriving/*"));
    }

    public function test_pieces_of_a_file_come_in_their_order_only(): void
    {
        $this->begin();
        $piece = fn (string $bytes, int $at): ResponseInterface => $this->server->client()->request('POST', '/workshop/restore/pieces', [
            'multipart' => [['name' => 'upload', 'contents' => 'the-very-same'], ['name' => 'at', 'contents' => (string) $at], ['name' => 'file', 'contents' => $bytes, 'filename' => 'a']],
            'headers' => $this->server->token(),
        ]);
        self::assertSame(['bytes' => 3], self::answer($piece('abc', 0), 200));
        self::assertStringContainsString('missing', (string) $piece('def', 5)->getBody());
        self::assertStringContainsString('missing', (string) $piece('abc', 0)->getBody());
        self::assertSame(['bytes' => 6], self::answer($piece('def', 3), 200));
    }

    public function test_the_copy_of_the_day_is_made_by_itself_and_one_of_it_is_brought_back(): void
    {
        $this->begin(['--copy-after=0']);
        $this->add('First');
        $copies = [];
        for ($until = microtime(true) + 30; $copies === [] && microtime(true) < $until; usleep(50_000)) {
            $copies = (array) glob("{$this->folder}/first-copies/first-*.zip");
        }
        self::assertCount(1, $copies);
        $name = self::answer($this->server->send('POST', '/workshop/copies', []), 201)['name'];
        self::assertStringEndsWith('-2.zip', is_string($name) ? $name : '');
        $this->add('Second');
        $found = self::answer($this->server->send('POST', '/workshop/restore', ['name' => $name]), 200);
        $this->server->send('PUT', '/workshop/restore', ['key' => $found['key']]);
        self::assertSame('done', $this->awaited()['state']);
        self::assertSame(['First'], $this->names());
    }

    /** @param  list<string>  $options */
    private function begin(array $options = []): void
    {
        $this->server = (new RunningServer("{$this->folder}/first.sqlite", ['--empty', ...$options]))->ready();
    }

    private function add(string $name): int
    {
        $id = self::answer($this->server->send('POST', '/sets/import', Documents::with('/name', $name)), 201)['id'];

        return is_int($id) ? $id : 0;
    }

    /** What a press on “Take a copy away” gives. */
    private function copy(): string
    {
        $answer = $this->server->client()->get('/workshop/copies/now');
        self::assertSame([200, 'application/zip'], [$answer->getStatusCode(), $answer->getHeaderLine('Content-Type')]);

        return (string) $answer->getBody();
    }

    private function upload(string $bytes): string
    {
        $name = 'copy-'.bin2hex(random_bytes(8));
        foreach ($bytes === '' ? [''] : str_split($bytes, 3000) as $index => $piece) {
            $answer = $this->server->client()->request('POST', '/workshop/restore/pieces', [
                'multipart' => [['name' => 'upload', 'contents' => $name], ['name' => 'at', 'contents' => (string) ($index * 3000)], ['name' => 'file', 'contents' => $piece, 'filename' => 'piece.zip']],
                'headers' => $this->server->token(),
            ]);
            self::assertSame(200, $answer->getStatusCode(), (string) $answer->getBody());
        }

        return $name;
    }

    /** @return array<mixed> how it stands once it is over */
    private function awaited(): array
    {
        for ($until = microtime(true) + 40; microtime(true) < $until; usleep(50_000)) {
            try {
                $standing = (array) json_decode((string) $this->server->client()->get('/workshop/restore')->getBody(), true);
            } catch (TransferException) {
                // Nobody is answered while it is put in place.
                continue;
            }
            if (in_array($standing['state'] ?? null, ['done', 'failed'], true)) {
                return $standing;
            }
        }
        self::fail('It did not come to an end: '.$this->server->said());
    }

    /** @return list<mixed> */
    private function names(): array
    {
        return array_column(self::ask($this->server->database, 'select name from sets order by id'), 'name');
    }

    /** @return array<mixed> */
    private static function answer(ResponseInterface $answer, int $status): array
    {
        self::assertSame($status, $answer->getStatusCode(), (string) $answer->getBody());

        return (array) json_decode((string) $answer->getBody(), true);
    }
}
