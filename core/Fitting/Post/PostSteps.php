<?php

declare(strict_types=1);

namespace Lira\Fitting\Post;

use Lira\Fitting\Caution;
use Lira\Kind\PostType;

/**
 * What is done at a tuner. Clauses of at most eight words, with places that {@see \Lira\Fitting\PuttingOn} fills.
 * To add a kind of post: a class, and a line in {@see self::at()}.
 */
abstract readonly class PostSteps
{
    protected const MARK = 'pull it straight, mark it at the post';

    /** What is let back, where it was not cut off already; the winding, in a clause of its own or with more; and both together. */
    protected const BACK = '{back}';

    protected const ON = '{on}';

    protected const WIND = '{wind}';

    public static function at(PostType $post): self
    {
        return match ($post) {
            PostType::Standard => new ThroughHole,
            PostType::Slotted => new SlottedPost,
            PostType::Roller => new Roller,
            PostType::Locking => new LockingPost,
            PostType::BanjoFifth => new BanjoFifth,
            PostType::Elastomer => new ElastomerPost,
        };
    }

    /**
     * How the end goes on.
     *
     * @param  bool  $cutFirst  whether it was cut to its length before
     * @return non-empty-list<string>
     */
    abstract public function on(bool $cutFirst, Thickness $thickness): array;

    /** A sentence. */
    abstract public function doneWhen(): string;

    /** Whether the end has to be cut before it goes on. */
    public function cutsFirst(): bool
    {
        return false;
    }

    /** Whether slack is left between nut and post before the first turn. */
    public function leavesSlack(): bool
    {
        return true;
    }

    /** Whether its turns go one way or the other round it. */
    public function winds(): bool
    {
        return true;
    }

    /** Whether its turns lie beside each other along it, so that they can go to either side of its hole. */
    public function windsAlong(): bool
    {
        return false;
    }

    public function caution(): ?Caution
    {
        return null;
    }
}
