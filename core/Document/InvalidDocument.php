<?php

declare(strict_types=1);

namespace Lira\Document;

use Lira\InvalidInput;

/** A document that cannot be used, with everything that is wrong with it. */
final class InvalidDocument extends InvalidInput
{
    /**
     * @param  non-empty-list<Problem>  $problems
     * @param  SolutionJson|null  $solution  for the strings that nothing is wrong with, where one was asked for
     */
    private function __construct(public readonly array $problems, public readonly ?array $solution = null)
    {
        parent::__construct($problems[0]->message);
    }

    /** @param  non-empty-list<Problem>  $problems */
    public static function because(array $problems): self
    {
        return new self($problems);
    }

    /**
     * Where only some strings cannot be served: the best for the others comes with what is wrong.
     *
     * @param  non-empty-list<Problem>  $problems
     * @param  SolutionJson  $solution
     */
    public static function inPart(array $problems, array $solution): self
    {
        return new self($problems, $solution);
    }

    public static function tooLarge(): self
    {
        return self::at('', sprintf(
            'This is more than %d MB; a set document is a few kilobytes. Check that it is the right file.',
            intdiv(Json::MAX_BYTES, 1_000_000),
        ));
    }

    public static function at(string $path, string $message): self
    {
        return new self([new Problem($path, $message)]);
    }

    /** @return LiraErrorJson */
    public function toArray(): array
    {
        return [
            'format' => 'lira-error',
            'errors' => array_map(
                static fn (Problem $problem): array => ['path' => $problem->path, 'message' => $problem->message],
                $this->problems,
            ),
        ] + ($this->solution === null ? [] : ['solution' => $this->solution]);
    }
}
