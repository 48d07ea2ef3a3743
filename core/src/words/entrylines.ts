/** Every entry of the record in one line of plain words. */
import { missName } from './misswords.ts';
import type { BuildUpDoc } from '../buildup/index.ts';
import type { StepKey } from '../readiness/index.ts';
import { layerNamed, type BookEntry, type LayerNamed, type Say, type SiteBook } from '../record/index.ts';
import type { SiteDoc } from '../site/index.ts';
import { testFacts } from '../survey/index.ts';
import { convert } from '../units/index.ts';

export interface LineContext {
  readonly buildUps: BuildUpDoc;
  readonly site: SiteDoc;
  readonly book: Pick<SiteBook, 'seen'>;
  readonly say: Say;
}

const STEP_NAMES: Readonly<Record<StepKey, string>> = {
  'cut-wet': 'wet parts cut out',
  'cut-cracks': 'cracks cut out',
  'fill-cracks': 'cracks filled',
  'stripe-cracks': 'cracks striped',
  strip: 'stripped',
  broom: 'broomed and vacuumed',
  wash: 'washed',
  fibres: 'fibres rubbed down',
  rewash: 'washed again',
  growth: 'looked at for growth',
  grind: 'ground',
  profile: 'profiled',
  degrease: 'degreased',
  rust: 'rust removed',
  blisters: 'blisters repaired',
  splits: 'splits repaired',
  spalls: 'spalls filled',
  voids: 'voids filled',
  level: 'levelled',
  outlets: 'outlets set',
  boards: 'board joints reinforced',
  laps: 'laps sealed',
  'renew-fasteners': 'loose fasteners renewed',
  fasteners: 'fasteners coated',
  joints: 'joints built',
  fillets: 'fillets formed',
  dry: 'dried',
  'dry-again': 'filler and mortar set and dried',
  test: 'measured',
  prime: 'primed',
};
/** A step of the preparation once it is done. */
export const stepDone = (key: StepKey): string => STEP_NAMES[key];

const DECISION_WORDS = {
  held: 'held',
  released: 'released',
  accepted: 'accepted',
  refused: 'refused',
  'gate taken over': 'gate taken over',
} as const;

const list = (...parts: (string | false | undefined)[]): string =>
  parts.filter((p) => p !== undefined && p !== false && p !== '').join(', ');

/** Bays by their labels, runs of numbers drawn together: H1–H4, H6. */
export function bayRuns(labels: readonly string[]): string {
  const runs: string[][] = [];
  for (const label of labels) {
    const last = runs.at(-1);
    const [, letters, number] = /^(\D*)(\d+)$/.exec(label) ?? [];
    const [, before, n] = /^(\D*)(\d+)$/.exec(last?.at(-1) ?? '') ?? [];
    if (last && letters !== undefined && letters === before && Number(number) === Number(n) + 1)
      last.push(label);
    else runs.push([label]);
  }
  return runs.map((r) => (r.length > 2 ? `${r[0] ?? ''}–${r.at(-1) ?? ''}` : r.join(', '))).join(', ');
}

/** The same in the order of their numbers, each once. */
export const bayRunsInOrder = (labels: readonly string[]): string =>
  bayRuns([...new Set(labels)].sort((a, b) => a.localeCompare(b, 'en', { numeric: true })));

