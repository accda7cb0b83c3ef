import { beetle, circle, dots, filled, hole, line, type Drawing } from './marks'

/** Signs that are looked for at this place, by id. */
export const stemSigns: Record<string, Drawing> = {
  'ants-running': {
    base: 'stem',
    marks: [
      filled(
        [
          [26, 18],
          [37, 30],
          [26, 44],
        ]
          .map(([x, y]) =>
            dots(
              [
                [x!, y! - 3.5],
                [x!, y!],
                [x!, y! + 4],
              ],
              2,
            ),
          )
          .join(''),
        'ink',
      ),
      line('M22 17l-3 -2M30 17l3 -2M33 29l-3 -2M41 30l3 2M22 44l-3 2M30 43l3 2', 'ink', 1.4),
    ],
  },
  'white-fluff-axils': {
    base: 'stem',
    marks: [
      filled(
        dots(
          [
            [28, 26],
            [32, 23],
            [36, 26],
            [30, 29],
            [35, 29],
          ],
          3.6,
        ),
        'paper',
      ),
      line(
        dots(
          [
            [28, 26],
            [32, 23],
            [36, 26],
            [30, 29],
            [35, 29],
          ],
          3.6,
        ),
        'soft',
        1.1,
      ),
    ],
  },
  'white-fluff-bark': {
    base: 'stem',
    marks: [
      filled(
        dots(
          [
            [27, 38],
            [29, 42],
            [27, 46],
            [38, 30],
            [37, 34],
            [29, 34],
          ],
          3.8,
        ),
        'paper',
      ),
      line(
        dots(
          [
            [27, 38],
            [29, 42],
            [27, 46],
            [38, 30],
            [37, 34],
            [29, 34],
          ],
          3.8,
        ),
        'soft',
        1.1,
      ),
      line('M27 52q-6 -1 -4 -6', 'brass', 2),
    ],
  },
  'brown-bumps': {
    base: 'under',
    marks: [
      filled(
        [
          [32, 18],
          [32, 28],
          [30, 37],
          [33, 46],
        ]
          .map(([x, y]) => `M${x! - 3.4} ${y}a3.4 4.6 0 1 0 6.8 0a3.4 4.6 0 1 0 -6.8 0`)
          .join(''),
        'brass',
      ),
    ],
  },
  'crusted-shells': {
    base: 'stem',
    marks: [
      filled(
        dots(
          [
            [28, 12],
            [34, 16],
            [29, 21],
            [35, 25],
            [28, 31],
            [34, 35],
            [29, 41],
            [35, 46],
            [29, 52],
          ],
          2.5,
        ),
        'soft',
      ),
      filled(
        dots(
          [
            [28, 12],
            [34, 16],
            [29, 21],
            [35, 25],
            [28, 31],
            [34, 35],
            [29, 41],
            [35, 46],
            [29, 52],
          ],
          0.9,
        ),
        'ink',
      ),
    ],
  },
  'soft-stem-base': { base: 'plant', marks: [line('M32 56v-12', 'ink', 6), line('M24 58h16', 'brass', 2)] },
  'stem-lesions': { base: 'stem', marks: [filled('M27 20q8 -3 10 2v12q-6 4 -10 0zM27 44q6 -3 10 1v8q-6 3 -10 -1z', 'ink')] },
  'sawdust-at-stem': { base: 'stem', marks: [filled(hole(32, 44, 3), 'ink'), filled(dots([[38, 48], [42, 51], [37, 53], [45, 48], [41, 55]], 2), 'sun')] },
  'asparagus-beetles': { base: 'stem', marks: [filled(beetle(41, 26), 'ink'), filled(dots([[39, 23], [43, 29]], 1.4), 'sun'), line('M24 34h-6M24 40h-6M24 46h-6', 'ink')] },
  'brown-ring-in-stem': { base: 'stem', marks: [filled(circle(32, 34, 11), 'leaf'), line(circle(32, 34, 7), 'brass', 3)] },
  'sunken-bark': { base: 'stem', marks: [line('M26 26q6 6 12 0M25 34q7 7 14 0M26 42q6 6 12 0', 'brass', 2.5)] },
  'crust-on-bark': { base: 'stem', marks: [filled('M25 22q5 -4 9 1q5 1 3 6q-4 4 -9 1q-6 -3 -3 -8zM29 40q5 -3 9 2q1 5 -5 6q-7 -2 -4 -8z', 'soft')] },
  'cork-on-stems': { base: 'stem', marks: [line('M28 30v24M32 26v28M36 30v24', 'brass', 2.5)] },
  'blackened-box': { base: 'stem', marks: [line('M30 24v14M34 32v16M31 44v10', 'ink', 2.5)] },
}
