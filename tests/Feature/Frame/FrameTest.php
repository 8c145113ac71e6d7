<?php

declare(strict_types=1);

namespace Tests\Feature\Frame;

use App\Http\Places;
use Tests\Feature\FeatureTestCase;

/** What stands on the page before the scripts have come. */
final class FrameTest extends FeatureTestCase
{
    public function test_the_places_stand_there_at_once(): void
    {
        $page = (string) $this->get('/words')->assertOk()->getContent();
        foreach (Places::labels() as $address => $label) {
            self::assertMatchesRegularExpression('~<a href="'.$address.'"[^>]*>'.$label.'</a>~', $page);
        }
        self::assertSame(['/bench', '/sets', '/instruments', '/strings', '/jobs', '/tune', '/log', '/workshop'], array_keys(Places::labels()));
    }
}
