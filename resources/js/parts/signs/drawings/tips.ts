import { beetle, circle, dots, filled, hole, line, tips, type Drawing } from './marks'

/** Signs that are looked for at this place, by id. */
export const tipsSigns: Record<string, Drawing> = {
  'curled-young-leaves': {
    base: 'tip',
    marks: [line('M32 20c-12 -2 -16 6 -10 9s8 -4 3 -5M32 22c12 -4 17 4 11 8s-9 -3 -4 -5M32 14c-5 -6 3 -9 4 -4s-4 4 -4 1', 'leaf', 2.4)],
  },
  'insects-on-tips': { base: 'tip', marks: [filled(dots(tips, 2.6), 'ink')] },
  ladybirds: {
    base: 'tip',
    marks: [
      filled('M22 38a10 9 0 0 1 20 0z', 'madder'),
      filled(
        dots(
          [
            [28, 34],
            [36, 34],
            [32, 31],
          ],
          1.7,
        ),
        'ink',
      ),
      filled(circle(43, 36, 3), 'ink'),
      line('M22 38h20', 'ink', 2),
    ],
  },
  'ragged-tips': {
    base: 'tip',
    marks: [
      filled(hole(22, 24, 4) + hole(43, 25, 4) + hole(32, 14, 3), 'paper'),
      line(hole(22, 24, 4) + hole(43, 25, 4) + hole(32, 14, 3), 'brass', 1.6),
    ],
  },
  'red-blisters': {
    base: 'leaf',
    marks: [
      filled(
        dots(
          [
            [24, 26],
            [31, 20],
            [40, 24],
            [25, 37],
            [38, 34],
            [33, 43],
          ],
          5,
        ),
        'madder',
      ),
      line(
        dots(
          [
            [24, 26],
            [31, 20],
            [40, 24],
            [25, 37],
            [38, 34],
            [33, 43],
          ],
          5,
        ),
        'brass',
        1,
      ),
    ],
  },
  'fern-leaves': {
    base: 'tip',
    marks: [
      line('M32 26q-12 -4 -14 -16M32 22q-4 -8 -2 -14M32 26q12 -6 13 -17M32 32q-10 0 -16 -6M32 32q10 0 16 -8', 'leaf', 2),
      line('M20 14l-4 1M18 20l-4 3M44 14l4 1', 'leaf', 1.4),
    ],
  },
  'yellow-between-veins-young': {
    base: 'tip',
    marks: [
      filled('M32 20C22 20 16 14 14 8C24 8 31 12 32 20ZM32 20C42 20 48 14 50 8C40 8 33 12 32 20Z', 'sun'),
      line('M32 20L17 10M26 16l-1 -6M32 20L47 10M38 16l1 -6', 'leaf', 1.8),
    ],
  },
  'metallic-striped-beetles': { base: 'tip', marks: [filled(beetle(27, 24) + beetle(39, 40), 'leaf'), line('M25 20v9M29 20v9M37 36v9M41 36v9', 'madder', 1.5)] },
  'burnt-shoots': { base: 'tip', marks: [line('M32 44V20q0 -8 8 -6q4 2 2 6', 'ink', 3.5), filled('M32 31l-11 4l4 -9z', 'ink')] },
  'twisted-after-drift': { base: 'tip', marks: [line('M32 46q-11 -8 0 -17t0 -19M31 31q13 -2 11 -13', 'brass', 3)] },
}
