/** What was typed into a field of a form. */
export function typed(form: HTMLFormElement | FormData, name: string): string {
  const value = (form instanceof FormData ? form : new FormData(form)).get(name)
  return typeof value === 'string' ? value : ''
}
