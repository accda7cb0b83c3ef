import { beetle, circle, dots, edge, few, filled, fine, hole, line, patch, type Drawing } from './marks'

/** Signs that are looked for at this place, by id. */
export const upperSigns: Record<string, Drawing> = {
  'cast-skins': {
    base: 'leaf',
    marks: [
      line(
        few
          .concat([
            [38, 18],
            [22, 36],
          ])
          .map(([x, y]) => `M${x} ${y}l5 2M${x + 1} ${y + 1}l-2 3M${x + 3} ${y + 2}l-1 3`)
          .join(''),
        'paper',
        2,
      ),
      line(few.map(([x, y]) => `M${x} ${y}l5 2`).join(''), 'soft', 1),
    ],
  },
  'sticky-film': {
    base: 'leaf',
    marks: [
      filled('M26 20q6 -3 9 2t-2 9q-6 2 -8 -3t1 -8z', 'sun'),
      filled('M32 40c-3 5 -4 7 0 8s4 -4 0 -8zM42 34c-2 4 -3 5 0 6s3 -3 0 -6z', 'brass'),
      line('M28 22q3 -2 5 0', 'paper', 1.6),
    ],
  },
  'sooty-film': {
    base: 'leaf',
    marks: [filled('M20 24q12 -12 24 2q4 14 -6 22q-12 4 -18 -8q-3 -9 0 -16z', 'ink'), line('M24 42l14 -20', 'leaf', 5)],
  },
  'silver-streaks': {
    base: 'leaf',
    marks: [filled('M22 22l8 -5l2 8l-7 8zM38 30l7 -3l-3 12l-8 5zM24 40l5 -3l1 9z', 'soft'), line('M25 21l3 -2M40 31l3 -1', 'paper', 1.6)],
  },
  'black-specks': {
    base: 'leaf',
    marks: [filled('M20 24q12 -10 22 2t-4 20q-14 2 -18 -8z', 'soft'), filled(dots(fine.slice(5, 16), 1.2), 'ink')],
  },
  'pale-stippling': { base: 'leaf', marks: [filled(dots(fine, 1.5), 'sun')] },
  'tiny-jumping-beetles': {
    base: 'leaf',
    marks: [
      filled(
        dots(
          [
            [26, 34],
            [44, 14],
            [18, 18],
          ],
          2.6,
        ),
        'ink',
      ),
      line('M28 31q8 -18 14 -16M24 32q-8 -12 -5 -12', 'soft', 1.3),
    ],
  },
  'shot-holes': { base: 'leaf', marks: [filled(dots(fine, 1.9), 'paper'), line(dots(fine, 1.9), 'leaf', 0.8)] },
  'large-holes': {
    base: 'leaf',
    marks: [
      filled(hole(24, 26, 6) + hole(40, 36, 7) + 'M48 18q-12 2 -8 10q8 2 12 -4z', 'paper'),
      line(hole(24, 26, 6) + hole(40, 36, 7), 'leaf', 1.4),
    ],
  },
  'notched-edges': {
    base: 'leaf',
    marks: [
      filled(
        dots(
          [
            [16, 28],
            [17, 40],
            [48, 26],
            [48, 40],
            [24, 52],
            [41, 51],
          ],
          4,
        ),
        'paper',
      ),
      line('M17 24a4 4 0 0 1 0 8M19 36a4 4 0 0 1 0 8M47 22a4 4 0 0 0 0 8M46 36a4 4 0 0 0 0 8', 'leaf', 1.4),
    ],
  },
  skeletonised: {
    base: 'leaf',
    marks: [
      filled('M32 54C14 46 14 24 32 10C50 24 50 46 32 54Z', 'paper'),
      line(
        'M32 56V10M32 46L19 36M32 46L45 36M32 34L18 25M32 34L46 25M32 24L24 17M32 24L40 17M24 40v-8M40 40v-8M25 28v-6M39 28v-6',
        'brass',
        1.4,
      ),
    ],
  },
  'tail-raising-larvae': {
    base: 'leaf',
    marks: [
      line('M17 22q-7 2 -5 10t-4 4M17 36q-7 2 -5 9t-4 4M47 28q8 2 6 10t5 2', 'sun', 4),
      filled(
        dots(
          [
            [17, 22],
            [17, 36],
            [47, 28],
          ],
          2.4,
        ),
        'ink',
      ),
    ],
  },
  'dark-droppings': {
    base: 'leaf',
    marks: [
      filled(
        few
          .concat([
            [34, 38],
            [38, 44],
            [28, 34],
            [33, 48],
          ])
          .map(([x, y]) => `M${x - 2} ${y - 2}h4v4h-4z`)
          .join(''),
        'ink',
      ),
    ],
  },
  'red-beetles': {
    base: 'leaf',
    marks: [
      filled(beetle(26, 28) + beetle(40, 42), 'madder'),
      filled(
        dots(
          [
            [26, 20.5],
            [40, 34.5],
          ],
          2.4,
        ),
        'ink',
      ),
      line('M26 22v12M40 36v12', 'ink', 1),
    ],
  },
  'striped-beetles': {
    base: 'leaf',
    marks: [
      filled(beetle(32, 32) + beetle(24, 46), 'sun'),
      line('M29.5 27v10M32 26v12M34.5 27v10M22 42v8M24 41v10M26 42v8', 'ink', 1.3),
      filled(
        dots(
          [
            [32, 24.5],
            [24, 38.5],
          ],
          2.2,
        ),
        'madder',
      ),
    ],
  },
  'winding-tunnels': {
    base: 'leaf',
    marks: [
      line('M22 44q-4 -8 4 -10t4 -8q-6 -6 2 -9t8 6q-4 6 4 8t-2 9q-5 3 -8 -1', 'paper', 3.6),
      line('M22 44q-4 -8 4 -10t4 -8q-6 -6 2 -9t8 6q-4 6 4 8t-2 9q-5 3 -8 -1', 'brass', 0.9),
    ],
  },
  'white-powder': {
    base: 'leaf',
    marks: [
      filled(
        dots(
          [
            [25, 24],
            [39, 28],
            [28, 40],
            [36, 16],
          ],
          6,
        ),
        'paper',
      ),
      filled(dots(fine.slice(3, 14), 1.1), 'soft'),
      line(
        dots(
          [
            [25, 24],
            [39, 28],
            [28, 40],
          ],
          6,
        ),
        'soft',
        0.6,
      ),
    ],
  },
  'angular-yellow': {
    base: 'leaf',
    marks: [
      filled('M32 32L20 25L18 33L24 40L32 44ZM33 22L42 17L45 24L40 30L33 32Z', 'sun'),
      line('M32 32L20 25L18 33L24 40L32 44ZM33 22L42 17L45 24L40 30L33 32Z', 'brass', 1),
    ],
  },
  'ringed-spots': {
    base: 'leaf',
    marks: [
      filled(
        dots(
          [
            [26, 28],
            [40, 40],
          ],
          7,
        ),
        'brass',
      ),
      line(
        dots(
          [
            [26, 28],
            [40, 40],
          ],
          5,
        ) +
          dots(
            [
              [26, 28],
              [40, 40],
            ],
            2.6,
          ),
        'paper',
        1,
      ),
    ],
  },
  'small-grey-spots': {
    base: 'leaf',
    marks: [
      filled(
        dots(
          fine.filter((_, n) => n % 2 === 0),
          2.6,
        ),
        'ink',
      ),
      filled(
        dots(
          fine.filter((_, n) => n % 2 === 0),
          1.6,
        ),
        'soft',
      ),
    ],
  },
  'fringed-black-spots': {
    base: 'leaf',
    marks: [
      filled(
        dots(
          [
            [26, 26],
            [40, 38],
            [28, 45],
          ],
          5,
        ),
        'ink',
      ),
      line(
        [
          [26, 26],
          [40, 38],
          [28, 45],
        ]
          .map(([x, y]) => `M${x! - 8} ${y}h16M${x} ${y! - 8}v16M${x! - 5.5} ${y! - 5.5}l11 11M${x! + 5.5} ${y! - 5.5}l-11 11`)
          .join(''),
        'ink',
        1.2,
      ),
    ],
  },
  'yellow-halo': {
    base: 'leaf',
    marks: [
      filled(
        dots(
          [
            [26, 27],
            [39, 40],
          ],
          8,
        ),
        'sun',
      ),
      filled(
        dots(
          [
            [26, 27],
            [39, 40],
          ],
          3.6,
        ),
        'brass',
      ),
    ],
  },
  'greasy-blotches': {
    base: 'leaf',
    marks: [
      filled('M48 20q-14 2 -12 12t10 14q8 -12 2 -26zM18 40q8 -2 12 6t2 10q-10 -4 -14 -16z', 'soft'),
      filled('M46 26q-7 2 -6 8t6 6z', 'ink'),
    ],
  },
  'velvet-spots': {
    base: 'leaf',
    marks: [
      filled('M22 22q6 -5 9 2t-5 8q-6 -2 -4 -10zM38 34q7 -3 8 4t-7 7q-5 -4 -1 -11zM26 44q4 -3 6 1t-3 5z', 'leaf'),
      filled(
        dots(
          [
            [26, 27],
            [41, 39],
            [29, 46],
          ],
          2,
        ),
        'ink',
      ),
    ],
  },
  'wet-spots': {
    base: 'leaf',
    marks: [
      filled('M22 22l6 -2l2 6l-5 4zM38 20l6 3l-3 7l-5 -4zM26 36l6 2l-1 7l-6 -3zM40 38l5 2l-4 7l-4 -4z', 'water'),
      line('M22 22l6 -2l2 6l-5 4zM38 20l6 3l-3 7l-5 -4zM26 36l6 2l-1 7l-6 -3zM40 38l5 2l-4 7l-4 -4z', 'ink', 1.4),
    ],
  },
  mosaic: {
    base: 'leaf',
    marks: [
      filled('M22 22l8 -6l2 10zM34 18l8 4l-6 8zM18 34l8 -4l4 8l-8 4zM36 34l10 -2l-2 10zM26 44l8 -4l4 8l-6 6z', 'sun'),
      filled('M30 28l5 2l-3 6z', 'leaf'),
    ],
  },
  'yellow-between-veins-old': {
    base: 'leaf',
    marks: [
      filled('M32 54C14 46 14 24 32 10C50 24 50 46 32 54Z', 'sun'),
      line('M32 56V10M32 44L20 36M32 44L44 36M32 32L19 24M32 32L45 24M32 22L24 16M32 22L40 16', 'leaf', 3),
    ],
  },
  'bleached-patches': {
    base: 'leaf',
    marks: [filled(patch, 'paper'), line(patch, 'brass', 1.4), line('M52 8l-5 5M58 16l-6 2M44 4l-2 6', 'sun', 2.4)],
  },
  'drop-burns': {
    base: 'leaf',
    marks: [
      filled('M32 58l-7 -8q7 -5 14 0zM20 40q4 -1 4 4t-4 3zM44 40q-4 -1 -4 4t4 3zM32 12q3 4 0 8q-3 -4 0 -8z', 'brass'),
      filled('M32 58c-2 3 -3 5 0 5s2 -2 0 -5z', 'water'),
    ],
  },
  'brown-edges': { base: 'leaf', marks: [line(edge, 'brass', 5)] },
  'bronze-beetles': { base: 'leaf', marks: [filled(beetle(25, 26) + beetle(37, 22) + beetle(33, 39), 'brass'), line('M25 20v12M37 16v12M33 33v12', 'leaf')] },
  'clear-drops-at-edges': { base: 'leaf', marks: [filled(dots([[14, 40], [50, 40], [32, 8], [17, 24], [47, 24]], 3), 'water')] },
  'chalky-spots': { base: 'leaf', marks: [line(circle(25, 26, 3.5) + circle(39, 32, 4) + circle(30, 43, 3.5), 'soft')] },
  'pattern-since-always': { base: 'leaf', marks: [filled('M32 10C25 22 25 42 32 54C39 42 39 22 32 10Z', 'sun'), line('M26 24l-6 -3M38 24l6 -3M26 36l-7 -1M38 36l7 -1', 'sun', 3)] },
  'torn-to-the-ribs': { base: 'leaf', marks: [filled('M18 24l14 6l-12 7zM46 22l-14 8l13 7zM21 43l11 2l-7 7z', 'paper'), line('M32 8v48', 'leaf')] },
}
