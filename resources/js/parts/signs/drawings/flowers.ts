import { beetle, circle, dots, filled, hole, line, worm, type Drawing } from './marks'

/** Signs that are looked for at this place, by id. */
export const flowersSigns: Record<string, Drawing> = {
  'slender-insects': { base: 'flower', marks: [line('M24 26l6 6M38 24l-5 7M28 42l7 -4M40 38l-6 -2', 'ink', 2.6)] },
  'ragged-petals': {
    base: 'flower',
    marks: [filled(hole(20, 20, 5) + hole(46, 26, 5) + hole(30, 52, 5) + 'M40 8q-6 4 -1 9l7 -4z', 'paper')],
  },
  'streaked-flowers': { base: 'flower', marks: [line('M20 18l7 7M44 18l-6 8M16 36l9 -1M32 46v8M46 36l-7 2', 'brass', 2.6)] },
  'brown-fruit': { base: 'fruit', marks: [filled('M18 26q8 -8 18 -4q8 8 0 16q-12 4 -18 -4z', 'brass')] },
  'blossom-end': { base: 'fruit', marks: [filled('M20 52q12 -10 24 0q-4 8 -12 8t-12 -8z', 'ink')] },
  'grey-fur': {
    base: 'fruit',
    marks: [
      line(
        'M18 34l-4 -3M20 28l-4 -4M25 24l-2 -5M31 22v-5M37 24l2 -5M26 32v-5M32 32v-5M38 32v-5M24 40l-3 -4M30 40v-5M36 40v-5',
        'soft',
        2.4,
      ),
    ],
  },
  'cucurbit-beetles': { base: 'flower', marks: [filled(beetle(26, 30) + beetle(40, 38), 'sun'), line('M26 25v10M40 33v10', 'ink')] },
  'shield-bugs-on-fruit': { base: 'fruit', marks: [filled('M25 26h15l-3 12l-4.5 6l-4.5 -6z', 'leaf'), line('M32.5 26v18', 'ink', 1.5)] },
  'grub-in-fruit': { base: 'fruit', marks: [filled(hole(41, 27, 3), 'ink'), line(worm(24, 37), 'madder', 4)] },
  'maggots-in-soft-fruit': { base: 'fruit', marks: [line(worm(20, 29) + worm(30, 38) + worm(23, 46), 'sun', 2.5)] },
  'sunken-pink-spots': { base: 'fruit', marks: [filled(dots([[26, 28], [39, 36], [28, 45]], 5), 'ink'), filled(dots([[26, 28], [39, 36], [28, 45]], 2.2), 'madder')] },
  'rotting-rings': { base: 'fruit', marks: [filled(circle(32, 36, 11), 'brass'), line(circle(32, 36, 5) + circle(32, 36, 8.5), 'paper', 1.6)] },
}
