<?php

declare(strict_types=1);

namespace Lira\Fitting;

use Lira\Design\SetDesign;
use Lira\Evaluation\EvaluatedString;
use Lira\Evaluation\FitOnInstrument;
use Lira\Fit\Leave as FitLeave;
use Lira\Fitting\Post\PostSteps;
use Lira\Fitting\School\Leave;
use Lira\Fitting\School\Schools;
use Lira\Fitting\School\Turns;
use Lira\Instrument\Spread;
use Lira\Kind\Anchor;
use Lira\Kind\PostLayout;
use Lira\Kind\PostType;
use Lira\Limit\Limits;
use Lira\Wording\Quarters;

/** How one string goes on its post: lengths as they are measured and cut, and the words they are said in. Lengths in metres. */
final readonly class PlannedString
{
    /** How thick a finger is, until the user's own is known. */
    public const FINGER_M = 0.020;

    /**
     * @param  float  $slackM  to leave beyond the straight way from nut to post
     * @param  float  $cutPastPostM  where to cut, from the post's middle
     * @param  ?float  $postsPast  the same in spacings of the posts; null beyond the last of its row
     * @param  ?float  $foldBackM  the same, folded back from the last post of its row
     * @param  ?float  $stretchM  by how much it gets longer as it is tuned
     * @param  ?Winding  $winds  null where turns go to no side of their own
     * @param  list<int>  $alike  other strings that are easily taken for it
     * @param  Tail  $tail  where its end behind the post is cut
     * @param  Anchor  $anchor  what holds it behind the saddle
     * @param  PostType  $post  what it is wound on
     * @param  ?int  $under  position of the string under whose loop a tied end goes; null for its own
     */
    private function __construct(
        public int $position,
        public float $turns,
        public float $slackM,
        public float $cutPastPostM,
        public ?float $postsPast,
        public ?float $foldBackM,
        public float $liftAt12M,
        public ?float $stretchM,
        public ?Winding $winds,
        public ?float $neededM,
        public array $alike,
        private float $speakingM,
        private float $spacingM,
        private float $fingerM,
        public Tail $tail,
        public Anchor $anchor,
        public PostType $post,
        public ?int $under,
    ) {}

    /**
     * @param  float  $fingerM  how thick a finger of the user is
     * @param  string  $tuned  the key of the step in which it comes to its pitch
     * @param  ?int  $under  position of the string under whose loop a tied end goes; null for its own
     */
    public static function of(
        SetDesign $design,
        EvaluatedString $string,
        Schools $schools,
        Limits $limits,
        bool $leftHanded,
        float $fingerM,
        string $tuned,
        ?int $under,
    ): self {
        $hardware = $design->instrument->hardware;
        $more = $schools->turns->school instanceof Turns ? $schools->turns->school->beyondUsual() : 0.0;
        $fit = $more <= 0.0 ? $string->fit : FitOnInstrument::of(
            $string->string,
            $string->position,
            $string->speakingLengthM,
            $string->tunings[0]->tensionN,
            $design->instrument->setup->extraLengthM,
            $hardware,
            $limits,
            $more,
        );
        $round = static fn (float $metres): float => FitLeave::rounded($metres, $design->instrument->kind);
        $cutM = $round($fit->leave->cutPastPostM);
        $spacingM = $hardware->posts->spacingM;
        $past = $cutM / $spacingM;
        $reaches = $past <= self::postsBeyond($design, $string->position);

        return new self(
            $string->position,
            $fit->turns,
            $round($fit->leave->slackM),
            $cutM,
            $reaches ? $past : null,
            $reaches ? null : $cutM,
            $fit->leave->liftAt12M,
            $fit->leave->stretchM,
            self::winding($design, $string->position, $leftHanded),
            $fit->neededM,
            LookAlike::others($design, $string->position),
            $string->speakingLengthM,
            $spacingM,
            $fingerM,
            Tail::of($string->string, $string->position, $hardware, $schools, $tuned),
            $hardware->anchor,
            $design->instrument->postType($string->position),
            $under,
        );
    }

    /** What to leave, in the words of a school; null where it is said as a length. */
    public function slackSaid(Leave $school): ?string
    {
        return match ($school) {
            Leave::Millimetres => null,
            Leave::Posts => Quarters::of($this->slackM / $this->spacingM, 'post spacing'),
            Leave::Fret => self::fretWords(Quarters::text($this->slackM / ($this->speakingM * (1 - 2 ** (-1 / 12))))),
            Leave::Lift => sprintf(
                'as much as lets %s go under it at the 12th fret',
                $this->fingers() === 1 ? 'one finger' : "{$this->fingers()} fingers",
            ),
        };
    }

    private static function fretWords(string $frets): string
    {
        return $frets === '1' ? 'the first fret’s distance' : "{$frets} of the first fret’s distance";
    }

    /** Where to cut, in posts; null where posts are not counted. */
    public function cutSaid(Leave $school): ?string
    {
        return $school === Leave::Posts && $this->postsPast !== null ? Quarters::of($this->postsPast, 'post').' past its own' : null;
    }

    /** The same in as few words as can be read from afar. */
    public function slackShort(Leave $school): ?string
    {
        return match ($school) {
            Leave::Millimetres => null,
            Leave::Posts => Quarters::short($this->slackM / $this->spacingM, 'post'),
            Leave::Fret => Quarters::short($this->slackM / ($this->speakingM * (1 - 2 ** (-1 / 12))), 'fret'),
            Leave::Lift => $this->fingers().($this->fingers() === 1 ? ' finger' : ' fingers'),
        };
    }

    /** Where to cut, in posts and as few words; null where posts are not counted. */
    public function cutShort(Leave $school): ?string
    {
        return $school === Leave::Posts && $this->postsPast !== null ? Quarters::short($this->postsPast, 'post') : null;
    }

    /** How many fingers go under it at the 12th fret, at least one. */
    public function fingers(): int
    {
        return max(1, (int) round($this->liftAt12M / $this->fingerM));
    }

    /**
     * How thick each finger was, by the turns that a string really gave which was left so many fingers.
     *
     * @param  float  $turns  on its post
     * @param  float  $oneM  that one of them takes up, metres
     * @return ?float metres; null where that says nothing of fingers
     */
    public function fingerM(float $turns, float $oneM): ?float
    {
        $slackM = $turns * $oneM - (float) $this->stretchM;
        $fingers = $this->fingers();

        return $slackM <= 0.0 ? null
            : sqrt((($this->speakingM + $slackM) / 2) ** 2 - ($this->speakingM / 2) ** 2) / $fingers;
    }

    /** How many posts of its row stand further from the nut than its own; none where that was not measured. */
    private static function postsBeyond(SetDesign $design, int $position): int
    {
        $posts = $design->instrument->hardware->posts;
        $own = $posts->distanceM($position);
        if ($own === null || count($posts->distancesM) < 2) {
            return 0;
        }
        $beyond = 0;
        foreach ($posts->distancesM as $index => $distanceM) {
            $beyond += $distanceM > $own + 1e-6 && self::onTreble($design, $index + 1) === self::onTreble($design, $position) ? 1 : 0;
        }

        return $beyond;
    }

    /**
     * Seen from its top a treble-side post turns clockwise, one on the bass side the other way, and six in line stand on the bass side. On
     * a roller turns go to the side on which the string runs straight to its slot.
     */
    private static function winding(SetDesign $design, int $position, bool $leftHanded): ?Winding
    {
        $post = PostSteps::at($design->instrument->postType($position));
        if ($post->windsAlong()) {
            return self::onRoller($design, $position);
        }
        if (! $post->winds()) {
            return null;
        }
        $winds = self::onTreble($design, $position) ? Winding::Clockwise : Winding::Anticlockwise;

        return $leftHanded ? $winds->mirrored() : $winds;
    }

    /** Outwards where its slot lies as far out as the hole of its roller; the outermost two where that was not measured. */
    private static function onRoller(SetDesign $design, int $position): ?Winding
    {
        $posts = $design->instrument->hardware->posts;
        if ($posts->layout !== PostLayout::BothSides) {
            return null;
        }
        $count = count($design->strings);
        if ($posts->rowsApartM === null) {
            return in_array($position, [1, $count], true) ? Winding::Outwards : Winding::Inwards;
        }
        $slotM = Spread::atNutM($design->instrument, $count)[$position - 1];

        return abs($slotM) >= $posts->rowsApartM / 2 ? Winding::Outwards : Winding::Inwards;
    }

    /** Whether its post stands on the treble side: the upper half of the strings, where posts stand on both sides. */
    private static function onTreble(SetDesign $design, int $position): bool
    {
        $layout = $design->instrument->hardware->posts->layout;

        return $layout === PostLayout::BothSides && $position <= intdiv(count($design->strings), 2);
    }
}
