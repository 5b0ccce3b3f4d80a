import { createVuetify } from 'vuetify'
import { aliases, mdi } from 'vuetify/iconsets/mdi-svg'

/** Soil frames the page, leaf is growth, straw is ripe, sky is water, rust is now and trouble. */
export const vuetify = createVuetify({
  icons: { defaultSet: 'mdi', aliases, sets: { mdi } },
  defaults: {
    VBtn: { variant: 'flat', rounded: 'lg', style: 'letter-spacing:0;text-transform:none' },
    VTextField: { variant: 'outlined', density: 'compact', hideDetails: 'auto' },
    VSelect: { variant: 'outlined', density: 'compact', hideDetails: 'auto' },
    VCombobox: { variant: 'outlined', density: 'compact', hideDetails: 'auto' },
    VAutocomplete: { variant: 'outlined', density: 'compact', hideDetails: 'auto' },
    VTextarea: { variant: 'outlined', density: 'compact', hideDetails: 'auto', rows: 2 },
    VCheckbox: { density: 'compact', hideDetails: 'auto' },
    VFileInput: { variant: 'outlined', density: 'compact', hideDetails: 'auto' },
    VCard: { rounded: 'lg', elevation: 0 },
  },
  theme: {
    defaultTheme: 'light',
    themes: {
      light: {
        dark: false,
        colors: {
          background: '#f4efe6',
          surface: '#fdfaf4',
          primary: '#3a5f45',
          secondary: '#7a5c3e',
          error: '#a03a1c',
          warning: '#96600f',
          info: '#34678a',
          success: '#3a6b46',
          'on-background': '#2a231c',
          'on-surface': '#2a231c',
        },
      },
      dark: {
        dark: true,
        colors: {
          background: '#1b1713',
          surface: '#26201a',
          primary: '#a7c99a',
          secondary: '#d2ae80',
          error: '#f0906c',
          warning: '#e6b565',
          info: '#8fbfe0',
          success: '#a4cf9f',
          'on-background': '#efe7da',
          'on-surface': '#efe7da',
        },
      },
    },
  },
})
