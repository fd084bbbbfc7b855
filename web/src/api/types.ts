import type * as Format from './document.gen'
import type { components } from './schema.gen'

export type Schemas = components['schemas']

export type Estimate = Schemas['EstimateView']
export type Rest = Schemas['RestView']
export type Band = Schemas['BandView']
export type WhatIfs = Schemas['WhatIfsView']
export type Sits = Schemas['SitsView']
export type Lean = Schemas['LeanView']
export type Interval = Schemas['IntervalView']
export type AnswerLine = Schemas['AnswerLine']
export type Landing = Schemas['LandingView']
export type Carry = Schemas['CarryView']
export type Sentence = Schemas['Sentence']
export type Quantity = Schemas['Quantity']
export type Differences = Schemas['Differences']
export type Sitting = Estimate['sits']
export type Posture = Rest['posture']
export type OverTime = Schemas['OverTimeView']
export type Water = Schemas['WaterView']
export type NamedColour = Schemas['NamedColour']
export type Outline = Schemas['OutlineView']
export type Amount = Schemas['AmountView']
export type SizeRow = Schemas['RunRowView']
export type Substitutes = Schemas['SubstitutesView']
export type Supported = Schemas['SupportedView']
export type Handle = Schemas['HandleView']
export type Snap = Schemas['SnapView']
export type Surface = Schemas['SurfaceView']
export type Scene = Schemas['SceneView']
export type Relief = Schemas['ReliefView']
export type Card = Schemas['CardView']
export type Comparison = Schemas['ComparisonView']
export type Changes = Schemas['ChangesView']
export type Reach = Omit<Schemas['ReachView'], 'document'> & { document: PatternDocument }
export type Disagreement = Omit<Schemas['DisagreementView'], 'document'> & {
  document: PatternDocument
}
export type Footprints = Schemas['FootprintsView']
export type BookPage = Schemas['BookPage']
export type BookRow = Schemas['Row']
export type ImportLine = Schemas['ImportLine']
export type OutcomeBounds = Schemas['OutcomeBounds']
export type FlyLine = Schemas['FlyLine']
export type LoggedFly = Omit<Schemas['Fly'], 'fly'> & {
  fly: Omit<Schemas['LoggedFly'], 'document'> & { document: PatternDocument }
}
export type Planned = Schemas['Planned']
export type Measurement = Schemas['Measurement']
export type AsTied = Schemas['AsTiedView']
export type TrendLine = Schemas['TrendLine']
export type Photograph = NonNullable<Schemas['PhotographView']>
export type Place = Schemas['Place']
export type Marks = Schemas['Marks']
export type Tying = Schemas['Pages']
export type TankTest = Schemas['TestView']
export type Noted = Schemas['Noted']
export type Foretold = NonNullable<Schemas['Foretold']>
export type GlassMarks = NonNullable<Schemas['GlassMarks']>
export type LearningState = Schemas['LearningState']
export type LearntLine = Schemas['LearntLine']
export type ByTests = NonNullable<Schemas['ByTestsView']>
export type Reading = Schemas['Reading']
export type MaterialEntry = Schemas['MaterialEntry']
export type PatternSummary = Schemas['PatternSummary']
export type Rule = Schemas['RuleView']
export type Hooks = Schemas['HooksView']
export type DrawerItem = Schemas['ItemView']
export type NewDrawerItem = Schemas['NewItem']
export type Found = Schemas['FoundView']
export type Picks = Schemas['PicksView']
export type TieableNow = Schemas['TieableNowView']
export type Buy = Schemas['BuyView']
export type HookView = Schemas['HookRow']
export type Matches = Schemas['MatchesView']
export type NewHook = Required<Omit<Schemas['NewHook'], 'shape'>> & {
  shape: 'straight' | 'curved' | 'short-curved'
}
export type Style = Schemas['StyleView']

export type PatternDocument = Format.RippleRestPatternVersion3
export type Conditions = Format.Conditions
export type Hook = Format.Hook
export type Length = { rule: Reference; factor: number } | ReachTo | { value: number; unit: 'mm' }
export type ReachTo = { reach: string; offset?: number; unit?: 'mm' | 'eye' | 'share' }
export type Reference = 'gap' | 'shank' | 'hook-length' | 'body'

/** A part as it stands in a document: its kind, its material, and fields by the kind's sheet. */
export type Part = {
  part: string
  material: string
  colour?: Colour
  seat?: PlaceAt
  stretches?: StretchAt[]
  cutFrom?: string
  tiedInBy?: 'butt' | 'tip'
  brightSide?: 'forward' | 'back'
  also?: string[]
  with?: FurtherFeather[]
  wound?: Winding
  [field: string]: PartValue | undefined
}
export type PartValue =
  string | number | Length | Colour | PlaceAt | StretchAt[] | FurtherFeather[] | string[]
export type Colour = Format.Colour
/** A place on the shank as a document holds it. */
export type PlaceAt = { landmark: string; offset?: number; unit?: 'mm' | 'eye' | 'share' }
export type StretchAt = { from: PlaceAt; to: PlaceAt; wires?: number }
export type Winding = 'in-turn' | 'through' | 'together'
export type FurtherFeather = { material: string; turns: number; colour?: Colour; barb?: Length }
export type OwnStep = { do: string; words?: string; note?: string }

export type PartKind = Schemas['PartView']
export type PartField = Schemas['FieldView']

/** A stored pattern and the revision that a change to it has to name. */
export type PatternResource = Omit<Schemas['PatternResource'], 'document'> & {
  document: PatternDocument
}

export type FieldProblem = { pointer: string; value: string; bound: string; remedy: string }

/** A problem detail (RFC 9457) as the server sends it. */
export type Problem = {
  type?: string
  title: string
  status: number
  detail?: string
  errors?: FieldProblem[]
  stored?: PatternResource
}
export type Flies = Schemas['Flies']
export type Boxes = Schemas['BoxesView']
export type FlyBox = Schemas['BoxView']
export type FlyCount = Schemas['CountView']
export type PlaceName = Schemas['PlaceName']
export type Outing = Schemas['Outing']
export type OutingView = Schemas['OutingView']
export type Need = Schemas['NeedView']
export type Brought = Schemas['Brought']
export type EveningPlan = Schemas['PlanView']
export type NewPlan = Schemas['NewPlan']
export type Slot = Schemas['Slot']
export type Want = Schemas['Want']
export type Practice = Schemas['PracticeView']
export type Eye = Schemas['EyeView']
export type Exercise = Schemas['ExerciseView']
export type Judged = Schemas['AnsweredView']
export type DrillName = Exercise['drill']
