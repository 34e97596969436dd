import { defineConfigWithVueTs, vueTsConfigs } from '@vue/eslint-config-typescript'
import prettier from 'eslint-config-prettier'
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
  { files: ['src/shared/copyText.ts'], rules: { 'no-restricted-properties': 'off' } },
  prettier,
)
