<?php

declare(strict_types=1);

namespace Tests\Feature\Frame;

use App\Http\Places;
use Tests\Feature\FeatureTestCase;

/** What stands on the page before the scripts have come. */
final class FrameTest extends FeatureTestCase
{
    public function test_the_places_stand_there_at_once_as_the_browser_draws_them(): void
    {
        $page = (string) $this->get('/words')->assertOk()->getContent();
        $drawn = (string) file_get_contents(base_path('resources/js/frame/AppFrame.tsx'));
        foreach (Places::ALL as $address => $label) {
            self::assertMatchesRegularExpression('~<a href="'.$address.'"[^>]*>'.$label.'</a>~', $page);
            self::assertStringContainsString("{ label: '{$label}', href: '{$address}'", $drawn);
        }
        self::assertSame(count(Places::ALL), substr_count($drawn, "{ label: '"));
    }
}
