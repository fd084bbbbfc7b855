/** Colours that the drawing takes from the page; a picture that leaves it has to hold them. */
const COLOURS = /var\((--[a-z-]+)\)/g

/** The drawing of the fly that is on the page. */
export const drawing: { current: SVGSVGElement | null } = { current: null }

/** Room for a line of words under a picture, px. */
const LINE_PX = 26

/**
 * A drawing as it stands, without knobs, as a picture of its own.
 *
 * @param lines words under it, the first of them larger
 */
export function picture(lines: string[], drawn: SVGSVGElement | null = drawing.current): string {
  if (!drawn) return ''
  const copy = drawn.cloneNode(true) as SVGSVGElement
  copy.querySelectorAll('[data-handles]').forEach((e) => e.remove())
  const width = Number(drawn.getAttribute('width'))
  const height = Number(drawn.getAttribute('height'))
  const whole = height + LINE_PX * lines.length + 12
  copy.setAttribute('xmlns', 'http://www.w3.org/2000/svg')
  copy.setAttribute('viewBox', `0 0 ${width} ${whole}`)
  copy.setAttribute('height', String(whole))
  copy.setAttribute('font-family', 'Georgia, serif')
  copy.removeAttribute('class')
  copy.style.background = 'var(--paper)'
  lines.forEach((line, i) => {
    const words = document.createElementNS('http://www.w3.org/2000/svg', 'text')
    words.setAttribute('x', String(width / 2))
    words.setAttribute('y', String(height + LINE_PX * (i + 1)))
    words.setAttribute('text-anchor', 'middle')
    words.setAttribute('font-size', i === 0 ? '19' : '14')
    words.setAttribute('fill', 'var(--ink)')
    words.textContent = line
    copy.append(words)
  })
  return (
    new XMLSerializer()
      .serializeToString(copy)
      // its paints are its own: those of the page are not drawn while the page is hidden
      .replace(/\bid="([\w-]+)"/g, 'id="alone-$1"')
      .replace(/url\(#([\w-]+)\)/g, 'url(#alone-$1)')
      .replace(COLOURS, (_, name: string) => resolved(name))
  )
}

/** A colour of the page as it is now, light or dark. */
export function resolved(name: string): string {
  const probe = document.createElement('span')
  probe.style.color = `var(${name})`
  document.body.append(probe)
  const colour = getComputedStyle(probe).color
  probe.remove()
  return colour
}

/** Hands a file over to be kept. */
export function saveFile(blob: Blob, name: string, ending: string) {
  const link = document.createElement('a')
  link.href = URL.createObjectURL(blob)
  link.download = `${name.toLowerCase().replace(/[^a-z0-9]+/g, '-')}.${ending}`
  link.click()
  URL.revokeObjectURL(link.href)
}

/** Prints the fly alone, as large as the sheet. */
export function printPicture(caption: string) {
  const sheet = document.createElement('div')
  sheet.className = 'fly-alone'
  sheet.innerHTML = picture([caption])
  document.body.append(sheet)
  window.print()
  sheet.remove()
}
