<?php

declare(strict_types=1);

namespace Tests\Architecture;

use PHPat\Selector\Selector;
use PHPat\Test\Attributes\TestRule;
use PHPat\Test\Builder\Rule;
use PHPat\Test\PHPat;

/** One direction: the core knows nothing of the application, the application decides nothing about strings. */
final class OneDirectionTest
{
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
            ->classes(Selector::inNamespace('App'), Selector::inNamespace('Illuminate'), Selector::inNamespace('Inertia'), Selector::inNamespace('Database'))
            ->because('the core never imports the application');
    }

    #[TestRule]
    public function formulas_do_not_know_documents(): Rule
    {
        return PHPat::rule()
            ->classes(
                Selector::inNamespace('Lira\Pitch'),
                Selector::inNamespace('Lira\Length'),
                Selector::inNamespace('Lira\Material'),
                Selector::inNamespace('Lira\Density'),
                Selector::inNamespace('Lira\Tension'),
                Selector::inNamespace('Lira\Feel'),
            )
            ->shouldNotDependOn()
            ->classes(Selector::inNamespace('Lira\Document'), Selector::inNamespace('Lira\Evaluation'), Selector::inNamespace('Lira\Solver'))
            ->because('physics does not depend on how it is written down');
    }

    #[TestRule]
    public function storage_does_not_know_http(): Rule
    {
        return PHPat::rule()
            ->classes(Selector::inNamespace('App\Models'))
            ->shouldNotDependOn()
            ->classes(Selector::inNamespace('App\Http'))
            ->because('what is stored does not depend on who asks for it');
    }
}
