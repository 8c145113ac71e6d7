<?php

declare(strict_types=1);

namespace Tests\Feature\Strings;

use App\Models\ListString;
use App\Models\Lot;
use App\Models\StringSet;
use App\Strings\Catalogue\Views\ListedPageView;
use App\Strings\Catalogue\Views\SheetView;
use App\Strings\Catalogue\Views\SupplierView;
use App\Strings\Drawer\Views\DrawerStringView;
use App\Strings\Drawer\Views\MovementView;
use App\Strings\Lists\Views\ImportPreviewView;
use App\Strings\Lists\Views\ImportProgressView;
use App\Strings\Orders\Views\OrderView;
use App\Strings\Orders\Views\PlanView;
use App\Strings\Pools\Views\ListedFamilyView;
use App\Strings\Pools\Views\PoolView;
use App\Strings\Samples\Views\SampleView;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Str;
use Tests\Feature\FeatureTestCase;

/** What is answered about strings is what the view classes say, to the last key: the browser's types are made from them. */
final class ViewsTest extends FeatureTestCase
{
    protected function setUp(): void
    {
        parent::setUp();
        $this->withDemo();
    }

    public function test_strings_and_where_they_are_used(): void
    {
        self::assertIs(ListedPageView::class, $this->getJson('/strings/search?for=wound')->assertOk()->json());
        $wound = ListString::query()->where('name', 'Bright wound 46')->sole();
        self::assertIs(SheetView::class, $this->getJson("/strings/{$wound->id}")->assertOk()->json());
        $nylon = ListString::query()->where('name', 'Clear nylon 28')->sole();
        self::assertIs(SheetView::class, $this->getJson("/strings/{$nylon->id}?scale_mm=650")->assertOk()->json());
        self::assertIsEach(SupplierView::class, $this->props('/strings/suppliers', 'suppliers'));
    }

    public function test_pools_and_the_drawer(): void
    {
        self::assertIsEach(PoolView::class, $this->props('/strings/pools', 'pools'));
        self::assertIsEach(ListedFamilyView::class, $this->props('/strings/pools', 'families'));
        self::assertIsEach(DrawerStringView::class, $this->props('/strings/drawer', 'contents'));
        $taken = Lot::query()->where('name', 'Bright plain 10')->sole();
        self::assertIsEach(MovementView::class, $this->getJson("/strings/drawer/lots/{$taken->id}/movements")->assertOk()->json());
    }

    public function test_a_plan_and_the_orders_that_come_of_it(): void
    {
        $asked = ['sets' => [['id' => StringSet::query()->where('name', 'Curlew, D standard')->sole()->id, 'times' => 4]]];
        self::assertIs(PlanView::class, $this->postJson('/strings/orders/plan', $asked)->assertOk()->json());
        $this->postJson('/strings/orders', $asked + ['key' => Str::random(12)])->assertCreated();
        self::assertIsEach(OrderView::class, $this->props('/strings/orders', 'orders'));
    }

    public function test_a_sample_before_and_after_it_is_kept(): void
    {
        $sample = [
            'construction' => 'round-wound', 'material' => 'nickel-plated-steel', 'gauge_nm' => 1_168_400, 'kind' => 'electric-guitar',
            'readings' => ['mass_g' => 6.8, 'mass_resolution_g' => 0.01, 'length_mm' => 1000, 'length_resolution_mm' => 1],
        ];
        $weighed = $this->postJson('/strings/samples/weigh', $sample)->assertOk()->json();
        self::assertIs(SampleView::class, $weighed);
        self::assertNull(data_get($weighed, 'id'));
        $kept = $this->postJson('/strings/samples', $sample)->assertCreated()->json();
        self::assertIs(SampleView::class, $kept);
        self::assertIsInt(data_get($kept, 'id'));
    }

    public function test_a_list_on_its_way_in(): void
    {
        $file = UploadedFile::fake()->createWithContent('list.csv', "code,gauge,material\nA,11,music wire\nB,nothing,music wire\n");
        $preview = $this->sendForm('/strings/suppliers/1/imports', ['file' => $file])->assertCreated()->json();
        self::assertIs(ImportPreviewView::class, $preview);
        $id = data_get($preview, 'id');
        self::assertIsInt($id);
        $progress = $this->putJson("/strings/imports/{$id}", (array) data_get($preview, 'mapping'))->assertOk()->json();
        self::assertIs(ImportProgressView::class, $progress);
        while (data_get($progress, 'status') !== 'checked') {
            $progress = $this->postJson("/strings/imports/{$id}/check")->assertOk()->json();
        }
        self::assertIs(ImportProgressView::class, $progress);
        self::assertSame([1, 1], [data_get($progress, 'good'), data_get($progress, 'rejected')]);
    }

    private function props(string $page, string $prop): mixed
    {
        $answer = $this->get($page, ['X-Inertia' => 'true', 'X-Inertia-Version' => '']);
        $answer = $answer->status() === 409 ? $this->get($page) : $answer;

        return data_get($answer->viewData('page'), "props.{$prop}");
    }

    /** @param  class-string  $view */
    private static function assertIsEach(string $view, mixed $answers): void
    {
        self::assertIsArray($answers);
        self::assertNotSame([], $answers);
        foreach ($answers as $answer) {
            self::assertIs($view, is_object($answer) ? json_decode((string) json_encode($answer), true) : $answer);
        }
    }

    /**
     * Every key of the view with a value of its type, views within it too, and no other.
     *
     * @param  class-string  $view
     */
    private static function assertIs(string $view, mixed $answer): void
    {
        self::assertIsArray($answer, $view);
        $parameters = (new \ReflectionClass($view))->getConstructor()?->getParameters() ?? [];
        self::assertSame(array_map(static fn (\ReflectionParameter $one): string => $one->name, $parameters), array_keys($answer), $view);
        foreach ($parameters as $parameter) {
            $type = $parameter->getType();
            self::assertInstanceOf(\ReflectionNamedType::class, $type);
            $value = $answer[$parameter->name];
            if ($value === null) {
                self::assertTrue($type->allowsNull(), "{$view}: {$parameter->name}");
            } elseif (class_exists($type->getName()) && ! enum_exists($type->getName())) {
                self::assertIs($type->getName(), $value);
            } elseif (is_a($type->getName(), \BackedEnum::class, true)) {
                self::assertIsString($value);
                self::assertNotNull($type->getName()::tryFrom($value), "{$view}: {$parameter->name}");
            } else {
                $is = get_debug_type($value);
                self::assertContains($is, $type->getName() === 'float' ? ['float', 'int'] : [$type->getName()], "{$view}: {$parameter->name}");
            }
        }
    }
}
