import createClient from 'openapi-fetch';
import type { components, paths } from './generated';
import { isInDemo } from './garden';
import { shown } from './known';
import { setOut } from './present';
import { KNOWN_AT } from '../worker/known';
import { keeper } from './keeper';

export type Schemas = components['schemas'];
export type Frame = Schemas['FrameDocument'];
export type BeltWeek = Schemas['BeltWeekDocument'];
export type Today = Schemas['TodayDocument'];
export type Task = Schemas['TaskDocument'];
export type TagWords = Schemas['TagDocument'];
export type PlaceList = Schemas['PlaceDocument'];
export type ListItem = Schemas['ListItemDocument'];
export type Scale = Schemas['ScaleDocument'];
export type Bar = Schemas['BarDocument'];
export type Lot = Schemas['LotDocument'];
export type Planting = Schemas['PlantingDocument'];
export type Offer = Schemas['OfferDocument'];
export type Entry = Schemas['EntryDocument'];
export type Section = Schemas['SheetSection'];
export type Store = Schemas['StoreDocument'];
export type Cleaning = Schemas['CleaningDocument'];
export type Instrument = Schemas['InstrumentDocument'];
export type DrawnMeasure = Schemas['DrawnMeasureDocument'];
export type Weather = Schemas['WeatherDocument'];
export type Test = Schemas['TestDocument'];
export type Drying = Schemas['DryingDocument'];
export type Dish = Schemas['DishDocument'];
export type Tray = Schemas['TrayDocument'];
export type RackLot = Schemas['RackLotDocument'];
export type RackRoom = Schemas['RackRoomDocument'];
export type DryingChart = Schemas['DryingChartDocument'];
export type Vessel = Schemas['VesselDocument'];
export type Forecast = Schemas['ForecastDocument'];
export type Crop = Schemas['CropDocument'];
export type CropFigure = Schemas['CropFigureDocument'];
export type CropName = Schemas['CropNameDocument'];
export type Which = Schemas['WhichDocument'];
export type WhichQuestion = Schemas['WhichQuestionDocument'];
export type SeasonCrop = Schemas['SeasonCropDocument'];
export type SeedLook = Schemas['SeedLookDocument'];
export type HandbookPage = Schemas['HandbookDocument'];
export type Plan = Schemas['PlanDocument'];
export type PlanTask = Schemas['PlanTaskDocument'];
export type PlanContent = Schemas['PlanContentDocument'];
export type PlannedPlanting = Schemas['PlannedPlantingDocument'];
export type Remedies = Schemas['RemediesDocument'];
export type RemedyWish = Omit<Schemas['RemedyRequest'], 'version' | 'way'>;
export type Rota = Schemas['RotaDocument'];
export type RotaLine = Schemas['RotaLineDocument'];
export type RotaWish = Schemas['RotaWishDocument'];
export type RotaMoved = Schemas['RotaMovedDocument'];
export type RotaPlay = Schemas['RotaPlayDocument'];
export type Variety = Schemas['VarietyDocument'];
export type StorePlace = Schemas['PlaceToKeepDocument'];
export type Reckoning = Schemas['ReckoningDocument'];
export type ReckoningInput = Schemas['ReckoningInputDocument'];
export type Alternatives = Schemas['AlternativesDocument'];
export type Reckoned = Schemas['ReckonedDocument'];
export type Picture = Schemas['PictureDocument'];
export type Beginning = Schemas['BeginningDocument'];
export type CheckedForecast = Schemas['CheckedForecastDocument'];
export type GardenCopy = Schemas['CopyDocument'];
export type Saved = Schemas['SavedDocument'];
/** What became of what was recorded; of what was done to many at once, of all of it, and in `answers` of each. */
export type Answered = Schemas['AnswerDocument'] & { answers?: Schemas['AnswerDocument'][] };
export type LineRead = Schemas['LineReadDocument'];
export type LineDraft = Schemas['LineDraftDocument'];
export type Many = Schemas['ManyDocument'];
export type ManyOffer = Schemas['ManyOfferDocument'];
export type OneOfMany = Schemas['OneOfManyDocument'];
export type Draft = Schemas['DraftRequest'];
export type FieldDeclared = Schemas['FieldDocument'];
export type Chosen = Schemas['ChosenDocument'];
export type SettingSection = Schemas['SettingSectionDocument'];
export type IntakeColumn = Schemas['IntakeColumnDocument'];
export type IntakeMatch = Schemas['IntakeMatchDocument'];
export type IntakeLine = Schemas['IntakeLineDocument'];
export type Intake = Schemas['ActDocument'];
export type Holder = Schemas['HolderDocument'];
export type Holding = Schemas['HoldingDocument'];
export type Round = Schemas['RoundDocument'];
export type Walk = Schemas['WalkDocument'];
export type WalkedPlant = Schemas['WalkedPlantDocument'];
export type Shelf = Schemas['ShelfDocument'];
export type ShelfRow = Schemas['ShelfRowDocument'];
export type Fruit = Schemas['FruitDocument'];
export type Tastings = Schemas['TastingsDocument'];
export type Tasting = Schemas['TastingDocument'];
export type RipeOne = Schemas['RipeOneDocument'];
export type ChosenTrait = Schemas['ChosenTraitDocument'];
export type HeldLot = Schemas['HeldLotDocument'];
export type InContainer = Schemas['InContainerDocument'];
export type Packets = Schemas['PacketsDocument'];
export type Packet = Schemas['PacketDocument'];
export type PortionTable = Schemas['PortioningDocument'];
export type PaperTag = Schemas['PaperTagDocument'];
export type TagRead = Schemas['TagReadDocument'];
export type SwapLine = Schemas['SwapLineDocument'];
export type Person = Schemas['PersonDocument'];
export type Given = Schemas['GivenDocument'];
export type PrintJob = Schemas['PrintJobDocument'];
export type Keepers = Schemas['KeepersDocument'];
export type KeeperOf = Schemas['KeeperDocument'];
export type Pass = Schemas['PassDocument'];
export type Kinds = Schemas['KindsDocument'];
export type JournalPage = Schemas['JournalDocument'];
export type PlaceName = PlaceList['place'];

