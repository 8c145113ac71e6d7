import { clsx } from 'clsx';
import { Button } from '../ui/Button';
import type { SetActions } from './commands/useSetActions';
import type { ShowPanel } from './panels';

/** Where one goes on with a set once it is chosen. */
export function Doors({ actions, show, className }: { actions: SetActions; show: ShowPanel; className: string }) {
    return (
        <div className={clsx('flex items-center gap-1', className)}>
            <Button title="Where its strings are cheapest" onClick={actions.buy}>
                Buy
            </Button>
            <Button title="How it plays: every fret, how low it may lie" onClick={actions.plays}>
                Neck
            </Button>
            <Button title="Put it on: begin a job" onClick={actions.beginJob}>
                Fit
            </Button>
            <Button title="Bring it to its tuning" onClick={actions.tune}>
                Tune
            </Button>
            <Button title="As text, a picture, a page, or under an address" onClick={() => show('share')}>
                Share…
            </Button>
        </div>
    );
}
