import hooks from 'eslint-plugin-react-hooks';
import tseslint from 'typescript-eslint';

export default tseslint.config(
    {
        ignores: [
            'vendor',
            'node_modules',
            'public',
            'storage',
            'eslint.config.js',
            'bin',
            'benchmarks',
            'resources/js/generated/**',
        ],
    },
    ...tseslint.configs.strictTypeChecked,
    {
        languageOptions: { parserOptions: { projectService: true, tsconfigRootDir: import.meta.dirname } },
        plugins: { 'react-hooks': hooks },
        rules: {
            ...hooks.configs.recommended.rules,
            // Nothing is memoised by a compiler here, so a library that cannot be is welcome.
            'react-hooks/incompatible-library': 'off',
            '@typescript-eslint/no-explicit-any': 'error',
            '@typescript-eslint/restrict-template-expressions': ['error', { allowNumber: true }],
            '@typescript-eslint/no-confusing-void-expression': ['error', { ignoreArrowShorthand: true }],
            '@typescript-eslint/no-unused-vars': [
                'error',
                { argsIgnorePattern: '^_', varsIgnorePattern: '^_', destructuredArrayIgnorePattern: '^_' },
            ],
        },
    },
    {
        files: ['resources/js/**'],
        rules: {
            'no-restricted-syntax': [
                'error',
                ...['Literal[value=', 'TemplateElement[value.raw='].map((what) => ({
                    selector: `:not(ImportDeclaration, ImportExpression, CallExpression[callee.property.name="at"] > TemplateLiteral) > ${what}/^\\/(api|bench|demo|enter|instruments|jobs|log|packets|search|sets|shared|start|strings|tune|workshop)(\\/|\\?|$)/]`,
                    message: 'Addresses come from the named routes: generated/addresses.',
                })),
            ],
        },
    },
);
