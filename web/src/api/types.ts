import type * as Format from './document.gen'
import type { components } from './schema.gen'

type Schemas = components['schemas']

export type Estimate = Schemas['EstimateView']
export type Rest = Schemas['RestView']
export type Band = Schemas['BandView']
export type WhatIfs = Schemas['WhatIfsView']
export type Sits = Schemas['SitsView']
export type Lean = Schemas['LeanView']
export type Interval = Schemas['IntervalView']
export type AnswerLine = Schemas['AnswerLine']
export type Landing = Schemas['LandingView']
export type Hung = Schemas['HungView']
export type OverTime = Schemas['OverTimeView']
export type Water = Schemas['WaterView']
export type Outline = Schemas['OutlineView']
export type PatternSummary = Schemas['PatternSummary']
export type School = Schemas['SchoolView']

export type PatternDocument = Format.RippleRestPatternVersion1
export type Conditions = Format.Conditions
export type Hook = Format.Hook
export type Length = { rule: Reference; factor: number } | { value: number; unit: 'mm' }
export type Reference = 'gap' | 'shank' | 'hook-length'

/** A part with every field that some kind of part has. */
export type Part = Format.Part & {
  count?: number
  turns?: number
  wires?: number
  clippedBelow?: boolean
  length?: Length
  barb?: Length
}

/** A stored pattern and the revision that a change to it has to name. */
export type PatternResource = Omit<Schemas['PatternResource'], 'document'> & {
  document: PatternDocument
}

export type FieldProblem = { pointer: string; value: string; bound: string; remedy: string }

/** A problem detail (RFC 9457) as the server sends it. */
export type Problem = {
  title: string
  status: number
  detail?: string
  errors?: FieldProblem[]
  stored?: PatternResource
}
