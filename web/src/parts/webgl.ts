let known: boolean | undefined

/** Whether this browser draws in three dimensions; asked once. */
export function hasWebGl(): boolean {
  known ??= Boolean(document.createElement('canvas').getContext('webgl2'))
  return known
}
