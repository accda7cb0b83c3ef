/**
 * Small drawings of the signs: a base (what one looks at) and the marks on it. A sign is added as one row of DRAWINGS.
 *
 * Everything is drawn in a square of 64; tones are the palette's, so that they hold in light and dark.
 */
export type Base = 'leaf' | 'under' | 'tip' | 'stem' | 'soil' | 'pot' | 'flower' | 'fruit' | 'plant' | 'seedling' | 'night'
export type Tone = 'ink' | 'soft' | 'leaf' | 'brass' | 'madder' | 'water' | 'paper' | 'sun'
export interface Mark { d: string; tone: Tone; fill?: boolean; width?: number }
export interface Drawing { base: Base; marks: Mark[]; lean?: 'wilted' | 'small' }

type Point = [number, number]

const circle = (x: number, y: number, r: number) => `M${x - r} ${y}a${r} ${r} 0 1 0 ${2 * r} 0a${r} ${r} 0 1 0 ${-2 * r} 0`
const dots = (points: Point[], r: number) => points.map(([x, y]) => circle(x, y, r)).join('')
const filled = (d: string, tone: Tone): Mark => ({ d, tone, fill: true })
const line = (d: string, tone: Tone, width = 2): Mark => ({ d, tone, width })

const on: Point[] = [[24, 22], [40, 24], [32, 16], [22, 36], [43, 38], [32, 30], [29, 46], [38, 47]]
const few: Point[] = [[25, 26], [40, 32], [30, 44]]
const fine: Point[] = [[22, 24], [27, 19], [33, 14], [38, 20], [43, 26], [20, 31], [26, 29], [37, 30], [45, 33], [22, 39], [28, 37], [36, 38], [43, 41], [27, 46], [34, 46], [39, 48], [31, 52], [30, 24], [40, 35], [24, 43]]
const low: Point[] = [[24, 48], [40, 50], [32, 44], [20, 54], [44, 56]]
const tips: Point[] = [[29, 12], [34, 14], [31, 18], [36, 20], [28, 22], [33, 24], [30, 28], [35, 29]]

const fly = (x: number, y: number) => `M${x} ${y}l-6 -4l1 6zM${x} ${y}l6 -4l-1 6z`
const worm = (x: number, y: number) => `M${x} ${y}q4 -5 8 0t8 0`
const beetle = (x: number, y: number) => `M${x - 5} ${y}a5 6.5 0 1 0 10 0a5 6.5 0 1 0 -10 0`
const hole = (x: number, y: number, r: number) => `M${x - r} ${y}q${r * 0.4} ${-r * 1.4} ${r} ${-r * 0.8}t${r} ${r}q${-r * 0.3} ${r} ${-r} ${r * 0.7}t${-r} ${-r * 0.9}z`
const half = 'M32 58C10 48 10 22 32 6Z'
const patch = 'M22 20q10 -6 16 2t2 14q-8 6 -16 -1t-2 -15z'
const edge = 'M32 8C12 22 13 47 32 56M32 8C52 22 51 47 32 56'

