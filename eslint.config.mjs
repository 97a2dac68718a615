import reactHooks from 'eslint-plugin-react-hooks';
import tseslint from 'typescript-eslint';

export default tseslint.config(
  { ignores: ['**/dist/**', '**/build/**', '**/node_modules/**', '**/dev-dist/**', 'demo/files/**', '**/made/*.js'] },
  ...tseslint.configs.recommended,
  {
    files: ['**/*.{ts,tsx}'],
    rules: {
      '@typescript-eslint/no-explicit-any': 'error',
      '@typescript-eslint/consistent-type-imports': 'error',
      'no-restricted-exports': ['error', { restrictDefaultExports: { direct: true } }],
      'max-lines': ['error', 600],
    },
  },
  {
    files: ['core/src/**/*.ts', 'model/src/**/*.ts'],
    ignores: ['**/*.test.ts'],
    rules: {
      '@typescript-eslint/no-non-null-assertion': 'off',
      'no-restricted-globals': ['error', 'window', 'document', 'localStorage', 'fetch', 'process'],
      'no-restricted-properties': [
        'error',
        { object: 'Date', property: 'now', message: 'Clocks are arguments.' },
        { object: 'Math', property: 'random', message: 'Random sources are arguments.' },
      ],
    },
  },
  {
    files: ['app/src/**/*.{ts,tsx}', 'server/src/**/*.ts', 'lab/src/**/*.ts', 'core/src/**/*.ts'],
    ignores: ['**/*.test.{ts,tsx}'],
    rules: { '@typescript-eslint/no-non-null-assertion': 'error' },
  },
  { files: ['app/src/**/*.{ts,tsx}'], ...reactHooks.configs.flat['recommended-latest'] },
  {
    files: ['**/*.config.ts', '**/*.config.mjs', '**/*.d.ts', '.dependency-cruiser.cjs'],
    rules: { 'no-restricted-exports': 'off', '@typescript-eslint/no-require-imports': 'off' },
  },
);
