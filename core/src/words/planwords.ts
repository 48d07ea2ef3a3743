/** A plan in sentences: dates that are kept or not, what may go wrong and what it costs, what is not planned and why. */
import { given, words, type Figure, type Given, type Part, type Verdict } from '../figures/index.ts';
import {
  blocksOf,
  CONDITION_SHORT,
  type Block,
  type DeadlineShown,
  type PlanAnswer,
} from '../planning/index.ts';
import { bayRuns, bayRunsInOrder } from './entrylines.ts';
import { moveWords } from './movewords.ts';

/** Said from this share of the ways on. */
const LEAST_SHARE = 0.1;
const MOST_SAID = 6;

export const DEADLINE_WORDS: Readonly<Record<DeadlineShown['what'], string>> = {
  tight: 'rain-tight',
  feet: 'open to feet',
  wheels: 'open to wheels',
  done: 'done',
};

/** Share of the ways that the forecast may go, as a figure with its working. */
export function shareFigure(label: string, share: number, ways: number): Figure {
  return {
    label,
    value: 100 * share,
    quantity: 'percent',
    formula: '100 × {so} / {ways}',
    inputs: {
      so: given('ways in which it is so', Math.round(share * ways), 'count', 'assumed'),
      ways: given(
        'ways that the weather may go',
        ways,
        'count',
        'assumed',
        'each as likely as the others; the forecast as far as it goes, then days drawn from those that are known',
      ),
    },
    from: 'the plan played in every way that the weather may go',
  };
}

const labels = (tasks: readonly { readonly bay: string }[]): string =>
  bayRunsInOrder(tasks.map((t) => t.bay));
export const blockWords = (block: Pick<Block, 'tasks' | 'name'>): string =>
  `${labels(block.tasks)}, ${block.name.toLowerCase()}`;

function deadlineVerdict(answer: PlanAnswer, d: DeadlineShown): Verdict {
  const zone = answer.zones[d.zone]?.name ?? '';
  const subject = `${zone} ${DEADLINE_WORDS[d.what]} by:`;
  const { chance, readyMs } = d;
  const says: Part[] = [
    ...words`${{ atMs: d.byMs }}; `,
    ...(readyMs === undefined
      ? ['as planned it is not within the days looked at.']
      : words`as planned ${{ atMs: readyMs }}.`),
    ...(chance
      ? words` Kept in ${shareFigure(`${zone}, kept`, chance.holds, answer.ways)} of the ways the weather may go.`
      : []),
  ];
  const eight = chance?.ready.eightMs;
  const missed = readyMs === undefined || readyMs > d.byMs;
  return {
    outcome: missed ? 'hold' : chance && chance.holds < 0.8 ? 'check' : 'go',
    subject,
    says,
    ...(chance
      ? {
          quiet:
            eight === undefined
              ? ['Eight in ten ways do not end within the days looked at.']
              : words`Eight in ten ways are ready by ${{ atMs: eight }}.`,
        }
      : {}),
  };
}

/** A work that goes on over days is said where it begins. */
const begins = (b: Block): boolean => b.fromMs === Math.min(...b.tasks.map((t) => t.startMs));

/** Works that were fixed by hand and stand later, each with what bars its hour: it is said, not put right in silence. */
const askedVerdicts = (blocks: readonly Block[]): Verdict[] =>
  blocks.flatMap((block): Verdict[] => {
    const [first] = block.tasks.filter((t) => t.asked);
    const asked = first?.asked;
    return first && asked
      ? [
          {
            outcome: 'hold',
            subject: `${labels(block.tasks.filter((t) => t.asked))}, ${block.name.toLowerCase()}, fixed by hand:`,
            says: words`asked for ${{ atMs: asked.startMs }}, stands at ${{ atMs: first.startMs }}: ${moveWords(asked.why)}.`,
          },
        ]
      : [];
  });