/** An entry in one line: where, what, with its figures in the units and the clock of `say`. */
export function entryLine(entry: BookEntry, c: LineContext): string {
  const { value, time, word = (text: string) => text } = c.say;
  const labels = entry.bays.map((b) => c.site.bays.find((x) => x.id === b.bayId)?.label ?? b.bayId);
  const where = labels.length > 0 ? `${bayRuns(labels)} · ` : '';
  const layer = (of: LayerNamed): string => layerNamed(c.buildUps, of)?.name ?? of.layerId;
  const seq = (id: string): string => String(c.book.seen.get(id)?.seq ?? '?');
  const note = 'note' in entry.body && entry.body.note !== undefined ? `: ${entry.body.note}` : '';
  return where + say();

  function say(): string {
    switch (entry.kind) {
      case 'conditions': {
        const { airC, humidityPct, surfaceC } = entry.body;
        return `air ${value(airC, 'temperature')}, humidity ${humidityPct} %, surface ${value(surfaceC, 'temperature')}`;
      }
      case 'preparation': {
        const b = entry.body;
        return (
          list(
            word(b.steps.map(stepDone).join(', ')),
            b.complete && 'prepared',
            b.method,
            b.pressureBar !== undefined && value(b.pressureBar, 'pressure'),
            b.product,
            b.waterParts !== undefined && `${b.waterParts}:1 with water`,
            b.litres !== undefined && value(b.litres, 'volume'),
            b.dwellMin !== undefined && `stood ${value(b.dwellMin, 'minutes')}`,
            b.dryingFrom !== undefined && `drying from ${time(b.dryingFrom)}`,
          ) + note
        );
      }
      case 'test': {
        const f = testFacts(entry.body.test);
        const read =
          typeof entry.body.value === 'number' && f.form === 'number'
            ? f.quantity === 'count'
              ? `${f.unit} ${entry.body.value}`
              : value(entry.body.value, f.quantity)
            : String(entry.body.value);
        return (
          list(
            `${word(f.name.toLowerCase())} ${read}`,
            entry.body.scale && word(entry.body.scale),
            entry.body.instrument,
            entry.body.brokeAt &&
              `parted ${entry.body.brokeAt}${entry.body.brokePct === undefined ? '' : ` on ${value(entry.body.brokePct, 'percent')}`}`,
            entry.body.unprimed && 'without primer',
            entry.body.broughtOverFrom !== undefined && 'brought over',
          ) + note
        );
      }
      case 'trial': {
        const b = entry.body;
        return (
          list(
            `trial patch, ${b.about}`,
            b.areaM2 !== undefined && value(b.areaM2, 'area'),
            b.litres !== undefined && value(b.litres, 'volume'),
            b.thickenerPct !== undefined && `${b.thickenerPct} % thickener`,
            b.tip !== undefined && `tip ${b.tip}`,
            b.pressureBar !== undefined && value(b.pressureBar, 'pressure'),
            b.shade,
            b.result,
            b.decidedBy !== undefined && `decided by ${b.decidedBy}`,
          ) + note
        );
      }
      case 'coat': {
        const b = entry.body;
        const readings = b.readings.reduce((n, r) => n + r.lastWetMm.length, 0);
        const batches = [...new Set(b.containers.map((k) => k.batch).filter(Boolean))];
        return (
          list(
            `${layer(b)}${b.finishedAt === undefined ? ', begun' : ''}`,
            b.method,
            b.passes !== undefined && `${b.passes} passes`,
            b.shade,
            b.dilutionPct !== undefined && `thinned ${b.dilutionPct} %`,
            readings === 0 ? 'no readings' : `${readings} ${readings === 1 ? 'reading' : 'readings'}`,
            batches.length > 0 && `batch ${batches.join(', ')}`,
          ) + note
        );
      }
      case 'ply': {
        const b = entry.body;
        return (
          list(
            `${layer(b)} laid`,
            `${value(b.used, Number.isInteger(b.used) ? 'count' : 'fraction')} used`,
            b.batch && `batch ${b.batch}`,
            b.looked ? 'looked at' : 'not looked at',
          ) + note
        );
      }
      case 'broadcast': {
        const b = entry.body;
        return (
          (b.step === 'thrown'
            ? list(`${layer(b)} thrown ${b.method}`, value(b.thrownKg, 'mass'), b.batch && `batch ${b.batch}`)
            : `${layer(b)} swept, ${value(b.sweptKg, 'mass')} off, ${value(b.backKg, 'mass')} back into stock`) +
          note
        );
      }
      case 'mix': {
        const b = entry.body;
        return (
          list(
            `mix of ${layer(b).toLowerCase()}`,
            b.parts.map((p) => `${value(p.kg, 'massFine')} ${p.name.toLowerCase()}`).join(' + '),
            b.catalystPct !== undefined && `catalyst ${b.catalystPct} %`,
            b.resinC !== undefined && `resin ${value(b.resinC, 'temperature')}`,
          ) + note
        );
      }
      case 'melt': {
        const b = entry.body;
        const hottest = Math.max(...b.temperatures.map((t) => t.kettleC));
        return (
          list(
            `charge ${b.charge} of ${layer(b).toLowerCase()}`,
            `${value(b.chargedKg, 'mass')} in, ${value(b.drawnKg, 'mass')} drawn, ${value(b.leftKg, 'mass')} left`,
            b.temperatures.length > 0 && `up to ${value(hottest, 'temperature')}`,
            b.batch && `batch ${b.batch}`,
          ) + note
        );
      }
      case 'permit':
        return entry.body.step === 'opened'
          ? `permit ${entry.body.number} for ${entry.body.work} opened by ${entry.body.issuedBy} until ${time(entry.body.until)}${note}`
          : `permit of entry ${seq(entry.body.permitId)} closed by ${entry.body.closedBy}${note}`;
      case 'watch':
        return entry.body.step === 'opened'
          ? `fire watch by ${entry.body.watcher} until ${time(entry.body.until)}, extinguisher ${entry.body.extinguisher ? 'at hand' : 'not there'}${note}`
          : `fire watch of entry ${seq(entry.body.watchId)} ended, ${entry.body.nothingFound ? 'nothing found' : 'something was found'}${note}`;
      case 'dry film': {
        const b = entry.body;
        const mean = b.readingsUm.reduce((a, x) => a + x, 0) / b.readingsUm.length;
        return (
          list(
            `dry film ${b.when} the coat, ${b.gauge} on ${b.ground}`,
            `${b.readingsUm.length} readings, mean ${value(mean / 1000, 'film')}`,
          ) + note
        );
      }
      case 'gauge':
        return `gauge “${entry.body.name}”, ${entry.body.teethMm.length} teeth, marked in ${entry.body.marked}`;
      case 'flood': {
        const b = entry.body;
        const pan = b.panMm !== undefined && `pan ${value(b.panMm, 'gap')}`;
        const rain = b.step !== 'filled' && b.rainMm !== undefined && `rain ${value(b.rainMm, 'rain')}`;
        const level = b.levelMm !== undefined && `level ${value(b.levelMm, 'gap')}`;
        return (
          (b.step === 'filled'
            ? list(
                `flood test filled, ${value(b.deepestMm, 'gap')} at its deepest`,
                level,
                pan,
                `${b.plugged} ${b.plugged === 1 ? 'outlet' : 'outlets'} plugged`,
                `to stand ${value(b.hours, 'hours')}`,
              )
            : b.step === 'read'
              ? list(
                  `flood test of entry ${seq(b.floodId)} read`,
                  level,
                  pan,
                  rain,
                  b.toppedUpToMm !== undefined && `topped up to ${value(b.toppedUpToMm, 'gap')}`,
                )
              : list(
                  `flood test of entry ${seq(b.floodId)} let out`,
                  level,
                  pan,
                  rain,
                  `${b.unplugged} ${b.unplugged === 1 ? 'plug' : 'plugs'} taken out`,
                  `below ${b.below}`,
                )) + note
        );
      }
      case 'leak test': {
        const b = entry.body;
        return (
          list(
            `leak test, ${b.method}`,
            b.instrument,
            b.volts !== undefined && `${b.volts} V`,
            b.finds.length === 0 ? 'nothing found' : `${b.finds.length} found: ${b.finds.join('; ')}`,
          ) + note
        );
      }
      case 'snag': {
        const b = entry.body;
        return b.step === 'found'
          ? list(`snag: ${b.what}`, b.forWhom && `for ${b.forWhom}`, b.by && `by ${b.by}`)
          : `snag of entry ${seq(b.snagId)} ${b.step === 'refused' ? 'not accepted' : b.step}${note}`;
      }
      case 'upkeep': {
        const b = entry.body;
        if (b.step === 'handed over')
          return (
            list(`handed over to ${b.to}`, b.unproven.length > 0 && `not proven: ${b.unproven.join(', ')}`) +
            note
          );
        return (
          list(
            `visit: ${b.done.join(', ')}`,
            b.details.length > 0 &&
              `${b.details.length} ${b.details.length === 1 ? 'detail' : 'details'} looked at`,
            b.topUm.length > 0 &&
              `top film ${b.topUm.map((um) => value(convert(um, 'µm', 'mm'), 'film')).join(', ')} dry`,
          ) + note
        );
      }
      case 'event':
        return (
          list(
            entry.body.what === 'rain' ? 'rain on it' : entry.body.what,
            entry.body.rainMm !== undefined && value(entry.body.rainMm, 'rain'),
            time(entry.body.at),
            entry.body.until !== undefined && `until ${time(entry.body.until)}`,
          ) + note
        );
      case 'opening':
        return `${entry.body.step} to ${entry.body.to}${note}`;
      case 'decision': {
        const { about, what, reason } = entry.body;
        const of =
          about?.limit !== undefined
            ? `, remedy for ${missName(about.limit)}`
            : about?.entryId !== undefined
              ? `, entry ${seq(about.entryId)}`
              : about?.gate !== undefined
                ? `, ${about.gate}`
                : '';
        return `${DECISION_WORDS[what]}${of}${reason === '' ? '' : `: ${reason}`}`;
      }
      case 'detail':
        return `${entry.body.name}: ${entry.body.step}${note === '' ? '' : `, ${note.slice(2)}`}`;
      case 'remedy':
        return `${missName(entry.body.limit)}, entry ${seq(entry.body.entryId)}: ${entry.body.steps.map((s) => s.says).join(' ')}${note}`;
      case 'stock': {
        const b = entry.body;
        return (
          list(
            `${b.name} ${b.step === 'back' ? 'back into stock' : b.step}`,
            b.count !== undefined && `${b.count} ${b.count === 1 ? 'piece' : 'pieces'}`,
            b.amount !== undefined && `${b.amount} ${b.unit ?? ''}`.trim(),
            b.batch && `batch ${b.batch}`,
            b.bestBefore !== undefined && `best before ${b.bestBefore}`,
            b.paper,
          ) + note
        );
      }
      case 'withdrawal':
        return `${entry.body.undone ? 'takes back' : 'withdraws'} entry ${entry.supersedes === undefined ? '?' : seq(entry.supersedes)}: ${entry.body.reason}`;
    }
  }
}
