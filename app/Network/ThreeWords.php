<?php

declare(strict_types=1);

namespace App\Network;

/** Three words by which two people, or one with two screens, see that it is the same device. Short, plain, none like another. */
final class ThreeWords
{
    private const WORDS = 'acorn amber anchor apple arrow autumn badge baker bamboo basket beacon berry birch blanket bottle branch bridge bronze '
        .'bucket butter button cabin candle canvas carpet cedar cherry chimney circle clover cobalt coffee copper coral cotton crystal curtain '
        .'daisy desert dolphin donkey drawer eagle ember engine falcon feather fennel fiddle forest fountain galaxy garden garlic ginger glacier '
        .'granite hammer harbor harvest hazel helmet honey island ivory jacket jasmine jungle kettle kitten ladder lagoon lantern lemon lilac linen '
        .'lobster magnet mango maple marble meadow melon mirror monkey mountain mustard napkin needle nickel nutmeg oasis ocean olive onion orange '
        .'orchard oyster paddle panther paper parrot pebble pencil pepper pillow pirate planet plaster pocket pony poppy prairie pumpkin puzzle '
        .'quartz rabbit raven ribbon river rocket saddle salmon sandal scarlet shadow shovel silver spider spoon spruce squirrel summer sunset '
        .'teapot temple thistle thunder tiger timber tomato tulip tunnel turtle umbrella valley velvet violet walnut window winter yellow';

    public static function drawn(): string
    {
        $words = explode(' ', self::WORDS);
        $drawn = [];
        while (count($drawn) < 3) {
            $drawn[$words[random_int(0, count($words) - 1)]] = true;
        }

        return implode(' ', array_keys($drawn));
    }
}
