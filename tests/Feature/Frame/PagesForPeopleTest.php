<?php

declare(strict_types=1);

namespace Tests\Feature\Frame;

use App\Models\Instrument;
use App\Models\Job;
use App\Models\ListString;
use App\Models\Lot;
use App\Models\StringSet;
use App\Models\Supplier;
use Illuminate\Routing\Route as Registered;
use Illuminate\Support\Facades\Route;
use Tests\Feature\FeatureTestCase;

/** Whatever address somebody opens: a page, a paper or a file, never the answers that pages ask for. */
final class PagesForPeopleTest extends FeatureTestCase
{
    public function test_no_address_shows_raw_json_to_a_person(): void
    {
        $this->withDemo();
        $set = StringSet::query()->where('name', 'Harbour, down to C')->firstOrFail();
        $version = $set->versions()->create(['name' => 'As ordered', 'document' => $set->document]);
        $named = [
            'set' => $set->id, 'version' => $version->id, 'instrument' => Instrument::query()->firstOrFail()->id, 'job' => Job::query()->firstOrFail()->id,
            'lot' => Lot::query()->firstOrFail()->id, 'string' => ListString::query()->firstOrFail()->id, 'supplier' => Supplier::query()->firstOrFail()->id,
            'year' => 2026, 'word' => 'tension', 'code' => "S{$set->id}-1",
        ];
        // Whole copies and exports are files, which tests of their own read.
        $files = ['copies.now', 'copies.show', 'open.show', 'log.tables'];
        $opened = 0;
        foreach (Route::getRoutes()->getRoutes() as $route) {
            if (! in_array('GET', $route->methods(), true) || str_starts_with($route->uri(), 'api/') || in_array($route->getName(), $files, true)) {
                continue;
            }
            $response = $this->get('/'.self::filled($route, $named), ['Sec-Fetch-Mode' => 'navigate']);
            $type = (string) $response->headers->get('Content-Type');
            $isFile = str_starts_with((string) $response->headers->get('Content-Disposition'), 'attachment');
            self::assertTrue($isFile || ! str_contains($type, 'json'), "{$route->uri()} shows {$type}");
            self::assertNotSame(500, $response->getStatusCode(), $route->uri());
            $opened++;
        }
        self::assertGreaterThan(60, $opened);

        $navigate = ['Sec-Fetch-Mode' => 'navigate'];
        $this->get("/sets/{$set->id}", $navigate)->assertRedirect("/bench/{$set->id}");
        $this->get("/instruments/{$named['instrument']}/log", $navigate)->assertRedirect("/instruments/{$named['instrument']}?view=log");
        // The pages' own questions are answered as before.
        $this->get("/sets/{$set->id}", ['Sec-Fetch-Mode' => 'cors'])->assertOk()->assertJsonPath('id', $set->id);
    }

    /** @param  array<string, int|string>  $named */
    private static function filled(Registered $route, array $named): string
    {
        return (string) preg_replace_callback('/\{(\w+)\}/', static fn (array $found): string => (string) ($named[$found[1]] ?? 999), $route->uri());
    }
}
