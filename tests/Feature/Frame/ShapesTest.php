<?php

declare(strict_types=1);

namespace Tests\Feature\Frame;

use App\Models\Pool;
use App\Models\Show;
use App\Models\Supplier;
use Illuminate\Routing\Route;
use Illuminate\Support\Facades\Route as Routes;
use Tests\Feature\Jobs\JobsTestCase;

/** Whatever shape things have that are sent: every door answers, and none of them by a failure of its own, or in words of a framework. */
final class ShapesTest extends JobsTestCase
{
    /** Under which something is sent anywhere. */
    private const KEYS = [
        'name', 'document', 'revision', 'strings', 'instrument', 'instrument_id', 'present', 'wish', 'set', 'schools', 'reason', 'owner', 'bench', 'promised_on',
        'events', 'now', 'rule', 'note', 'until', 'place', 'zone', 'heat', 'salt', 'sweat', 'on', 'at', 'hours', 'hours_a_week', 'columns', 'units', 'construction',
        'material', 'whole', 'quantity', 'count', 'levels', 'orders', 'key', 'lines', 'text', 'kind', 'readings', 'core', 'pool_id', 'typed', 'what', 'pitches',
        'caption', 'moment', 'job', 'position', 'left_mm', 'from', 'to', 'currency', 'lead_days', 'address', 'finger_mm', 'folder', 'upload', 'every_weeks', 'days',
        'kinds', 'fingerboard', 'instruments', 'played', 'exposed', 'strings_at', 'rounds', 'observations', 'gauge', 'gauge_mm', 'gauge_in', 'cents', 'shipping_cents',
        'from_drawer', 'spares', 'way', 'left_handed', 'begun_key', 'touched', 'since', 'sets', 'designs', 'least', 'starts_at', 'play',
    ];

    private const SHAPES = [
        'lists' => [['a', ['b']]], 'objects' => [['x' => ['y' => 1]]], 'nothing' => [null], 'yes' => [true], 'figures' => [-1.5e300], 'large' => [PHP_INT_MAX],
        'words' => ['9999-99-99'], 'signs' => ["\u{202e}<b>'\"--"], 'empty' => [''],
    ];

    public function test_no_door_fails_at_what_has_another_shape(): void
    {
        $set = self::keptSet();
        $job = $this->begun($set);
        $supplier = Supplier::query()->create(['name' => 'Sandbar', 'currency' => 'EUR']);
        Pool::query()->create(['name' => 'All', 'rule' => []]);
        Show::query()->create(['uid' => 'one', 'name' => 'Quay', 'starts_at' => now(), 'hours' => 2]);
        $ids = ['set' => $set->id, 'instrument' => $set->instrument_id, 'job' => $job->id, 'supplier' => $supplier->id];
        $failed = [];
        foreach (Routes::getRoutes()->getRoutes() as $route) {
            foreach (array_intersect($route->methods(), ['POST', 'PUT']) as $method) {
                $address = preg_replace_callback('/\{(\w+)\??\}/', static fn (array $found): string => (string) ($ids[$found[1]] ?? 1), $route->uri());
                foreach (self::SHAPES as $shape => [$value]) {
                    $answer = $this->json($method, "/{$address}", array_fill_keys(self::KEYS, $value));
                    $said = (string) $answer->getContent();
                    if ($answer->getStatusCode() >= 500 || preg_match('/"message":"(?:The [^"]* (?:field|must)|validation\.)/', $said) === 1) {
                        $failed[] = "{$method} /{$address}, {$shape}: {$answer->getStatusCode()} ".substr($said, 0, 300);
                    }
                }
            }
        }
        self::assertSame([], $failed);
    }

    public function test_no_page_fails_at_an_address_that_nobody_wrote(): void
    {
        $set = self::keptSet();
        $this->begun($set);
        $failed = [];
        foreach (Routes::getRoutes()->getRoutes() as $route) {
            if (! in_array('GET', $route->methods(), true) || self::isOwnServersOnly($route)) {
                continue;
            }
            foreach (['1', '0', '99999999999999999999', '-1', 'x', '%00', '%C3%28'] as $id) {
                $address = preg_replace('/\{\w+\??\}/', $id, $route->uri());
                foreach (["/{$address}", "/{$address}?year=99999999999999999999&since=x&weeks=1e9&page=-5&order=%00x&for=%C3%28&units=x&paper=x&owner[]=a"] as $asked) {
                    $status = $this->get($asked)->getStatusCode();
                    if ($status >= 500) {
                        $failed[] = "{$asked}: {$status}";
                    }
                }
            }
        }
        self::assertSame([], array_unique($failed));
    }

    /** Those write files where they are served. */
    private static function isOwnServersOnly(Route $route): bool
    {
        return in_array($route->uri(), ['workshop/open', 'workshop/copies/now'], true);
    }
}
