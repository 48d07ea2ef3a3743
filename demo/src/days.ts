/** How the fictional firm plans its days at Velmora: two crews, a helper crew for two days, and dates to keep. */
import { programmeSchema, type ProgrammeDoc } from '@lentum/core/planning';

const DAY_MS = 86_400_000;
const HOUR_MS = 3_600_000;

export function programmeAt(anchor: Date): ProgrammeDoc {
  const at = (days: number, hours: number): string =>
    new Date(anchor.getTime() + days * DAY_MS + hours * HOUR_MS).toISOString();
  const day = (days: number): string => at(days, 0).slice(0, 10);
  const rate = (value: number) => ({ value, source: 'typical' as const });
  return programmeSchema.parse({
    crews: [
      {
        ...{ id: 'quay', name: 'Quay crew', people: 3, ratePerH: rate(38) },
        skills: ['torch', 'kettle', 'catalysed'],
      },
      {
        ...{ id: 'mole', name: 'Mole crew', people: 2, ratePerH: rate(38) },
        skills: ['spray', 'catalysed'],
      },
    ],
    // Ferries run every day, and so does the work; primer goes on falling slabs, so the day goes on into the evening.
    hours: { from: '07:00', to: '18:30', breakFrom: '12:30', breakMin: 60, days: [1, 2, 3, 4, 5, 6, 7] },
    off: [{ on: day(5), says: 'Regatta' }],
    costs: {
      items: [
        { id: 'travel', name: 'Ferry and van', price: rate(86), per: 'day of a crew' },
        { id: 'access', name: 'Edge protection, hire', price: rate(310), per: 'week begun' },
        { id: 'waste', name: 'Skip for pails and wrapping', price: rate(240), per: 'once' },
      ],
      addPct: rate(12),
    },
    contacts: [
      { id: 'harbour', name: 'Harbour office', about: 'keys, gates and ferry times', phone: '+00 555 0110' },
      { id: 'advice', name: 'Technical service', about: 'the products', phone: '+00 555 0142' },
      { id: 'help', name: 'Clinic of the port', about: 'accidents', phone: '+00 555 0112' },
    ],
    loud: { from: '08:00', to: '17:00' },
    taken: [{ zoneId: 'office', from: at(2, 2), to: at(2, 7), says: 'the clock is set on the tower' }],
    expects: [
      { zoneId: 'deck', fitAt: at(2, 0), says: 'heaters under the tent since yesterday' },
      { zoneId: 'terrace', fitAt: at(3, 0), says: 'T13 to T15 dry out under the sail' },
    ],
    deadlines: [
      { id: 'deck-wheels', zoneId: 'deck', what: 'wheels', by: at(15, 9), costPerDay: 1800 },
      { id: 'terrace-feet', zoneId: 'terrace', what: 'feet', by: at(7, 9), costPerDay: 600 },
      { id: 'hall-done', zoneId: 'hall', what: 'done', by: at(10, 9), costPerDay: 0 },
    ],
  });
}
