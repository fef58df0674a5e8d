import js from '@eslint/js';
import jsxA11y from 'eslint-plugin-jsx-a11y';
import reactHooks from 'eslint-plugin-react-hooks';
import tseslint from 'typescript-eslint';

/** The rooms of the interface, lowest first: each knows those below it and none above. The kit knows nothing of seed. */
const rooms = [
  'worker',
  'kit',
  'api',
  'charts',
  'record',
  'shell',
  'steps',
  'season',
  'rota',
  'plot',
  'intake',
  'store',
  'packets',
  'tags',
  'keeping',
  'lots',
  'books',
  'today',
];

const oneWay = rooms.slice(0, -1).map((room, i) => ({
  files: [`src/${room}/**`],
  rules: {
    'no-restricted-imports': [
      'error',
      {
        patterns: rooms.slice(i + 1).map((above) => ({
          group: [`**/${above}/**`],
          message: `${room} stands below ${above} and does not know it.`,
        })),
      },
    ],
  },
}));

export default tseslint.config(
  { ignores: ['src/api/generated.ts', 'node_modules', 'test-results', 'playwright-report'] },
  js.configs.recommended,
  ...tseslint.configs.strict,
  reactHooks.configs.flat.recommended,
  jsxA11y.flatConfigs.recommended,
  {
    files: ['**/*.mjs', 'bench/*.js'],
    languageOptions: { globals: { process: 'readonly', console: 'readonly', performance: 'readonly' } },
  },
  {
    rules: {
      '@typescript-eslint/consistent-type-imports': 'error',
      eqeqeq: 'error',
    },
  },
  ...oneWay,
  {
    // Whatever is recorded leaves by the outbox, so that a reload loses nothing of it.
    files: ['src/**'],
    ignores: ['src/api/outbox.ts', 'src/api/entries.ts', 'src/**/*.test.ts'],
    rules: {
      'no-restricted-syntax': [
        'error',
        {
          selector: "CallExpression[callee.property.name='POST'][arguments.0.value=/^.entries/]",
          message: 'Entries leave by api/outbox.',
        },
        {
          selector: 'ImportSpecifier[imported.name=/^(record|recordAll|recordAtOnce|recordOnce|strike)$/]',
          message: 'Entries leave by api/outbox.',
        },
      ],
    },
  },
);
