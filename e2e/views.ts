/** Every view, and how to get there. */
import type { Page } from '@playwright/test';

/** Name, path in a job, and the heading that shows it has come. */
export const VIEWS: [string, (id: string) => string, string][] = [
  ['jobs', () => '/jobs', 'Jobs'],
  ['settings', () => '/settings', 'Settings'],
  ['calls', () => '/calls', 'Try a call'],
  ['survey', (id) => `/jobs/${id}/survey?zone=hall`, 'Velmora ferry terminal'],
  ['taped', (id) => `/jobs/${id}/survey?zone=garden`, 'Tape measures'],
  ['drawn', (id) => `/jobs/${id}/survey?zone=office`, 'Corners'],
  ['edges', (id) => `/jobs/${id}/survey?zone=deck&part=edges`, 'Edges'],
  ['levels', (id) => `/jobs/${id}/survey?zone=workshop&part=levels`, 'Falls and standing water'],
  ['readiness', (id) => `/jobs/${id}/survey?zone=deck&part=readiness`, 'Can it be coated?'],
  ['quantities', (id) => `/jobs/${id}/survey?part=quantities&zone=hall`, 'Quantities'],
  ['build-up', (id) => `/jobs/${id}/build-up?zone=hall`, 'Reinforced polyurethane, fabric throughout'],
  ['library', () => '/build-ups', 'Build-ups'],
  ['library build-up', () => '/build-ups/hot-rubberised', 'Hot-applied rubberised bitumen, reinforced'],
  ['details', (id) => `/jobs/${id}/details?zone=hall`, 'Upstand, side 1'],
  ['pocket', (id) => `/jobs/${id}/details?zone=hall&detail=hall-f6`, 'Pipe cluster, Pipe cluster 1'],
  ['cutting', (id) => `/jobs/${id}/details?zone=hall&part=cutting`, 'Cut from Fleece'],
  ['bench', () => '/bench?sum=pocket', 'Pocket round pipes'],
  ['order', (id) => `/jobs/${id}/order`, 'Velmora ferry terminal'],
  ['courses', (id) => `/jobs/${id}/order?part=courses&zone=workshop`, 'Workshop plant roof, base sheet'],
  ['substances', (id) => `/jobs/${id}/order?part=substances`, 'Substances of this job'],
  ['tools', (id) => `/jobs/${id}/order?part=kit`, 'Tools for the van'],
  ['suppliers', (id) => `/jobs/${id}/order?part=suppliers`, 'Suppliers and prices'],
  ['programme', (id) => `/jobs/${id}/programme`, 'What the plan says'],
  ['today', (id) => `/jobs/${id}/site`, 'Can be done now'],
  ['site', (id) => `/jobs/${id}/site?part=bays&zone=hall`, 'Bay H3'],
  ['weather', (id) => `/jobs/${id}/site?part=weather`, 'Hours that are known'],
  ['record', (id) => `/jobs/${id}/record?zone=hall`, 'Every entry'],
  ['handover', (id) => `/jobs/${id}/handover?zone=hall`, 'What is proven'],
  ['upkeep', (id) => `/jobs/${id}/upkeep?zone=hall`, 'Twenty years'],
];

/** To another view of the app that stands, as a link leads there: only the first one is loaded. */
export async function visit(page: Page, path: string): Promise<void> {
  if (page.url() === 'about:blank') {
    await page.goto(path);
    return;
  }
  await page.evaluate((to) => {
    history.pushState({}, '', to);
    dispatchEvent(new PopStateEvent('popstate', { state: {} }));
  }, path);
}
