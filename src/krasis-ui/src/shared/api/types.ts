import type { components } from './schema'

type Schemas = components['schemas']

/** A document with every field there: what the interface works on once it has filled the gaps. */
export type Complete<T> =
  T extends Array<infer Item>
    ? Array<Complete<Item>>
    : T extends object
      ? { [Key in keyof T]-?: Complete<NonNullable<T[Key]>> }
      : T

export type BarView = Schemas['BarView']
export type BuildDocument = Schemas['BuildDocument']
export type BuildSheet = Schemas['BuildSheet']
export type BuildSummary = Schemas['BuildSummary']
export type BuildView = Schemas['BuildView']
export type CellEdit = Schemas['CellEdit']
export type FieldProblem = Schemas['FieldProblem']
export type Finding = Schemas['Finding']
export type IngredientView = Schemas['IngredientView']
export type Mend = Schemas['Mend']
export type SheetLine = Schemas['SheetLine']
export type SizeSheet = Schemas['SizeSheet']

export type Draft = Complete<BuildDocument>
export type DraftLine = Draft['lines'][number]
