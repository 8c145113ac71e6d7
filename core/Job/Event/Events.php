<?php

declare(strict_types=1);

namespace Lira\Job\Event;

/** Every kind of event there is. */
final class Events
{
    /** @var list<class-string<Event>> */
    private const ALL = [
        Did::class,
        Back::class,
        Rests::class,
        Schools::class,
        Again::class,
        Shortened::class,
        Chose::class,
        Turned::class,
        Measured::class,
        Died::class,
        Drifted::class,
        Noted::class,
        Bench::class,
        Agreed::class,
        Undone::class,
        Finished::class,
        Reopened::class,
    ];

    /** @return array<string, class-string<Event>> by the name of their kind */
    public static function kinds(): array
    {
        return array_combine(array_map(static fn (string $class): string => $class::kind(), self::ALL), self::ALL);
    }

    /** @throws \DomainException if there is no such kind */
    public static function of(string $kind, Said $said): Event
    {
        $class = self::kinds()[$kind] ?? throw new \DomainException("There is no event of the kind {$kind}");

        return $class::from($said);
    }
}
