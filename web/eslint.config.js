import hooks from 'eslint-plugin-react-hooks';
import tseslint from 'typescript-eslint';

export default tseslint.config(
  { ignores: ['target', 'node_modules', 'src/api/schema.d.ts', 'eslint.config.js'] },
  ...tseslint.configs.strictTypeChecked,
  hooks.configs.flat['recommended-latest'],
  {
    languageOptions: { parserOptions: { projectService: true } },
    rules: {
      '@typescript-eslint/restrict-template-expressions': ['error', { allowNumber: true }],
      '@typescript-eslint/no-confusing-void-expression': ['error', { ignoreArrowShorthand: true }],
    },
  },
);
