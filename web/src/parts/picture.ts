/** Colours that the drawing takes from the page; a picture that leaves it has to hold them. */
const COLOURS = /var\((--[a-z-]+)\)/g

/** The drawing of the fly that is on the page. */
export const drawing: { current: SVGSVGElement | null } = { current: null }

/** The drawing of the fly as it stands, without knobs, as a picture of its own. */
function picture(caption: string): string {
  const drawn = drawing.current
  if (!drawn) return ''
  const copy = drawn.cloneNode(true) as SVGSVGElement
  copy.querySelectorAll('[data-handles]').forEach((e) => e.remove())
  const width = Number(drawn.getAttribute('width'))
  const height = Number(drawn.getAttribute('height'))
  copy.setAttribute('xmlns', 'http://www.w3.org/2000/svg')
  copy.setAttribute('viewBox', `0 0 ${width} ${height + 34}`)
  copy.setAttribute('height', String(height + 34))
  copy.setAttribute('font-family', 'Georgia, serif')
  copy.style.background = 'var(--paper)'
  const words = document.createElementNS('http://www.w3.org/2000/svg', 'text')
  words.setAttribute('x', String(width / 2))
  words.setAttribute('y', String(height + 23))
  words.setAttribute('text-anchor', 'middle')
  words.setAttribute('font-size', '19')
  words.setAttribute('fill', 'var(--ink)')
  words.textContent = caption
  copy.append(words)
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
function resolved(name: string): string {
  const probe = document.createElement('span')
  probe.style.color = `var(${name})`
  document.body.append(probe)
  const colour = getComputedStyle(probe).color
  probe.remove()
  return colour
}

/** Saves the picture as an SVG file. */
export function savePicture(caption: string) {
  const link = document.createElement('a')
  link.href = URL.createObjectURL(new Blob([picture(caption)], { type: 'image/svg+xml' }))
  link.download = `${caption.toLowerCase().replace(/[^a-z0-9]+/g, '-')}.svg`
  link.click()
  URL.revokeObjectURL(link.href)
}

/** Prints the fly alone, as large as the sheet. */
export function printPicture(caption: string) {
  const sheet = document.createElement('div')
  sheet.className = 'fly-alone'
  sheet.innerHTML = picture(caption)
  document.body.append(sheet)
  window.print()
  sheet.remove()
}
