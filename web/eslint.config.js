import jsxA11y from 'eslint-plugin-jsx-a11y'
import reactHooks from 'eslint-plugin-react-hooks'
import tseslint from 'typescript-eslint'

export default tseslint.config(
  { ignores: ['dist', 'target', 'node_modules', 'src/api/schema.d.ts'] },
  ...tseslint.configs.strictTypeChecked,
  { languageOptions: { parserOptions: { projectService: true, tsconfigRootDir: import.meta.dirname } } },
  reactHooks.configs.flat['recommended-latest'] ?? reactHooks.configs['recommended-latest'],
  jsxA11y.flatConfigs.strict,
  {
    rules: {
      // No compiler memoises here, so a library it could not follow is no matter.
      'react-hooks/incompatible-library': 'off',
      // A region that scrolls by itself must be reachable by the keyboard.
      'jsx-a11y/no-noninteractive-tabindex': ['error', { tags: [], roles: ['region'] }],
      'jsx-a11y/label-has-associated-control': ['error', { depth: 4, assert: 'either' }],
      '@typescript-eslint/restrict-template-expressions': ['error', { allowNumber: true }],
      '@typescript-eslint/no-confusing-void-expression': ['error', { ignoreArrowShorthand: true }],
    },
  },
  { files: ['**/*.js'], ...tseslint.configs.disableTypeChecked },
)
