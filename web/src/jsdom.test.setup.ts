import { configure } from '@testing-library/react'
/** What a browser has and the tests' does not. */
globalThis.ResizeObserver = class {
  observe() {}
  unobserve() {}
  disconnect() {}
}
Element.prototype.hasPointerCapture = () => false

// the whole test command keeps both cores busy beside these
configure({ asyncUtilTimeout: 8000 })
