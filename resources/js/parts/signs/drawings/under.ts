import { circle, dots, filled, fine, fly, line, on, patch, worm, type Drawing } from './marks'

/** Signs that are looked for at this place, by id. */
export const underSigns: Record<string, Drawing> = {
  'tiny-moving-dots': {
    base: 'under',
    marks: [filled(dots(fine, 1.1), 'madder'), line('M47 50a8 8 0 1 0 -11 -1l-1 -1M47 50l8 8', 'ink', 2)],
  },
  'fine-webbing': {
    base: 'under',
    marks: [
      line('M14 14L50 30M14 30L50 14M14 22h36M20 10l10 26M44 10l-10 26M32 8v28', 'soft', 1),
      filled(
        dots(
          [
            [28, 22],
            [38, 26],
          ],
          1.3,
        ),
        'madder',
      ),
    ],
  },
  'white-flies-rise': {
    base: 'under',
    marks: [
      filled(fly(20, 14) + fly(44, 10) + fly(32, 22) + fly(48, 26), 'paper'),
      line(fly(20, 14) + fly(44, 10) + fly(32, 22) + fly(48, 26), 'ink', 1.2),
    ],
  },
  'still-scales-under': {
    base: 'under',
    marks: [line(on.map(([x, y]) => `M${x - 3} ${y}a3 2 0 1 0 6 0a3 2 0 1 0 -6 0`).join(''), 'brass', 1.6)],
  },
  'hopping-insects': {
    base: 'under',
    marks: [filled('M40 20l10 3l-9 4zM24 40l-10 2l8 5z', 'leaf'), line('M38 24q-8 -12 -16 0M26 44q8 -10 16 4', 'soft', 1.4)],
  },
  caterpillars: {
    base: 'leaf',
    marks: [
      line(worm(20, 26) + worm(26, 42), 'leaf', 6),
      line(worm(20, 26) + worm(26, 42), 'sun', 1.6),
      filled(
        dots(
          [
            [37, 26],
            [43, 42],
          ],
          2.6,
        ),
        'ink',
      ),
    ],
  },
  'yellow-eggs': {
    base: 'under',
    marks: [
      filled(
        dots(
          [
            [26, 28],
            [30, 26],
            [34, 28],
            [28, 32],
            [32, 31],
            [36, 33],
            [30, 36],
            [34, 36],
          ],
          2.2,
        ),
        'sun',
      ),
      line(
        dots(
          [
            [26, 28],
            [30, 26],
            [34, 28],
            [28, 32],
            [32, 31],
            [36, 33],
            [30, 36],
            [34, 36],
          ],
          2.2,
        ),
        'brass',
        0.9,
      ),
    ],
  },
  'down-under': {
    base: 'under',
    marks: [line('M22 30v-5M26 28v-6M30 30v-6M34 28v-6M38 31v-6M24 40v-6M28 42v-6M33 40v-6M37 42v-6M41 39v-6', 'soft', 2)],
  },
  'rust-pustules': {
    base: 'under',
    marks: [
      filled(
        dots(
          on.concat([
            [35, 38],
            [26, 28],
          ]),
          2.5,
        ),
        'brass',
      ),
      line(dots(on, 3.6), 'sun', 1),
    ],
  },
  'corky-warts': { base: 'under', marks: [filled(dots(on, 2.8), 'paper'), line(dots(on, 2.8), 'brass', 1.6)] },
  'bronze-egg-rows': { base: 'under', marks: [filled(dots([[24, 26], [29, 26], [34, 26], [24, 31], [29, 31], [34, 31]], 2.2), 'brass'), line('M38 38h8v10h-8z', 'soft')] },
  'horned-caterpillar': { base: 'under', marks: [line('M18 40q7 -10 14 0t14 -4', 'leaf', 7), line('M46 36l4 -8', 'madder', 2.5)] },
  'felt-or-nails': { base: 'under', marks: [filled(patch, 'sun'), line('M42 24v-8M47 30v-8M41 37v-8', 'madder', 2.5)] },
  'white-blisters-under': { base: 'under', marks: [filled(dots([[25, 26], [39, 30], [30, 42], [41, 44]], 3.6), 'paper'), line(circle(25, 26, 3.6) + circle(39, 30, 3.6) + circle(30, 42, 3.6) + circle(41, 44, 3.6), 'soft', 1.5)] },
}
