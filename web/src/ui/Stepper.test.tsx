import { cleanup, fireEvent, render, screen } from '@testing-library/react'
import { afterEach, describe, expect, it, vi } from 'vitest'
import { Stepper } from './Stepper'

afterEach(cleanup)

function show(value = 5) {
  const onChange = vi.fn()
  render(<Stepper label="turns" value={value} step={0.5} low={1} high={12} onChange={onChange} />)
  return { onChange, input: screen.getByRole('spinbutton', { name: 'turns' }) }
}

describe('Stepper', () => {
  it('steps by button and by arrow key', () => {
    const { onChange, input } = show()
    fireEvent.click(screen.getByRole('button', { name: 'turns: more' }))
    expect(onChange).toHaveBeenLastCalledWith(5.5)
    fireEvent.keyDown(input, { key: 'ArrowDown' })
    expect(onChange).toHaveBeenLastCalledWith(4.5)
  })

  it('takes a typed number on Enter and keeps it inside its bounds', () => {
    const { onChange, input } = show()
    fireEvent.change(input, { target: { value: '7,5' } })
    expect(onChange).not.toHaveBeenCalled()
    fireEvent.keyDown(input, { key: 'Enter' })
    expect(onChange).toHaveBeenLastCalledWith(7.5)
    fireEvent.change(input, { target: { value: '400' } })
    fireEvent.blur(input)
    expect(onChange).toHaveBeenLastCalledWith(12)
  })

  it('drops what is no number', () => {
    const { onChange, input } = show()
    fireEvent.change(input, { target: { value: 'many' } })
    fireEvent.blur(input)
    expect(onChange).not.toHaveBeenCalled()
    expect((input as HTMLInputElement).value).toBe('5')
  })

  it('goes no further at the end of its range', () => {
    show(12)
    expect(screen.getByRole('button', { name: 'turns: more' })).toHaveProperty('disabled', true)
  })
})
