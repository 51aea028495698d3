import { createVuetify } from 'vuetify'
import { aliases, mdi } from 'vuetify/iconsets/mdi-svg'

const dark = window.matchMedia('(prefers-color-scheme: dark)').matches
const kept = localStorage.getItem('lanai:theme')

export const vuetify = createVuetify({
  icons: { defaultSet: 'mdi', aliases, sets: { mdi } },
  theme: {
    defaultTheme: kept ?? (dark ? 'night' : 'day'),
    themes: {
      day: {
        dark: false,
        colors: {
          background: '#F3F6F4',
          surface: '#FFFFFF',
          primary: '#0B6E5F',
          secondary: '#F2743A',
          error: '#B8322A',
          warning: '#F4C95D',
          info: '#0B6E5F',
          success: '#0B6E5F',
          'on-background': '#13292B',
          'on-surface': '#13292B',
          'on-secondary': '#13292B',
        },
      },
      night: {
        dark: true,
        colors: {
          background: '#0F1D1E',
          surface: '#172A2B',
          primary: '#5CC7B2',
          secondary: '#F58F5E',
          error: '#F08A80',
          warning: '#F4C95D',
          info: '#5CC7B2',
          success: '#5CC7B2',
          'on-background': '#E6EFEC',
          'on-surface': '#E6EFEC',
          'on-primary': '#08211E',
          'on-secondary': '#13292B',
          'on-error': '#2A0D0B',
        },
      },
    },
  },
  defaults: {
    VBtn: { variant: 'flat', rounded: 'pill', density: 'comfortable' },
    VTextField: { variant: 'outlined', density: 'compact', hideDetails: 'auto', rounded: 'lg' },
    VTextarea: { variant: 'outlined', density: 'compact', hideDetails: 'auto', rounded: 'lg' },
    VSelect: { variant: 'outlined', density: 'compact', hideDetails: 'auto', rounded: 'lg' },
    VCard: { rounded: 'xl', flat: true },
    VMenu: { transition: false },
    VDialog: { transition: false },
    VTooltip: { transition: false, openDelay: 500 },
  },
})
