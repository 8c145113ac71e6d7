/**
 * Lets one task run at a time. The first starts at once; the others wait for it, and one whose signal is aborted before
 * its turn never starts, so that of many questions asked in a row only the first and the newest reach the server.
 */
export function oneAtATime(): <T>(task: () => Promise<T>, signal: AbortSignal) => Promise<T> {
    let last: Promise<unknown> | null = null;
    return (task, signal) => {
        const turn =
            last === null
                ? task()
                : last.then(() => {
                      signal.throwIfAborted();
                      return task();
                  });
        const over: Promise<unknown> = turn
            .catch(() => undefined)
            .then(() => {
                if (last === over) {
                    last = null;
                }
            });
        last = over;
        return turn;
    };
}
