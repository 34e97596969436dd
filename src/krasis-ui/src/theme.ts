import { definePreset } from '@primeuix/themes'
import Aura from '@primeuix/themes/aura'

/** Porcelain and cobalt: cool whites, one blue, and the drinks' own colours. */
const preset = definePreset(Aura, {
  semantic: {
    primary: {
      50: '#eef3fb',
      100: '#d9e4f5',
      200: '#b5caea',
      300: '#86a8da',
      400: '#5782c4',
      500: '#24508f',
      600: '#1f467e',
      700: '#1a3b6b',
      800: '#142e54',
      900: '#0f223e',
      950: '#0a172a',
    },
    focusRing: { width: '3px', style: 'solid', color: '{primary.color}', offset: '2px' },
  },
  components: {
    button: {
      colorScheme: {
        // The preset's grey falls short of 4.5 : 1 on the page's white.
        light: {
          text: { secondary: { color: '{surface.600}' } },
          outlined: {
            secondary: { color: '{surface.700}', borderColor: '{surface.400}' },
            danger: { color: '#a3201a', borderColor: '#a3201a' },
          },
        },
        dark: {
          text: { primary: { color: '{primary.300}' }, secondary: { color: '{surface.300}' } },
          outlined: {
            primary: { color: '{primary.300}', borderColor: '{primary.400}' },
            secondary: { color: '{surface.200}', borderColor: '{surface.500}' },
            danger: { color: '#ff9c92', borderColor: '#ff9c92' },
          },
        },
      },
    },
    togglebutton: {
      colorScheme: {
        light: { root: { color: '{surface.600}', hoverColor: '{surface.700}' } },
      },
    },
  },
})

export const theme = { preset, options: { darkModeSelector: 'system' } }
