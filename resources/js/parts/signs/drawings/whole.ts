import { circle, dots, filled, half, line, low, worm, type Drawing } from './marks'

/** Signs that are looked for at this place, by id. */
export const wholeSigns: Record<string, Drawing> = {
  'stripped-bare': {
    base: 'plant',
    marks: [filled('M10 8h44v34H10z', 'paper'), line('M32 54V12M32 40L18 30M32 40L46 30M32 28L21 19M32 28L43 19', 'leaf', 2.2)],
  },
  'white-butterflies': {
    base: 'plant',
    marks: [
      filled('M30 20c-12 -12 -20 2 -8 6c-6 8 4 10 8 0zM34 20c12 -12 20 2 8 6c6 8 -4 10 -8 0z', 'paper'),
      line('M30 20c-12 -12 -20 2 -8 6c-6 8 4 10 8 0zM34 20c12 -12 20 2 8 6c6 8 -4 10 -8 0zM32 16v14', 'ink', 1.4),
      filled(
        dots(
          [
            [22, 20],
            [42, 20],
          ],
          1.5,
        ),
        'ink',
      ),
    ],
  },
  'starts-lowest': { base: 'plant', marks: [filled(dots(low, 3), 'brass'), line('M54 50V20M49 26l5 -7l5 7', 'ink', 2)] },
  'even-yellow-old': {
    base: 'plant',
    marks: [
      filled('M32 50C22 52 14 48 10 42C20 38 30 42 32 50ZM32 50C42 52 50 48 54 42C44 38 34 42 32 50Z', 'sun'),
      line('M32 50L14 43M32 50L50 43', 'brass', 1),
    ],
  },
  'single-old-leaves': {
    base: 'plant',
    marks: [filled('M32 50C22 52 14 48 10 42C20 38 30 42 32 50Z', 'sun'), filled('M44 60q4 -6 12 -4q-4 6 -12 4z', 'sun')],
  },
  'moved-to-sun': {
    base: 'pot',
    marks: [
      filled(circle(50, 12, 6), 'sun'),
      line('M50 2v3M60 12h-3M57 5l-2 2M43 5l2 2', 'sun', 2),
      line('M8 26h20M22 21l6 5l-6 5', 'ink', 2),
    ],
  },
  'after-spray': {
    base: 'plant',
    marks: [
      filled('M6 14h9v14H6z', 'water'),
      line('M8 14v-5h7', 'ink', 2),
      filled(
        dots(
          [
            [22, 10],
            [27, 14],
            [22, 18],
            [28, 8],
            [32, 12],
          ],
          1.4,
        ),
        'water',
      ),
    ],
  },
  'wilts-by-day': { base: 'plant', lean: 'wilted', marks: [filled(circle(52, 10, 6), 'sun')] },
  'wilts-though-wet': {
    base: 'plant',
    lean: 'wilted',
    marks: [filled('M14 54c-3 4 -4 7 0 7s4 -3 0 -7zM50 54c-3 4 -4 7 0 7s4 -3 0 -7z', 'water')],
  },
  stunted: { base: 'plant', lean: 'small', marks: [line('M54 58V12M50 12h8M50 58h8', 'soft', 1.6)] },
  'glassy-after-cold': { base: 'leaf', marks: [filled(half, 'ink'), line('M48 8v12M42.5 11l11 6M53.5 11l-11 6', 'water', 2)] },
  'whole-bed-alike': {
    base: 'soil',
    marks: [
      line('M12 44V30M32 44V24M52 44V28', 'leaf', 2.4),
      filled('M12 32q-8 -2 -8 -8q8 0 8 8zM32 28q8 -2 8 -9q-8 0 -8 9zM52 32q-7 -2 -7 -8q7 0 7 8z', 'brass'),
    ],
  },
  spreads: {
    base: 'soil',
    marks: [
      line('M12 44V26M32 44V26M52 44V26', 'leaf', 2.4),
      filled(
        dots(
          [
            [12, 24],
            [32, 24],
          ],
          6,
        ),
        'brass',
      ),
      line(circle(52, 24, 6), 'leaf', 2),
      line('M18 14q7 -6 12 0M38 14q7 -6 12 0M50 14l0 -4M50 14l-4 -1', 'ink', 1.6),
    ],
  },
  'webbed-box': { base: 'plant', marks: [line('M18 18L46 44M46 18L18 44M32 12v38M16 31h32', 'soft', 1), line(worm(24, 34), 'leaf', 4)] },
  'bronzed-from-below': { base: 'plant', marks: [filled(dots(low, 5.5), 'brass')] },
  'cut-clean-high': { base: 'plant', marks: [line('M22 20l20 -7', 'madder', 3), filled(dots([[22, 57], [29, 59], [36, 57]], 2.4), 'ink')] },
}
