<?php

declare(strict_types=1);

namespace Tests\Feature\Network;

use App\Models\Right;
use Illuminate\Routing\Route;
use Illuminate\Support\Facades\Route as Routes;

/** Every route has a right, and whoever has less is refused before anything is looked at. */
final class RightsTest extends NetworkTestCase
{
    /** What is there for nobody: the way in, whether Lira answers, a calendar under its own key, and what was given to somebody. */
    private const FOR_NOBODY = ['enter.show', 'enter.authority', 'enter.ask', 'enter.standing', 'api.ok', 'log.feed', 'shares.show'];

    public function test_every_route_says_what_it_needs_once(): void
    {
        foreach (self::routes() as $route) {
            self::assertCount(1, self::rightsOf($route), "{$route->methods()[0]} {$route->uri()} needs one may:…");
        }
    }

    public function test_what_is_there_for_nobody_is_known(): void
    {
        $open = array_filter(self::routes(), static fn (Route $route): bool => self::rightsOf($route) === [Right::Nobody]);

        self::assertEqualsCanonicalizing(self::FOR_NOBODY, array_map(static fn (Route $route): ?string => $route->getName(), $open));
    }

    public function test_whoever_may_only_look_changes_nothing(): void
    {
        // Those ask, and answer with figures.
        $asks = ['bench.answer', 'start.read', 'instruments.usual-set', 'instruments.playing', 'jobs.plan', 'orders.plan', 'samples.family', 'samples.weigh'];
        foreach (self::routes() as $route) {
            if (self::rightsOf($route) === [Right::Look] && ! in_array('GET', $route->methods(), true) && ! str_starts_with($route->uri(), 'api/')) {
                self::assertContains($route->getName(), $asks);
            }
        }
    }

    public function test_nobody_looker_bench_and_owner_come_as_far_as_they_may(): void
    {
        $this->atTheNetwork();
        foreach ([null, ...Right::given()] as $has) {
            $this->forgetWho();
            if ($has !== null) {
                $this->as($has);
            }
            foreach (self::routes() as $route) {
                [$needed] = self::rightsOf($route);
                $mayAsk = $needed === Right::Nobody || $has?->covers($needed) === true;
                $status = $this->ask($route->methods()[0], '/'.self::filled($route))->getStatusCode();
                $said = ($has->value ?? 'nobody')." at {$route->methods()[0]} {$route->uri()}";
                if ($mayAsk) {
                    // There is nothing there, what was sent cannot be used, or it is too often: but it was looked at.
                    self::assertNotContains($status, [401, 403, 500], $said);
                } else {
                    self::assertSame($has === null ? 401 : 403, $status, $said);
                }
            }
        }
    }

    public function test_somebody_who_opens_a_page_and_is_not_let_in_comes_to_the_way_in(): void
    {
        $this->atTheNetwork();
        $this->get(self::ADDRESS.'/sets')->assertRedirect(self::ADDRESS.'/enter');
        $this->get(self::ADDRESS.'/sets', ['X-Inertia' => 'true'])->assertStatus(409)->assertHeader('X-Inertia-Location', self::ADDRESS.'/enter');
        $this->get(self::ADDRESS.'/enter')->assertOk();
    }

    /** @return list<Route> */
    private static function routes(): array
    {
        // Copies and what is brought back work on whole files, which tests of their own look at.
        $heavy = ['copies.now', 'copies.store', 'open.show', 'restore.look', 'restore.bring-back', 'restore.piece', 'demo.store', 'demo.destroy'];

        return array_values(array_filter(
            Routes::getRoutes()->getRoutes(),
            static fn (Route $route): bool => ! in_array($route->getName(), $heavy, true),
        ));
    }

    /** @return list<Right> */
    private static function rightsOf(Route $route): array
    {
        $rights = [];
        foreach ($route->gatherMiddleware() as $middleware) {
            if (is_string($middleware) && str_starts_with($middleware, 'may:')) {
                $rights[] = Right::from(substr($middleware, 4));
            }
        }

        return $rights;
    }

    private static function filled(Route $route): string
    {
        return (string) preg_replace(['/\{year\}/', '/\{name\}/', '/\{[^}]+\}/'], ['2026', 'gone.zip', '999999'], $route->uri());
    }
}
