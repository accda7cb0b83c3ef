import { householdUnits, isPseudo, PSEUDO, t } from '@/i18n'
import createClient from 'openapi-fetch'
import { shallowRef } from 'vue'
import type { components, paths } from './schema'

export type Schemas = components['schemas']
export type Bench = Schemas['Bench']
export type Recipe = Schemas['Recipe']
export type RecipeBody = Schemas['RecipeBody']
export type RecipeVersion = Schemas['RecipeVersion']
export type Planting = Schemas['Planting']
export type Sprayer = Schemas['Sprayer']
export type Course = Schemas['Course']
export type Round = Schemas['Round']
export type Finding = Schemas['Finding']
export type Strength = Schemas['Strength']
export type Layer = Schemas['Layer']
export type Line = Schemas['Line']
export type Application = Schemas['Application']
export type Change = Schemas['Change']
export type Garden = Schemas['Garden']
export type DueRound = Schemas['DueRound']
export type Knowledge = Schemas['Knowledge']
export type Plot = Schemas['Plot']
export type PlotPlanting = Schemas['PlotPlanting']
export type PlotZone = Schemas['PlotZone']
export type TroubleBrief = Schemas['TroubleBrief']
export type TroublePage = Schemas['TroublePage']
export type Diagnosis = Schemas['Diagnosis']
export type Cause = Schemas['Cause']
export type SignChoice = Schemas['SignChoice']
export type NextLook = Schemas['NextLook']
export type Remedy = Schemas['Remedy']
export type Tactic = Schemas['Tactic']
export type Product = Schemas['Product']
export type Tool = Schemas['Tool']
export type OwnMeasure = Schemas['OwnMeasure']
export type Pantry = Schemas['Pantry']
export type Shopping = Schemas['Shopping']
export type Offer = Schemas['Offer']
export type Need = Schemas['Need']
export type Comparison = Schemas['Comparison']
export type ComparedSubstance = Schemas['ComparedSubstance']
export type Reading = Schemas['Reading']
export type Span = Schemas['Span']
export type MixingPlan = Schemas['MixingPlan']
export type MixingStep = Schemas['MixingStep']
export type Rescue = Schemas['Rescue']
export type BottleLabel = Schemas['Label']
export type Preparation = Schemas['Preparation']
export type PreparationStory = Schemas['PreparationStory']
export type PreparationBody = Schemas['PreparationBody']
export type Making = Schemas['Making']
export type MakingStep = Schemas['MakingStep']
export type SoapBench = Schemas['SoapBench']
export type SoapPlan = Schemas['SoapPlan']
export type Severity = Finding['severity']

export const api = createClient<paths>({
  baseUrl: '/',
  headers: { Accept: 'application/json', 'Content-Type': 'application/json', ...(isPseudo ? { 'Nebbia-Language': PSEUDO } : {}) },
})

/** Rows that an answer could not be read from, by name; the shell says so beside whatever is shown. */
export const spoilt = shallowRef<string[]>([])
api.use({
  onRequest({ request }) {
    request.headers.set('Nebbia-Units', householdUnits.value)
  },
  onResponse({ response }) {
    const named = response.headers.get('Nebbia-Spoilt')
    if (named !== null) spoilt.value = [...new Set([...spoilt.value, ...decodeURIComponent(named).split('\n')])]
  },
})

/** What went wrong, in words for the gardener, with the fields it is about. */
export class ApiFailure extends Error {
  constructor(
    message: string,
    readonly status: number,
    readonly fields: Record<string, string> = {},
    readonly theirs: unknown = null,
  ) {
    super(message)
  }
}

interface Answer<T> {
  data?: T
  error?: unknown
  response: Response
}

/** The data of an answer, or an ApiFailure thrown. */
export async function take<T>(request: Promise<Answer<T>>): Promise<T> {
  let answer: Answer<T>
  try {
    answer = await request
  } catch (e) {
    if (e instanceof DOMException && e.name === 'AbortError') throw e
    throw new ApiFailure(t('api.client.nebbia-cannot-reached'), 0)
  }
  if (answer.response.ok && answer.data !== undefined) return answer.data
  throw failure(answer.error, answer.response.status)
}

function failure(error: unknown, status: number): ApiFailure {
  const body = typeof error === 'object' && error !== null ? (error as Record<string, unknown>) : {}
  const message = typeof body.message === 'string' ? body.message : t('api.client.something-went-wrong')
  const fields: Record<string, string> = {}
  if (typeof body.errors === 'object' && body.errors !== null) {
    for (const [field, messages] of Object.entries(body.errors)) {
      if (Array.isArray(messages) && typeof messages[0] === 'string') fields[field] = messages[0]
    }
  }
  return new ApiFailure(message, status, fields, body.theirs ?? null)
}
