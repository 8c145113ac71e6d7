<?php

declare(strict_types=1);

namespace App\Workshop\Copies;

use App\Workshop\Place;
use App\Workshop\StateFile;
use App\Workshop\Unservable;
use Carbon\CarbonImmutable;
use Illuminate\Support\Str;

/**
 * A copy on its way back into a workshop that is served. It is looked at while everybody goes on; once somebody says so, whoever serves
 * the workshop stops, puts it in place, and goes on with it.
 */
final readonly class Handover
{
    public const NONE = 'none';

    public const READY = 'ready';

    public const WANTED = 'wanted';

    public const DONE = 'done';

    public const FAILED = 'failed';

    private StateFile $state;

    public function __construct(private Place $place)
    {
        $this->state = new StateFile("{$place->run}/handover.json");
    }

    /**
     * @param  string  $name  of the copy, as people know it
     *
     * @throws Unfit|Unservable if it cannot be brought back
     */
    public function look(Restore $restore, string $path, string $name): void
    {
        $lock = fopen("{$this->place->run}/handover.lock", 'c');
        if ($lock === false || ! flock($lock, LOCK_EX | LOCK_NB)) {
            throw new Unservable('Somebody else looks at a copy just now. Try again in a moment.');
        }
        try {
            if ($this->isWanted()) {
                throw new Unservable('Another copy is being brought back just now. Try again in a moment.');
            }
            $this->state->forget();
            $manifest = $restore->look($path);
            $this->state->change([
                'state' => self::READY, 'key' => Str::random(24), 'name' => $name, 'made_at' => $manifest->madeAt, 'rows' => (object) $manifest->rows,
                'files' => count($manifest->files) - 1, 'at' => CarbonImmutable::now()->toIso8601String(),
            ]);
        } finally {
            fclose($lock);
        }
    }

    /** @return array<string, mixed> what is in the copy that was looked at, and the key by which it is said that it is wanted */
    public function found(): array
    {
        return $this->state->read();
    }

    /** @throws Unservable if that is not what is ready */
    public function want(string $key): void
    {
        $said = $this->state->read();
        if (($said['state'] ?? null) !== self::READY || ! hash_equals(is_string($said['key'] ?? null) ? $said['key'] : '', $key)) {
            throw new Unservable('Nothing is ready to be brought back any more. Look at the copy again.');
        }
        $this->state->change(['state' => self::WANTED, 'key' => null]);
    }

    public function isWanted(): bool
    {
        return ($this->state->read()['state'] ?? null) === self::WANTED;
    }

    /**
     * By whoever serves the workshop, while nobody has it open.
     *
     * @throws HalfWay if it stopped on the way: then nobody may open it either
     */
    public function carryOut(Restore $restore): void
    {
        try {
            $aside = $restore->putInPlace();
            $this->state->change(['state' => self::DONE, 'aside' => $aside]);
        } catch (Unservable $reason) {
            $this->state->change(['state' => self::FAILED, 'why' => $reason->getMessage()]);
        }
    }

    /** One that was wanted when whoever served it ended does not come by itself later: it is asked for anew. */
    public function forgetWish(): void
    {
        if (in_array($this->state->read()['state'] ?? null, [self::READY, self::WANTED], true)) {
            $this->state->forget();
        }
    }

    /** @return array{state: string, name: string, why: string, aside: string} how it stands */
    public function standing(): array
    {
        $said = $this->state->read();
        $word = static fn (string $key): string => is_string($said[$key] ?? null) ? $said[$key] : '';

        return ['state' => $word('state') === '' ? self::NONE : $word('state'), 'name' => $word('name'), 'why' => $word('why'), 'aside' => $word('aside')];
    }
}
