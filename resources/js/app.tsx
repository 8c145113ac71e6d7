import { createInertiaApp } from '@inertiajs/react';
import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { setNonce } from 'get-nonce';
import { StrictMode, type ComponentType, type ReactNode } from 'react';
import { createRoot } from 'react-dom/client';
import { AppFrame } from './frame/AppFrame';
import FetchFailedPage from './frame/FetchFailedPage';
import { tellOfVisits } from './frame/visits';
import { willPass } from './server/api';
import { letBackClose } from './ui/backCloses';
import { keepFocus } from './ui/focus';
import { nonce } from './ui/nonce';
import { benchLast } from './generated/addresses/places';

type Page = ComponentType & { layout?: (page: ReactNode) => ReactNode };

const FIRST_RETRY_MS = 500;
const LAST_RETRY_MS = 8000;

const pages = import.meta.glob<{ default: Page }>('./*/*Page.tsx');
const queries = new QueryClient({
    defaultOptions: {
        queries: {
            // Whether there is an internet says nothing of the server, which is usually this machine.
            networkMode: 'always',
            retry: (_, failure) => willPass(failure),
            retryDelay: (count) => Math.min(LAST_RETRY_MS, FIRST_RETRY_MS * 2 ** count),
            staleTime: Infinity,
            refetchOnWindowFocus: false,
        },
    },
});

setNonce(nonce);

letBackClose();
keepFocus();
tellOfVisits();

void createInertiaApp({
    title: (title) => (title === '' ? 'Lira' : `${title} · Lira`),
    progress: { color: 'var(--accent)' },
    defaults: { nonce },
    resolve: async (name) => {
        const load = pages[`./${name}.tsx`];
        if (load === undefined) {
            throw new Error(`There is no page ${name}`);
        }
        const page = await load().then(
            (module) => module.default,
            (): Page => FetchFailedPage,
        );
        page.layout ??= (content) => <AppFrame>{content}</AppFrame>;
        return page;
    },
    setup({ el, App, props }) {
        createRoot(el).render(
            <StrictMode>
                <QueryClientProvider client={queries}>
                    <App {...props} />
                </QueryClientProvider>
            </StrictMode>,
        );
        // The Bench sees to it by itself.
        if (!window.location.pathname.startsWith(benchLast)) {
            void import('./bench/saving/unsavedOffer').then(({ offerElsewhere }) => offerElsewhere());
        }
    },
});
