import { flowersSigns } from './flowers'
import { nightSigns } from './night'
import { soilSigns } from './soil'
import { stemSigns } from './stem'
import { tipsSigns } from './tips'
import { underSigns } from './under'
import { upperSigns } from './upper'
import { wholeSigns } from './whole'
import type { Drawing } from './marks'

export type { Base } from './marks'

/** By the sign's id. */
export const DRAWINGS: Record<string, Drawing> = { ...tipsSigns, ...upperSigns, ...underSigns, ...stemSigns, ...flowersSigns, ...soilSigns, ...nightSigns, ...wholeSigns }
