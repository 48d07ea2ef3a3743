/** The working of a stage of cure: how long it really had been how warm, and what the table gives then. */
import { cited, STAGE_NAMES, type Coat, type Stage } from '../buildup/index.ts';
import { stageHours } from '../cure/index.ts';
import { given, type Figure, type Given } from '../figures/index.ts';
import { MS_PER_HOUR } from '../units/index.ts';
import { climateSteps, type RoofClimate } from '../weather/index.ts';

interface Group {
  hours: number;
  /** Of the stage, 0 to 1. */
  share: number;
}

/** Hours by the whole degree that they were nearest to. */
function groupsOf(
  coat: Coat,
  stage: Stage,
  fromMs: number,
  toMs: number,
  wetFilmMm: number,
  climate: RoofClimate,
): Map<number, Group> {
  const model = coat.cure[stage];
  const groups = new Map<number, Group>();
  if (!model) return groups;
  for (const { fromMs: begin, tempC, humidityPct } of climateSteps(climate)) {
    const hours = (Math.min(toMs, begin + MS_PER_HOUR) - Math.max(fromMs, begin)) / MS_PER_HOUR;
    if (hours <= 0) continue;
    const takes = stageHours(model, { tempC, humidityPct, wetFilmMm });
    const key = Math.round(tempC);
    const group = groups.get(key) ?? { hours: 0, share: 0 };
    group.hours += hours;
    if (takes.kind === 'hours') group.share += hours / takes.hours;
    groups.set(key, group);
  }
  return groups;
}

/**
 * How far a stage is between two instants, in per cent, with its working: hours at a temperature over the hours that the
 * table gives there, added up (equivalent age).
 * @param wetFilmMm as laid
 * @returns undefined where the coat has no such stage, or nothing is known of the time
 */
export function cureFigure(
  coat: Coat,
  stage: Stage,
  fromMs: number,
  toMs: number,
  wetFilmMm: number,
  climate: RoofClimate,
): Figure | undefined {
  const model = coat.cure[stage];
  const groups = [...groupsOf(coat, stage, fromMs, toMs, wetFilmMm, climate)].sort(([a], [b]) => a - b);
  if (!model || groups.length === 0) return undefined;
  const film = model.byWetFilmMm ? `, at a wet film of ${wetFilmMm.toFixed(2)} mm` : '';
  const humid = model.byHumidityPct ? ', at the humidity then' : '';
  const inputs = groups.map(([tempC, { hours, share }], i): [string, Figure | Given] => {
    const near = `near ${tempC} °C`;
    if (share === 0) {
      const why = 'below the coldest row of its table';
      return [`g${i}`, given(`${near}: cure stands still`, 0, 'percent', model.source, why)];
    }
    const spent = given(`hours ${near}`, hours, 'hours', 'assumed', 'surface, as calculated hour by hour');
    const takes = cited(
      `${STAGE_NAMES[stage]} takes ${near}`,
      { value: hours / share, source: model.source, cites: model.cites },
      'hours',
      `its table${humid}${film}`,
    );
    return [
      `g${i}`,
      {
        label: near,
        value: 100 * share,
        quantity: 'percent',
        formula: '100 × {spent} / {takes}',
        inputs: { spent, takes },
        from: 'equivalent age: rates of the table, log-linear in absolute temperature between its rows (ASTM C1074)',
      },
    ];
  });
  const sum = inputs.reduce((total, [, input]) => total + input.value, 0);
  return {
    label: `${STAGE_NAMES[stage]}: way gone`,
    value: Math.min(100, sum),
    quantity: 'percent',
    formula: `min(100, ${inputs.map(([key]) => `{${key}}`).join(' + ')})`,
    inputs: Object.fromEntries(inputs),
    from: 'hours that it had at each temperature, over the hours that the stage takes there',
  };
}
