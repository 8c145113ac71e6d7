import type { ReactNode } from 'react';
import type { StringPlanned } from '../../generated/formats';

type Anchor = StringPlanned['anchor'];

/** How a string's end is held behind the saddle, from the side, the neck to the left: no scale, but what lies where. */
export function EndDrawing({ planned }: { planned: StringPlanned }) {
    const { words, drawn } = ENDS[planned.anchor](planned);
    return (
        <figure className="mx-auto w-full max-w-80 self-start max-md:hidden">
            <svg viewBox="0 0 320 240" className="block w-full" role="img" aria-label={words}>
                {drawn}
            </svg>
            <figcaption className="text-center text-lg text-ink-soft">{words}</figcaption>
        </figure>
    );
}

const Wood = ({ d }: { d: string }) => <path d={d} fill="var(--sheet)" stroke="var(--rule-strong)" strokeWidth={1.5} />;
const Metal = ({ d }: { d: string }) => <path d={d} fill="var(--rule)" stroke="var(--ink)" strokeWidth={1.5} />;
const Strung = ({ d }: { d: string }) => (
    <path d={d} fill="none" stroke="var(--ink)" strokeWidth={4} strokeLinecap="round" strokeLinejoin="round" />
);
const Ball = ({ x, y }: { x: number; y: number }) => (
    <circle cx={x} cy={y} r={8} fill="var(--paper)" stroke="var(--ink)" strokeWidth={3} />
);
/** Where a hand pushes or pulls. */
const Hand = ({ d }: { d: string }) => <path d={d} fill="none" stroke="var(--accent)" strokeWidth={3} markerEnd="url(#hand)" />;
const Word = ({ x, y, children, end = false }: { x: number; y: number; children: ReactNode; end?: boolean }) => (
    <text
        x={x}
        y={y}
        textAnchor={end ? 'end' : 'start'}
        fontSize="1.143rem"
        fontWeight={700}
        fill="var(--accent)"
        stroke="var(--paper)"
        strokeWidth={4}
        paintOrder="stroke"
    >
        {children}
    </text>
);
const Tip = () => (
    <defs>
        <marker id="hand" viewBox="0 0 10 10" refX={6} refY={5} markerWidth={5} markerHeight={5} orient="auto">
            <path d="M0 0 L10 5 L0 10 Z" fill="var(--accent)" />
        </marker>
    </defs>
);

const TOP = 'M0 150 H320 V166 H0 Z';

