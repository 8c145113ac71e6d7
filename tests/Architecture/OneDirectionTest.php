<?php

declare(strict_types=1);

namespace Tests\Architecture;

use Lira\InvalidInput;
use Lira\PlainText;
use PHPat\Selector\Selector;
use PHPat\Test\Attributes\TestRule;
use PHPat\Test\Builder\Rule;
use PHPat\Test\PHPat;

/** One direction: the core knows nothing of the application, the application decides nothing about strings. */
final class OneDirectionTest
{
    /** What is stored and worked with, whoever asks for it. */
    private const JOBS = ['Models', 'Workshop', 'Hours', 'Instruments', 'Strings', 'Bench', 'Tuning', 'Paper', 'Jobs', 'Log', 'Demo'];

    #[TestRule]
    public function core_knows_only_itself(): Rule
    {
        return PHPat::rule()
            ->classes(Selector::inNamespace('Lira'))
            ->canOnlyDependOn()
            ->classes(Selector::inNamespace('Lira'), Selector::isStandardClass())
            ->because('the rules of the job know no framework, database or screen');
    }

    #[TestRule]
    public function core_does_not_know_the_application(): Rule
    {
        return PHPat::rule()
            ->classes(Selector::inNamespace('Lira'))
            ->shouldNotDependOn()
            ->classes(
                Selector::inNamespace('App'),
                Selector::inNamespace('Illuminate'),
                Selector::inNamespace('Inertia'),
                Selector::inNamespace('Database'),
            )
            ->because('the core never imports the application');
    }

    /** @return iterable<string, Rule> */
    #[TestRule]
    public function each_namespace_of_the_core_knows_its_neighbours_only(): iterable
    {
        foreach (CoreNeighbours::OF as $name => $neighbours) {
            yield $name => PHPat::rule()
                ->classes(Selector::inNamespace("Lira\\{$name}"))
                ->canOnlyDependOn()
                ->classes(
                    Selector::inNamespace("Lira\\{$name}"), Selector::classname(InvalidInput::class), Selector::classname(PlainText::class),
                    Selector::isStandardClass(),
                    ...array_map(static fn (string $neighbour) => Selector::inNamespace("Lira\\{$neighbour}"), $neighbours),
                )
                ->because('a chapter stands on those before it, and documents on all of them');
        }
    }

    /** @return iterable<string, Rule> */
    #[TestRule]
    public function each_room_of_the_application_knows_its_neighbours_only(): iterable
    {
        foreach (AppNeighbours::OF as $name => $neighbours) {
            yield $name => PHPat::rule()
                ->classes(Selector::inNamespace("App\\{$name}"))
                ->shouldNotDependOn()
                ->classes(...array_map(
                    static fn (string $other) => Selector::inNamespace("App\\{$other}"),
                    array_values(array_diff(array_keys(AppNeighbours::OF), [$name, ...$neighbours])),
                ))
                ->because('a room stands on those before it');
        }
    }

    #[TestRule]
    public function storage_does_not_know_http(): Rule
    {
        return PHPat::rule()
            ->classes(...array_map(static fn (string $job) => Selector::inNamespace("App\\{$job}"), self::JOBS))
            ->shouldNotDependOn()
            ->classes(
                Selector::inNamespace('App\Http'), Selector::inNamespace('Illuminate\Http'), Selector::inNamespace(
                    'Symfony\Component\HttpFoundation',
                ),
                Selector::inNamespace('Inertia'),
            )
            ->because('what is stored does not depend on who asks for it');
    }
}
