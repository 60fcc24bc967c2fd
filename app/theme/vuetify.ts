// The look of every Vuetify part, set once: flat, square, dense. Pages add nothing but layout.

const flat = { elevation: 0, rounded: 0, ripple: false } as const
const field = { variant: 'outlined', density: 'compact', hideDetails: 'auto', rounded: 0, color: 'primary' } as const

export const vuetifyConfig = {
  icons: { defaultSet: 'mdi-svg' as const },
  defaults: {
    VBtn: { ...flat, variant: 'text', size: 'small', color: 'primary' },
    VTextField: field,
    VTextarea: field,
    VSelect: { ...field, menuProps: { contentClass: 'flat-menu' } },
    VCheckbox: { density: 'compact', hideDetails: true, color: 'primary', ripple: false },
    VRadioGroup: { density: 'compact', hideDetails: true, color: 'primary' },
    VDialog: { scrim: '#1D272B', opacity: 0.35, transition: 'fade-transition' },
    VMenu: { transition: 'fade-transition', offset: 2 },
    VCard: { ...flat },
    VList: { density: 'compact', elevation: 0, rounded: 0 },
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
