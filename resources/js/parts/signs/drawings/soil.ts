import { circle, dots, filled, fly, line, worm, type Drawing } from './marks'

/** Signs that are looked for at this place, by id. */
export const soilSigns: Record<string, Drawing> = {
  'silver-trails': {
    base: 'soil',
    marks: [line('M8 54q10 -8 18 -2t14 -4t18 -2', 'water', 4), line('M8 54q10 -8 18 -2t14 -4t18 -2', 'paper', 1.3)],
  },
  'seedling-cut': {
    base: 'seedling',
    marks: [
      filled('M20 8h28v32H20z', 'paper'),
      line('M32 50v-6l3 -2', 'leaf', 2.6),
      line('M12 46q8 -8 18 -2M12 46q-3 -5 2 -7M16 43q1 -6 5 -5', 'leaf', 2.2),
    ],
  },
  'seedlings-gone': {
    base: 'soil',
    marks: [
      line('M14 44v-6M32 44v-4M50 44v-5', 'leaf', 2.4),
      line('M12 36l5 4M17 36l-5 4M30 36l5 4M35 36l-5 4M48 36l5 4M53 36l-5 4', 'madder', 1.8),
    ],
  },
  'seedling-collapse': {
    base: 'seedling',
    marks: [
      filled('M20 8h28v36H20z', 'paper'),
      line('M32 50v-6', 'brass', 2.4),
      line('M32 44q2 -6 14 2M46 46q4 -5 8 -2M46 46q2 4 7 4', 'leaf', 2.6),
    ],
  },
  'fat-soil-caterpillar': {
    base: 'soil',
    marks: [line('M24 50a9 7 0 1 1 14 2', 'soft', 7), line('M24 50a9 7 0 1 1 14 2', 'ink', 1), filled(circle(24, 51, 3), 'ink')],
  },
  'white-grubs': {
    base: 'pot',
    marks: [
      line('M24 44q0 -9 9 -9q7 1 6 8', 'paper', 7),
      line('M24 44q0 -9 9 -9q7 1 6 8', 'soft', 1),
      filled(circle(24, 45, 3.2), 'brass'),
    ],
  },
  'dark-flies-soil': { base: 'pot', marks: [filled(fly(20, 16) + fly(40, 12) + fly(32, 22) + fly(48, 20), 'ink')] },
  'glassy-larvae': {
    base: 'soil',
    marks: [
      line('M14 50q6 -4 10 0M28 55q6 -4 10 0M40 49q6 -4 10 0', 'paper', 2.6),
      line('M14 50q6 -4 10 0M28 55q6 -4 10 0M40 49q6 -4 10 0', 'soft', 0.8),
      filled(
        dots(
          [
            [24, 50],
            [38, 55],
            [50, 49],
          ],
          1.6,
        ),
        'ink',
      ),
    ],
  },
  'soil-wet': {
    base: 'pot',
    marks: [
      filled('M20 14c-4 6 -5 9 0 10s5 -4 0 -10zM34 8c-4 6 -5 9 0 10s5 -4 0 -10zM46 16c-4 6 -5 9 0 10s5 -4 0 -10z', 'water'),
      line('M14 60h36', 'water', 3),
    ],
  },
  'soil-dry': {
    base: 'pot',
    marks: [
      line('M20 33l5 5l-2 5M33 33l-2 6l5 4M44 33l-4 5', 'ink', 1.6),
      line('M32 8v4M21 12l3 3M43 12l-3 3', 'sun', 2),
      filled(circle(32, 20, 5), 'sun'),
    ],
  },
  'brown-roots': { base: 'plant', marks: [line('M32 54q-8 2 -10 8M32 54q-1 5 -2 8M32 54q8 2 9 8M32 54q3 4 4 7', 'brass', 3)] },
  'rusty-tunnels': { base: 'soil', marks: [line('M20 40q6 -4 11 0t11 2M23 49q6 4 13 0', 'brass', 2.5)] },
  'maggots-at-roots': { base: 'soil', marks: [line(worm(20, 42) + worm(33, 48) + worm(30, 38), 'sun', 3.5)] },
  'knotted-roots': { base: 'soil', marks: [line('M32 34v22M32 40l-10 10M32 40l10 10', 'soft'), filled(dots([[32, 46], [26, 46], [38, 46], [23, 50], [41, 50], [32, 55]], 2.6), 'brass')] },
  'swollen-roots': { base: 'soil', marks: [filled('M26 36q6 -3 12 0q4 10 -2 20q-5 3 -9 -2q-5 -10 -1 -18z', 'brass'), line('M25 48l-7 8M39 48l7 8', 'brass', 5)] },
  'white-soil-jumpers': { base: 'pot', marks: [filled(dots([[24, 15], [32, 9], [40, 16]], 1.8), 'ink'), line('M24 24v-6M32 24v-12M40 24v-5', 'soft', 1)] },
  'salt-crust': { base: 'pot', marks: [line('M17 25q4 -4 8 0t8 0t8 0t6 -1', 'soft', 3), filled(dots([[20, 31], [44, 31]], 1.8), 'soft')] },
  'ants-nest-at-roots': { base: 'soil', marks: [filled('M19 33q13 -15 26 0z', 'brass'), filled(dots([[27, 22], [34, 19], [41, 25], [47, 30], [17, 29]], 1.6), 'ink')] },
  'c-shaped-grubs': { base: 'soil', marks: [line('M39 40a8.5 8.5 0 1 0 -2 12', 'sun', 6), filled(circle(39, 40, 3), 'brass')] },
  'legless-grey-grubs': { base: 'soil', marks: [line('M19 44h10M34 50h11M29 38h9', 'soft', 5)] },
  'yellow-wiry-worms': { base: 'soil', marks: [line('M19 40l19 4M25 51l19 -3', 'sun', 3), filled(dots([[38, 44], [44, 48]], 1.8), 'brass')] },
  'slime-on-mulch': { base: 'soil', marks: [filled('M17 35q4 -9 11 -3q6 -7 10 1q9 -2 9 5q-15 6 -30 -3z', 'sun')] },
  'slipping-roots': { base: 'soil', marks: [line('M32 34v20M32 40l-9 12M32 40l9 12', 'brass', 4), line('M32 46v8M27 47l-4 6M37 47l4 6', 'paper', 1.6)] },
}
