<?php

declare(strict_types=1);

namespace Tests\Core\Care;

use Lira\Care\CareRule;
use Lira\Care\CareRules;
use Lira\Care\Look;
use Lira\Care\OwnRule;
use Lira\Care\Place;
use Lira\Care\Rhythm;
use Lira\Instrument\Fingerboard;
use Lira\Kind\Anchor;
use Lira\Kind\Kind;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Which care suits which instrument. */
final class CareRulesTest extends TestCase
{
    /** @param  list<string>  $wanted */
    #[DataProvider('instruments')]
    public function test_each_instrument_wants_what_suits_it(Look $look, array $wanted): void
    {
        $suits = array_filter(CareRules::shipped(), static fn (CareRule $rule): bool => $rule->suits($look));

        self::assertEqualsCanonicalizing($wanted, array_map(static fn (CareRule $rule): string => $rule->key(), $suits));
    }

    /** @return iterable<string, array{Look, list<string>}> */
    public static function instruments(): iterable
    {
        yield 'an electric with springs and a maple board' => [
            new Look(Kind::ElectricGuitar, Fingerboard::Maple, Anchor::Vibrato, hasSprings: true),
            ['relief', 'end-of-summer', 'springs', 'tuner-screws'],
        ];
        yield 'a banjo by the sea' => [
            new Look(Kind::Banjo, Fingerboard::Ebony, Anchor::LoopEnd, place: Place::Sea),
            ['relief', 'board', 'end-of-summer', 'loops', 'head', 'tuner-screws', 'salt'],
        ];
        yield 'a classical guitar without a rod, in a heated room' => [
            new Look(Kind::ClassicalGuitar, Fingerboard::Rosewood, Anchor::TieBlock, hasRod: false, place: Place::Room),
            ['board', 'dry-season', 'tuner-screws'],
        ];
        yield 'a fretless bass on the road' => [new Look(Kind::Bass, isFretless: true, place: Place::Stage), ['end-of-summer', 'tuner-screws', 'road']];
    }

    /** What may be done wrong is said where it is asked for; the others ask for nothing that could hurt. */
    public function test_care_that_may_hurt_says_how_not_to(): void
    {
        $cautions = [];
        foreach (CareRules::shipped() as $rule) {
            $cautions[$rule->key()] = $rule->caution();
        }
        self::assertEqualsCanonicalizing(['end-of-summer', 'loops', 'head', 'road'], array_keys(array_filter($cautions, static fn (string $words): bool => $words === '')));
        self::assertStringContainsString('Slacken the strings', $cautions['springs']);
        self::assertStringContainsString('strip', $cautions['tuner-screws']);
        self::assertStringContainsString('strings and wood', $cautions['salt']);
        self::assertStringContainsString('repairer', mb_strtolower($cautions['relief']));
        self::assertSame($cautions['relief'], $cautions['dry-season']);
        self::assertNotSame('', $cautions['board']);
    }

    public function test_every_rule_has_a_key_of_its_own_a_reason_and_a_rhythm(): void
    {
        $keys = array_map(static fn (CareRule $rule): string => $rule->key(), CareRules::shipped());
        self::assertSame($keys, array_unique($keys));
        foreach (CareRules::shipped() as $rule) {
            self::assertStringEndsWith('.', $rule->reason());
            self::assertNotSame('', $rule->label());
            self::assertTrue($rule->caution() === '' || str_ends_with($rule->caution(), '.'));
            self::assertGreaterThan(new \DateTimeImmutable('2026-01-01'), $rule->rhythm()->next(new \DateTimeImmutable('2026-01-01')));
        }
    }

    public function test_an_own_rule_is_for_whom_it_says(): void
    {
        $rule = new OwnRule(7, 'Look at the jack', '', Rhythm::weeks(8), [Kind::Bass, Kind::ElectricGuitar], place: Place::Stage, owner: 'Wren');

        self::assertSame('own-7', $rule->key());
        self::assertTrue($rule->suits(new Look(Kind::Bass, place: Place::Stage, owner: 'Wren')));
        self::assertFalse($rule->suits(new Look(Kind::Bass, place: Place::Stage, owner: 'Ines')));
        self::assertFalse($rule->suits(new Look(Kind::Bass, owner: 'Wren')));
        self::assertFalse($rule->suits(new Look(Kind::Banjo, place: Place::Stage, owner: 'Wren')));
        self::assertFalse((new OwnRule(8, 'Wax', '', Rhythm::weeks(8), fingerboard: Fingerboard::Ebony))->suits(new Look(Kind::Bass)));
        self::assertTrue((new OwnRule(9, 'Dust', '', Rhythm::weeks(8)))->suits(new Look(Kind::Ukulele)));
    }
}
