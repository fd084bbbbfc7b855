import { store } from '../ui/store'

export type Theme = 'auto' | 'light' | 'dark'
export type TextSize = 'normal' | 'large' | 'largest'

export const theme = store<Theme>('auto', 'ripple-rest.theme')
export const textSize = store<TextSize>('normal', 'ripple-rest.text-size')

/** Whether single letters do something; those with Ctrl always do. */
export const letterKeys = store(true, 'ripple-rest.letter-keys')

const PX: Record<TextSize, string> = { normal: '16px', large: '18px', largest: '20px' }

/** Puts both on the page. */
export function applySettings() {
  const { style } = document.documentElement
  style.colorScheme = theme.get() === 'auto' ? 'light dark' : theme.get()
  style.fontSize = PX[textSize.get()]
}

theme.watch(applySettings)
textSize.watch(applySettings)
