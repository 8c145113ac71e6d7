import { createInertiaApp } from '@inertiajs/react';
import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { StrictMode, type ComponentType, type ReactNode } from 'react';
import { createRoot } from 'react-dom/client';
import { AppFrame } from './frame/AppFrame';

type Page = ComponentType & { layout?: (page: ReactNode) => ReactNode };

const pages = import.meta.glob<{ default: Page }>('./*/*Page.tsx');
const queries = new QueryClient({
    defaultOptions: { queries: { retry: false, staleTime: Infinity, refetchOnWindowFocus: false } },
});

void createInertiaApp({
    title: (title) => (title === '' ? 'Lira' : `${title} · Lira`),
    progress: { color: 'var(--accent)' },
    resolve: async (name) => {
        const load = pages[`./${name}.tsx`];
        if (load === undefined) {
            throw new Error(`There is no page ${name}`);
        }
        const page = (await load()).default;
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
    },
});
