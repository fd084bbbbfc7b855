import { useEffect, useState } from 'react'

/** Whether a file is being dragged over the page. */
export function useDragged(): boolean {
  const [dragged, setDragged] = useState(false)
  useEffect(() => {
    const files = (e: DragEvent) => e.dataTransfer?.types.includes('Files') ?? false
    const over = (e: DragEvent) => {
      if (!files(e)) return
      e.preventDefault()
      setDragged(true)
    }
    const out = (e: DragEvent) => {
      if (e.relatedTarget === null) setDragged(false)
    }
    const drop = (e: DragEvent) => {
      e.preventDefault() // a file that misses opens no other page
      setDragged(false)
    }
    window.addEventListener('dragover', over)
    window.addEventListener('dragleave', out)
    window.addEventListener('drop', drop)
    return () => {
      window.removeEventListener('dragover', over)
      window.removeEventListener('dragleave', out)
      window.removeEventListener('drop', drop)
    }
  }, [])
  return dragged
}
