import '@fontsource/atkinson-hyperlegible-next/latin-400.css'
import '@fontsource/atkinson-hyperlegible-next/latin-600.css'
import '@fontsource/atkinson-hyperlegible-next/latin-ext-400.css'
import '@fontsource/atkinson-hyperlegible-next/latin-ext-600.css'
import '@fontsource/literata/latin-600.css'

/** Longer than this nobody is kept waiting for a typeface, ms. */
const AT_MOST = 1200
const FACES = ['400 1em "Atkinson Hyperlegible Next"', '600 1em "Atkinson Hyperlegible Next"', '600 1em Literata']

/** The faces are here, or do not come: words set in another one are of another width, and what stands beside them moves when they change. */
export const fontsSettled: Promise<unknown> = Promise.race([
  Promise.allSettled(FACES.map((face) => document.fonts.load(face))),
  new Promise((done) => setTimeout(done, AT_MOST)),
])
