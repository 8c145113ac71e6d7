import { type Dispatch, type SetStateAction } from 'react';
import { Button } from '../../ui/Button';
import { buttonClass } from '../../ui/classes';
import { dateWords } from '../../units/times';
import { sizeWords } from '../copies';
import { copiesShow } from '../../generated/addresses/copies';
import type { CopiesPage as Props } from '../../generated/pages';

/** The copies that are kept. */
export function Kept({
    kept,
    served,
    setComing,
}: {
    kept: Props['kept'];
    served: Props['served'];
    setComing: Dispatch<SetStateAction<string | File | null>>;
}) {
    return (
        <ul aria-label="Copies" className="mt-2">
            {kept.map(({ name, bytes, on }) => (
                <li key={name} className="flex flex-wrap items-center gap-x-4 gap-y-1 border-b border-rule py-1 first:border-t">
                    <span className="min-w-36 font-semibold">{dateWords(on)}</span>
                    <span className="mr-auto text-ink-soft">
                        {name}, {sizeWords(bytes)}
                    </span>
                    <a className={buttonClass.quiet} href={copiesShow(name)} aria-label={`Take away ${name}`}>
                        Take away
                    </a>
                    {served && (
                        <Button look="quiet" aria-label={`Bring back… ${name}`} onClick={() => setComing(name)}>
                            Bring back…
                        </Button>
                    )}
                </li>
            ))}
        </ul>
    );
}
