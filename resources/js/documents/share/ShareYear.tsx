import { Dialog } from '../../ui/Dialog';
import { buttonClass } from '../../ui/classes';
import { AddressPart } from './AddressPart';
import { instrumentsYear } from '../../generated/addresses/instruments';

interface Props {
    onClose: () => void;
    instrument: number;
    year: number;
}

/** A year of an instrument for somebody else, its owner say. */
export function ShareYear({ onClose, instrument, year }: Props) {
    const address = instrumentsYear(instrument, year);
    return (
        <Dialog
            open
            onOpenChange={onClose}
            title={`Share its ${year}`}
            description="What was on it, what was done, and what it cost."
        >
            <div className="flex flex-wrap gap-2">
                <a className={buttonClass.plain} href={`${address}?paper=page`}>
                    As one file (HTML)
                </a>
                <a className={buttonClass.plain} href={address} target="_blank" rel="noreferrer">
                    As PDF, to print
                </a>
            </div>
            <AddressPart shown={{ what: 'year', instrument, year }} />
        </Dialog>
    );
}
