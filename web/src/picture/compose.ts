import { drawing, picture, resolved } from '../parts/picture'
import { BAR_MM, turning } from './turning'

/** A picture as it is saved at its own size, px. */
const WIDE = 960
const HIGH = 600

/** What is said of the bar that lies beside a fly in three dimensions. */
const BAR = `The bar is ${BAR_MM} mm.`

/** A card to share: the size that most places show whole, px. */
const CARD = { wide: 1200, high: 630 }

/** A picture with words under it, so many pixels to each of its own. */
export async function png(
  lines: string[],
  ratio: number,
  side: SVGSVGElement | null,
): Promise<Blob> {
  if (!turning.current) return kept(await drawn(picture(lines, drawing.current ?? side), ratio))
  const all = [...lines, BAR]
  const words = 26 * all.length + 16
  const { canvas, pen } = sheet(WIDE, HIGH + words, ratio)
  sky(pen, WIDE, HIGH)
  pen.drawImage(turning.current.shot(WIDE, HIGH, ratio), 0, 0, WIDE, HIGH)
  write(pen, all, WIDE / 2, HIGH + 26, WIDE - 40, 'center')
  return kept(canvas)
}

/** A card to share: the fly, and beside it in large what it is and how it sits. */
export async function shareCard(lines: string[], side: SVGSVGElement | null): Promise<Blob> {
  const { canvas, pen } = sheet(CARD.wide, CARD.high, 1)
  const band = 132
  const high = CARD.high - band
  sky(pen, CARD.wide, high)
  if (turning.current) {
    pen.drawImage(turning.current.shot(CARD.wide, high, 1), 0, 0)
    pen.textAlign = 'right'
    pen.fillStyle = resolved('--ink')
    pen.font = '20px "Source Serif 4 Variable", Georgia, serif'
    pen.fillText(BAR, CARD.wide - 24, high - 16)
  } else {
    const fly = await drawn(picture([], side), 2)
    const by = Math.min(CARD.wide / fly.width, high / fly.height)
    const [w, h] = [fly.width * by, fly.height * by]
    pen.drawImage(fly, (CARD.wide - w) / 2, (high - h) / 2, w, h)
  }
  write(pen, lines, 48, high + 50, CARD.wide - 96, 'left', 1.7)
  return kept(canvas)
}

function sheet(wide: number, high: number, ratio: number) {
  const canvas = document.createElement('canvas')
  canvas.width = wide * ratio
  canvas.height = high * ratio
  const pen = canvas.getContext('2d')
  if (!pen) throw new Error('This browser draws no pictures. Save it as a drawing (SVG) instead.')
  pen.scale(ratio, ratio)
  pen.fillStyle = resolved('--paper')
  pen.fillRect(0, 0, wide, high)
  return { canvas, pen }
}

function sky(pen: CanvasRenderingContext2D, wide: number, high: number) {
  const light = pen.createLinearGradient(0, 0, 0, high)
  light.addColorStop(0, resolved('--sky-high'))
  light.addColorStop(1, resolved('--sky-low'))
  pen.fillStyle = light
  pen.fillRect(0, 0, wide, high)
}

/** Words below each other, the first of them larger, none wider than there is room. */
function write(
  pen: CanvasRenderingContext2D,
  lines: string[],
  x: number,
  y: number,
  most: number,
  align: CanvasTextAlign,
  by = 1,
) {
  pen.textAlign = align
  pen.fillStyle = resolved('--ink')
  lines.forEach((line, i) => {
    pen.font = `${by * (i === 0 ? 19 : 14)}px "Source Serif 4 Variable", Georgia, serif`
    pen.fillText(line, x, y + by * 24 * i, most)
  })
}

/** An SVG picture in pixels. */
async function drawn(svg: string, ratio: number): Promise<HTMLCanvasElement> {
  const image = new Image()
  image.src = `data:image/svg+xml;charset=utf-8,${encodeURIComponent(svg)}`
  await image.decode()
  const canvas = document.createElement('canvas')
  canvas.width = image.naturalWidth * ratio
  canvas.height = image.naturalHeight * ratio
  canvas.getContext('2d')?.drawImage(image, 0, 0, canvas.width, canvas.height)
  return canvas
}

const kept = (canvas: HTMLCanvasElement) =>
  new Promise<Blob>((done, failed) =>
    canvas.toBlob((blob) =>
      blob
        ? done(blob)
        : failed(new Error('The picture is too large for this browser. Choose a smaller one.')),
    ),
  )
