import { t } from '@/i18n'
const MOST_PIXELS = 1600
const QUALITY = 0.82

/**
 * A photo made small before it leaves the phone: at most 1600 pixels on the longer side, as JPEG. Drawing it anew also drops
 * what the camera wrote into it, the place above all.
 */
export async function scaled(file: File): Promise<Blob> {
  const image = await createImageBitmap(file, { imageOrientation: 'from-image' })
  const factor = Math.min(1, MOST_PIXELS / Math.max(image.width, image.height))
  const canvas = document.createElement('canvas')
  canvas.width = Math.round(image.width * factor)
  canvas.height = Math.round(image.height * factor)
  canvas.getContext('2d')?.drawImage(image, 0, 0, canvas.width, canvas.height)
  image.close()
  return new Promise((resolve, reject) => {
    canvas.toBlob((blob) => (blob ? resolve(blob) : reject(new Error(t('scout.scaled.photo-could-not')))), 'image/jpeg', QUALITY)
  })
}
