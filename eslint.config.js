import hooks from 'eslint-plugin-react-hooks';
import tseslint from 'typescript-eslint';

export default tseslint.config(
    { ignores: ['resources/js/api/contract.ts'] },
    ...tseslint.configs.recommended,
    hooks.configs.flat['recommended-latest'],
    {
        rules: {
            '@typescript-eslint/consistent-type-imports': 'error',
            '@typescript-eslint/no-explicit-any': 'error',
            eqeqeq: 'error',
        },
    },
);
