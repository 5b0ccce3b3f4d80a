import { exifOf, withExif } from './exif'

/** The longer edge of a picture that is sent, px; the server keeps none larger. */
const WHOLE = 2048
/** The longer edge from which its green cover is told, px. */
const MEASURED = 1024
const QUALITY = 0.8

/** A size no longer than an edge, and no larger than it is. */
export function fitted(width: number, height: number, edge: number) {
  const scale = Math.min(1, edge / Math.max(width, height))
  return { width: Math.round(width * scale), height: Math.round(height * scale) }
}

/** Pixels as the core takes them, 0xRRGGBB each, out of a canvas's four bytes each. */
export function packed(rgba: ArrayLike<number>): Int32Array {
  const pixels = new Int32Array(rgba.length / 4)
  for (let i = 0; i < pixels.length; i++) {
    const at = i * 4
    pixels[i] = (rgba[at]! << 16) | (rgba[at + 1]! << 8) | rgba[at + 2]!
  }
  return pixels
}

function drawn(image: ImageBitmap, edge: number) {
  const { width, height } = fitted(image.width, image.height, edge)
  const canvas = document.createElement('canvas')
  canvas.width = width
  canvas.height = height
  const on = canvas.getContext('2d')!
  on.drawImage(image, 0, 0, width, height)
  return { canvas, on, width, height }
}

async function opened(file: Blob): Promise<ImageBitmap> {
  try {
    // A browser turns it upright by what the camera wrote.
    return await createImageBitmap(file)
  } catch {
    throw new Error('This is not a picture that can be read here; take it as JPEG or PNG.')
  }
}

/** A picture for sending: upright, shrunk, with what the camera wrote of day and place. */
export async function shrink(file: Blob): Promise<Blob> {
  const image = await opened(file)
  const { canvas } = drawn(image, WHOLE)
  image.close()
  const jpeg = await new Promise<Blob | null>((yes) => canvas.toBlob(yes, 'image/jpeg', QUALITY))
  if (!jpeg) throw new Error('The picture is too large for this browser.')
  return withExif(jpeg, exifOf(new Uint8Array(await file.arrayBuffer())))
}

/** Its pixels, few enough to be measured at once. */
export async function pixelsOf(file: Blob): Promise<Int32Array> {
  const image = await opened(file)
  const { on, width, height } = drawn(image, MEASURED)
  image.close()
  return packed(on.getImageData(0, 0, width, height).data)
}