const ENDS: Record<Anchor, (planned: StringPlanned) => { words: string; drawn: ReactNode }> = {
    'bridge-pins': () => ({
        words: 'ball under the plate, groove to the string',
        drawn: (
            <>
                <Tip />
                <Wood d={TOP} />
                <Wood d="M96 150 V122 Q170 112 236 122 V150 Z" />
                <Metal d="M126 118 h10 v-12 h-10 Z" />
                <Strung d="M0 100 L131 104 L176 122 L180 178" />
                <Ball x={177} y={186} />
                <Wood d="M186 96 h16 l-4 84 h-8 Z" />
                <Hand d="M176 230 V204" />
                <Word x={190} y={224}>
                    a small tug
                </Word>
            </>
        ),
    }),
    pinless: () => ({
        words: 'from behind, the ball against its plate',
        drawn: (
            <>
                <Tip />
                <Wood d={TOP} />
                <Wood d="M96 150 V112 H216 V150 Z" />
                <Metal d="M126 112 h10 v-12 h-10 Z" />
                <Strung d="M0 96 L131 100 L176 132 L222 134" />
                <Ball x={230} y={134} />
                <Hand d="M292 134 H250" />
                <Word x={240} y={112}>
                    guide it
                </Word>
            </>
        ),
    }),
    'string-through': () => ({
        words: 'through the body, the ball in its cup',
        drawn: (
            <>
                <Tip />
                <Wood d="M0 110 H320 V206 H0 Z" />
                <Metal d="M128 110 h12 v-16 h-12 Z" />
                <Strung d="M0 88 L134 92 L186 112 L186 202" />
                <Metal d="M172 190 h28 v16 h-28 Z" />
                <Ball x={186} y={204} />
                <Hand d="M186 238 V220" />
                <Word x={172} y={234} end>
                    from the back
                </Word>
            </>
        ),
    }),
    'top-loading': () => ({
        words: 'through the bridge, its ball seated',
        drawn: (
            <>
                <Tip />
                <Wood d={TOP} />
                <Metal d="M96 150 V132 H232 V104 H246 V150 Z" />
                <Metal d="M124 132 h12 v-22 h-12 Z" />
                <Strung d="M0 104 L130 108 L244 126" />
                <Ball x={254} y={127} />
                <Hand d="M120 84 H60" />
                <Word x={62} y={74}>
                    pull it through
                </Word>
            </>
        ),
    }),
    'stop-tailpiece': () => ({
        words: 'under the tailpiece, its ball seated',
        drawn: (
            <>
                <Tip />
                <Wood d={TOP} />
                <Metal d="M96 150 h14 v-46 h-14 Z" />
                <Metal d="M206 108 h46 q8 0 8 14 q0 14 -8 14 h-46 Z" />
                <Strung d="M0 98 L103 102 L206 126 L252 124" />
                <Ball x={262} y={124} />
                <Hand d="M180 84 H120" />
                <Word x={122} y={74}>
                    pull it through
                </Word>
            </>
        ),
    }),
    'over-wrapped': () => ({
        words: 'from the front, then back over',
        drawn: (
            <>
                <Wood d={TOP} />
                <Metal d="M96 150 h14 v-46 h-14 Z" />
                <Metal d="M206 106 h42 q10 0 10 14 q0 14 -10 14 h-42 Z" />
                <Strung d="M0 98 L103 102 L206 104 Q268 96 268 120 Q268 142 214 132" />
                <Ball x={206} y={128} />
            </>
        ),
    }),
    vibrato: () => ({
        words: 'its ball in the block, under its bar',
        drawn: (
            <>
                <Wood d="M0 140 H96 V210 H0 Z" />
                <Wood d="M262 140 H320 V210 H262 Z" />
                <Metal d="M92 132 H258 V142 H92 Z" />
                <Metal d="M124 132 h12 v-22 h-12 Z" />
                <Metal d="M176 142 h34 v66 h-34 Z" />
                <Strung d="M0 104 L130 108 L193 134 L193 196" />
                <Ball x={193} y={204} />
                <Metal d="M160 112 h12 v10 h-12 Z" />
            </>
        ),
    }),
    'locking-saddle': () => ({
        words: 'no ball: the clean end clamped',
        drawn: (
            <>
                <Tip />
                <Wood d={TOP} />
                <Metal d="M104 150 V110 H176 V150 Z" />
                <Metal d="M178 124 h18 v20 h-18 Z" />
                <Metal d="M198 128 h92 v12 h-92 Z" />
                <Strung d="M0 98 L128 104 Q176 106 177 142" />
                <Hand d="M316 134 H294" />
                <Word x={208} y={118}>
                    clamp it
                </Word>
            </>
        ),
    }),
    'tie-block': ({ tied_under: under }) => ({
        words: under === null ? 'its tail under its own loop' : `its tail under the loop of string ${under}`,
        drawn: (
            <>
                <Wood d={TOP} />
                <Wood d="M60 150 V126 H150 V150 Z" />
                <Metal d="M74 126 h12 v-22 h-12 Z" />
                <Wood d="M186 150 V108 H262 V150 Z" />
                <Strung d="M0 98 L80 102 L186 130 H264 Q284 128 276 108 Q262 92 210 98 Q172 102 168 118 Q166 134 184 122 L204 104 L258 102 L282 142" />
                <Word x={312} y={88} end>
                    {under === null ? 'tail' : `tail: under ${under}`}
                </Word>
            </>
        ),
    }),
    'loop-end': () => ({
        words: 'the loop on its hook, under the keeper',
        drawn: (
            <>
                <Tip />
                <Metal d="M196 104 H300 V150 H196 Z" />
                <Metal d="M196 128 h-18 q-14 0 -14 -14 v-6 h8 v6 q0 6 6 6 h18 Z" />
                <Strung d="M0 110 L132 112" />
                <path
                    d="M132 112 Q150 92 176 104 Q186 112 176 120 Q150 132 132 112 Z"
                    fill="none"
                    stroke="var(--ink)"
                    strokeWidth={3.5}
                />
                <Metal d="M188 92 H300 V102 H188 Z" />
                <Hand d="M172 62 V94" />
                <Word x={184} y={70}>
                    press it home
                </Word>
            </>
        ),
    }),
    'slotted-elastomer': () => ({
        words: 'its end seated, stretched hard',
        drawn: (
            <>
                <Tip />
                <Wood d={TOP} />
                <Wood d="M110 150 V108 H230 V150 Z" />
                <Metal d="M134 108 h12 v-14 h-12 Z" />
                <path d="M0 86 L140 90 L226 126" fill="none" stroke="var(--ink)" strokeWidth={9} strokeLinecap="round" />
                <circle cx={236} cy={130} r={12} fill="var(--ink)" />
                <Hand d="M100 64 H36" />
                <Word x={38} y={54}>
                    stretch it
                </Word>
            </>
        ),
    }),
};
