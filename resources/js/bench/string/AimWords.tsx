import type { TargetBand } from '../../generated/formats';
import { formatShare, formatTension, tensionFigure, type Units } from '../../units/units';

/** What a string should pull: the tension and its band, and what each answer about the style added. */
export function AimWords({ aim, units }: { aim: TargetBand; units: Units }) {
    const unsure = (newtons: number): [number, number, number] => [newtons, newtons * 0.99, newtons * 1.01];
    const styled = aim.style.filter(({ share }) => Math.abs(share) >= 0.0005);
    return (
        <>
            <p>
                <strong>{formatTension(...unsure(aim.tension_n), units)}</strong>, from{' '}
                {tensionFigure(...unsure(aim.low_n), units)} to {tensionFigure(...unsure(aim.high_n), units)}
            </p>
            {styled.length > 0 && (
                <dl className="mt-1 grid grid-cols-[auto_1fr] gap-x-3 gap-y-0.5 text-sm text-ink-soft">
                    <dt>{formatTension(...unsure(aim.before_style_n), units)}</dt>
                    <dd>before the playing style</dd>
                    {styled.map(({ aspect, share, reason }) => (
                        <div key={aspect} className="contents">
                            <dt className="font-semibold">{formatShare(share)}</dt>
                            <dd>{reason}</dd>
                        </div>
                    ))}
                </dl>
            )}
        </>
    );
}