/** ms; whatever has not been answered by then will not be. */
const PATIENCE = 30_000;

export const api = createClient<paths>({
  baseUrl: '/api',
  fetch: (asked) => fetch(asked, { signal: AbortSignal.timeout(PATIENCE) }),
});

// Who acts goes with everything, so that what is written is by somebody.
api.use({
  onRequest({ request }) {
    const name = keeper();
    if (name !== '') request.headers.set('X-Keeper', encodeURIComponent(name));
    if (isInDemo()) request.headers.set('X-Garden', 'demo');
  },
  onResponse({ response }) {
    if (response.status === 401) setOut();
    shown(response.headers.get(KNOWN_AT));
  },
});

/** No answer, or one that says that it may be otherwise in a while: when somebody has signed in, too. */
const passing = new Set([0, 401, 502, 503, 504, 507]);

/** Of each field the first thing that is wrong with it. */
const first = (errors: Record<string, string[]>): Record<string, string> =>
  Object.fromEntries(Object.entries(errors).map(([field, messages]) => [field, messages[0] ?? '']));

/** What the server refused, field by field, in words meant for the person at the form. */
export class Refused extends Error {
  constructor(
    message: string,
    readonly fields: Record<string, string>,
    readonly status: number,
    /** the id of what was refused, where several were sent together */
    readonly draft?: string,
  ) {
    super(message);
  }

  /** Whether the same may well be taken when it is sent again. */
  get mayPass(): boolean {
    return passing.has(this.status);
  }

  /** Said at the end of work that took a while: with errors, what was sent cannot be so. */
  static told(message: string, errors?: Record<string, string[]>): Refused {
    return new Refused(message, first(errors ?? {}), errors === undefined ? 500 : 422);
  }

  static of(response: Response, error: unknown): Refused {
    const body = (error ?? {}) as { message?: string; errors?: Record<string, string[]> };
    const fields = first(body.errors ?? {});
    // What passes, or what is wrong with the garden's file, the server says in words; a fault of its own it cannot.
    const said = response.status < 500 || passing.has(response.status) ? body.message : undefined;
    const message =
      said ??
      (response.status >= 500
        ? 'Something went wrong on the server. What you typed is kept; try again.'
        : 'That could not be done.');
    return new Refused(message, fields, response.status);
  }
}

/** What is wrong with each field of a form, where that is what went wrong. */
export const fieldsOf = (error: Error | null): Record<string, string> =>
  error instanceof Refused ? error.fields : {};

/** Whether what went wrong may be otherwise in a while, so that the same is worth sending again. */
export const mayPass = (error: Error): boolean => error instanceof Refused && error.mayPass;

/** No answer at all. */
export function silent(): never {
  throw new Refused('The server cannot be reached.', {}, 0);
}

type Answer<T> = { data?: T; error?: unknown; response: Response };

/** The data of an answer, or a Refused that says why there is none. */
export async function take<T>(asked: Promise<Answer<T>>): Promise<T> {
  const answer = await asked.catch(silent);
  if (answer.response.ok && answer.data !== undefined) return answer.data;
  throw Refused.of(answer.response, answer.error);
}
