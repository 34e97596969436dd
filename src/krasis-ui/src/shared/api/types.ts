import type { components } from './schema'

type Schemas = components['schemas']

export type Advised = Schemas['Advised']
export type AnswerDocument = Schemas['AnswerDocument']
export type JarScale = Schemas['JarScale']
export type LogEntry = Schemas['LogEntry']
export type SampleDocument = Schemas['SampleDocument']
export type ScaleResult = Schemas['ScaleResult']
export type ScaleWays = Schemas['ScaleWays']
export type Favourite = Schemas['Favourite']
export type SeatView = Schemas['SeatView']
export type TasteView = Schemas['TasteView']
export type TastingDocument = Schemas['TastingDocument']
export type TastingQuestion = Schemas['TastingQuestion']
export type TastingReadView = Schemas['TastingReadView']
export type TastingView = Schemas['TastingView']
export type Tuning = Schemas['Tuning']
export type BatchView = Schemas['BatchView']
export type PrepPlanView = Schemas['PrepPlanView']
export type WhatIfView = Schemas['WhatIfView']
export type PrepDocument = Schemas['PrepDocument']
export type PrepSettingsView = Schemas['PrepSettingsView']
export type HoursDocument = Schemas['HoursDocument']
export type MakingDocument = Schemas['MakingDocument']
export type ExpectedView = Schemas['ExpectedView']
export type ExpectedRow = Schemas['ExpectedRow']
export type ExpectedCell = Schemas['ExpectedCell']
export type PastDay = Schemas['PastDay']
export type SalesView = Schemas['SalesView']
export type SalesColumns = Schemas['SalesColumns']
export type StockView = Schemas['StockView']
export type LotView = Schemas['LotView']
export type BatchSheetView = Schemas['BatchSheetView']
export type BarView = Schemas['BarView']
export type BuildDocument = Schemas['BuildDocument']
export type BuildSheet = Schemas['BuildSheet']
export type Proposal = Schemas['Proposal']
export type BuildSummary = Schemas['BuildSummary']
export type FoundBuild = Schemas['FoundBuild']
export type RowCup = Schemas['RowCup']
export type BuildView = Schemas['BuildView']
export type PublishView = Schemas['PublishView']
export type Caution = Schemas['Caution']
export type Complaint = Schemas['Complaint']
export type CardsView = Schemas['CardsView']
export type MakingPlan = Schemas['MakingPlan']
export type MakingStep = Schemas['MakingStep']
export type CellEdit = Schemas['CellEdit']
export type CellTrouble = Schemas['CellTrouble']
export type EverySizeRequest = Schemas['EverySizeRequest']
export type EditDocument = Schemas['EditDocument']
export type TypedCell = Schemas['TypedCell']
export type CupDrawing = Schemas['CupDrawing']
export type Clash = Schemas['Clash']
export type MergeChoice = Schemas['MergeChoice']
export type MergeView = Schemas['MergeView']
export type QuantityView = Schemas['QuantityView']
export type BatchLine = Schemas['BatchLine']
export type Batch = Schemas['PartBatch']
export type BrewMeasured = Schemas['BrewMeasured']
export type BuildMove = Schemas['BuildMove']
export type CupMeasured = Schemas['CupMeasured']
export type Effect = Schemas['Effect']
export type EspressoMeasured = Schemas['EspressoMeasured']
export type FoamMeasured = Schemas['FoamMeasured']
export type IngredientMeasured = Schemas['IngredientMeasured']
export type LineCard = Schemas['LineCard']
export type MovedSize = Schemas['MovedSize']
export type PantryCheck = Schemas['PantryCheck']
export type PartMeasured = Schemas['PartMeasured']
export type StationSheet = Schemas['StationSheet']
export type StrokesMeasured = Schemas['StrokesMeasured']
export type FieldProblem = Schemas['FieldProblem']
export type BuildState = Schemas['BuildState']
export type ComparedRow = Schemas['ComparedRow']
export type DiffView = Schemas['DiffView']
export type HistoryEntry = Schemas['HistoryEntry']
export type MovedStandard = Schemas['MovedStandard']
export type Pours = Schemas['Pours']
export type Transformed = Schemas['Transformed']
export type TransformRequest = Schemas['TransformRequest']
export type WaiverDocument = Schemas['WaiverDocument']
export type Finding = Schemas['Finding']

export type Mend = Schemas['Mend']
export type MeasureView = Schemas['MeasureView']
export type Moment = Schemas['Moment']
export type SheetLine = Schemas['SheetLine']
export type SizeSheet = Schemas['SizeSheet']

type LineDocument = Schemas['LineDocument']

/** What a line can be made of: a bought ingredient or a part of the house. */
export interface Pourable {
  id: string
  name: string
  kind: string
  colour: string
  measures: MeasureView[]
  /** The espresso recipes by which it can be pulled, the one that is meant when none is said first. */
  recipes: { code: string; name: string }[]
}

export interface DraftPin {
  size: string
  amount: number
  to?: string | null
  stated?: string | null
}

/** A line with the gaps filled that the interface works on; everything else stays as it came. */
export type DraftLine = Omit<LineDocument, 'id' | 'ingredient' | 'measure' | 'amount' | 'pins'> & {
  id: string
  ingredient: string
  measure: string
  amount: number
  pins: DraftPin[]
}

/** A build with the gaps filled that the interface works on; everything else stays as it came. */
export type Draft = Omit<
  BuildDocument,
  'name' | 'reserveMm' | 'sizes' | 'referenceSize' | 'school' | 'lines'
> & {
  name: string
  reserveMm: number
  sizes: string[]
  referenceSize: string
  school: string
  lines: DraftLine[]
}

export type PossibleWishes = Schemas['PossibleWishes']
export type ServiceView = Schemas['ServiceView']
export type ServiceSize = Schemas['ServiceSize']
export type OrderPlan = Schemas['OrderPlan']
export type OrderTask = Schemas['OrderTask']
export type Rescue = Schemas['Rescue']
export type DrinkRequest = Schemas['DrinkRequest']
export type WishQuery = Schemas['WishQuery']
export type PouredRequest = Schemas['PouredRequest']
export type MakeRequest = Schemas['MakeRequest']
export type MadeView = Schemas['MadeView']
export type PouredView = Schemas['PouredView']
export type SeriesView = Schemas['SeriesView']
export type BundleView = Schemas['BundleView']
export type FactChoice = Schemas['FactChoice']
export type LookView = Schemas['LookView']
export type MatchedFact = Schemas['MatchedFact']
export type RecipesView = Schemas['RecipesView']
export type RecipeView = Schemas['RecipeView']
export type RecipePiece = Schemas['Piece']
export type NameChoice = Schemas['NameChoice']
