// Made from the enums and findings of the core by bin/generate-words.php. Change those, not this file.

export const KINDS = {
    "electric-guitar": "electric guitar",
    "acoustic-guitar": "acoustic guitar",
    "resonator-guitar": "resonator guitar",
    "tenor-guitar": "tenor guitar",
    "lap-steel": "lap steel",
    "classical-guitar": "classical guitar",
    "bass": "bass",
    "acoustic-bass": "acoustic bass",
    "elastomer-bass": "elastomer bass",
    "banjo": "banjo",
    "mandolin": "mandolin",
    "octave-mandolin": "octave mandolin",
    "ukulele": "ukulele",
    "other": "other"
} as const;

export const CONSTRUCTIONS = {
    "plain": "plain",
    "round-wound": "wound",
    "half-round": "half-round",
    "flatwound": "flat",
    "tape-wound": "tape"
} as const;

export const MATERIALS = {
    "music-wire": "plain steel",
    "nickel-plated-steel": "nickel-plated steel",
    "pure-nickel": "pure nickel",
    "stainless-steel": "stainless steel",
    "phosphor-bronze": "phosphor bronze",
    "bronze-80-20": "80/20 bronze",
    "silver-plated-copper": "silver-plated copper",
    "nylon": "nylon",
    "nylon-multifilament": "nylon multifilament",
    "fluorocarbon": "fluorocarbon",
    "synthetic-gut": "synthetic gut",
    "nylon-tape": "nylon tape",
    "polyurethane": "polyurethane"
} as const;

export const STRING_ENDS = {
    "ball": "a ball end",
    "loop": "a loop end",
    "bare": "no ball and no loop"
} as const;

export const ANCHORS = {
    "bridge-pins": "bridge pins",
    "pinless": "a pinless bridge",
    "string-through": "ferrules through the body",
    "top-loading": "a top-loading bridge",
    "stop-tailpiece": "a stop tailpiece",
    "over-wrapped": "a wrapped-over tailpiece",
    "vibrato": "a vibrato",
    "locking-saddle": "saddles that clamp bare ends",
    "tie-block": "a tie block",
    "loop-end": "hooks for loops",
    "slotted-elastomer": "slots for elastomer strings"
} as const;

export const BRIDGE_HOLDS = {
    "fixed": "fixed",
    "floating": "floats against springs",
    "loose": "loose, held by its strings",
    "blocked": "floating, and blocked"
} as const;

export const NUT_HOLDS = {
    "glued": "glued in",
    "strings": "held by its strings alone"
} as const;

export const POST_TYPES = {
    "standard": "wound round the post",
    "locking": "locked in the post",
    "slotted": "slotted, end in the middle",
    "roller": "roller of a slotted head",
    "banjo-fifth": "at the neck’s side, for a banjo’s fifth",
    "elastomer": "slotted, for elastomer strings"
} as const;

export const POST_LAYOUTS = {
    "one-side": "all on one side",
    "both-sides": "on both sides"
} as const;

export const BUILT_FOR = {
    "steel": "steel strings",
    "nylon": "nylon strings"
} as const;

export const PICKUPS = {
    "none": "none",
    "magnetic": "magnetic",
    "piezo": "piezo",
    "microphone": "microphone"
} as const;

export const FINGERBOARDS = {
    "rosewood": "rosewood, bare",
    "ebony": "ebony, bare",
    "maple": "maple, lacquered",
    "other": "another wood"
} as const;

export const NECK_JOINTS = {
    "bolted": "bolted on",
    "glued": "glued in",
    "through": "through the body"
} as const;

export const TRUSS_RODS = {
    "one-way": "works one way",
    "two-way": "works both ways",
    "fixed": "fixed bar",
    "none": "none"
} as const;

export const FIT_ASPECTS = {
    "nut-slot": "Nut slot",
    "post-hole": "Post hole",
    "nut-angle": "Angle behind the nut",
    "saddle-travel": "Saddle travel",
    "saddle-angle": "Angle behind the saddle",
    "length": "String length"
} as const;

