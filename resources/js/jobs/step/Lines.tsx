import { capital } from '../../units/words';
import { clsx } from 'clsx';

interface Props {
    /** What stands before them; empty for nothing. */
    label?: string;
    lines: string[];
    /** Smaller, beside a figure that is read from afar. */
    small?: boolean;
    /** One behind the other, above a table that is worked in. */
    flowing?: boolean;
}

/** What to do, in lines that are read at arm's length: figures bold. */
export function Lines({ label = '', lines, small = false, flowing = false }: Props) {
    return (
        <>
            {label !== '' && <p className="text-[1.75rem] leading-tight text-ink-soft max-sm:text-xl">{label}</p>}
            <div className={clsx('min-w-0', label === '' && 'col-span-2')}>
                {lines.map((line) => (
                    <span
                        key={line}
                        data-line
                        className={clsx(
                            'leading-snug',
                            flowing
                                ? 'mr-6 inline-block text-2xl max-sm:text-xl'
                                : ['block', small ? 'text-[1.75rem] max-sm:text-xl' : 'text-[2.1rem] max-sm:text-[1.6rem]'],
                        )}
                    >
                        {figuresBold(label === '' ? capital(line) : line)}
                    </span>
                ))}
            </div>
        </>
    );
}

/** A number with the word behind it. */
const FIGURE = /((?:\d[\d.]*[¼½¾]?|[¼½¾]) ?(?:mm|in|turns?|posts?|frets?|fingers?|cents)\b)/;

function figuresBold(line: string) {
    return line.split(FIGURE).map((piece, index) =>
        index % 2 === 1 ? (
            <strong key={index} className="font-extrabold whitespace-nowrap">
                {piece}
            </strong>
        ) : (
            piece
        ),
    );
}
