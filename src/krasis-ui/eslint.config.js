import { defineConfigWithVueTs, vueTsConfigs } from '@vue/eslint-config-typescript'
import prettier from 'eslint-config-prettier'
import { createTypeScriptImportResolver } from 'eslint-import-resolver-typescript'
import imports from 'eslint-plugin-import-x'
import vue from 'eslint-plugin-vue'

export default defineConfigWithVueTs(
  { ignores: ['dist/', 'src/shared/api/schema.d.ts'] },
  vue.configs['flat/recommended'],
  vueTsConfigs.strict,
  {
    rules: {
      // Both are missing where a page comes over plain HTTP from another machine, as at the bar.
      'no-restricted-properties': [
        'error',
        { object: 'crypto', property: 'randomUUID', message: 'Use newId or newGuid of shared/newId.' },
        { object: 'navigator', property: 'clipboard', message: 'Use copyText of shared/copyText.' },
      ],
    },
  },
  {
    plugins: { 'import-x': imports },
    settings: {
      'import-x/extensions': ['.ts', '.vue'],
      'import-x/parsers': { 'vue-eslint-parser': ['.vue'], '@typescript-eslint/parser': ['.ts'] },
      'import-x/resolver-next': [
        createTypeScriptImportResolver({ extensions: ['.ts', '.vue', '.d.ts', '.js'] }),
      ],
    },
    // Pages are read as TypeScript too where a plain file leads to them.
    languageOptions: { parserOptions: { parser: '@typescript-eslint/parser' } },
    rules: { 'import-x/no-cycle': ['error', { ignoreExternal: true }] },
  },
  { files: ['src/shared/copyText.ts'], rules: { 'no-restricted-properties': 'off' } },
  prettier,
)
