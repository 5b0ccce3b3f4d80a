/*
 * The block in which a camera writes day and place into a JPEG (Exif, in a segment APP1). A picture that
 * is shrunk loses it; it is carried over, so that the server reads it in one place for all senders.
 */
const START = 0xffd8
const APP1 = 0xffe1
const SCAN = 0xffda
const HEAD = 4
/** The first byte of every marker. */
const MARKED = 0xff
/** "Exif" */
const EXIF = 0x45786966

/** The segment with its marker, or nothing where there is none. */
export function exifOf(jpeg: Uint8Array): Uint8Array | undefined {
  const view = new DataView(jpeg.buffer, jpeg.byteOffset, jpeg.byteLength)
  if (view.byteLength < 2 || view.getUint16(0) !== START) return undefined
  let at = 2
  while (at + HEAD + HEAD <= view.byteLength) {
    const marker = view.getUint16(at)
    // Segments end where the picture itself begins.
    if (marker === SCAN || marker >> 8 !== MARKED) return undefined
    const end = at + 2 + view.getUint16(at + 2)
    if (end > view.byteLength) return undefined
    if (marker === APP1 && view.getUint32(at + HEAD) === EXIF) return jpeg.slice(at, end)
    at = end
  }
  return undefined
}

/** A JPEG with such a segment right after its start. */
export function withExif(jpeg: Blob, exif: Uint8Array | undefined): Blob {
  if (!exif) return jpeg
  const head = jpeg.slice(0, 2)
  return new Blob([head, exif.slice(), jpeg.slice(2)], { type: 'image/jpeg' })
}
