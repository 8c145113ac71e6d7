import { defineConfig } from 'vitest/config';

export default defineConfig({
    test: {
        include: ['tests/unit/**/*.test.{ts,tsx}'],
        environment: 'node',
        setupFiles: ['tests/unit/patience.ts'],
        testTimeout: 60_000,
    },
});
