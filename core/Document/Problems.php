<?php

declare(strict_types=1);

namespace Lira\Document;

use Lira\InvalidInput;

/** Collects what is wrong with a document while it is read, so that all of it can be said at once. */
final class Problems
{
    private const MOST = 50;

    /** @var array<string, Problem> each said once */
    private array $found = [];

    /** @var list<string> */
    private array $unknownKeys = [];

    public function add(string $path, string $message): void
    {
        if (count($this->found) < self::MOST) {
            $this->found[$path.' '.$message] = new Problem($path, $message);
        }
    }

    public function unknownKey(string $path): void
    {
        $this->unknownKeys[] = $path;
    }

    /** @return list<string> JSON Pointers of the keys that were kept but mean nothing here */
    public function unknownKeys(): array
    {
        return $this->unknownKeys;
    }

    /**
     * What the core makes of some input; where the core refuses it, its sentence is kept with the place and null returned.
     *
     * @template T
     *
     * @param  \Closure(): T  $make
     * @return T|null
     */
    public function at(string $path, \Closure $make): mixed
    {
        try {
            return $make();
        } catch (InvalidInput $refused) {
            $this->add($path, $refused->getMessage());

            return null;
        }
    }

    public function any(): bool
    {
        return $this->found !== [];
    }

    /** @throws InvalidDocument if anything was found */
    public function throwIfAny(): void
    {
        if ($this->found !== []) {
            throw InvalidDocument::because(array_values($this->found));
        }
    }
}