export const DRAWINGS: Record<string, Drawing> = {
  'curled-young-leaves': { base: 'tip', marks: [line('M32 20c-12 -2 -16 6 -10 9s8 -4 3 -5M32 22c12 -4 17 4 11 8s-9 -3 -4 -5M32 14c-5 -6 3 -9 4 -4s-4 4 -4 1', 'leaf', 2.4)] },
  'insects-on-tips': { base: 'tip', marks: [filled(dots(tips, 2.6), 'ink')] },
  'cast-skins': { base: 'leaf', marks: [line(few.concat([[38, 18], [22, 36]]).map(([x, y]) => `M${x} ${y}l5 2M${x + 1} ${y + 1}l-2 3M${x + 3} ${y + 2}l-1 3`).join(''), 'paper', 2), line(few.map(([x, y]) => `M${x} ${y}l5 2`).join(''), 'soft', 1)] },
  'sticky-film': { base: 'leaf', marks: [filled('M26 20q6 -3 9 2t-2 9q-6 2 -8 -3t1 -8z', 'sun'), filled('M32 40c-3 5 -4 7 0 8s4 -4 0 -8zM42 34c-2 4 -3 5 0 6s3 -3 0 -6z', 'brass'), line('M28 22q3 -2 5 0', 'paper', 1.6)] },
  'ants-running': { base: 'stem', marks: [filled([[26, 18], [37, 30], [26, 44]].map(([x, y]) => dots([[x!, y! - 3.5], [x!, y!], [x!, y! + 4]], 2)).join(''), 'ink'), line('M22 17l-3 -2M30 17l3 -2M33 29l-3 -2M41 30l3 2M22 44l-3 2M30 43l3 2', 'ink', 1.4)] },
  'sooty-film': { base: 'leaf', marks: [filled('M20 24q12 -12 24 2q4 14 -6 22q-12 4 -18 -8q-3 -9 0 -16z', 'ink'), line('M24 42l14 -20', 'leaf', 5)] },
  ladybirds: { base: 'tip', marks: [filled('M22 38a10 9 0 0 1 20 0z', 'madder'), filled(dots([[28, 34], [36, 34], [32, 31]], 1.7), 'ink'), filled(circle(43, 36, 3), 'ink'), line('M22 38h20', 'ink', 2)] },
  'ragged-tips': { base: 'tip', marks: [filled(hole(22, 24, 4) + hole(43, 25, 4) + hole(32, 14, 3), 'paper'), line(hole(22, 24, 4) + hole(43, 25, 4) + hole(32, 14, 3), 'brass', 1.6)] },
  'silver-streaks': { base: 'leaf', marks: [filled('M22 22l8 -5l2 8l-7 8zM38 30l7 -3l-3 12l-8 5zM24 40l5 -3l1 9z', 'soft'), line('M25 21l3 -2M40 31l3 -1', 'paper', 1.6)] },
  'black-specks': { base: 'leaf', marks: [filled('M20 24q12 -10 22 2t-4 20q-14 2 -18 -8z', 'soft'), filled(dots(fine.slice(5, 16), 1.2), 'ink')] },
  'slender-insects': { base: 'flower', marks: [line('M24 26l6 6M38 24l-5 7M28 42l7 -4M40 38l-6 -2', 'ink', 2.6)] },
  'tiny-moving-dots': { base: 'under', marks: [filled(dots(fine, 1.1), 'madder'), line('M47 50a8 8 0 1 0 -11 -1l-1 -1M47 50l8 8', 'ink', 2)] },
  'fine-webbing': { base: 'under', marks: [line('M14 14L50 30M14 30L50 14M14 22h36M20 10l10 26M44 10l-10 26M32 8v28', 'soft', 1), filled(dots([[28, 22], [38, 26]], 1.3), 'madder')] },
  'pale-stippling': { base: 'leaf', marks: [filled(dots(fine, 1.5), 'sun')] },
  'white-flies-rise': { base: 'under', marks: [filled(fly(20, 14) + fly(44, 10) + fly(32, 22) + fly(48, 26), 'paper'), line(fly(20, 14) + fly(44, 10) + fly(32, 22) + fly(48, 26), 'ink', 1.2)] },
  'still-scales-under': { base: 'under', marks: [line(on.map(([x, y]) => `M${x - 3} ${y}a3 2 0 1 0 6 0a3 2 0 1 0 -6 0`).join(''), 'brass', 1.6)] },
  'white-fluff-axils': { base: 'stem', marks: [filled(dots([[28, 26], [32, 23], [36, 26], [30, 29], [35, 29]], 3.6), 'paper'), line(dots([[28, 26], [32, 23], [36, 26], [30, 29], [35, 29]], 3.6), 'soft', 1.1)] },
  'white-fluff-bark': { base: 'stem', marks: [filled(dots([[27, 38], [29, 42], [27, 46], [38, 30], [37, 34], [29, 34]], 3.8), 'paper'), line(dots([[27, 38], [29, 42], [27, 46], [38, 30], [37, 34], [29, 34]], 3.8), 'soft', 1.1), line('M27 52q-6 -1 -4 -6', 'brass', 2)] },
  'brown-bumps': { base: 'under', marks: [filled([[32, 18], [32, 28], [30, 37], [33, 46]].map(([x, y]) => `M${x! - 3.4} ${y}a3.4 4.6 0 1 0 6.8 0a3.4 4.6 0 1 0 -6.8 0`).join(''), 'brass')] },
  'crusted-shells': { base: 'stem', marks: [filled(dots([[28, 12], [34, 16], [29, 21], [35, 25], [28, 31], [34, 35], [29, 41], [35, 46], [29, 52]], 2.5), 'soft'), filled(dots([[28, 12], [34, 16], [29, 21], [35, 25], [28, 31], [34, 35], [29, 41], [35, 46], [29, 52]], 0.9), 'ink')] },
  'hopping-insects': { base: 'under', marks: [filled('M40 20l10 3l-9 4zM24 40l-10 2l8 5z', 'leaf'), line('M38 24q-8 -12 -16 0M26 44q8 -10 16 4', 'soft', 1.4)] },
  'tiny-jumping-beetles': { base: 'leaf', marks: [filled(dots([[26, 34], [44, 14], [18, 18]], 2.6), 'ink'), line('M28 31q8 -18 14 -16M24 32q-8 -12 -5 -12', 'soft', 1.3)] },
  'shot-holes': { base: 'leaf', marks: [filled(dots(fine, 1.9), 'paper'), line(dots(fine, 1.9), 'leaf', 0.8)] },
  'large-holes': { base: 'leaf', marks: [filled(hole(24, 26, 6) + hole(40, 36, 7) + 'M48 18q-12 2 -8 10q8 2 12 -4z', 'paper'), line(hole(24, 26, 6) + hole(40, 36, 7), 'leaf', 1.4)] },
  'notched-edges': { base: 'leaf', marks: [filled(dots([[16, 28], [17, 40], [48, 26], [48, 40], [24, 52], [41, 51]], 4), 'paper'), line('M17 24a4 4 0 0 1 0 8M19 36a4 4 0 0 1 0 8M47 22a4 4 0 0 0 0 8M46 36a4 4 0 0 0 0 8', 'leaf', 1.4)] },
  skeletonised: { base: 'leaf', marks: [filled('M32 54C14 46 14 24 32 10C50 24 50 46 32 54Z', 'paper'), line('M32 56V10M32 46L19 36M32 46L45 36M32 34L18 25M32 34L46 25M32 24L24 17M32 24L40 17M24 40v-8M40 40v-8M25 28v-6M39 28v-6', 'brass', 1.4)] },
  'stripped-bare': { base: 'plant', marks: [filled('M10 8h44v34H10z', 'paper'), line('M32 54V12M32 40L18 30M32 40L46 30M32 28L21 19M32 28L43 19', 'leaf', 2.2)] },
  caterpillars: { base: 'leaf', marks: [line(worm(20, 26) + worm(26, 42), 'leaf', 6), line(worm(20, 26) + worm(26, 42), 'sun', 1.6), filled(dots([[37, 26], [43, 42]], 2.6), 'ink')] },
  'tail-raising-larvae': { base: 'leaf', marks: [line('M17 22q-7 2 -5 10t-4 4M17 36q-7 2 -5 9t-4 4M47 28q8 2 6 10t5 2', 'sun', 4), filled(dots([[17, 22], [17, 36], [47, 28]], 2.4), 'ink')] },
  'dark-droppings': { base: 'leaf', marks: [filled(few.concat([[34, 38], [38, 44], [28, 34], [33, 48]]).map(([x, y]) => `M${x - 2} ${y - 2}h4v4h-4z`).join(''), 'ink')] },
  'white-butterflies': { base: 'plant', marks: [filled('M30 20c-12 -12 -20 2 -8 6c-6 8 4 10 8 0zM34 20c12 -12 20 2 8 6c6 8 -4 10 -8 0z', 'paper'), line('M30 20c-12 -12 -20 2 -8 6c-6 8 4 10 8 0zM34 20c12 -12 20 2 8 6c6 8 -4 10 -8 0zM32 16v14', 'ink', 1.4), filled(dots([[22, 20], [42, 20]], 1.5), 'ink')] },
  'yellow-eggs': { base: 'under', marks: [filled(dots([[26, 28], [30, 26], [34, 28], [28, 32], [32, 31], [36, 33], [30, 36], [34, 36]], 2.2), 'sun'), line(dots([[26, 28], [30, 26], [34, 28], [28, 32], [32, 31], [36, 33], [30, 36], [34, 36]], 2.2), 'brass', 0.9)] },
  'red-beetles': { base: 'leaf', marks: [filled(beetle(26, 28) + beetle(40, 42), 'madder'), filled(dots([[26, 20.5], [40, 34.5]], 2.4), 'ink'), line('M26 22v12M40 36v12', 'ink', 1)] },
  'striped-beetles': { base: 'leaf', marks: [filled(beetle(32, 32) + beetle(24, 46), 'sun'), line('M29.5 27v10M32 26v12M34.5 27v10M22 42v8M24 41v10M26 42v8', 'ink', 1.3), filled(dots([[32, 24.5], [24, 38.5]], 2.2), 'madder')] },
  'winding-tunnels': { base: 'leaf', marks: [line('M22 44q-4 -8 4 -10t4 -8q-6 -6 2 -9t8 6q-4 6 4 8t-2 9q-5 3 -8 -1', 'paper', 3.6), line('M22 44q-4 -8 4 -10t4 -8q-6 -6 2 -9t8 6q-4 6 4 8t-2 9q-5 3 -8 -1', 'brass', 0.9)] },
  'silver-trails': { base: 'soil', marks: [line('M8 54q10 -8 18 -2t14 -4t18 -2', 'water', 4), line('M8 54q10 -8 18 -2t14 -4t18 -2', 'paper', 1.3)] },
  'slugs-at-night': { base: 'night', marks: [filled('M14 48q2 -10 14 -9t20 -6q6 0 4 5t-12 8t-26 2z', 'brass'), line('M49 34l3 -6M52 36l5 -4', 'brass', 1.8)] },
  'earwigs-at-night': { base: 'night', marks: [filled('M16 40a16 4 0 0 1 32 0a16 4 0 0 1 -32 0z', 'brass'), line('M48 38q8 -4 8 1M48 42q8 4 8 -1M16 39l-7 -6M16 41l-7 5', 'brass', 1.8)] },
  'weevils-at-night': { base: 'night', marks: [filled('M24 40a11 8 0 0 1 22 0a11 8 0 0 1 -22 0z', 'soft'), line('M24 40l-9 2M26 34l-5 -4M32 47v6M40 47l3 6', 'soft', 2)] },
  'ragged-petals': { base: 'flower', marks: [filled(hole(20, 20, 5) + hole(46, 26, 5) + hole(30, 52, 5) + 'M40 8q-6 4 -1 9l7 -4z', 'paper')] },
  'streaked-flowers': { base: 'flower', marks: [line('M20 18l7 7M44 18l-6 8M16 36l9 -1M32 46v8M46 36l-7 2', 'brass', 2.6)] },
  'seedling-cut': { base: 'seedling', marks: [filled('M20 8h28v32H20z', 'paper'), line('M32 50v-6l3 -2', 'leaf', 2.6), line('M12 46q8 -8 18 -2M12 46q-3 -5 2 -7M16 43q1 -6 5 -5', 'leaf', 2.2)] },
  'seedlings-gone': { base: 'soil', marks: [line('M14 44v-6M32 44v-4M50 44v-5', 'leaf', 2.4), line('M12 36l5 4M17 36l-5 4M30 36l5 4M35 36l-5 4M48 36l5 4M53 36l-5 4', 'madder', 1.8)] },
  'seedling-collapse': { base: 'seedling', marks: [filled('M20 8h28v36H20z', 'paper'), line('M32 50v-6', 'brass', 2.4), line('M32 44q2 -6 14 2M46 46q4 -5 8 -2M46 46q2 4 7 4', 'leaf', 2.6)] },
  'fat-soil-caterpillar': { base: 'soil', marks: [line('M24 50a9 7 0 1 1 14 2', 'soft', 7), line('M24 50a9 7 0 1 1 14 2', 'ink', 1), filled(circle(24, 51, 3), 'ink')] },
  'white-grubs': { base: 'pot', marks: [line('M24 44q0 -9 9 -9q7 1 6 8', 'paper', 7), line('M24 44q0 -9 9 -9q7 1 6 8', 'soft', 1), filled(circle(24, 45, 3.2), 'brass')] },
  'dark-flies-soil': { base: 'pot', marks: [filled(fly(20, 16) + fly(40, 12) + fly(32, 22) + fly(48, 20), 'ink')] },
  'glassy-larvae': { base: 'soil', marks: [line('M14 50q6 -4 10 0M28 55q6 -4 10 0M40 49q6 -4 10 0', 'paper', 2.6), line('M14 50q6 -4 10 0M28 55q6 -4 10 0M40 49q6 -4 10 0', 'soft', 0.8), filled(dots([[24, 50], [38, 55], [50, 49]], 1.6), 'ink')] },
  'soil-wet': { base: 'pot', marks: [filled('M20 14c-4 6 -5 9 0 10s5 -4 0 -10zM34 8c-4 6 -5 9 0 10s5 -4 0 -10zM46 16c-4 6 -5 9 0 10s5 -4 0 -10z', 'water'), line('M14 60h36', 'water', 3)] },
  'soil-dry': { base: 'pot', marks: [line('M20 33l5 5l-2 5M33 33l-2 6l5 4M44 33l-4 5', 'ink', 1.6), line('M32 8v4M21 12l3 3M43 12l-3 3', 'sun', 2), filled(circle(32, 20, 5), 'sun')] },
  'brown-roots': { base: 'plant', marks: [line('M32 54q-8 2 -10 8M32 54q-1 5 -2 8M32 54q8 2 9 8M32 54q3 4 4 7', 'brass', 3)] },
  'soft-stem-base': { base: 'plant', marks: [line('M32 56v-12', 'ink', 6), line('M24 58h16', 'brass', 2)] },
  'white-powder': { base: 'leaf', marks: [filled(dots([[25, 24], [39, 28], [28, 40], [36, 16]], 6), 'paper'), filled(dots(fine.slice(3, 14), 1.1), 'soft'), line(dots([[25, 24], [39, 28], [28, 40]], 6), 'soft', 0.6)] },
  'down-under': { base: 'under', marks: [line('M22 30v-5M26 28v-6M30 30v-6M34 28v-6M38 31v-6M24 40v-6M28 42v-6M33 40v-6M37 42v-6M41 39v-6', 'soft', 2)] },
  'angular-yellow': { base: 'leaf', marks: [filled('M32 32L20 25L18 33L24 40L32 44ZM33 22L42 17L45 24L40 30L33 32Z', 'sun'), line('M32 32L20 25L18 33L24 40L32 44ZM33 22L42 17L45 24L40 30L33 32Z', 'brass', 1)] },
  'rust-pustules': { base: 'under', marks: [filled(dots(on.concat([[35, 38], [26, 28]]), 2.5), 'brass'), line(dots(on, 3.6), 'sun', 1)] },
  'ringed-spots': { base: 'leaf', marks: [filled(dots([[26, 28], [40, 40]], 7), 'brass'), line(dots([[26, 28], [40, 40]], 5) + dots([[26, 28], [40, 40]], 2.6), 'paper', 1)] },
  'small-grey-spots': { base: 'leaf', marks: [filled(dots(fine.filter((_, n) => n % 2 === 0), 2.6), 'ink'), filled(dots(fine.filter((_, n) => n % 2 === 0), 1.6), 'soft')] },
  'fringed-black-spots': { base: 'leaf', marks: [filled(dots([[26, 26], [40, 38], [28, 45]], 5), 'ink'), line([[26, 26], [40, 38], [28, 45]].map(([x, y]) => `M${x! - 8} ${y}h16M${x} ${y! - 8}v16M${x! - 5.5} ${y! - 5.5}l11 11M${x! + 5.5} ${y! - 5.5}l-11 11`).join(''), 'ink', 1.2)] },
  'yellow-halo': { base: 'leaf', marks: [filled(dots([[26, 27], [39, 40]], 8), 'sun'), filled(dots([[26, 27], [39, 40]], 3.6), 'brass')] },
  'starts-lowest': { base: 'plant', marks: [filled(dots(low, 3), 'brass'), line('M54 50V20M49 26l5 -7l5 7', 'ink', 2)] },
  'greasy-blotches': { base: 'leaf', marks: [filled('M48 20q-14 2 -12 12t10 14q8 -12 2 -26zM18 40q8 -2 12 6t2 10q-10 -4 -14 -16z', 'soft'), filled('M46 26q-7 2 -6 8t6 6z', 'ink')] },
  'stem-lesions': { base: 'stem', marks: [filled('M27 20q8 -3 10 2v12q-6 4 -10 0zM27 44q6 -3 10 1v8q-6 3 -10 -1z', 'ink')] },
  'brown-fruit': { base: 'fruit', marks: [filled('M18 26q8 -8 18 -4q8 8 0 16q-12 4 -18 -4z', 'brass')] },
  'blossom-end': { base: 'fruit', marks: [filled('M20 52q12 -10 24 0q-4 8 -12 8t-12 -8z', 'ink')] },
  'grey-fur': { base: 'fruit', marks: [line('M18 34l-4 -3M20 28l-4 -4M25 24l-2 -5M31 22v-5M37 24l2 -5M26 32v-5M32 32v-5M38 32v-5M24 40l-3 -4M30 40v-5M36 40v-5', 'soft', 2.4)] },
  'velvet-spots': { base: 'leaf', marks: [filled('M22 22q6 -5 9 2t-5 8q-6 -2 -4 -10zM38 34q7 -3 8 4t-7 7q-5 -4 -1 -11zM26 44q4 -3 6 1t-3 5z', 'leaf'), filled(dots([[26, 27], [41, 39], [29, 46]], 2), 'ink')] },
  'red-blisters': { base: 'leaf', marks: [filled(dots([[24, 26], [31, 20], [40, 24], [25, 37], [38, 34], [33, 43]], 5), 'madder'), line(dots([[24, 26], [31, 20], [40, 24], [25, 37], [38, 34], [33, 43]], 5), 'brass', 1)] },
  'wet-spots': { base: 'leaf', marks: [filled('M22 22l6 -2l2 6l-5 4zM38 20l6 3l-3 7l-5 -4zM26 36l6 2l-1 7l-6 -3zM40 38l5 2l-4 7l-4 -4z', 'water'), line('M22 22l6 -2l2 6l-5 4zM38 20l6 3l-3 7l-5 -4zM26 36l6 2l-1 7l-6 -3zM40 38l5 2l-4 7l-4 -4z', 'ink', 1.4)] },
  mosaic: { base: 'leaf', marks: [filled('M22 22l8 -6l2 10zM34 18l8 4l-6 8zM18 34l8 -4l4 8l-8 4zM36 34l10 -2l-2 10zM26 44l8 -4l4 8l-6 6z', 'sun'), filled('M30 28l5 2l-3 6z', 'leaf')] },
  'fern-leaves': { base: 'tip', marks: [line('M32 26q-12 -4 -14 -16M32 22q-4 -8 -2 -14M32 26q12 -6 13 -17M32 32q-10 0 -16 -6M32 32q10 0 16 -8', 'leaf', 2), line('M20 14l-4 1M18 20l-4 3M44 14l4 1', 'leaf', 1.4)] },
  'yellow-between-veins-young': { base: 'tip', marks: [filled('M32 20C22 20 16 14 14 8C24 8 31 12 32 20ZM32 20C42 20 48 14 50 8C40 8 33 12 32 20Z', 'sun'), line('M32 20L17 10M26 16l-1 -6M32 20L47 10M38 16l1 -6', 'leaf', 1.8)] },
  'yellow-between-veins-old': { base: 'leaf', marks: [filled('M32 54C14 46 14 24 32 10C50 24 50 46 32 54Z', 'sun'), line('M32 56V10M32 44L20 36M32 44L44 36M32 32L19 24M32 32L45 24M32 22L24 16M32 22L40 16', 'leaf', 3)] },
  'even-yellow-old': { base: 'plant', marks: [filled('M32 50C22 52 14 48 10 42C20 38 30 42 32 50ZM32 50C42 52 50 48 54 42C44 38 34 42 32 50Z', 'sun'), line('M32 50L14 43M32 50L50 43', 'brass', 1)] },
  'single-old-leaves': { base: 'plant', marks: [filled('M32 50C22 52 14 48 10 42C20 38 30 42 32 50Z', 'sun'), filled('M44 60q4 -6 12 -4q-4 6 -12 4z', 'sun')] },
  'bleached-patches': { base: 'leaf', marks: [filled(patch, 'paper'), line(patch, 'brass', 1.4), line('M52 8l-5 5M58 16l-6 2M44 4l-2 6', 'sun', 2.4)] },
  'moved-to-sun': { base: 'pot', marks: [filled(circle(50, 12, 6), 'sun'), line('M50 2v3M60 12h-3M57 5l-2 2M43 5l2 2', 'sun', 2), line('M8 26h20M22 21l6 5l-6 5', 'ink', 2)] },
  'after-spray': { base: 'plant', marks: [filled('M6 14h9v14H6z', 'water'), line('M8 14v-5h7', 'ink', 2), filled(dots([[22, 10], [27, 14], [22, 18], [28, 8], [32, 12]], 1.4), 'water')] },
  'drop-burns': { base: 'leaf', marks: [filled('M32 58l-7 -8q7 -5 14 0zM20 40q4 -1 4 4t-4 3zM44 40q-4 -1 -4 4t4 3zM32 12q3 4 0 8q-3 -4 0 -8z', 'brass'), filled('M32 58c-2 3 -3 5 0 5s2 -2 0 -5z', 'water')] },
  'brown-edges': { base: 'leaf', marks: [line(edge, 'brass', 5)] },
  'wilts-by-day': { base: 'plant', lean: 'wilted', marks: [filled(circle(52, 10, 6), 'sun')] },
  'wilts-though-wet': { base: 'plant', lean: 'wilted', marks: [filled('M14 54c-3 4 -4 7 0 7s4 -3 0 -7zM50 54c-3 4 -4 7 0 7s4 -3 0 -7z', 'water')] },
  stunted: { base: 'plant', lean: 'small', marks: [line('M54 58V12M50 12h8M50 58h8', 'soft', 1.6)] },
  'glassy-after-cold': { base: 'leaf', marks: [filled(half, 'ink'), line('M48 8v12M42.5 11l11 6M53.5 11l-11 6', 'water', 2)] },
  'corky-warts': { base: 'under', marks: [filled(dots(on, 2.8), 'paper'), line(dots(on, 2.8), 'brass', 1.6)] },
  'whole-bed-alike': { base: 'soil', marks: [line('M12 44V30M32 44V24M52 44V28', 'leaf', 2.4), filled('M12 32q-8 -2 -8 -8q8 0 8 8zM32 28q8 -2 8 -9q-8 0 -8 9zM52 32q-7 -2 -7 -8q7 0 7 8z', 'brass')] },
  spreads: { base: 'soil', marks: [line('M12 44V26M32 44V26M52 44V26', 'leaf', 2.4), filled(dots([[12, 24], [32, 24]], 6), 'brass'), line(circle(52, 24, 6), 'leaf', 2), line('M18 14q7 -6 12 0M38 14q7 -6 12 0M50 14l0 -4M50 14l-4 -1', 'ink', 1.6)] },
}
