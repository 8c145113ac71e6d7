import { laneTo, type DataOf, type Kind } from './lane';

/**
 * Records something in a job from elsewhere: settles once the server has taken it, or once it is known that it has to wait; what cannot
 * be sent just now is kept, and sent as soon as it can. Fails with the server's words where it refuses it.
 */
export function recordIn<K extends Kind>(job: number, kind: K, data: DataOf<K>): Promise<{ id: string; sent: boolean }> {
    const lane = laneTo(job);
    const id = lane.record(kind, data);
    return new Promise((settled, failed) => {
        const look = () => {
            const { own, held, gone } = lane.state.getState();
            const event = own.find((each) => each.id === id);
            if (event === undefined) {
                settled({ id, sent: true });
            } else if (event.refused !== null || gone) {
                failed(
                    new Error(
                        event.refused ??
                            'This job was dropped elsewhere. What you did is kept on this device in case it comes back.',
                    ),
                );
            } else if (held !== null) {
                settled({ id, sent: false });
            } else {
                return false;
            }
            stop();
            return true;
        };
        const stop = lane.state.subscribe(() => void look());
        look();
    });
}
