import prettier from 'eslint-config-prettier'
import vue from 'eslint-plugin-vue'
import tseslint from 'typescript-eslint'

export default tseslint.config(
  {
    ignores: [
      '**/dist/**',
      '**/node_modules/**',
      'web/src/components.d.ts',
      'test-results/**',
      'reports/**',
      'demo-data/**',
      'data/**',
    ],
  },
  ...tseslint.configs.recommended,
  // What Vue has to say is asked of the web app only: elsewhere it takes a fifth of the time.
  ...vue.configs['flat/recommended'].map((config) => ({ files: ['web/src/**'], ...config })),
  {
    files: ['**/*.vue'],
    languageOptions: { parserOptions: { parser: tseslint.parser } },
    rules: {
      'vue/multi-word-component-names': 'off',
      // The content security policy refuses inline styles.
      'vue/no-static-inline-styles': 'error',
      'vue/no-v-html': 'error',
      'no-undef': 'off',
    },
  },
  {
    // Every control comes from the component library. Hand-drawn are the page of phrases, what is
    // printed, the grid in which steps are typed, the face of a call, and the hall's own small page.
    files: ['web/src/**/*.vue'],
    ignores: [
      'web/src/page/PhraseBlock.vue',
      'web/src/page/PhraseLine.vue',
      'web/src/figure/StepGrid.vue',
      'web/src/hall/HallScreen.vue',
      'web/src/routine/Printed*.vue',
      'web/src/call/Lectern{Row,Lost,Screen,Foot,Waits,Standby,Ask,Band}.vue',
      'web/src/call/{DelayDialog,FreeFloor}.vue',
    ],
    rules: {
      'vue/no-restricted-html-elements': [
        'error',
        ...['button', 'input', 'select', 'textarea', 'details', 'table', 'dialog', 'progress'].map(
          (element) => ({ element, message: 'Use the control of the component library.' }),
        ),
      ],
    },
  },
  { files: ['**/*.cjs'], rules: { '@typescript-eslint/no-require-imports': 'off' } },
  {
    files: ['**/*.ts', '**/*.vue'],
    rules: {
      '@typescript-eslint/consistent-type-imports': 'error',
      '@typescript-eslint/no-unused-vars': [
        'error',
        { argsIgnorePattern: '^_', ignoreRestSiblings: true },
      ],
    },
  },
  {
    files: ['core/src/**/*.ts', 'server/src/**/*.ts', 'cli/src/**/*.ts'],
    ignores: ['**/*.test.ts', '**/testing/**'],
    languageOptions: {
      parserOptions: { projectService: true, tsconfigRootDir: import.meta.dirname },
    },
    rules: { '@typescript-eslint/no-floating-promises': 'error' },
  },
  {
    // The core has no clock, no chance and no interface of its own.
    files: ['core/src/**/*.ts', 'wire/src/**/*.ts'],
    ignores: ['**/*.test.ts', '**/testing/**'],
    rules: {
      'no-restricted-globals': [
        'error',
        'window',
        'document',
        'process',
        'fetch',
        'crypto',
        'setTimeout',
        'setInterval',
        'performance',
      ],
      'no-restricted-properties': [
        'error',
        { object: 'Date', property: 'now' },
        { object: 'Math', property: 'random' },
      ],
      'no-restricted-imports': ['error', { patterns: ['node:*', 'vue', 'koa', 'typeorm'] }],
    },
  },
  prettier,
)
