// The look of every Vuetify part, set once: flat, square, dense. Pages add nothing but layout.

const flat = { elevation: 0, rounded: 0, ripple: false } as const
const field = { variant: 'outlined', density: 'compact', hideDetails: 'auto', rounded: 0, color: 'primary' } as const

// Boxes and rings with the thin line of everything else here.
const box = 'M3 3h18v18H3zM4.5 4.5v15h15v-15z'
const ring = 'M12 2.5a9.5 9.5 0 1 0 0 19 9.5 9.5 0 0 0 0-19zm0 1.5a8 8 0 1 1 0 16 8 8 0 0 1 0-16z'
const SIGNS = {
  checkboxOff: `svg:${box}`,
  checkboxOn: 'svg:M3 3h18v18H3zm7.2 14 8-9.1-1.5-1.3-6.6 7.5-2.9-2.9-1.4 1.4z',
  checkboxIndeterminate: `svg:${box}M7 11h10v2H7z`,
  radioOff: `svg:${ring}`,
  radioOn: `svg:${ring}M12 7a5 5 0 1 0 0 10 5 5 0 0 0 0-10z`,
  dropdown: 'svg:M6.5 9.2 12 14.7l5.5-5.5 1.1 1.1L12 16.9l-6.6-6.6z',
} as const

export const vuetifyConfig = {
  icons: { defaultSet: 'mdi-svg' as const, aliases: SIGNS },
  defaults: {
    VBtn: { ...flat, variant: 'text' },
    VTextField: field,
    VTextarea: field,
    VSelect: field,
    VCheckbox: { density: 'compact', hideDetails: true, color: 'primary', ripple: false },
    VRadioGroup: { density: 'compact', hideDetails: true, color: 'primary' },
    VDialog: { scrim: '#1D272B', opacity: 0.35, transition: 'fade-transition' },
    VMenu: { transition: 'fade-transition', offset: 2 },
    VCard: { ...flat },
    VList: { density: 'compact', elevation: 0, rounded: 0 },
    VSlider: { color: 'primary', hideDetails: true, thumbSize: 14, trackSize: 2, ripple: false },
    VDatePicker: { ...flat, firstDayOfWeek: 1 },
    VProgressLinear: { rounded: 0, height: 3, color: 'primary' },
  },
  theme: {
    defaultTheme: 'system',
    themes: {
      light: {
        dark: false,
        colors: {
          background: '#F4F1EA',
          surface: '#FCFBF7',
          primary: '#0B4F5A',
          secondary: '#4C585C',
          error: '#8A3B12',
          warning: '#8A3B12',
          'on-background': '#1D272B',
          'on-surface': '#1D272B',
          'on-primary': '#FFFFFF',
        },
      },
      dark: {
        dark: true,
        colors: {
          background: '#171C1E',
          surface: '#1F2527',
          primary: '#8CC8CE',
          secondary: '#A9B3B2',
          error: '#E8A27A',
          warning: '#E8A27A',
          'on-background': '#ECE8DD',
          'on-surface': '#ECE8DD',
          'on-primary': '#10282C',
        },
      },
    },
  },
}
