import boundaries from 'eslint-plugin-boundaries';
import importX, { createNodeResolver } from 'eslint-plugin-import-x';
import hooks from 'eslint-plugin-react-hooks';
import tseslint from 'typescript-eslint';

const shared = ['kit', 'api', 'bench', 'contracts', 'deck', 'job', 'readings', 'tape', 'theme', 'words', 'parts'];

const may = (from, ...whom) => ({
    from: { element: { type: from } },
    allow: whom.map((type) => ({ to: { element: { type } } })),
});

export default tseslint.config(
    { ignores: ['resources/js/contracts/**'] },
    ...tseslint.configs.recommended,
    hooks.configs.flat['recommended-latest'],
    {
        rules: {
            '@typescript-eslint/consistent-type-imports': 'error',
            '@typescript-eslint/no-explicit-any': 'error',
            eqeqeq: 'error',
            // What does not fit a screen, or turns this way and that, is several things.
            'max-lines-per-function': ['error', { max: 150, skipComments: true, skipBlankLines: true }],
            complexity: ['error', 15],
        },
    },
    {
        // What a person reads comes from the message catalogue, as a whole.
        files: ['resources/js/**/*.tsx'],
        rules: {
            'no-restricted-syntax': [
                'error',
                // The name of the product is no word.
                {
                    selector: 'JSXText[value=/[A-Za-z]{2}/]:not([value=/^\\s*Imbrex\\s*$/])',
                    message: 'Words come from the catalogue.',
                },
                {
                    selector:
                        'JSXAttribute[name.name=/^(aria-label|aria-description|title|label|placeholder|alt|helperText)$/] > Literal[value=/[A-Za-z]{2}/]:not([value=/^[a-z-]+[.][a-zA-Z.-]+$/])',
                    message: 'Words come from the catalogue.',
                },
                {
                    selector:
                        ":matches(TemplateLiteral, BinaryExpression[operator='+']):has(> CallExpression[callee.name='t'])",
                    message: 'What is glued to a message is in no other language: make it one message.',
                },
            ],
        },
    },
    {
        // Nothing imports in a circle; types may, they are gone when it runs.
        files: ['resources/js/**/*.{ts,tsx}'],
        plugins: { 'import-x': importX },
        settings: {
            'import-x/parsers': { '@typescript-eslint/parser': ['.ts', '.tsx'] },
            'import-x/extensions': ['.ts', '.tsx'],
            'import-x/resolver-next': [createNodeResolver({ extensions: ['.ts', '.tsx', '.js'] })],
        },
        rules: { 'import-x/no-cycle': ['error', { ignoreExternal: true }] },
    },
    {
        // A station knows itself and what all share; what all share knows no station; the shell knows the list of stations.
        files: ['resources/js/**/*.{ts,tsx}'],
        plugins: { boundaries },
        settings: {
            'import/resolver': { node: { extensions: ['.ts', '.tsx'] } },
            'boundaries/elements': [
                { type: 'station', pattern: 'resources/js/stations/*', capture: ['station'] },
                { type: 'stations', pattern: 'resources/js/stations' },
                ...shared.map((name) => ({ type: 'shared', pattern: `resources/js/${name}` })),
                { type: 'shell', pattern: 'resources/js/shell' },
                { type: 'pages', pattern: 'resources/js/pages' },
                { type: 'main', pattern: 'resources/js' },
            ],
        },
        rules: {
            'boundaries/dependencies': [
                'error',
                {
                    default: 'disallow',
                    policies: [
                        may('shared', 'shared'),
                        may('station', 'shared', 'stations'),
                        {
                            from: { element: { type: 'station' } },
                            allow: {
                                to: {
                                    element: {
                                        type: 'station',
                                        captured: { station: '{{from.element.captured.station}}' },
                                    },
                                },
                            },
                        },
                        may('stations', 'shared', 'stations', 'station'),
                        may('pages', 'shared', 'pages', 'shell'),
                        may('shell', 'shared', 'stations', 'shell'),
                        may('main', 'shared', 'shell', 'pages', 'main'),
                    ],
                },
            ],
        },
    },
);
