<?php

declare(strict_types=1);

namespace Lira\Instrument;

use Lira\Wording\Units;

/** What stands in for what nobody recorded, in words for whoever fits by it. */
final class Assumed
{
    /** @return list<string> a phrase for each; none where everything was recorded that counts for fitting */
    public static function words(Hardware $hardware, Units $units): array
    {
        $assumed = array_flip($hardware->assumed);
        $words = [
            'anchor' => "held by {$hardware->anchor->label()}",
            'posts.type' => "at the posts {$hardware->posts->type->label()}",
            'posts.diameter_mm' => 'posts '.$units->fine($hardware->posts->diameterM, 1).' thick',
            'posts.spacing_mm' => $units->fine($hardware->posts->spacingM, 0).' from post to post',
            'posts.layout' => "posts {$hardware->posts->layout->label()}",
        ];

        return array_values(array_intersect_key($words, $assumed));
    }
}
