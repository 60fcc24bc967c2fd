import { useMediaQuery } from '@vueuse/core'

/** What there is no room for beside the page, by the width of the window (the same widths stand in the styles). */
export const useNoCardRoom = () => useMediaQuery('(max-width: 1099px)')
export const useNoOutlineRoom = () => useMediaQuery('(max-width: 899px)')
export const useIsPhone = () => useMediaQuery('(max-width: 620px)')
