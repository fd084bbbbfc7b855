/** A number kept inside bounds and to a step, free of binary fractions. */
export function stepped(value: number, step: number, low: number, high: number): number {
  const decimals = (String(step).split('.')[1] ?? '').length
  return Number(Math.min(high, Math.max(low, value)).toFixed(decimals))
}