/** Roofs that are opened, with the share of the ways in which rain comes before they are closed. */
function openVerdicts(answer: PlanAnswer, blocks: readonly Block[]): Verdict[] {
  return blocks.flatMap((block): Verdict[] => {
    const opened = block.tasks.filter((t) => t.opening === 'opens');
    const share = Math.max(0, ...opened.map((t) => t.chance?.openRain ?? 0));
    if (opened.length === 0 || share === 0) return [];
    return [
      {
        outcome: share >= LEAST_SHARE ? 'hold' : 'check',
        subject: `${labels(opened)}, opened:`,
        says: words`${{ atMs: block.fromMs }}; rain before it is closed in ${shareFigure('opened, and rained on', share, answer.ways)} of the ways.`,
        quiet: [
          'It is opened only after a look at the sky that morning, with covers at hand; what is open at noon is closed first.',
        ],
      },
    ];
  });
}

/** Coats of which no mix can be placed at the air that is planned for. */
function mixVerdicts(blocks: readonly Block[]): Verdict[] {
  return blocks.flatMap((block): Verdict[] => {
    const cannot = block.tasks.find((t) => t.mix?.cannot !== undefined)?.mix?.cannot;
    return cannot === undefined
      ? []
      : [
          {
            outcome: 'hold',
            subject: `${blockWords(block)}:`,
            says: words`${{ atMs: block.fromMs }}; no mix can be placed at the air planned for. ${cannot}`,
            quiet: ['Put it on cooler hours, or ask for another mix; the mix card decides on the day.'],
          },
        ];
  });
}

function riskVerdicts(answer: PlanAnswer, blocks: readonly Block[]): Verdict[] {
  const risks = blocks.flatMap((block) => {
    const worst = block.tasks.reduce<{ share: number; says: string } | undefined>((w, t) => {
      const { chance } = t;
      if (!chance) return w;
      const spoiled = chance.by ? { share: chance.spoiled, says: CONDITION_SHORT[chance.by] } : undefined;
      const late = { share: chance.late, says: 'what lies below closes first' };
      const own = spoiled && spoiled.share >= late.share ? spoiled : late;
      return !w || own.share > w.share ? own : w;
    }, undefined);
    if (!worst || worst.share < LEAST_SHARE) return [];
    return [{ block, worst }];
  });
  risks.sort((a, b) => b.worst.share - a.worst.share);
  return risks.slice(0, MOST_SAID).map(({ block, worst }): Verdict => {
    const share = shareFigure(worst.says, worst.share, answer.ways);
    const amount = sumOfAmounts(block);
    return {
      outcome: 'check',
      subject: `${blockWords(block)}:`,
      says: words`${{ atMs: block.fromMs }}; ${worst.says} in ${share} of the ways.`,
      quiet: amount
        ? words`It is put right before it is gone on with; the coat itself takes ${amount}.`
        : ['It is put right before it is gone on with.'],
    };
  });
}

/** What the coats of a block take together. */
export function sumOfAmounts(block: Pick<Block, 'tasks' | 'name'>): Figure | undefined {
  const amounts = block.tasks.flatMap((t) => t.amount ?? []);
  const [first] = amounts;
  if (!first || amounts.some((a) => a.quantity !== first.quantity)) return undefined;
  return {
    label: block.name,
    value: amounts.reduce((n, a) => n + a.value, 0),
    quantity: first.quantity,
    formula: amounts.map((_, i) => `{bay${i + 1}}`).join(' + '),
    inputs: Object.fromEntries(amounts.map((a, i) => [`bay${i + 1}`, a])),
    from: 'amounts of its bays',
  };
}

const count = (label: string, n: number): Given => given(label, n, 'count', 'assumed');

const MOST_LATE = 4;

/** Works that come after what lies below has closed, in one line. */
function lateVerdict(late: readonly Block[]): Verdict[] {
  if (late.length === 0) return [];
  const named = late
    .slice(0, MOST_LATE)
    .map((b) => `${labels(b.tasks.filter((t) => t.late))} ${b.name.toLowerCase()}`);
  const more = late.length - named.length;
  return [
    {
      outcome: 'hold',
      subject: late.length === 1 ? '1 work comes too late:' : `${late.length} works come too late:`,
      says: [`${named.join('; ')}${more > 0 ? ` and ${more} more` : ''}.`],
      quiet: [
        'What lies below has closed by then: it is put right first, and that time is planned. On the board they have an amber edge.',
      ],
    },
  ];
}

