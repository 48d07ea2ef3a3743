/**
 * The charges of a day from one kettle: melted, then laid, one after the other. No charge is begun that would be laid after
 * the last flame, nor kept longer at heat than its sheet allows. Common practice, no source.
 */
import { sumOf, type Coat } from '../buildup/index.ts';
import { given, type Figure } from '../figures/index.ts';
import { ok, type Result } from '../problems/index.ts';
import { layingFigure } from '../programme/index.ts';
import { MS_PER_HOUR } from '../units/index.ts';
import { kettleCard, type KettleTerms } from './kettlecard.ts';

export interface KettleDayTerms extends KettleTerms {
  /** When the first burner is lit, ms. */
  readonly litMs: number;
  /** No flame after it, ms; absent where no permit says so: the day is not cut off. */
  readonly lastFlameMs?: number | undefined;
  readonly people: number;
}

export interface ChargeOfDay {
  readonly n: number;
  readonly mass: Figure;
  readonly blocks: number | undefined;
  readonly covers: Figure;
  readonly meltHours: Figure;
  readonly layHours: Figure;
  readonly litMs: number;
  readonly readyMs: number;
  readonly laidMs: number;
}

export interface KettleDay {
  readonly charges: readonly ChargeOfDay[];
  /** What is laid of the area left, m². */
  readonly laid: Figure;
  /** What stays for another day, m²; nothing where all of it is laid. */
  readonly left: Figure;
  /** Why no further charge is begun. */
  readonly ends: 'all is laid' | 'the last flame' | 'too long at heat' | 'no more are counted';
}

/** A day of one kettle has no more charges than this. */
const MOST_CHARGES = 12;

/**
 * The charges of a day.
 * @param areaLeftM2 what is left to lay
 * @returns a problem as the kettle card has it
 */
export function kettleDay(coat: Coat, areaLeftM2: number, terms: KettleDayTerms): Result<KettleDay> {
  const whole = kettleCard(coat, areaLeftM2, terms);
  if (!whole.ok) return whole;
  const most = whole.value.keeps;
  const charges: ChargeOfDay[] = [];
  let leftM2 = areaLeftM2;
  let litMs = terms.litMs;
  let ends: KettleDay['ends'] = 'all is laid';
  while (leftM2 > 1e-9 && charges.length < MOST_CHARGES) {
    const card = kettleCard(coat, leftM2, terms);
    if (!card.ok) return card;
    const { charge, blocks, covers: could, melts: meltHours } = card.value;
    const covers: Figure = {
      label: `Charge ${charges.length + 1} covers`,
      value: Math.min(could.value, leftM2),
      quantity: 'area',
      formula: 'min({could}, {left})',
      inputs: { could, left: given('area left', leftM2, 'area', 'measured') },
      from: 'no more than is left to lay',
    };
    const layHours = layingFigure(coat, covers, terms.people, 1, terms.practice);
    const readyMs = litMs + meltHours.value * MS_PER_HOUR;
    const laidMs = readyMs + layHours.value * MS_PER_HOUR;
    if (terms.lastFlameMs !== undefined && laidMs > terms.lastFlameMs) {
      ends = 'the last flame';
      break;
    }
    if (meltHours.value + layHours.value > most.value) {
      ends = 'too long at heat';
      break;
    }
    charges.push({
      ...{ n: charges.length + 1, mass: charge, blocks: blocks?.count.value },
      ...{ covers, meltHours, layHours, litMs, readyMs, laidMs },
    });
    leftM2 -= covers.value;
    litMs = laidMs;
  }
  if (charges.length === MOST_CHARGES && leftM2 > 1e-9) ends = 'no more are counted';
  const laid = sumOf(
    'Laid today',
    'area',
    charges.map((c) => c.covers),
    'what the charges cover',
  );
  return ok({
    charges,
    laid,
    left: {
      label: 'Left for another day',
      value: Math.max(0, areaLeftM2 - laid.value),
      quantity: 'area',
      formula: 'max(0, {area} − {laid})',
      inputs: { area: given('area left', areaLeftM2, 'area', 'measured'), laid },
      from: 'area left less what the charges cover',
    },
    ends,
  });
}
