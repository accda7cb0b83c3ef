/**
 * Small drawings of the signs: a base (what one looks at) and the marks on it. A sign is added as one row of the file of its place.
 *
 * Everything is drawn in a square of 64; tones are the palette's, so that they hold in light and dark.
 */
export type Base = 'leaf' | 'under' | 'tip' | 'stem' | 'soil' | 'pot' | 'flower' | 'fruit' | 'plant' | 'seedling' | 'night'
export type Tone = 'ink' | 'soft' | 'leaf' | 'brass' | 'madder' | 'water' | 'paper' | 'sun'
export interface Mark {
  d: string
  tone: Tone
  fill?: boolean
  width?: number
}
export interface Drawing {
  base: Base
  marks: Mark[]
  lean?: 'wilted' | 'small'
}

export type Point = [number, number]

export const circle = (x: number, y: number, r: number) => `M${x - r} ${y}a${r} ${r} 0 1 0 ${2 * r} 0a${r} ${r} 0 1 0 ${-2 * r} 0`
export const dots = (points: Point[], r: number) => points.map(([x, y]) => circle(x, y, r)).join('')
export const filled = (d: string, tone: Tone): Mark => ({ d, tone, fill: true })
export const line = (d: string, tone: Tone, width = 2): Mark => ({ d, tone, width })

export const on: Point[] = [
  [24, 22],
  [40, 24],
  [32, 16],
  [22, 36],
  [43, 38],
  [32, 30],
  [29, 46],
  [38, 47],
]
export const few: Point[] = [
  [25, 26],
  [40, 32],
  [30, 44],
]
export const fine: Point[] = [
  [22, 24],
  [27, 19],
  [33, 14],
  [38, 20],
  [43, 26],
  [20, 31],
  [26, 29],
  [37, 30],
  [45, 33],
  [22, 39],
  [28, 37],
  [36, 38],
  [43, 41],
  [27, 46],
  [34, 46],
  [39, 48],
  [31, 52],
  [30, 24],
  [40, 35],
  [24, 43],
]
export const low: Point[] = [
  [24, 48],
  [40, 50],
  [32, 44],
  [20, 54],
  [44, 56],
]
export const tips: Point[] = [
  [29, 12],
  [34, 14],
  [31, 18],
  [36, 20],
  [28, 22],
  [33, 24],
  [30, 28],
  [35, 29],
]

export const fly = (x: number, y: number) => `M${x} ${y}l-6 -4l1 6zM${x} ${y}l6 -4l-1 6z`
export const worm = (x: number, y: number) => `M${x} ${y}q4 -5 8 0t8 0`
export const beetle = (x: number, y: number) => `M${x - 5} ${y}a5 6.5 0 1 0 10 0a5 6.5 0 1 0 -10 0`
export const hole = (x: number, y: number, r: number) =>
  `M${x - r} ${y}q${r * 0.4} ${-r * 1.4} ${r} ${-r * 0.8}t${r} ${r}q${-r * 0.3} ${r} ${-r} ${r * 0.7}t${-r} ${-r * 0.9}z`
export const half = 'M32 58C10 48 10 22 32 6Z'
export const patch = 'M22 20q10 -6 16 2t2 14q-8 6 -16 -1t-2 -15z'
export const edge = 'M32 8C12 22 13 47 32 56M32 8C52 22 51 47 32 56'
