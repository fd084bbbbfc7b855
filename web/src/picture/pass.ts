import { Color, type PerspectiveCamera, type Scene, Vector2, type WebGLRenderer } from 'three'
import { pictureHighPx } from './Model'

/** What is looked at: the fly on the water, in the vise, or one wiped across the other. */
export type Where = 'water' | 'vise' | 'both'

type Size = { width: number; height: number }

const UNDER_WATER = new Color('#1f5964')

/**
 * Draws the fly once, or twice with each half cut where the wipe stands.
 *
 * @param wipe share of the picture that the vise has
 * @param stale whether what throws shadows has changed
 */
export function drawn(
  gl: WebGLRenderer,
  scene: Scene,
  camera: PerspectiveCamera,
  { where, wipe }: { where: Where; wipe: number },
  { width, height }: Size,
  stale: boolean,
) {
  const see = (name: string, seen: boolean) => {
    const there = scene.getObjectByName(name)
    if (there) there.visible = seen
  }
  const show = (which: Where) => {
    const over = camera.position.y > 0
    see('on-the-water', which === 'water')
    see('in-the-vise', which === 'vise')
    see('mirrored', over)
    see('block', over)
    see('all-round', !over)
    scene.background = which === 'water' && !over ? UNDER_WATER : null
    gl.shadowMap.autoUpdate = false
    gl.shadowMap.needsUpdate ||= stale || where === 'both'
    pictureHighPx.value = height * gl.getPixelRatio()
    gl.render(scene, camera)
  }
  if (where !== 'both') {
    show(where)
    return
  }
  const cut = Math.round(width * wipe)
  gl.setScissorTest(true)
  gl.setScissor(0, 0, cut, height)
  show('vise')
  gl.setScissor(cut, 0, width - cut, height)
  show('water')
  gl.setScissorTest(false)
}

/** What is seen, at another size; then all is as it was. */
export function shot(
  gl: WebGLRenderer,
  camera: PerspectiveCamera,
  draw: (width: number, height: number) => void,
  { width, height }: Size,
  ratio: number,
): HTMLCanvasElement {
  const before = { size: gl.getSize(new Vector2()), ratio: gl.getPixelRatio() }
  const at = (w: number, h: number, r: number) => {
    gl.setPixelRatio(r)
    gl.setSize(w, h, false)
    camera.aspect = w / h
    camera.updateProjectionMatrix()
    draw(w, h)
  }
  at(width, height, ratio)
  const copy = document.createElement('canvas')
  copy.width = width * ratio
  copy.height = height * ratio
  copy.getContext('2d')?.drawImage(gl.domElement, 0, 0)
  at(before.size.x, before.size.y, before.ratio)
  return copy
}
