import eslint from '@eslint/js';
import angular from 'angular-eslint';
import { defineConfig } from 'eslint/config';
import tseslint from 'typescript-eslint';

const WEB = ['apps/web/src/**/*.ts'];

export default defineConfig(
  {
    ignores: [
      '**/node_modules/**',
      '**/dist/**',
      '**/.angular/**',
      'build/**',
      'data/**',
      '**/*.generated.ts',
      '**/*.mjs',
      '**/*.cjs',
    ],
  },
  {
    files: ['**/*.ts'],
    extends: [eslint.configs.recommended, tseslint.configs.strictTypeChecked, tseslint.configs.stylisticTypeChecked],
    languageOptions: {
      parserOptions: {
        tsconfigRootDir: import.meta.dirname,
        project: [
          'packages/*/tsconfig.json',
          'demo/tsconfig.json',
          'apps/server/tsconfig.json',
          'apps/library/tsconfig.json',
          'apps/web/tsconfig.worker.json',
          'apps/web/tsconfig.spec.json',
          'tsconfig.test.json',
        ],
      },
    },
    rules: {
      '@typescript-eslint/no-explicit-any': 'error',
      '@typescript-eslint/consistent-type-imports': 'error',
      '@typescript-eslint/explicit-module-boundary-types': 'off',
      '@typescript-eslint/no-unused-vars': ['error', { argsIgnorePattern: '^_', varsIgnorePattern: '^_' }],
      // With noUncheckedIndexedAccess every read of a typed array in a hot loop needs one.
      '@typescript-eslint/no-non-null-assertion': 'off',
      '@typescript-eslint/restrict-template-expressions': ['error', { allowNumber: true }],
      '@typescript-eslint/no-confusing-void-expression': [
        'error',
        { ignoreArrowShorthand: true, ignoreVoidReturningFunctions: true },
      ],
      '@typescript-eslint/no-extraneous-class': ['error', { allowWithDecorator: true }],
      '@typescript-eslint/prefer-nullish-coalescing': ['error', { ignorePrimitives: { boolean: true, string: true } }],
      '@typescript-eslint/dot-notation': 'off',
      '@typescript-eslint/unbound-method': ['error', { ignoreStatic: true }],
      // Angular Material takes its settings as plain objects.
      '@typescript-eslint/no-unsafe-class-instance-assignment': 'off',
      'max-lines': ['error', { max: 200, skipComments: true, skipBlankLines: true }],
      'max-params': ['error', 5],
      eqeqeq: 'error',
    },
  },
  {
    files: WEB,
    extends: [angular.configs.tsRecommended],
    processor: angular.processInlineTemplates,
    rules: {
      '@angular-eslint/component-selector': ['error', { type: ['element', 'attribute'], prefix: 'ka', style: 'kebab-case' }],
      '@angular-eslint/directive-selector': ['error', { type: 'attribute', prefix: 'ka', style: 'camelCase' }],
      '@angular-eslint/prefer-on-push-component-change-detection': 'error',
    },
  },
  {
    // Parts of the editor are reached by what they say of themselves; see regions.ts.
    files: ['apps/web/src/app/editor/**/*.ts'],
    ignores: ['**/*.spec.ts'],
    rules: {
      'no-restricted-syntax': [
        'error',
        {
          selector:
            'CallExpression[callee.object.name="document"][callee.property.name=/^(querySelector|querySelectorAll|getElementById)$/]',
          message: 'Nobody finds a part of the editor by its tag: let it register itself.',
        },
      ],
    },
  },
  {
    files: ['apps/web/src/**/*.html'],
    extends: [angular.configs.templateRecommended, angular.configs.templateAccessibility],
  },
  {
    // Controls are those of Angular Material. What lies on the sheet is ours: its grips, marks and chips are no controls of a page.
    files: ['apps/web/src/**/*.html'],
    ignores: [
      'breakout/breakout-marks',
      'modes/cut-lines/cut-lines',
      'modes/trim/sheet-trim',
      // The field behind the caret is never seen.
      'modes/text/text-caret',
      'stage/shadow-point',
      'stage/gradient-stops',
      'stage/slot-marks',
      // Points of a curve, not of a form.
      'tabs/finish/tone-curve',
    ]
      .flatMap((part) => [`apps/web/src/app/editor/${part}.component.html`, `apps/web/src/app/editor/${part}.component.ts/**`])
      .concat('**/*.spec.ts/**'),
    rules: {
      'no-restricted-syntax': [
        'error',
        {
          selector: 'Element[name="button"]:not(:has(> TextAttribute[name=/^mat/], > BoundAttribute[name=/^mat/]))',
          message: 'Take a button of Material: matButton, matIconButton, mat-menu-item, mat-tab-link.',
        },
        {
          selector:
            'Element[name=/^(input|select|textarea)$/]:not(:has(> TextAttribute[name=/^mat/], > TextAttribute[name="type"][value="file"]))',
          message: 'Take a field of Material: matInput or matNativeControl in a mat-form-field, matSliderThumb, mat-checkbox.',
        },
        {
          selector: 'Element[name=/^(progress|meter|details|dialog)$/]',
          message: 'Take the one of Material: mat-progress-bar, mat-expansion-panel, MatDialog.',
        },
      ],
    },
  },
  // Plugins of Fastify are asynchronous whether they wait or not.
  { files: ['apps/server/src/**/*-routes.ts'], rules: { '@typescript-eslint/require-await': 'off' } },
  // Rows of tables: what lies where on a made-up sheet.
  { files: ['demo/**/*.ts', 'packages/*/fixtures/**/*.ts', 'packages/*/testing/**/*.ts'], rules: { 'max-params': 'off' } },
  {
    files: ['**/*.test.ts', '**/*.spec.ts', 'e2e/**/*.ts'],
    rules: {
      'max-lines': ['error', { max: 400, skipComments: true, skipBlankLines: true }],
      'max-params': 'off',
      '@typescript-eslint/no-unnecessary-condition': 'off',
      '@typescript-eslint/no-extraneous-class': 'off',
    },
  },
  // What an action brings is on the page a frame later: whoever reads it once reads what was there before on a busy machine.
  {
    files: ['e2e/**/*.ts'],
    rules: {
      'no-restricted-syntax': [
        'error',
        {
          selector:
            'CallExpression[callee.name="expect"] > AwaitExpression.arguments CallExpression[callee.property.name=/^(inputValue|textContent|innerText|count|isVisible|isChecked|getAttribute|boundingBox)$/], CallExpression[callee.name="expect"] > CallExpression.arguments > AwaitExpression CallExpression[callee.property.name=/^(inputValue|textContent|innerText|count|isVisible|isChecked|getAttribute|boundingBox)$/]',
          message: 'Wait for it with expect.poll or an assertion of the locator.',
        },
      ],
    },
  },
);
