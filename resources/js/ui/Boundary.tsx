import { PageTitle } from './PageTitle';
import { Component, type ReactNode } from 'react';
import { Button } from './Button';

interface Props {
    children: ReactNode;
    /** A change of it begins anew. */
    at: string;
}

/** Round what may fail while it is drawn: the rest of the application goes on, and it can be tried again. */
export class Boundary extends Component<Props, { failed: boolean; at: string }> {
    override state = { failed: false, at: this.props.at };

    static getDerivedStateFromError(): { failed: boolean } {
        return { failed: true };
    }

    static getDerivedStateFromProps(props: Props, state: { at: string }): { failed: boolean; at: string } | null {
        return props.at === state.at ? null : { failed: false, at: props.at };
    }

    override render() {
        if (!this.state.failed) {
            return this.props.children;
        }
        return (
            <div role="alert" className="mx-auto w-full max-w-xl flex-1 px-6 pt-16">
                <PageTitle>This could not be shown</PageTitle>
                <p className="mt-2 text-ink-soft">
                    Something in it failed. What you changed is kept in this browser until it is saved. Try again; if it stays so,
                    reload the page.
                </p>
                <p className="mt-6 flex gap-2">
                    <Button look="strong" onClick={() => this.setState({ failed: false })}>
                        Try again
                    </Button>
                    <Button onClick={() => window.location.reload()}>Reload the page</Button>
                </p>
            </div>
        );
    }
}