export const REMEDIES = {
    "string": "Choose another string",
    "adjust": "Adjust it yourself",
    "repairer": "To a qualified repairer",
    "watch": "Keep an eye on"
} as const;

export const REASONS = {
    "dull": "the old ones are dull",
    "broken": "one broke",
    "corroded": "the old ones are corroded",
    "show": "a show",
    "season": "the season",
    "conversion": "a conversion",
    "other": "another reason"
} as const;

export const MATERIALS_OF = {
    "plain": [
        "music-wire",
        "nylon",
        "fluorocarbon",
        "synthetic-gut",
        "polyurethane"
    ],
    "round-wound": [
        "nickel-plated-steel",
        "pure-nickel",
        "stainless-steel",
        "phosphor-bronze",
        "bronze-80-20",
        "silver-plated-copper"
    ],
    "half-round": [
        "nickel-plated-steel",
        "pure-nickel",
        "stainless-steel",
        "phosphor-bronze",
        "bronze-80-20",
        "silver-plated-copper"
    ],
    "flatwound": [
        "nickel-plated-steel",
        "pure-nickel",
        "stainless-steel",
        "phosphor-bronze",
        "bronze-80-20",
        "silver-plated-copper"
    ],
    "tape-wound": [
        "nylon-tape"
    ]
} as const;

export const BASSES = [
    "bass",
    "acoustic-bass",
    "elastomer-bass"
] as const;

export const FLAT = [
    "flatwound",
    "tape-wound"
] as const;

export const ON_FLOSS = [
    "silver-plated-copper"
] as const;

export const LIST_FIELDS = [
    {
        "field": "code",
        "label": "Order code",
        "needed": true,
        "units": []
    },
    {
        "field": "gauge",
        "label": "Gauge",
        "needed": true,
        "units": [
            [
                "thou",
                "thou"
            ],
            [
                "in",
                "inches"
            ],
            [
                "mm",
                "mm"
            ]
        ]
    },
    {
        "field": "name",
        "label": "Name",
        "needed": false,
        "units": []
    },
    {
        "field": "construction",
        "label": "Construction",
        "needed": false,
        "units": []
    },
    {
        "field": "material",
        "label": "Material or wrap",
        "needed": false,
        "units": []
    },
    {
        "field": "density",
        "label": "Linear density",
        "needed": false,
        "units": [
            [
                "g/m",
                "g/m"
            ],
            [
                "kg/m",
                "kg/m"
            ],
            [
                "lb/in",
                "lb/in"
            ]
        ]
    },
    {
        "field": "length",
        "label": "Made length",
        "needed": false,
        "units": [
            [
                "mm",
                "mm"
            ],
            [
                "cm",
                "cm"
            ],
            [
                "in",
                "inches"
            ]
        ]
    },
    {
        "field": "end",
        "label": "End",
        "needed": false,
        "units": []
    },
    {
        "field": "price",
        "label": "Price of one",
        "needed": false,
        "units": []
    },
    {
        "field": "box_of",
        "label": "Strings in a box",
        "needed": false,
        "units": []
    },
    {
        "field": "box_price",
        "label": "Price of a box",
        "needed": false,
        "units": []
    }
] as const;