/** Layers that never come while what lies below is open: another season, or another way. */
const meetVerdicts = (answer: PlanAnswer): Verdict[] =>
  answer.neverMeet.map((m) => ({
    outcome: 'hold',
    subject: `${answer.zones[m.zone]?.name ?? ''}, ${m.name.toLowerCase()}:`,
    says: words`in the days looked at none of the ${hoursFigure('hours in which it may be begun', m.hours)} in which it may be begun comes while the ${m.below.toLowerCase()} below is open, which may be begun in ${hoursFigure('hours of the layer below', m.belowHours)}.`,
    quiet: [
      'Another season, a shelter, or another layer below. What has closed is put right before it is gone on with; that time is planned.',
    ],
  }));
const hoursFigure = (label: string, n: number): Given => given(label, n, 'hours', 'assumed', 'working hours');

/** Everything that whoever leads is told of a plan, what is worst first. */
export function planVerdicts(answer: PlanAnswer): Verdict[] {
  const blocks = blocksOf(answer).filter(begins);
  const late = blocks.filter((b) => b.tasks.some((t) => t.late));
  const order = { stop: 0, hold: 1, check: 2, go: 3 } as const;
  const said: Verdict[] = [
    ...answer.deadlines.map((d) => deadlineVerdict(answer, d)),
    ...answer.unplaced.map((u): Verdict => ({
      outcome: 'hold',
      subject: `${bayRuns(u.bays)}, ${u.name.toLowerCase()}, not planned:`,
      says: u.why,
    })),
    ...lateVerdict(late),
    ...askedVerdicts(blocks),
    ...meetVerdicts(answer),
    ...mixVerdicts(blocks),
    ...openVerdicts(answer, blocks),
    ...riskVerdicts(answer, blocks),
  ];
  const rank = (v: Verdict): number => order[v.outcome as keyof typeof order] ?? 4;
  return [...said.entries()].sort(([i, a], [k, b]) => rank(a) - rank(b) || i - k).map(([, v]) => v);
}

/** Bays that no plan can reach yet, and tests that are not planned. */
export const leftOutVerdicts = (answer: PlanAnswer): Verdict[] => [
  ...answer.leftOut.map(({ bays, why }): Verdict => ({
    outcome: 'stop',
    subject: `${bayRuns(bays)}, not planned:`,
    says: why,
  })),
  ...answer.untested.map(({ zone, why }): Verdict => ({
    outcome: 'hold',
    subject: `${zone}, flood test not planned:`,
    says: why,
  })),
];

/** How far the plan is from what none can beat. */
export function boundWords(answer: PlanAnswer): Part[] {
  const { personHours, leastPersonHours, boundMs } = answer;
  const least = given(
    'least hours of persons',
    leastPersonHours,
    'hours',
    'assumed',
    'every work by the crew that takes the fewest hours of persons, without waits and ways between works',
  );
  const ends: Part[] = boundMs === undefined ? [] : words`; none ends before ${{ atMs: boundMs }}`;
  return [...words`${personHours} of persons at work; no plan takes less than ${least}`, ...ends, '.'];
}

/** How sure the end is, over the ways that the weather may go. */
export function finishWords(answer: PlanAnswer): Part[] {
  const { finish, ways } = answer;
  if (!finish || ways === 0) return ['No forecast with its ways is known: how sure it is cannot be told.'];
  const n = count('ways that the weather may go', ways);
  if (finish.earlyMs === undefined)
    return words`In none or few of ${n} ways does it end within the days looked at.`;
  return finish.lateMs === undefined
    ? words`Eight in ten of ${n} ways end between ${{ atMs: finish.earlyMs }} and after the days looked at.`
    : words`Eight in ten of ${n} ways end from ${{ atMs: finish.earlyMs }} to ${{ atMs: finish.lateMs }}.`;
}
