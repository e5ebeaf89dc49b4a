import createClient from 'openapi-fetch';
import type { components, paths } from './generated/schema';
import { patient } from './patient';

type Schemas = components['schemas'];

export type BookDocument = Schemas['BookDocument'];
export type BookView = Schemas['BookView'];
export type BookCard = Schemas['BookCard'];
export type BenchView = Schemas['BenchView'];
export type Looks = Schemas['LooksView'];
export type PlanView = Schemas['PlanView'];
export type SewingView = Schemas['SewingView'];
export type PaperView = Schemas['PaperView'];
export type CuttingView = Schemas['CuttingView'];
export type LayoutView = Schemas['LayoutView'];
export type BlockView = Schemas['BlockView'];
export type NestedView = Schemas['NestedView'];
export type SignatureView = Schemas['SignatureView'];
export type SplitView = Schemas['SplitView'];
export type AdviceView = Schemas['AdviceView'];
export type HalvingView = Schemas['HalvingView'];
export type DrawerView = Schemas['DrawerView'];
export type DrawerKey = DrawerView['drawer'];
export type ColumnView = Schemas['ColumnView'];
export type ThingView = Schemas['ThingView'];
export type CaliperView = Schemas['CaliperView'];
export type FigureView = Schemas['FigureView'];
export type RemarkView = Schemas['RemarkView'];
export type StationView = Schemas['StationView'];
export type HolesView = Schemas['HolesView'];
export type WayView = Schemas['WayView'];
export type WayStep = Schemas['StepView'];
export type WayWork = Schemas['WorkView'];
export type WayHole = Schemas['WorkHole'];
export type WayStrand = Schemas['StrandView'];
export type VariantView = Schemas['VariantView'];
export type OwnPattern = Schemas['Pattern'];
export type PatternView = Schemas['PatternView'];
export type BackView = Schemas['BackView'];
export type Trouble = Schemas['Trouble'];
export type RowsView = Schemas['RowsView'];
export type SideView = Schemas['SideView'];
export type SideHoleView = Schemas['SideHoleView'];
export type CoveringView = Schemas['CoveringView'];
export type CoverLookView = Schemas['CoverLookView'];
export type CoverSettingView = Schemas['CoverSettingView'];
export type CoverPieceView = Schemas['CoverPieceView'];
export type CoverStepView = Schemas['CoverStepView'];
export type SupplyView = Schemas['SupplyView'];
export type DaysView = Schemas['DaysView'];
export type DaysDocument = Schemas['DaysDocument'];
export type HoursDocument = Schemas['HoursDocument'];
export type CheckView = Schemas['CheckView'];
export type PageView = Schemas['PageView'];
export type PageLine = Schemas['PageLine'];
export type ArchiveReport = Schemas['ArchiveReport'];
export type LearnedHabit = Schemas['LearnedHabit'];
export type PagePlan = Schemas['PagePlanView'];
export type PlannedSheet = Schemas['PlannedSheet'];
export type CopiesView = Schemas['CopiesView'];
export type CopyStage = CopiesView['stages'][number]['key'];
export type CopySupplies = Schemas['CopySuppliesView'];
export type CourseView = Schemas['CourseView'];
export type CourseDocument = Schemas['CourseDocument'];
export type TextView = Schemas['TextView'];
export type Imposition = Schemas['ImpositionView'];
export type PrintWish = Schemas['PrintWishDocument'];
export type PrinterSide = Schemas['PrinterSideView'];
export type Offer = Schemas['OfferView'];
export type OfferedChange = Schemas['OfferedChange'];
export type BookOffer = Schemas['BookOffer'];
export type NotebookView = Schemas['NotebookView'];
export type SchoolView = Schemas['SchoolView'];
export type InUnits = Schemas['InUnits'];
export type Conflict = Schemas['Conflict'];
export type Problem = Schemas['Problem'];
export type Catalogue = Schemas['Catalogue'];
export type SheetView = Schemas['SheetView'];
export type PrinterView = Schemas['PrinterView'];
export type KeptView = Schemas['KeptView'];
export type FittingView = Schemas['FittingView'];
export type InkView = Schemas['InkView'];
export type TemplateKind = SheetView['taken'][number];
export type SewingPlace = Schemas['SewingPlace'];
export type Stage = BookDocument['done'][number];
export type Unit = BookDocument['unit'];

export const api = createClient<paths>({ baseUrl: '/', fetch: patient });

/** What came back of a request: a value, a refusal in words, a conflict, or no answer at all. */
export type Outcome<T> =
  | { kind: 'value'; value: T }
  | { kind: 'refused'; problem: Problem }
  | { kind: 'conflict'; conflict: Conflict }
  | { kind: 'lost'; message: string }
  | { kind: 'failed'; message: string };

/** What is to be said of a request that did not give what was wanted. */
export function failure(result: Exclude<Outcome<unknown>, { kind: 'value' }>): string {
  switch (result.kind) {
    case 'refused':
      return result.problem.message;
    case 'lost':
    case 'failed':
      return result.message;
    case 'conflict':
      return result.conflict.message;
  }
}

interface Fetched<T> {
  data?: T;
  error?: unknown;
  response: Response;
}

/** A server, or what stands behind it, that does not answer for now: asked again, it may. */
const AWAY = new Set([502, 503, 504]);

/**
 * Sorts an answer into its outcome.
 *
 * A server that is gone, and one whose database is gone, are both lost for now; a server that failed would fail again.
 */
export async function outcome<T>(request: Promise<Fetched<T>>): Promise<Outcome<T>> {
  let answer: Fetched<T>;
  try {
    answer = await request;
  } catch {
    return { kind: 'lost', message: 'The application does not answer.' };
  }
  const { data, error, response } = answer;
  if (response.ok) {
    return { kind: 'value', value: data as T };
  }
  if (response.status === 409) {
    return { kind: 'conflict', conflict: error as Conflict };
  }
  const problem = isProblem(error) ? error : { message: `The answer could not be read (${response.status}).` };
  if (AWAY.has(response.status)) {
    return { kind: 'lost', message: problem.message };
  }
  return response.status >= 500 ? { kind: 'failed', message: problem.message } : { kind: 'refused', problem };
}

function isProblem(error: unknown): error is Problem {
  return typeof error === 'object' && error !== null && 'message' in error;
}

/** The value of a request, or an error whose message is one line for the screen. */
export async function value<T>(request: Promise<Fetched<T>>): Promise<T> {
  const result = await outcome(request);
  if (result.kind === 'value') {
    return result.value;
  }
  throw new Error(failure(result));
}