export const TYPED = {
    "number": "^\\s*(?:(\\d*[.,]?\\d+)(?:(?:\\s+|\\s*-\\s*)(\\d+)\\s*\\/\\s*(\\d+)|\\s*([¼½¾⅓⅔⅛⅜⅝⅞]))?|(\\d+)\\s*\\/\\s*(\\d+)|([¼½¾⅓⅔⅛⅜⅝⅞]))\\s*$",
    "gauge": "^\\s*(?:((?:round\\s+wound|round-wound|roundwound|flat\\s+wound|flat-wound|half-round|half\\s+round|tape\\s+wound|tape-wound|flatwound|plain|wound|round|flat|tape|wnd|pl|wd|rw|fw|p|w))\\s+)?(?:(\\d*[.,]?\\d+)(?:(?:\\s+|\\s*-\\s*)(\\d+)\\s*\\/\\s*(\\d+)|\\s*([¼½¾⅓⅔⅛⅜⅝⅞]))?|(\\d+)\\s*\\/\\s*(\\d+)|([¼½¾⅓⅔⅛⅜⅝⅞]))\\s*((?:millimetres|millimeters|centimetres|centimeters|thousandths|millimetre|millimeter|centimetre|centimeter|thousandth|metres|meters|inches|metre|meter|thous|zoll|inch|thou|mils|mms|cms|in\\.|ins|mil|ths|mm|cm|in|''|’’|th|m|\"|”|“|″))?\\s*((?:round\\s+wound|round-wound|roundwound|flat\\s+wound|flat-wound|half-round|half\\s+round|tape\\s+wound|tape-wound|flatwound|plain|wound|round|flat|tape|wnd|pl|wd|rw|fw|p|w))?\\s*$",
    "gaugeMetres": {
        "mm": 0.001,
        "mms": 0.001,
        "millimetre": 0.001,
        "millimetres": 0.001,
        "millimeter": 0.001,
        "millimeters": 0.001,
        "cm": 0.01,
        "cms": 0.01,
        "centimetre": 0.01,
        "centimetres": 0.01,
        "centimeter": 0.01,
        "centimeters": 0.01,
        "m": 1,
        "metre": 1,
        "metres": 1,
        "meter": 1,
        "meters": 1,
        "in": 0.0254,
        "in.": 0.0254,
        "zoll": 0.0254,
        "ins": 0.0254,
        "inch": 0.0254,
        "inches": 0.0254,
        "\"": 0.0254,
        "”": 0.0254,
        "“": 0.0254,
        "″": 0.0254,
        "''": 0.0254,
        "’’": 0.0254,
        "thou": 2.54e-5,
        "thous": 2.54e-5,
        "thousandth": 2.54e-5,
        "thousandths": 2.54e-5,
        "mil": 2.54e-5,
        "mils": 2.54e-5,
        "th": 2.54e-5,
        "ths": 2.54e-5
    },
    "windings": {
        "p": "plain",
        "pl": "plain",
        "plain": "plain",
        "w": "wound",
        "wd": "wound",
        "wnd": "wound",
        "wound": "wound",
        "rw": "round-wound",
        "round": "round-wound",
        "round wound": "round-wound",
        "round-wound": "round-wound",
        "roundwound": "round-wound",
        "fw": "flatwound",
        "flat": "flatwound",
        "flat wound": "flatwound",
        "flat-wound": "flatwound",
        "flatwound": "flatwound",
        "half-round": "half-round",
        "half round": "half-round",
        "tape": "tape-wound",
        "tape wound": "tape-wound",
        "tape-wound": "tape-wound"
    },
    "length": "^\\s*(?:(\\d*[.,]?\\d+)(?:(?:\\s+|\\s*-\\s*)(\\d+)\\s*\\/\\s*(\\d+)|\\s*([¼½¾⅓⅔⅛⅜⅝⅞]))?|(\\d+)\\s*\\/\\s*(\\d+)|([¼½¾⅓⅔⅛⅜⅝⅞]))\\s*((?:millimetres|millimeters|centimetres|centimeters|millimetre|millimeter|centimetre|centimeter|metres|meters|inches|metre|meter|zoll|inch|mms|cms|in\\.|ins|mm|cm|in|''|’’|m|\"|”|“|″))?\\s*$",
    "lengthMetres": {
        "mm": 0.001,
        "mms": 0.001,
        "millimetre": 0.001,
        "millimetres": 0.001,
        "millimeter": 0.001,
        "millimeters": 0.001,
        "cm": 0.01,
        "cms": 0.01,
        "centimetre": 0.01,
        "centimetres": 0.01,
        "centimeter": 0.01,
        "centimeters": 0.01,
        "m": 1,
        "metre": 1,
        "metres": 1,
        "meter": 1,
        "meters": 1,
        "in": 0.0254,
        "in.": 0.0254,
        "zoll": 0.0254,
        "ins": 0.0254,
        "inch": 0.0254,
        "inches": 0.0254,
        "\"": 0.0254,
        "”": 0.0254,
        "“": 0.0254,
        "″": 0.0254,
        "''": 0.0254,
        "’’": 0.0254
    },
    "tension": "^\\s*(?:(\\d*[.,]?\\d+)(?:(?:\\s+|\\s*-\\s*)(\\d+)\\s*\\/\\s*(\\d+)|\\s*([¼½¾⅓⅔⅛⅜⅝⅞]))?|(\\d+)\\s*\\/\\s*(\\d+)|([¼½¾⅓⅔⅛⅜⅝⅞]))\\s*((?:pounds-force|kilograms|kilogram|newtons|newton|pounds|pound|kilos|lbs\\.|kilo|lbf|lbs|lb\\.|kgf|kgs|lb|kg|kp|n))?\\s*$",
    "newtons": {
        "n": 1,
        "newton": 1,
        "newtons": 1,
        "lbf": 4.4482216152605,
        "lb": 4.4482216152605,
        "lbs": 4.4482216152605,
        "lb.": 4.4482216152605,
        "lbs.": 4.4482216152605,
        "pound": 4.4482216152605,
        "pounds": 4.4482216152605,
        "pounds-force": 4.4482216152605,
        "kgf": 9.80665,
        "kg": 9.80665,
        "kgs": 9.80665,
        "kilo": 9.80665,
        "kilos": 9.80665,
        "kilogram": 9.80665,
        "kilograms": 9.80665,
        "kp": 9.80665
    },
    "fractions": {
        "¼": 0.25,
        "½": 0.5,
        "¾": 0.75,
        "⅓": 0.3333333333333333,
        "⅔": 0.6666666666666666,
        "⅛": 0.125,
        "⅜": 0.375,
        "⅝": 0.625,
        "⅞": 0.875
    },
    "thickestIn": 0.2,
    "thickestMm": 6,
    "thinnestMm": 0.05,
    "gaugeFromMm": 0.05,
    "gaugeToMm": 6,
    "scaleFromMm": 100,
    "scaleToMm": 2000
} as const;

