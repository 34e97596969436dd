/** What stands on a label. */
export interface LabelWords {
  name: string
  use: string
  more: string[]
}

/** Dots in a millimetre: 203 to the inch, as most label printers have them (common practice, no source). */
const dotsPerMm = 8

/**
 * Draws a label as the dots of a label printer.
 * @param words What stands on it.
 * @param path The page that its code leads to.
 * @returns The picture, as the server takes it.
 */
export async function drawLabel(
  words: LabelWords,
  path: string,
  widthMm: number,
  heightMm: number,
): Promise<{ width: number; height: number; bits: string }> {
  const width = Math.round(widthMm * dotsPerMm)
  const height = Math.round(heightMm * dotsPerMm)
  const canvas = document.createElement('canvas')
  canvas.width = width
  canvas.height = height
  const draw = canvas.getContext('2d', { willReadFrequently: true })
  if (!draw) {
    throw new Error('This browser draws no pictures.')
  }

  await document.fonts.ready
  draw.fillStyle = '#fff'
  draw.fillRect(0, 0, width, height)
  draw.fillStyle = '#000'
  const edge = Math.round(1.5 * dotsPerMm)
  const code = Math.round(Math.min(height * 0.48, width * 0.32))
  const isSmall = heightMm < 35
  let y = edge
  const line = (text: string, size: number, isBold: boolean) => {
    draw.font = `${isBold ? 600 : 400} ${size}px 'Source Sans 3 Variable', sans-serif`
    // Beside the code there is less room.
    for (const part of broken(
      draw,
      text,
      () => width - 2 * edge - (y + size > height - edge - code ? code + edge : 0),
    )) {
      y += size
      draw.fillText(part, edge, y)
      y += Math.round(size * 0.12)
    }
  }
  line(words.name, isSmall ? 26 : 34, true)
  line(words.use, isSmall ? 24 : 30, true)
  words.more.forEach((text) => {
    line(text, isSmall ? 18 : 22, false)
  })
  draw.imageSmoothingEnabled = false
  draw.drawImage(
    await picture(`/api/qr?path=${encodeURIComponent(path)}`),
    width - edge - code,
    height - edge - code,
    code,
    code,
  )
  return { width, height, bits: dots(draw.getImageData(0, 0, width, height)) }
}

/** A text in lines that are no wider than there is room. */
function broken(draw: CanvasRenderingContext2D, text: string, room: () => number): string[] {
  const lines: string[] = []
  let line = ''
  for (const word of text.split(' ')) {
    const longer = line ? `${line} ${word}` : word
    if (line && draw.measureText(longer).width > room()) {
      lines.push(line)
      line = word
    } else {
      line = longer
    }
  }

  return [...lines, line]
}

function picture(address: string): Promise<HTMLImageElement> {
  return new Promise((done, fail) => {
    const image = new Image()
    image.onload = () => {
      done(image)
    }
    image.onerror = () => {
      fail(new Error('The code could not be drawn.'))
    }
    image.src = address
  })
}

/** The dots of a picture, eight a byte, a dark one a one; in base64. */
function dots({ data, width, height }: ImageData): string {
  const stride = (width + 7) >> 3
  const bytes = new Uint8Array(stride * height)
  for (let y = 0; y < height; y++) {
    for (let x = 0; x < width; x++) {
      const at = (y * width + x) * 4
      if ((data[at] ?? 255) + (data[at + 1] ?? 255) + (data[at + 2] ?? 255) < 3 * 128) {
        bytes[y * stride + (x >> 3)] = (bytes[y * stride + (x >> 3)] ?? 0) | (0x80 >> (x & 7))
      }
    }
  }

  return btoa(Array.from(bytes, (byte) => String.fromCharCode(byte)).join(''))
}
