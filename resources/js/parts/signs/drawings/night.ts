import { filled, line, type Drawing } from './marks'

/** Signs that are looked for at this place, by id. */
export const nightSigns: Record<string, Drawing> = {
  'slugs-at-night': {
    base: 'night',
    marks: [filled('M14 48q2 -10 14 -9t20 -6q6 0 4 5t-12 8t-26 2z', 'brass'), line('M49 34l3 -6M52 36l5 -4', 'brass', 1.8)],
  },
  'earwigs-at-night': {
    base: 'night',
    marks: [
      filled('M16 40a16 4 0 0 1 32 0a16 4 0 0 1 -32 0z', 'brass'),
      line('M48 38q8 -4 8 1M48 42q8 4 8 -1M16 39l-7 -6M16 41l-7 5', 'brass', 1.8),
    ],
  },
  'weevils-at-night': {
    base: 'night',
    marks: [filled('M24 40a11 8 0 0 1 22 0a11 8 0 0 1 -22 0z', 'soft'), line('M24 40l-9 2M26 34l-5 -4M32 47v6M40 47l3 6', 'soft', 2)],
  },
  'woodlice-at-night': { base: 'night', marks: [filled('M23 42a9 5.5 0 1 0 18 0a9 5.5 0 1 0 -18 0', 'soft'), line('M28 38v8M32 37v10M36 38v8', 'ink', 1.2)] },
}