export const SENTENCES: Record<string, string> = {
    "break-risk": "{pitch} takes {low_share} to {high_share} of what string {string} can bear: [risk=snaps|it will snap.][risk=breaks|expect breakage.][risk=may-break|it may break. Keep a spare.][risk=may-break-thin|it may break if its core is as thin as usual. Keep a spare, or measure a bared core.][risk=wears|it will not last as long as usual.][cure=plain| A plain string bears this pitch.][cure=lower| Tune lower, or shorten the scale; another gauge hardly helps.][care=slowly| Tune up slowly with eye protection on, and keep a spare.]",
    "too-slack": "String {string} at {pitch} pulls {tension_n} and flaps below {floor_n}: [cure=gauge|about {gauge_mm} is needed here][cure=beyond|about {gauge_mm} is needed here, and this pool ends at {ends_gauge_mm}][cure=heavier|go heavier], or tune higher.",
    "hard-on-the-hand": "String {string} at {pitch} pulls {tension_n}, hard on the hand beyond {hard_n}: go lighter, or tune lower.",
    "total-over-maximum": "All strings together pull {tension_n}; this instrument may bear {most_n}. Go lighter or tune lower.",
    "total-change": "The total [way=up|rises][way=down|falls] by {by_share}[asks=retune|: tune, let it settle, tune again, and look at the relief.][asks=setup|: plan to have relief and action set by someone competent; a truss rod that resists goes to a repairer.][asks=repairer|, and this neck has no rod to set its relief with: stay nearer to what it is used to, or ask a qualified repairer first.]",
    "steel-on-nylon": "String {string} has a steel core and this instrument was built for nylon: steel pulls it apart. Use nylon, fluorocarbon or synthetic gut.",
    "not-magnetic": "A magnetic pickup cannot hear string {string}: it has neither steel nor nickel in it.",
    "bronze-on-magnetic": "String {string} is bronze: a magnetic pickup hears only its core, and it comes out weak. Use nickel or steel wrap.",
    "wrong-end": "String {string} has {end} and this instrument [known=recorded|has][known=assumed|usually has] {anchor}: it cannot be held. Order it with {takes}[known=recorded|.][known=assumed|, or say what holds its strings.]",
    "tied-loop": "String {string} has no loop: tie a small one with a square knot, cinch it before you tune, and allow {knot_mm:0} for it.",
    "nut-slot-narrow": "Nut slot {string} is {slot_mm:2} and the string {string_mm:2}: it will sit high. A repairer widens the slot.",
    "nut-slot-wide": "Nut slot {string} is {slot_mm:2} and the string {string_mm:2}: it may rattle. Try it; a repairer fills the slot or makes a new nut.",
    "nut-angle": "Behind the nut string {string} goes down by {angle_deg} with {turns:1} turns on its post[now=known|, less than the {now_deg} of what is on it now]; your least is {least_deg}. [tree=there|Lower its string tree.][tree=none|More turns would only bunch: a string tree cures it.]",
    "nut-angle-steep": "Behind the nut string {string} goes down by {angle_deg}; beyond {most_deg} it binds in its slot, feels stiffer and wears. [cure=tree|Raise its string tree.][cure=turns|Wind fewer turns.][cure=none|Look after the slot, and keep it smooth.]",
    "post-hole": "String {string} is {string_mm:2} and the hole in its post {hole_mm:2}: it does not go through. Choose a lighter one, or one with a tapered end.",
    "more-turns": "String {string} needs {turns:1} turns on its post for its angle behind the nut; {usual_turns:1} are usual. Leave {slack_mm:0}.",
    "saddle-travel": "Saddle {string} needs about {setback_mm:1} of setback ({low_mm:1!} to {high_mm:1!}) and has {travel_mm:1}: it [certain=yes|will not][certain=no|may not] intonate. [certain=yes|Take a thinner core, tune higher, or have the bridge moved by a repairer.][certain=no|Try it before you drill anything; a thinner core or a higher tuning needs less.]",
    "saddle-angle": "The strings go down behind the saddle by only {angle_deg}; your least is {least_deg}. [cure=unwrap|From behind instead of wrapped over it would be {other_deg}.][cure=both|Even from behind it would be {other_deg}: lower the tailpiece.][cure=lower|Lower the tailpiece, or raise the saddle with the action in mind.]",
    "saddle-angle-steep": "The strings go down behind the saddle by {angle_deg}; beyond {most_deg} they feel stiffer and break there sooner. [cure=over|Wrapped over the tailpiece it would be {other_deg}.][cure=wrap|Raise the tailpiece, or wrap the strings over it.][cure=raise|Raise what holds them.][cure=glued|A lower saddle is for a qualified repairer.]",
    "string-too-short": "String {string} is made {made_mm:0} long; this instrument takes {needed_mm:0} and {spare_mm:0!} to hold on to. Order an extra-long one.",
    "springs": "The bridge floats: its springs must pull {ratio:2} times as hard as before[claw=tightens|, which tightens the claw by about {travel_mm:1}][claw=loosens|, which loosens the claw by about {travel_mm:1}]. Turn the claw’s screws while tuning until the bridge sits level.",
    "thick-for-scale": "String {string} is very thick for {scale_mm:0}: such a string sounds dull there and hardly intonates. A longer scale, or a higher tuning on a thinner string, would be better.",
    "unusual-make": "String {string} is [make=plain|plain at {gauge_mm}: beyond {border_gauge_mm} a plain one is stiff, dull and hard to intonate here. Take a wound one.][make=wound|wound at {gauge_mm}: below {border_gauge_mm} a wound one hardly lasts here. Take a plain one.]",
    "dull": "String {string} [certain=yes|is][certain=no|may be] stiff for this length and pitch: it [certain=yes|sounds dull and drags][certain=no|may sound dull and drag] its intonation. [built=wound|Try a thinner core or a longer scale.][built=plain|Try it wound.]",
    "neighbour-jump": "Strings {string} and {next} differ by {by_share}: string {tighter} will feel the tighter. Step one of them by a gauge.",
    "gauge-order": "String {string} is lower than string {higher} and thinner. Check that they are not swapped.",
    "pool-ends": "String {string} comes to {tension_n} instead of {aim_n}: about {gauge_mm} is needed; [end=heavy|this pool ends at {ends_gauge_mm}][end=light|this pool begins at {ends_gauge_mm}].",
    "construction-changes": "String {string} becomes [to=wound|wound][to=plain|plain]: as a [to=wound|plain][to=plain|wound] one [why=passes-table|it would be past what anybody fits here.][why=thick-for-scale|it would be too thick for its scale.][why=breaks|it would break.][why=unsuitable|it would not suit this instrument.][why=not-sold|no gauge near its aim is sold.][why=border|it would stand on the wrong side of its neighbours.]",
    "pulls-less": "{semitones} semitones lower, a string left as it is pulls {left_share} of what it did: string {string} only {tension_n}.",
    "short-for-baritone": "This neck is {neck_mm:0}; necks made for it are {usual_mm:0} and longer. On a shorter one the low strings have to be thicker, duller and harder to intonate.",
    "long-enough": "At {neck_mm:0} this neck is long enough for it.",
    "other-scale": "From {old_mm:0!} to {new_mm:0} the same string at the same pitch pulls {left_share} of what it did, so the same feel takes [gauges=same|the same][gauges=heavier|heavier][gauges=lighter|lighter] gauges.",
    "never-tuned-up": "Strings {first} to {last} sound an octave up. Tuning the old ones up would take up to {worst_share} of what they can bear: they must be changed, never tuned up.",
    "new-string": "String {string} is new, at {pitch}; it aims at what its neighbour pulls.",
    "worst-tuning": "Chosen so that the worst of the tunings is as good as it can be. String {string} goes the furthest, from {low_n!} to {high_n}.",
    "nearest-feel": "Every string is the gauge that comes nearest to the feel of “{set}”.",
    "together-pull": "Together they pull {tension_n} instead of {before_n}.",
    "another-place": "Another string needs its place at the nut, the bridge and the headstock, and a neck wide enough for it. A qualified repairer says whether this instrument has one.",
    "floats-other-total": "Its bridge floats: with {by_share} [way=more|more][way=less|less] on it the springs have to be rebalanced.",
    "floats-between-tunings": "Its bridge floats: from one tuning to another the total changes by {by_share}, and each time it tips until the springs are reset.",
    "unknown-top": "The total rises by {by_share} and it is not recorded what this top may bear: a light or old one must not carry more.",
    "neck-too-short": "{neck_mm:0} is short for a baritone so low.",
    "none-for-all-tunings": "String {string} goes from {low_n!} to {high_n} over the tunings; no one gauge feels right in all of them.",
    "none-thick-enough": "No gauge brings string {string} near its aim: {tension_n} instead of {aim_n}. It would have to be thicker than any there is; a longer scale helps.",
    "none-thin-enough": "No gauge brings string {string} near its aim: {tension_n} instead of {aim_n}. It would have to be thinner than any there is."
};
