import type { ReactNode } from 'react';
import type { Going } from '../frames';
import type { Open } from '../ways/JobDialogs';

interface Props {
    onBack: () => void;
    canGoBack: boolean;
    /** Whether the step is about one string. */
    ofString: boolean;
    onOpen: (what: Open) => void;
    going: Going;
    onTurn: (stringsAtOnce: boolean) => void;
}

/** The ways on that are not the next step. */
export function Ways({ onBack, canGoBack, ofString, onOpen, going, onTurn }: Props) {
    return (
        <div className="grid grid-cols-4 gap-2.5 md:max-lg:grid-cols-8">
            <WayButton onClick={onBack} disabled={!canGoBack}>
                Back
            </WayButton>
            <WayButton onClick={() => onOpen('cut-short')}>Cut short</WayButton>
            <WayButton onClick={() => onOpen('broke')}>Broke</WayButton>
            <WayButton onClick={() => onOpen('note')}>Note</WayButton>
            <WayButton onClick={() => onOpen('wrong')}>Wrong string</WayButton>
            <WayButton onClick={() => onOpen('spare')}>Take a spare</WayButton>
            <WayButton disabled={!ofString} onClick={() => onOpen('seen')}>
                What was seen
            </WayButton>
            <WayButton onClick={() => onTurn(going === 'steps')}>
                {going === 'steps' ? 'A string at once' : 'Step by step'}
            </WayButton>
        </div>
    );
}

function WayButton({ children, ...rest }: { children: ReactNode; onClick: () => void; disabled?: boolean }) {
    return (
        <button
            type="button"
            className="h-full min-h-14 w-full rounded-float border border-rule-strong bg-sheet px-2 text-2xl leading-tight hover:border-ink disabled:opacity-45 max-sm:px-1 max-sm:text-base"
            {...rest}
        >
            {children}
        </button>
    );
}
