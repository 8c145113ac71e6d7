<?php

declare(strict_types=1);

namespace Lira\Fitting\School;

use Lira\Design\SetDesign;
use Lira\Instrument\BridgeHold;
use Lira\Instrument\Hardware;
use Lira\Kind\Custom;
use Lira\Kind\PostType;
use Lira\Kind\SlackWords;
use Lira\Material\Material;

/** The schools a job goes by: what was asked for, else what is usual on such an instrument; each with its reason. */
final readonly class Schools
{
    private function __construct(
        public Chosen $offAtOnce,
        public Chosen $order,
        public Chosen $turns,
        public Chosen $lock,
        public Chosen $cut,
        public Chosen $leave,
        public Chosen $tune,
        public Chosen $stretch,
        public Chosen $feel,
    ) {}

    /** @return array<string, class-string<School>> every aspect, as documents name it */
    public static function aspects(): array
    {
        $aspects = [];
        foreach ([OffAtOnce::class, Order::class, Turns::class, Lock::class, Cut::class, Leave::class, Tune::class, Stretch::class, Feel::class] as $school) {
            $aspects[$school::aspect()] = $school;
        }

        return $aspects;
    }

    /**
     * @param  array<string, School>  $asked  by aspect
     * @param  bool  $bare  whether nothing is on the instrument now
     */
    public static function of(SetDesign $design, array $asked, bool $bare = false): self
    {
        $hardware = $design->instrument->hardware;
        $pick = static function (School $usual, string $reason) use ($asked): Chosen {
            $wanted = $asked[$usual::aspect()] ?? null;

            return $wanted === null || $wanted === $usual ? new Chosen($usual, $reason) : new Chosen($wanted, 'Asked for.');
        };
        $bridge = BridgeHold::of($design->instrument->kind, $design->instrument->hardware);
        $off = $bare ? new Chosen(OffAtOnce::All, 'Nothing is on it.')
            : self::allowed($pick(...self::offAtOnce($design, $bridge)), $hardware, $bridge);
        $together = $off->school === OffAtOnce::All;

        return new self(
            $off,
            $pick(...self::order($hardware, $bridge, $together)),
            $pick(Turns::Usual, 'Too few slip, too many bunch and drift.'),
            $pick(Lock::None, 'Its turns hold a string that lies neatly on its post.'),
            $hardware->posts->type === PostType::Slotted || $hardware->posts->type === PostType::Elastomer
                ? new Chosen(Cut::Before, 'The end goes down into the post, so it is cut first.')
                : $pick(Cut::After, 'What is cut too late can still be cut; what is cut too short cannot be fitted.'),
            $pick(...self::leave($design)),
            $together ? $pick(Tune::All, 'The neck takes its load back evenly.')
                : new Chosen(Tune::Each, 'What goes on keeps the load on the neck, and its neighbour gives the pitch.'),
            self::stretchesLong($design) ? $pick(Stretch::PreStretch, 'It gives far more than its post can take up.')
                : $pick(Stretch::Pairs, 'It takes the slack out of turns and ends without bending the string.'),
            $pick(Feel::PerString, 'The hand notices string by string.'),
        );
    }

    /** @return list<Chosen> */
    public function all(): array
    {
        return [$this->offAtOnce, $this->order, $this->turns, $this->lock, $this->cut, $this->leave, $this->tune, $this->stretch, $this->feel];
    }

    /** @return array{School, string} */
    private static function leave(SetDesign $design): array
    {
        return match (Custom::of($design->instrument->kind)->hardware->slack) {
            SlackWords::Posts => [Leave::Posts, 'Posts are at hand to count by.'],
            SlackWords::Fret => [Leave::Fret, 'It is pulled back by the first fret, which is at hand.'],
            SlackWords::Millimetres, SlackWords::Stretched => [Leave::Millimetres, 'A length needs no eye for it.'],
        };
    }

    /** @return array{School, string} */
    private static function offAtOnce(SetDesign $design, BridgeHold $bridge): array
    {
        return match (true) {
            $bridge === BridgeHold::Loose => [OffAtOnce::One, 'The bridge is loose: what stays on holds it.'],
            $bridge === BridgeHold::Floating => [OffAtOnce::One, 'The springs pull the bridge in as strings come off.'],
            $design->instrument->hardware->nutHeldByStrings => [OffAtOnce::Pairs, 'The nut is held by its strings alone.'],
            default => [OffAtOnce::Pairs, 'The neck keeps its load, and a neighbour gives the pitch.'],
        };
    }

    /** Never more than the instrument bears: a nut falls out, and springs pull a bridge in that is not blocked. */
    private static function allowed(Chosen $chosen, Hardware $hardware, BridgeHold $bridge): Chosen
    {
        return match (true) {
            $bridge === BridgeHold::Floating && $chosen->school !== OffAtOnce::One => new Chosen(
                OffAtOnce::One,
                'The bridge floats: one at a time, unless it is blocked first.',
            ),
            $hardware->nutHeldByStrings && $chosen->school === OffAtOnce::All => new Chosen(
                OffAtOnce::Pairs,
                'The nut is held by its strings alone: with all off it falls out.',
            ),
            default => $chosen,
        };
    }

    /** @return array{School, string} */
    private static function order(Hardware $hardware, BridgeHold $bridge, bool $together): array
    {
        return match (true) {
            $together && $bridge === BridgeHold::Loose => [Order::MiddleFirst, 'The middle string holds the bridge on its mark.'],
            $together && $hardware->anchor->tucksEnds() => [Order::TieBlock, 'Each end is tucked under the string that comes next.'],
            default => [Order::OutsideIn, 'The load on the neck stays even.'],
        };
    }

    private static function stretchesLong(SetDesign $design): bool
    {
        foreach ($design->strings as $string) {
            if ($string->spec->type->material === Material::Polyurethane) {
                return true;
            }
        }

        return false;
    }
}
