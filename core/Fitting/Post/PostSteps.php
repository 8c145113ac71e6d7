<?php

declare(strict_types=1);

namespace Lira\Fitting\Post;

use Lira\Fitting\Caution;
use Lira\Kind\PostType;

/**
 * What is done at a tuner. Sentences with places: {leave_mm:0} beyond the straight way, {cut_mm:0} from the post's middle, {turns}.
 * To add a kind of post: a class, and a line in {@see self::at()}.
 */
abstract readonly class PostSteps
{
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

    /** How the end goes on, where its lengths are known. */
    abstract public function on(bool $wound): string;

    abstract public function doneWhen(): string;

    /** Whether its turns go one way or the other round it. */
    public function winds(): bool
    {
        return true;
    }

    public function caution(): ?Caution
    {
        return null;
    }
}
