/** Cards for the van on paper: everything that a card computes stands on it, in the job's units and words. */
import { describe, expect, it } from 'vitest';
import { isCoat, isSheet, type Coat } from '../src/buildup/index.ts';
import { courseSteps } from '../src/details/index.ts';
import { printoutLines, tellingOf, type Block, type Telling } from '../src/printout/index.ts';
import { hotCare, kettleCard, kettleDay, mixCard } from '../src/site/index.ts';
import { kettleBlocks, mixBlocks, openingBlocks, sheetBlocks } from '../src/words/index.ts';
import { built } from './support/roofs.ts';

const NOW = Date.parse('2026-05-12T08:00:00Z');
const metric = tellingOf({ units: 'metric', timeZone: 'UTC' });
const us = tellingOf({ units: 'us', wording: 'us', timeZone: 'UTC' });
const said = (blocks: readonly Block[]): string =>
  printoutLines({ title: 't', job: 'j', made: 'm', language: 'en-GB', blocks: [...blocks] })
    .join('\n')
    .replaceAll('\u00a0', ' ');
const coats = (id: string): Coat[] => built(id).layers.filter(isCoat);

describe('a mix card on paper', () => {
  const [coat] = coats('methacrylate-terrace').filter((c) => c.catalyst);
  if (!coat) throw new Error('a catalysed coat');
  const read = { tempC: 18, atMs: NOW };
  const made = mixCard(coat, {
    ...{ surface: read, resin: read, nowMs: NOW, warmedK: undefined },
    ...{ areaLeftM2: 6, people: 2, slopePct: 2 },
  });
  if (!made.ok) throw new Error('a mix');
  const mix = made.value;
  const figures = (t: Telling): string[] =>
    [mix.batch, mix.covers, mix.film, mix.potLife, mix.volume, mix.catalyst?.mass, mix.catalyst?.percent]
      .map(t.figure)
      .map((x) => x.replaceAll('\u00a0', ' '));

  it.each([
    ['metric', metric],
    ['US', us],
  ] as const)('has every figure of the card, %s', (_name, t) => {
    const text = said(mixBlocks(coat, mix, { surfaceC: 18, resinC: 18 }, t));
    for (const f of figures(t)) expect(text).toContain(f);
    for (const l of mix.limits) expect(text).toContain(t.figure(l.mass).replaceAll('\u00a0', ' '));
    expect(text.split('\n').filter((l) => /^\d+$/.test(l))).toHaveLength(mix.steps.length);
  });

  it('says for which temperatures it holds, and that they are read again', () => {
    const text = said(mixBlocks(coat, mix, { surfaceC: 18, resinC: undefined }, metric));
    expect(text).toContain('Surface, read\n18.0 °C');
    expect(text).not.toContain('Resin in its container, read');
    expect(text).toContain('Read them again before each mix');
  });

  it('what comes in one container is on it too: the resin, not its catalyst alone', () => {
    const text = said(mixBlocks(coat, mix, { surfaceC: 18, resinC: 18 }, metric));
    expect(text).toContain(`${coat.name}\n${metric.figure(mix.batch).replaceAll('\u00a0', ' ')}`);
  });

  it('what is worn stands before everything, more where it is sprayed', () => {
    const rolled = said(openingBlocks(coat, false, metric));
    expect(rolled).toContain('Before opening anything');
    expect(rolled).toContain('The safety sheet and the data sheet decide.');
    expect(rolled).not.toContain('Before spraying');
    const gun = coats('two-coat-silicone').find((c) => c.tools.some((x) => x.kind === 'airless spray'));
    expect(gun && said(openingBlocks(gun, true, metric))).toContain('Before spraying');
  });
});

describe('a kettle card on paper', () => {
  const [coat] = coats('hot-rubberised').filter((c) => c.kettle);
  if (!coat) throw new Error('a hot coat');
  const terms = { holdsKg: 100 };
  const card = kettleCard(coat, 60, terms);
  const lastFlameMs = NOW + 6 * 3_600_000;
  const day = kettleDay(coat, 60, { ...terms, litMs: NOW, people: 2, lastFlameMs });
  if (!card.ok || !day.ok) throw new Error('a charge');

  it('has the charge, its band, each charge of the day, and what is minded before and after', () => {
    const text = said(kettleBlocks(card.value, day.value, 2, metric));
    const { charge, from, most, keeps, melts, probes } = card.value;
    for (const f of [charge, from, most, keeps, melts, probes])
      expect(text).toContain(metric.figure(f).replaceAll('\u00a0', ' '));
    for (const c of day.value.charges)
      expect(text).toContain(metric.timeMs(c.laidMs).replaceAll('\u00a0', ' '));
    for (const name of ['Before it is lit', 'At the end', 'If it catches fire', 'If somebody is burnt'])
      expect(text).toContain(name);
    expect(text.indexOf('Before it is lit')).toBeLessThan(text.indexOf('The charge'));
  });

  it('says what stays for another day, and why', () => {
    const short = kettleDay(coat, 600, { ...terms, litMs: NOW, people: 2, lastFlameMs });
    if (!short.ok) throw new Error('a day');
    expect(short.value.ends).not.toBe('all is laid');
    const text = said(kettleBlocks(card.value, short.value, 2, metric));
    expect(text).toContain(
      `${metric.figure(short.value.left).replaceAll('\u00a0', ' ')} stay for another day.`,
    );
  });
});

describe('the courses of a sheet on paper', () => {
  it('has each step; hot ones what is minded', () => {
    const layers = built('self-adhered-two-ply').layers;
    const sheet = layers.filter(isSheet)[0];
    if (!sheet) throw new Error('a sheet');
    const steps = courseSteps(sheet, layers);
    const text = said(sheetBlocks(steps, hotCare(sheet, {}), metric));
    for (const s of steps) expect(text).toContain(metric.parts(s).replaceAll('\u00a0', ' '));
    expect(text).not.toContain('If it catches fire');
    const torched = { ...sheet, bonding: 'torched' } as const;
    expect(said(sheetBlocks(courseSteps(torched, layers), hotCare(torched, {}), metric))).toContain(
      'If it catches fire',
    );
  });
});
